package mellowflare.core.text;

import com.ibm.icu.text.MessageFormat;
import com.ibm.icu.text.MessagePattern;
import com.ibm.icu.util.ULocale;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Fills the named places of a message. The pattern language is ICU's: {@code {name}}, plurals and choices. */
public final class Message {
    /** Only {@code {name}} places and nothing quoted: filled without the message parser, which costs more than a rule. */
    private static final Pattern SIMPLE = Pattern.compile("[^{}']*(?:(?:\\{[A-Za-z]+}|'(?![{}'#|]))[^{}']*)*");

    private static final Pattern PLACE = Pattern.compile("\\{([A-Za-z]+)}");

    /** Messages taken apart once; they come from files and are a few thousand at most. */
    private static final Map<String, Parsed> PARSED = new ConcurrentHashMap<>();

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
        return PARSED.computeIfAbsent(pattern, Message::parse).fill(value);
    }

    /** A message taken apart. */
    private interface Parsed {
        String fill(Function<String, ?> value);
    }

    private static Parsed parse(String pattern) {
        return SIMPLE.matcher(pattern).matches() ? Pieces.of(pattern) : Choices.of(pattern);
    }

    /**
     * Words with places between them.
     *
     * @param words before, between and after the places
     * @param names of the places, in their order
     */
    private record Pieces(String pattern, List<String> words, List<String> names) implements Parsed {
        static Pieces of(String pattern) {
            List<String> words = new ArrayList<>();
            List<String> names = new ArrayList<>();
            Matcher place = PLACE.matcher(pattern);
            int from = 0;
            while (place.find()) {
                words.add(pattern.substring(from, place.start()));
                names.add(place.group(1));
                from = place.end();
            }
            words.add(pattern.substring(from));
            return new Pieces(pattern, words, names);
        }

        @Override
        public String fill(Function<String, ?> value) {
            StringBuilder all = new StringBuilder(words.get(0));
            for (int i = 0; i < names.size(); i++) {
                all.append(need(names.get(i), pattern, value)).append(words.get(i + 1));
            }
            return all.toString();
        }
    }

    /**
     * A message with plurals or choices.
     *
     * @param counted its places, and whether something is counted there
     * @param format used by one thread at a time
     */
    private record Choices(String pattern, Map<String, Boolean> counted, MessageFormat format) implements Parsed {
        static Choices of(String pattern) {
            MessagePattern parsed = new MessagePattern(pattern);
            Map<String, Boolean> counted = new LinkedHashMap<>();
            for (int i = 0; i < parsed.countParts(); i++) {
                if (parsed.getPart(i).getType() == MessagePattern.Part.Type.ARG_NAME) {
                    boolean counts = parsed.getPart(i - 1).getArgType() == MessagePattern.ArgType.PLURAL;
                    counted.merge(parsed.getSubstring(parsed.getPart(i)), counts, Boolean::logicalOr);
                }
            }
            return new Choices(pattern, counted, new MessageFormat(pattern, ULocale.ENGLISH));
        }

        @Override
        public String fill(Function<String, ?> value) {
            Map<String, Object> values = new HashMap<>();
            counted.forEach((name, counts) -> {
                Object given = need(name, pattern, value);
                values.put(name, counts ? number(given) : String.valueOf(given));
            });
            synchronized (format) {
                return format.format(values);
            }
        }
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
