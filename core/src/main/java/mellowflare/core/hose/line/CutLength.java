package mellowflare.core.hose.line;

import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthBand;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.ShopInches;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.parts.HoseEndPart;

/**
 * From overall length to the length of hose to cut: cut = overall - both cut-offs.
 *
 * @param overall sealing point to sealing point; an elbow to the centre line of its outlet
 * @param cutOffA taken off at end A
 * @param cutOffB taken off at end B
 * @param adapters taken off for adapters between ports and hose ends
 * @param exact the cut length before rounding; not above zero when the ends alone are longer than the line
 * @param tolerance allowed on the overall length, either way
 * @param stretch what the length does under pressure
 */
public record CutLength(
        Length overall,
        Length cutOffA,
        Length cutOffB,
        Length adapters,
        Length exact,
        Length tolerance,
        Stretch stretch) {

    static CutLength of(Length overall, HoseEndPart a, HoseEndPart b, Length adapters, Stretch stretch) {
        return new CutLength(
                overall,
                a.cutOff(),
                b.cutOff(),
                adapters,
                overall.minus(adapters).minus(a.cutOff()).minus(b.cutOff()),
                tolerance(overall),
                stretch);
    }

    /**
     * Tolerance on the length of a hose assembly, either way: to 12 in 1/8, to 18 in 3/16, to 36 in 1/4, above that 1 %.
     * Source: SAE J517, length tolerances of assemblies.
     */
    public static Length tolerance(Length overall) {
        double inches = overall.inches();
        if (inches <= 12) {
            return Length.ofInches(1.0 / 8);
        }
        if (inches <= 18) {
            return Length.ofInches(3.0 / 16);
        }
        if (inches <= 36) {
            return Length.ofInches(1.0 / 4);
        }
        return overall.times(0.01);
    }

    /** Overall length of the hose alone, without the adapters. */
    public Length hoseOverall() {
        return overall.minus(adapters);
    }

    public boolean possible() {
        return exact.mm() > 0;
    }

    /** What is marked on the hose: whole millimetres or sixteenths. */
    public Length shop(UnitSystem units) {
        if (!possible()) {
            return exact;
        }
        return units == UnitSystem.METRIC
                ? LengthFormat.shopMm(exact)
                : ShopInches.of(exact, LengthFormat.SHOP_DENOMINATOR).length();
    }

    /** Shop value less exact value. */
    public Length roundingError(UnitSystem units) {
        return shop(units).minus(exact);
    }

    /** Where the overall length may lie after the hose is made. */
    public LengthBand overallBand() {
        return new LengthBand(overall, overall).widened(tolerance);
    }

    /** Length of the line under pressure: +2 / -4 % unless the hose says otherwise (SAE J517). */
    public LengthBand underPressure() {
        return new LengthBand(overall.times(stretch.shortest()), overall.times(stretch.longest()));
    }
}
