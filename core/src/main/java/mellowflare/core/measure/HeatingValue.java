package mellowflare.core.measure;

/**
 * Gross heat of a volume of gas.
 *
 * @param megajoulesPerCubicMetre 1 to 500 MJ/m3
 */
public record HeatingValue(double megajoulesPerCubicMetre) {
    /** 1 Btu = 1055.055 852 62 J; 1 ft3 = 0.3048^3 m3. */
    static final double MJ_PER_BTU_FT3 = 1.05505585262e-3 / (0.3048 * 0.3048 * 0.3048);

    public HeatingValue {
        if (!(megajoulesPerCubicMetre >= 1 && megajoulesPerCubicMetre <= 500)) {
            throw new IllegalArgumentException("A heating value lies between 1 and 500 MJ/m3");
        }
    }

    public static HeatingValue ofBtuPerCubicFoot(double btu) {
        return new HeatingValue(btu * MJ_PER_BTU_FT3);
    }

    /** The same in Btu/ft3. */
    public double btuPerCubicFoot() {
        return megajoulesPerCubicMetre / MJ_PER_BTU_FT3;
    }
}
