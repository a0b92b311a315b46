package mellowflare.core.identify;

import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleBiFunction;
import mellowflare.core.connection.End;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.Seat;

/** A ring seen or not. Rings get lost, and get added where none belongs; house shares. */
final class RingClue implements OutcomeClue<RingSeen> {

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

    @Override
    public double chance(RingSeen outcome, End end) {
        double atBase = mean(end, RingClue::atBase);
        double inFace = mean(end, RingClue::inFace);
        return switch (outcome) {
            case THREAD_BASE -> atBase;
            case FACE -> inFace;
            case NONE -> 1 - atBase - inFace;
        };
    }

    private static double mean(End end, ToDoubleBiFunction<Seat, Boolean> chance) {
        boolean male = end.gender() == Gender.MALE;
        return end.seats().stream()
                .mapToDouble(s -> chance.applyAsDouble(s, male))
                .average()
                .orElse(0);
    }

    /** The male carries the ring of a boss; a stud that seals on its face often has a captive one. */
    private static double atBase(Seat seat, boolean male) {
        return switch (seat) {
            case PORT_ORING -> male ? 0.85 : 0.15;
            case PILOT_ORING -> male ? 0.2 : 0.03;
            case WASHER -> male ? 0.45 : 0.1;
            default -> 0.03;
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
                : atBase > 0.15 ? "a captive ring or none" : RingSeen.NONE.word();
    }
}
