package mellowflare.core.identify;

import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Wording;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;

/**
 * What one clue says of one end, as data.
 *
 * @param clue which clue
 * @param verdict for, against or neither
 * @param weight natural logarithm of its likelihood against the best-fitting end for this clue; zero is best
 * @param figures seen and expected
 */
public record Evidence(ClueKind clue, Verdict verdict, double weight, Map<String, Figure> figures) {
    public Evidence {
        figures = Map.copyOf(figures);
    }

    /** Which way a clue points. */
    public enum Verdict {
        FOR,
        AGAINST,
        NEITHER
    }

    /** The reason as a sentence. */
    public String says(UnitSystem system) {
        return Wording.fill(template(), figures, system);
    }

    private String template() {
        boolean against = verdict == Verdict.AGAINST;
        return switch (clue) {
            case DIAMETER ->
                against
                        ? Say.open("evidence.is-outside-the-to-of")
                        : verdict == Verdict.FOR
                                ? Figure.of(Length.ZERO).equals(figures.get("gap"))
                                        ? Say.open("evidence.fits-the-to-of-this")
                                        : Say.open("evidence.is-outside-the-to-of-2")
                                : Say.open("evidence.is-near-the-to-of");
            case PITCH ->
                against
                        ? Say.open("evidence.the-pitch-was-this-end")
                        : figures.get("expected").equals(figures.get("seen"))
                                ? Say.open("evidence.is-the-pitch-of-this")
                                : Say.open("evidence.is-close-to-the-of");
            case FLANK -> against ? Say.open("evidence.you-saw-a-this-end") : Say.open("evidence.the-agrees");
            case TAPER -> against ? Say.open("evidence.you-found-it-this-end") : Say.open("evidence.it-is-as-this-end");
            case SEAT -> against ? Say.open("evidence.you-saw-this-end-has") : Say.open("evidence.the-seat-agrees");
            case SEAT_ANGLE -> against ? Say.open("evidence.you-read-this-end-has") : Say.open("evidence.agrees-with");
            case RING ->
                against ? Say.open("evidence.you-saw-this-end-shows") : Say.open("evidence.ring-as-this-end-shows");
            case BODY -> against ? Say.open("evidence.you-saw-this-end-has") : Say.open("evidence.it-has-as-this-end");
            case HAND -> against ? Say.open("evidence.it-turns-this-end-is") : Say.open("evidence.it-is-as-this-end");
            case TAPER_READING ->
                against
                        ? Say.open("evidence.the-two-diameters-give-this")
                        : Say.open("evidence.the-two-diameters-give-as");
            case SWIVEL -> against ? Say.open("evidence.it-is-this-end-is") : Say.open("evidence.this-end-is");
            case HEX ->
                against ? Say.open("evidence.across-the-flats-is-not") : Say.open("evidence.across-the-flats-is");
            case TUBE -> against ? Say.open("evidence.the-tube-is-this-end") : Say.open("evidence.the-tube-of-is-the");
            case REGION ->
                against ? Say.open("evidence.the-machine-is-from-this") : Say.open("evidence.this-end-is-met-in");
            case MACHINE ->
                against ? Say.open("evidence.found-on-this-end-is") : Say.open("evidence.this-end-is-met-on");
            case SERVICE ->
                against ? Say.open("evidence.found-on-this-end-is") : Say.open("evidence.this-end-is-met-on-2");
        };
    }
}
