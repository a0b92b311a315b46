package mellowflare.core.identify;

import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.connection.End;
import mellowflare.core.connection.Seat;
import mellowflare.core.measure.Normal;
import mellowflare.core.text.Lists;

/** The seat's angle as measured: scatter 2 degrees; one reading in five is given as the included angle. */
final class SeatAngleClue implements Clue {
    private static final double SCATTER_DEG = 2;
    private static final double INCLUDED_SHARE = 0.2;
    private static final double NO_CONE = 1.0 / 900;
    /** A cone whose angle nobody states. */
    private static final double ANY_CONE = 1.0 / 90;

    @Override
    public ClueKind kind() {
        return ClueKind.SEAT_ANGLE;
    }

    @Override
    public boolean given(Observation seen) {
        return seen.seatAngle().isPresent();
    }

    @Override
    public double likelihood(Observation seen, End end) {
        double read = seen.seatAngle().orElseThrow().degrees();
        double sum = 0;
        for (Seat seat : end.seats()) {
            double half = seat.halfAngleDegrees().orElse(Double.NaN);
            sum += Double.isNaN(half)
                    ? (seat.isCone() ? ANY_CONE : NO_CONE)
                    : NO_CONE
                            + (1 - INCLUDED_SHARE) * Normal.density(read, half, SCATTER_DEG)
                            + INCLUDED_SHARE * Normal.density(read, 2 * half, SCATTER_DEG);
        }
        return sum / end.seats().size();
    }

    @Override
    public double likelihoodOfUnknown(Observation seen) {
        return 1.0 / 90;
    }

    @Override
    public Optional<String> foretold(End end) {
        Seat seat = end.usualSeat();
        return seat.halfAngleDegrees().map(half -> seat.words());
    }

    @Override
    public Map<String, Figure> figures(Observation seen, End end) {
        return Map.of(
                "seen",
                Figure.of(seen.seatAngle().orElseThrow()),
                "expected",
                Figure.of(end.seats().stream().map(Seat::words).collect(Lists.joinedByOr())));
    }
}
