package mellowflare.core.text;

import com.ibm.icu.text.MessageFormat;
import com.ibm.icu.text.MessagePattern;
import com.ibm.icu.util.ULocale;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Fills the named places of a message. The pattern language is ICU's: {@code {name}}, plurals and choices. */
public final class Message {
    /** Only {@code {name}} places and nothing quoted: filled without the message parser, which costs more than a rule. */
    private static final Pattern SIMPLE = Pattern.compile("[^{}']*(?:(?:\\{[A-Za-z]+}|'(?![{}'#|]))[^{}']*)*");

    private static final Pattern PLACE = Pattern.compile("\\{([A-Za-z]+)}");

    private Message() {}

    /**
     * Fills a message.
     *
     * @param pattern in ICU's message syntax
     * @param value what goes into a place, by its name; null where nothing does
     * @throws IllegalArgumentException if a place has no value, or the pattern is not in form
     */
    public static String fill(String pattern, Function<String, ?> value) {
        if (pattern.indexOf('{') < 0 && pattern.indexOf('\'') < 0) {
            return pattern;
        }
        if (SIMPLE.matcher(pattern).matches()) {
            return PLACE.matcher(pattern)
                    .replaceAll(m -> Matcher.quoteReplacement(String.valueOf(need(m.group(1), pattern, value))));
        }
        MessagePattern parsed = new MessagePattern(pattern);
        Map<String, Object> values = new HashMap<>();
        for (int i = 0; i < parsed.countParts(); i++) {
            if (parsed.getPart(i).getType() == MessagePattern.Part.Type.ARG_NAME) {
                String name = parsed.getSubstring(parsed.getPart(i));
                Object given = need(name, pattern, value);
                boolean counts = parsed.getPart(i - 1).getArgType() == MessagePattern.ArgType.PLURAL;
                values.merge(
                        name, counts ? number(given) : String.valueOf(given), (a, b) -> a instanceof Number ? a : b);
            }
        }
        return new MessageFormat(pattern, ULocale.ENGLISH).format(values);
    }

    private static Object number(Object given) {
        return given instanceof Number ? given : Double.valueOf(String.valueOf(given));
    }

    /** The names of a message's places, in their order. */
    public static Set<String> places(String pattern) {
        Set<String> names = new LinkedHashSet<>();
        MessagePattern parsed = new MessagePattern(pattern);
        for (int i = 0; i < parsed.countParts(); i++) {
            if (parsed.getPart(i).getType() == MessagePattern.Part.Type.ARG_NAME) {
                names.add(parsed.getSubstring(parsed.getPart(i)));
            }
        }
        return names;
    }

    /** Names and values in turn, as a map. */
    static Map<String, Object> values(Object... inTurn) {
        Map<String, Object> values = new LinkedHashMap<>();
        for (int i = 0; i < inTurn.length; i += 2) {
            values.put((String) inTurn[i], inTurn[i + 1]);
        }
        return values;
    }

    private static Object need(String name, String pattern, Function<String, ?> value) {
        Object found = value.apply(name);
        if (found == null) {
            throw new IllegalArgumentException("Nothing for {" + name + "} in: " + pattern);
        }
        return found;
    }
}
