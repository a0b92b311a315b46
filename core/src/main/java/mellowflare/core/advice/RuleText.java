package mellowflare.core.advice;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import mellowflare.core.reference.Source;
import mellowflare.core.text.Language;

/**
 * What a rule says, stated once beside its code. Places in braces are filled with the finding's figures.
 *
 * @param id stable name, such as {@code line.weakest-part}
 * @param severity of a failure
 * @param fails the sentence when it fails: what is wrong
 * @param passes the sentence when it passes
 * @param because the figure it rests on
 * @param remedy what to do when it fails
 * @param source where the rule comes from
 */
public record RuleText(
        String id, Severity severity, String fails, String passes, String because, String remedy, Source source) {

    public RuleText {
        fails = said(id, "fails", fails);
        passes = said(id, "passes", passes);
        because = said(id, "because", because);
        remedy = said(id, "remedy", remedy);
    }

    private static String said(String id, String part, String english) {
        return Language.chosen().text("rule/" + id + "." + part, english);
    }

    /** One text for each severity, for a rule whose table says how bad each case is; the severity is put behind the id. */
    public static Map<Severity, RuleText> bySeverity(
            String id, String fails, String passes, String because, String remedy, Source source) {
        Map<Severity, RuleText> texts = new EnumMap<>(Severity.class);
        for (Severity s : Severity.values()) {
            String own = id + "-" + s.name().toLowerCase(Locale.ROOT);
            texts.put(s, new RuleText(own, s, fails, passes, because, remedy, source));
        }
        return Collections.unmodifiableMap(texts);
    }
}
