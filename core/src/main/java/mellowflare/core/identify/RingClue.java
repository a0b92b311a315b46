package mellowflare.core.identify;

import java.util.List;
import java.util.Optional;
import mellowflare.core.connection.End;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.Seat;

/** A ring seen or not. Rings get lost, and get added where none belongs; house shares. */
final class RingClue implements OutcomeClue<RingSeen> {
    private static final double FOLLOWS = 0.95;
    private static final double UNKNOWN_BARE = 0.6;

    @Override
    public ClueKind kind() {
        return ClueKind.RING;
    }

    @Override
    public List<RingSeen> outcomes(Gender gender) {
        return List.of(RingSeen.values());
    }

    @Override
    public Optional<RingSeen> seen(Observation seen) {
        return seen.ring();
    }

    /**
     * Ring and seat are one look where one follows from the other: who saw a ring at the port chamfer has seen the ring, and a lost ring leaves
     * neither ring nor seat to be seen. So that it is not counted twice, the second look then says hardly anything.
     */
    @Override
    public double likelihood(Observation observation, End end) {
        return followsFromSeat(observation)
                ? FOLLOWS
                : chance(observation.ring().orElseThrow(), end);
    }

    /** Most ends show no ring, those of no table too. */
    @Override
    public double likelihoodOfUnknown(Observation observation) {
        if (followsFromSeat(observation)) {
            return FOLLOWS;
        }
        return observation.ring().orElseThrow() == RingSeen.NONE ? UNKNOWN_BARE : (1 - UNKNOWN_BARE) / 2;
    }

    private static boolean followsFromSeat(Observation observation) {
        RingSeen ring = observation.ring().orElseThrow();
        return observation
                .seat()
                .filter(seat -> switch (seat) {
                    case NONE -> ring == RingSeen.NONE;
                    case PORT_ORING -> ring == RingSeen.THREAD_BASE;
                    case FACE_ORING -> ring == RingSeen.FACE;
                    default -> false;
                })
                .isPresent();
    }

    @Override
    public double chance(RingSeen outcome, End end) {
        boolean male = end.gender() == Gender.MALE;
        double base = 0;
        double face = 0;
        // No streams here: this runs for every end on every key.
        for (Seat seat : end.seats()) {
            base += atBase(seat, male);
            face += inFace(seat, male);
        }
        int seats = end.seats().size();
        return switch (outcome) {
            case THREAD_BASE -> base / seats;
            case FACE -> face / seats;
            case NONE -> 1 - (base + face) / seats;
        };
    }

    /** The male carries the ring of a boss; a stud that seals on its face often has a captive one. */
    private static double atBase(Seat seat, boolean male) {
        return switch (seat) {
            case PORT_ORING -> male ? 0.85 : 0.15;
            case PILOT_ORING -> male ? 0.2 : 0.03;
            case WASHER -> male ? 0.45 : 0.1;
            default -> 0.02;
        };
    }

    private static double inFace(Seat seat, boolean male) {
        return switch (seat) {
            case FACE_ORING -> male ? 0.85 : 0.06;
            case PILOT_ORING -> male ? 0.6 : 0.05;
            default -> 0.01;
        };
    }

    @Override
    public String word(RingSeen outcome) {
        return outcome.word();
    }

    @Override
    public String expected(End end) {
        double atBase = chance(RingSeen.THREAD_BASE, end);
        if (chance(RingSeen.FACE, end) > 0.5) {
            return RingSeen.FACE.word();
        }
        return atBase > 0.5
                ? RingSeen.THREAD_BASE.word()
                : atBase > 0.15 ? Say.it("ring-clue.captive-ring-or-none") : RingSeen.NONE.word();
    }
}
