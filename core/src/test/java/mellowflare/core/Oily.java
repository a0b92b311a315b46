package mellowflare.core;

import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/** What of a text asks for something that must not come near an oxidiser. */
public final class Oily {
    /** What is forbidden by name is left out of what is asked for. */
    private static final Pattern FORBIDDEN = Pattern.compile(
            "(?i)oil-free|free of oil|grease listed|\\bno other grease|no trace of oil|\\bno (water and no )?oil\\b[^.:;]*|ordinary soap[^.]*");

    private static final Pattern ASKED = Pattern.compile("(?i)\\b(oil|grease|soap|shop air|clean air|system fluid)\\b");

    private Oily() {}

    /**
     * @param text of a step
     * @return each word of something oily that it asks for
     */
    public static List<String> asksFor(String text) {
        return ASKED.matcher(FORBIDDEN.matcher(text).replaceAll(""))
                .results()
                .map(MatchResult::group)
                .toList();
    }
}
