package mellowflare.cli.output;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Locale;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Need;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.State;
import mellowflare.core.measure.UnitSystem;

/** Findings in the form that every command shares. */
public final class FindingsOut {
    private FindingsOut() {}

    /** Puts {@code findings} into the result. */
    public static void put(ObjectNode result, List<Finding> findings, UnitSystem units) {
        ArrayNode all = result.putArray("findings");
        for (Finding f : findings) {
            ObjectNode one = add(
                    all,
                    word(f.severity()),
                    word(f.state()),
                    f.about().word(),
                    f.says(units),
                    f.because(units),
                    f.remedy(units));
            for (Need need : f.missing()) {
                one.withArray("needs")
                        .addObject()
                        .put("id", need.id())
                        .put("asks", need.asks())
                        .put("at", need.at().word());
            }
        }
    }

    /** The one finding that stands for a record that could not be used. */
    public static void refusal(ObjectNode result, String about, String sentence) {
        add(
                result.putArray("findings"),
                word(Severity.STOP),
                word(State.FAIL),
                about,
                sentence,
                Say.it("findings-out.input-as-came"),
                Say.it("findings-out.mend-this-record-send"));
    }

    private static ObjectNode add(
            ArrayNode all, String severity, String state, String about, String says, String because, String remedy) {
        ObjectNode one = all.addObject();
        one.put("severity", severity);
        one.put("state", state);
        one.put("about", about);
        one.put("says", says);
        one.put("because", because);
        one.put("do", remedy);
        return one;
    }

    /** Whether a result holds a failed stop. */
    public static boolean stops(ObjectNode result) {
        return !failed(result, "stop").isEmpty();
    }

    /** The published word of a value: lower case, joined by hyphens. */
    public static String word(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** The sentences of the failed findings of a severity, for one cell of a table. */
    public static String failed(ObjectNode result, String severity) {
        StringBuilder says = new StringBuilder();
        for (JsonNode f : result.path("findings")) {
            if (f.path("state").asText().equals("fail")
                    && f.path("severity").asText().equals(severity)) {
                says.append(says.isEmpty() ? "" : " ").append(f.path("says").asText());
            }
        }
        return says.toString();
    }
}
