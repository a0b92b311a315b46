package mellowflare.core.identify;

import java.util.List;
import java.util.Optional;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.Gender;

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
        double atBase = chanceAtBase(end);
        double inFace = 0.01;
        return switch (outcome) {
            case THREAD_BASE -> atBase;
            case FACE -> inFace;
            case NONE -> 1 - atBase - inFace;
        };
    }

    private static double chanceAtBase(End end) {
        boolean male = end.gender() == Gender.MALE;
        if (end.id().code() == EndCode.ORB) {
            return male ? 0.85 : 0.15;
        }
        if (end.id().code() == EndCode.BSPP) {
            return male ? 0.25 : 0.05;
        }
        return 0.03;
    }

    @Override
    public String word(RingSeen outcome) {
        return outcome.word();
    }

    @Override
    public String expected(End end) {
        return chanceAtBase(end) > 0.5
                ? RingSeen.THREAD_BASE.word()
                : chanceAtBase(end) > 0.2 ? "a captive ring or none" : RingSeen.NONE.word();
    }
}
