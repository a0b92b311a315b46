package mellowflare.core.advice;

import java.util.List;
import java.util.Map;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.text.Message;

/** Fills {@code {name}} places of a sentence with figures. A place without a figure is a mistake in the rule. */
public final class Wording {
    private Wording() {}

    /**
     * @throws IllegalArgumentException if a place has no figure
     */
    public static String fill(String template, Map<String, Figure> figures, UnitSystem system) {
        return Message.fill(template, name -> figures.containsKey(name) ? text(name, figures, system) : null);
    }

    /** Two lengths that differ are never written alike, whatever is rounded. */
    private static String text(String name, Map<String, Figure> figures, UnitSystem system) {
        Figure figure = figures.get(name);
        String text = figure.text(system);
        boolean alike = figure instanceof Figure.OfLength
                && figures.values().stream()
                        .anyMatch(f -> f instanceof Figure.OfLength
                                && !f.equals(figure)
                                && f.text(system).equals(text));
        return alike ? LengthFormat.figure(((Figure.OfLength) figure).value(), system) : text;
    }

    /** The names of the places of a sentence, in their order. */
    public static List<String> places(String template) {
        return List.copyOf(Message.places(template));
    }

    /** Like {@link #fill}, beginning with a capital whatever name stands first. */
    public static String sentence(String template, Map<String, Figure> figures, UnitSystem system) {
        String text = fill(template, figures, system);
        return text.isEmpty() ? text : Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }
}
