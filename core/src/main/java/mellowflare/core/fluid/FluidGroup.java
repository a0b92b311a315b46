package mellowflare.core.fluid;

/** Kinds of fluid that lines are built for. */
public enum FluidGroup {
    OIL("oil"),
    WATER("water"),
    DRINKING("drinking water"),
    ESTER("fire-resistant ester"),
    FUEL("fuel"),
    BRAKE("brake fluid"),
    REFRIGERANT("refrigerant"),
    GAS("fuel gas"),
    AIR("air or inert gas"),
    OXIDISER("oxidiser");

    private final String words;

    FluidGroup(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
