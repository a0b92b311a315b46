package mellowflare.core.pipe.offset;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Length;

/**
 * The worked sum of an offset: O = |h1 - h2| or hypot(rise, roll), T = O / sin a, V = O / tan a, A + C = W - V, cuts less set-backs and take-offs. What is not known yet stays empty; the rest is worked out.
 *
 * @param ask what it was worked out from
 * @param given what its parts take
 * @param offset true offset O
 * @param rollAngle of the offset from the rise; zero for one in plane
 * @param travel T, centre to centre of the two fittings
 * @param run V, what the travel takes along the run
 * @param legA from the face at A to the centre of the first fitting; may come out below zero
 * @param legC from the centre of the second fitting to the face at C; may come out below zero
 * @param cutA first outer leg
 * @param cutB travel piece
 * @param cutC second outer leg
 * @param farEnd from the cuts as they are marked
 * @param parallel leg A of each pipe of a set, outermost first; empty for one pipe
 */
public record OffsetSum(
        OffsetAsk ask,
        OffsetGiven given,
        Optional<Length> offset,
        Angle rollAngle,
        Optional<Length> travel,
        Optional<Length> run,
        Optional<Length> legA,
        Optional<Length> legC,
        Optional<OffsetCut> cutA,
        Optional<OffsetCut> cutB,
        Optional<OffsetCut> cutC,
        Optional<FarEnd> farEnd,
        List<Length> parallel) {
    public OffsetSum {
        parallel = List.copyOf(parallel);
    }

    public static OffsetSum of(OffsetAsk ask, OffsetGiven given) {
        double sin = Math.sin(ask.fitting().radians());
        Optional<Length> offset = offset(ask);
        Angle roll = rollAngle(ask);
        Optional<Length> travel = offset.map(o -> o.times(1 / sin));
        Optional<Length> run = offset.map(o -> o.times(Math.cos(ask.fitting().radians()) / sin));
        Optional<Length> both = run.flatMap(
                v -> ask.figure(OffsetFigure.OVERALL).map(w -> w.value().minus(v)));
        Optional<Length> legA = both.map(b -> legA(ask.legs(), b));
        Optional<Length> legC = both.map(b -> b.minus(legA.orElseThrow()));
        Optional<OffsetCut> cutA = outer(legA, given, given.setBackA().map(o -> o.length()));
        Optional<OffsetCut> cutB = cut(travel, given, t -> t.times(2));
        Optional<OffsetCut> cutC = outer(legC, given, given.setBackC().map(o -> o.length()));
        Optional<FarEnd> far =
                cutA.flatMap(a -> cutB.flatMap(b -> cutC.map(c -> FarEnd.of(a, b, c, ask.fitting(), roll))));
        return new OffsetSum(
                ask, given, offset, roll, travel, run, legA, legC, cutA, cutB, cutC, far, parallel(ask, legA));
    }

    private static Optional<Length> offset(OffsetAsk ask) {
        Optional<Length> one = ask.figure(ask.way().figures().get(0)).map(Taken::value);
        if (ask.way() == OffsetWay.OFFSET) {
            return one;
        }
        Optional<Length> two = ask.figure(ask.way().figures().get(1)).map(Taken::value);
        return one.flatMap(a -> two.map(
                b -> ask.way() == OffsetWay.READINGS ? a.distanceTo(b) : Length.ofMm(Math.hypot(a.mm(), b.mm()))));
    }

    /** From the rise: zero for an offset that lies in the plane it was measured in. */
    private static Angle rollAngle(OffsetAsk ask) {
        if (ask.way() != OffsetWay.ROLLING) {
            return Angle.ofDegrees(0);
        }
        return ask.figure(OffsetFigure.RISE)
                .flatMap(rise -> ask.figure(OffsetFigure.ROLL)
                        .map(roll -> Angle.ofDegrees(Math.toDegrees(
                                Math.atan2(roll.value().mm(), rise.value().mm())))))
                .orElse(Angle.ofDegrees(0));
    }

    private static Length legA(Legs legs, Length both) {
        if (legs instanceof Legs.GivenA given) {
            return given.a();
        }
        return both.times(0.5).plus(((Legs.Shifted) legs).by());
    }

    private static Optional<OffsetCut> outer(Optional<Length> leg, OffsetGiven given, Optional<Length> setBack) {
        return setBack.flatMap(s -> cut(leg, given, t -> t.plus(s)));
    }

    /** A piece from its leg, less what its ends take. */
    private static Optional<OffsetCut> cut(
            Optional<Length> leg, OffsetGiven given, java.util.function.UnaryOperator<Length> ends) {
        return leg.flatMap(l -> given.takeOff().map(t -> {
            Length exact = l.minus(ends.apply(t.length()));
            return new OffsetCut(exact, given.rounding().cut(l, exact));
        }));
    }

    /** Each next pipe toward the inside of the first turn bends earlier by spread x tan(a / 2). */
    private static List<Length> parallel(OffsetAsk ask, Optional<Length> legA) {
        List<Length> all = new ArrayList<>();
        if (ask.pipes() > 1) {
            ask.spread()
                    .ifPresent(s -> legA.ifPresent(a -> {
                        for (int i = 0; i < ask.pipes(); i++) {
                            all.add(a.minus(step(ask).orElseThrow().times(i)));
                        }
                    }));
        }
        return all;
    }

    private static Optional<Length> step(OffsetAsk ask) {
        return ask.spread().map(s -> s.times(Math.tan(ask.fitting().radians() / 2)));
    }

    /** How much earlier each next pipe of a set bends; empty for one pipe. */
    public Optional<Length> parallelStep() {
        return ask.pipes() > 1 ? step(ask) : Optional.empty();
    }

    /** The three pieces, as far as they are known. */
    public List<OffsetCut> cuts() {
        return java.util.stream.Stream.of(cutA, cutB, cutC)
                .flatMap(Optional::stream)
                .toList();
    }

    /** What the travel piece would be, were the offset taken for the travel: the slip that scraps pipe. */
    public Optional<Length> slipB() {
        return offset.flatMap(o -> given.takeOff().map(t -> o.minus(t.length().times(2))));
    }
}
