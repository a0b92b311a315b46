package mellowflare.core.pipe.offset;

import java.util.Optional;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.ShopInches;
import mellowflare.core.measure.UnitSystem;

/**
 * A line of the sum sheet.
 *
 * @param row which one
 * @param says what it is, with its formula
 * @param worked the formula with this job's figures; empty while one is not known
 * @param exact its value; empty while it is not known, and for an angle
 * @param shop as it is marked; only for what is cut
 * @param angle its value where it is an angle
 */
public record SumLine(
        SumRow row, String says, String worked, Optional<Length> exact, Optional<Length> shop, Optional<Angle> angle) {
    private static final String OPEN = "–";
    private static final int FINEST = 64;

    /** The line while nothing may be cut. */
    public SumLine held() {
        return new SumLine(row, says, worked, exact, Optional.empty(), angle);
    }

    /** The exact value as it stands on the sheet; a dash while it is not known. */
    public String exactText(UnitSystem units) {
        return angle.map(a -> LengthFormat.decimal(a.degrees(), 2, 0) + "°")
                .or(() -> exact.map(l -> exact(l, units)))
                .orElse(OPEN);
    }

    /** What is marked on the pipe; empty for a line that is not cut. */
    public String shopText(UnitSystem units) {
        return row.cut() ? shop.map(l -> marked(l, units)).orElse(OPEN) : "";
    }

    /** An exact length: hundredths of a millimetre, thousandths of an inch. */
    static String exact(Length l, UnitSystem units) {
        return units == UnitSystem.METRIC ? LengthFormat.decimal(l.mm(), 2, 0) : LengthFormat.decimal(l.inches(), 3, 0);
    }

    /** As it is marked: millimetres, or whole inches and a fraction. */
    public static String marked(Length l, UnitSystem units) {
        if (units == UnitSystem.METRIC) {
            return LengthFormat.decimal(l.mm(), 2, 0);
        }
        String size = ShopInches.of(Length.ofMm(Math.abs(l.mm())), FINEST).text();
        return l.mm() < 0 ? "−" + size : size;
    }

    /** A measured figure, not below zero: millimetres, or inches as a fraction where it is one. */
    public static String bare(Length l, UnitSystem units) {
        boolean fraction = units == UnitSystem.INCH
                && Math.abs(ShopInches.of(l, FINEST).error().mm()) < 1e-6;
        return fraction ? marked(l, units) : exact(l, units);
    }
}
