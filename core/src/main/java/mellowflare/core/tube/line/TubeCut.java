package mellowflare.core.tube.line;

import java.util.Optional;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.tube.stock.Tube;

/**
 * How long the tube is cut.
 *
 * @param developed along the centre line, measured point to measured point
 * @param endA what end A takes beyond its point: flare and reach
 * @param endB what end B takes
 * @param squareUp what filing square takes, both ends together
 * @param trim left on for trimming end B to the job
 */
public record TubeCut(Length developed, Length endA, Length endB, Length squareUp, Length trim) {
    /** What is left on to be trimmed off at the job (house figure). */
    private static final Length LEFT_ON = Length.ofMm(10);

    static TubeCut of(TubeLine line, Length developed, TubeSide a, TubeSide b, boolean trimmed) {
        return new TubeCut(developed, a.takes(), b.takes(), line.squareUp().times(2), trimmed ? LEFT_ON : Length.ZERO);
    }

    /** Exact length of the raw tube. */
    public Length exact() {
        return developed.plus(endA).plus(endB).plus(squareUp).plus(trim);
    }

    /** As it is cut: rounded up to what can be marked, as a tube can be filed shorter and not longer. */
    public Length shop(UnitSystem units) {
        return LengthFormat.shopUp(exact(), units);
    }

    /** What rounding up adds. */
    public Length roundingError(UnitSystem units) {
        return shop(units).minus(exact());
    }

    /** Length of the tube as its bends are marked on it: both ends squared up, end B not trimmed yet. */
    public Length asMarked() {
        return developed.plus(endA).plus(endB).plus(trim);
    }

    /** What rounding adds, in a few words. */
    public String rounding(UnitSystem units) {
        return Say.it("tube-cut.rounded-up-by", "roundingError", LengthFormat.figure(roundingError(units), units));
    }

    /** Weight of the cut tube (kg). */
    public double kilograms(Tube tube) {
        return tube.kilograms(exact());
    }

    /** What the finished line holds (litres). */
    public double litres(Tube tube) {
        return tube.litres(developed);
    }

    /** What is left of a cut tube of that length when a bad flare and a little more is cut off; empty when nothing is. */
    Optional<Length> after(Length off) {
        Length left = exact().minus(off);
        return left.mm() > 0 ? Optional.of(left) : Optional.empty();
    }
}
