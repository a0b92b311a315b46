package mellowflare.core.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** Writes lengths for people, in one way everywhere. */
public final class LengthFormat {
    /** Finest division of the shop's inch rule unless a method says otherwise. */
    public static final int SHOP_DENOMINATOR = 16;

    private LengthFormat() {}

    /**
     * Plain decimal text, rounded half up, without trailing zeros beyond {@code keep} decimals.
     *
     * @param value the number
     * @param most decimals at most
     * @param keep decimals at least
     */
    public static String decimal(double value, int most, int keep) {
        BigDecimal d = BigDecimal.valueOf(value).setScale(most, RoundingMode.HALF_UP);
        d = d.stripTrailingZeros();
        if (d.scale() < keep) {
            d = d.setScale(keep, RoundingMode.HALF_UP);
        }
        return d.signum() == 0 ? BigDecimal.ZERO.setScale(keep).toPlainString() : d.toPlainString();
    }

    /** As {@code 14.2 mm}. */
    public static String mm(Length length) {
        return decimal(length.mm(), 2, 0) + " mm";
    }

    /** As {@code 0.559 in}. */
    public static String inches(Length length) {
        return decimal(length.inches(), 3, 3) + " in";
    }

    /** A measured or tabled figure in the given system, decimals in both. */
    public static String figure(Length length, UnitSystem system) {
        return system == UnitSystem.METRIC ? mm(length) : inches(length);
    }

    /** What is marked on the job: whole millimetres, or sixteenths. */
    public static String shop(Length length, UnitSystem system) {
        return system == UnitSystem.METRIC
                ? shopMm(length).mm() == Math.rint(shopMm(length).mm())
                        ? decimal(shopMm(length).mm(), 0, 0) + " mm"
                        : mm(length)
                : ShopInches.of(length, SHOP_DENOMINATOR).text() + " in";
    }

    /** Whole millimetres, ties up. */
    public static Length shopMm(Length length) {
        return Length.ofMm(Math.floor(length.mm() + 0.5));
    }

    /** Rounded up to what can be marked, so that nothing made to it is too short: whole millimetres or sixteenths. */
    public static Length shopUp(Length length, UnitSystem system) {
        double step = system == UnitSystem.METRIC ? 1 : Length.MM_PER_INCH / SHOP_DENOMINATOR;
        return Length.ofMm(Math.ceil(length.mm() / step - 1e-6) * step);
    }

    /** Both systems, the job's first: {@code 1 140 mm (44 7/8 in)}. */
    public static String both(Length length, UnitSystem system) {
        return shop(length, system) + " (" + shop(length, system.other()) + ")";
    }
}
