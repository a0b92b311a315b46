package mellowflare.core.advice;

import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import mellowflare.core.measure.UnitSystem;

/** Fills {@code {name}} places of a sentence with figures. A place without a figure is a mistake in the rule. */
public final class Wording {
    private static final Pattern PLACE = Pattern.compile("\\{([A-Za-z]+)}");

    private Wording() {}

    /**
     * @throws IllegalArgumentException if a place has no figure
     */
    public static String fill(String template, Map<String, Figure> figures, UnitSystem system) {
        return PLACE.matcher(template)
                .replaceAll(m -> Matcher.quoteReplacement(
                        figure(m.group(1), template, figures).text(system)));
    }

    /** The names of the places of a sentence, in their order. */
    public static List<String> places(String template) {
        return PLACE.matcher(template).results().map(m -> m.group(1)).toList();
    }

    /** Like {@link #fill}, beginning with a capital whatever name stands first. */
    public static String sentence(String template, Map<String, Figure> figures, UnitSystem system) {
        String text = fill(template, figures, system);
        return text.isEmpty() ? text : Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    private static Figure figure(String name, String template, Map<String, Figure> figures) {
        Figure found = figures.get(name);
        if (found == null) {
            throw new IllegalArgumentException("No figure for {" + name + "} in: " + template);
        }
        return found;
    }
}
