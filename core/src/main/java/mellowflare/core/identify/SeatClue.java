package mellowflare.core.identify;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import mellowflare.core.connection.End;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.Seat;
import mellowflare.core.text.Lists;

/** The seat as seen, with the usual mix-ups: neighbouring cone angles, a lost ring, a flat that nobody noticed. */
final class SeatClue implements OutcomeClue<Seat> {
    private static final List<Seat> SEATS = List.of(Seat.values());
    /** Rings on the inner end of something, hard to tell apart in bad light. */
    private static final Set<Seat> LOOK_ALIKE = Set.of(Seat.PILOT_ORING, Seat.FACE_ORING, Seat.TUBE_ORING);

    /** A boss whose ring is gone shows no seat at all. */
    private static final double LOST_RING = 0.2;

    /** The sleeve is on the tube, not on the body: whoever holds the body alone sees no seat as often as not. */
    private static final double BARE_BODY = 0.9;
    /** Chance of seeing the second where the first is. */
    private final double[][] confusion = new double[SEATS.size()][];

    SeatClue() {
        for (Seat truth : SEATS) {
            double[] row =
                    SEATS.stream().mapToDouble(seen -> weight(seen, truth)).toArray();
            double sum = Arrays.stream(row).sum();
            confusion[truth.ordinal()] = Arrays.stream(row).map(w -> w / sum).toArray();
        }
    }

    /** Relative weight of taking one seat for another; house figures. */
    private static double weight(Seat seen, Seat truth) {
        if (seen == truth) {
            return 0.9;
        }
        if (seen.isCone() && truth.isCone()) {
            if (seen == Seat.TAPER_SEAT || truth == Seat.TAPER_SEAT) {
                return 0.01;
            }
            if (seen == Seat.BUBBLE || truth == Seat.BUBBLE) {
                return seen == Seat.INVERTED42
                                || truth == Seat.INVERTED42
                                || seen == Seat.INVERTED45
                                || truth == Seat.INVERTED45
                        ? 0.03
                        : 0.0006;
            }
            if (seen.looksLike(truth)) {
                return 0.9;
            }
            double apart = Math.abs(seen.halfAngleDegrees().orElse(45.0)
                    - truth.halfAngleDegrees().orElse(45.0));
            return apart <= 9 ? 0.03 : 0.0006;
        }
        if (LOOK_ALIKE.contains(seen) && LOOK_ALIKE.contains(truth)) {
            return 0.05;
        }
        if (seen == Seat.NONE && truth == Seat.FERRULE) {
            return BARE_BODY;
        }
        if (seen == Seat.NONE && truth == Seat.PORT_ORING) {
            return LOST_RING;
        }
        if (seen == Seat.NONE) {
            return truth == Seat.WASHER || truth == Seat.PILOT_ORING ? 0.14 : 0.03;
        }
        if (seen == Seat.WASHER) {
            return truth == Seat.NONE || truth == Seat.PORT_ORING ? 0.06 : 0.0006;
        }
        return 0.0006;
    }

    @Override
    public ClueKind kind() {
        return ClueKind.SEAT;
    }

    @Override
    public List<Seat> outcomes(Gender gender) {
        return SEATS;
    }

    @Override
    public Optional<Seat> seen(Observation seen) {
        return seen.seat();
    }

    @Override
    public double chance(Seat outcome, End end) {
        double sum = 0;
        for (Seat truth : end.seats()) {
            sum += confusion[truth.ordinal()][outcome.ordinal()];
        }
        return sum / end.seats().size();
    }

    @Override
    public String word(Seat outcome) {
        return outcome.words();
    }

    @Override
    public String expected(End end) {
        return end.seats().stream().map(Seat::words).collect(Lists.joinedByOr());
    }
}
