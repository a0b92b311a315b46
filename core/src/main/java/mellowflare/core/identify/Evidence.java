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
                        ? "{seen} {where} is {gap} outside the {low} to {high} of this end."
                        : verdict == Verdict.FOR
                                ? Figure.of(Length.ZERO).equals(figures.get("gap"))
                                        ? "{seen} {where} fits the {low} to {high} of this end."
                                        : "{seen} {where} is {gap} outside the {low} to {high} of this end, no more than wear or the {instrument} makes."
                                : "{seen} {where} is near the {low} to {high} of this end ({instrument}).";
            case PITCH ->
                against
                        ? "The pitch was {seen}; this end has {expected}."
                        : figures.get("expected").equals(figures.get("seen"))
                                ? "{seen} is the pitch of this end."
                                : "{seen} is close to the {expected} of this end.";
            case FLANK -> against ? "You saw a {seen}; this end has a {expected}." : "The {seen} agrees.";
            case TAPER -> against ? "You found it {seen}; this end is {expected}." : "It is {seen}, as this end is.";
            case SEAT -> against ? "You saw {seen}; this end has {expected}." : "The seat agrees: {expected}.";
            case SEAT_ANGLE -> against ? "You read {seen}; this end has {expected}." : "{seen} agrees with {expected}.";
            case RING -> against ? "You saw {seen}; this end shows {expected}." : "Ring: {seen}, as this end shows.";
            case BODY -> against ? "You saw {seen}; this end has {expected}." : "It has {seen}, as this end has.";
            case HAND -> against ? "It turns {seen}; this end is {expected}." : "It is {seen}, as this end is.";
            case TAPER_READING ->
                against
                        ? "The two diameters give {seen}; this end is {expected}."
                        : "The two diameters give {seen}: {expected}, as this end.";
            case SWIVEL -> against ? "It is {seen}; this end is {expected}." : "{seen}: this end is {expected}.";
            case HEX ->
                against ? "{seen} across the flats is not {expected}." : "{seen} across the flats is {expected}.";
            case TUBE ->
                against ? "The tube is {seen}; this end takes {expected}." : "The tube of {seen} is the one it takes.";
            case REGION ->
                against ? "The machine is from {seen}; this end is met in {expected}." : "This end is met in {seen}.";
            case MACHINE ->
                against ? "Found on {seen}; this end is met on {expected}." : "This end is met on a {seen}.";
            case SERVICE ->
                against ? "Found on {seen}; this end is met on {expected}." : "This end is met on {seen} lines.";
        };
    }
}
