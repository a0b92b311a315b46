package mellowflare.cli.command;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.Arrays;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import mellowflare.cli.input.Fields;
import mellowflare.cli.input.Refused;
import mellowflare.cli.output.FindingsOut;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.Seat;
import mellowflare.core.measure.UnitSystem;

/** Words that several commands share. */
public final class Words {
    public static final Map<String, Gender> GENDERS = Map.of("male", Gender.MALE, "female", Gender.FEMALE);

    public static final Map<String, Seat> SEATS = of(Seat.values());

    public static final Map<String, EndCode> CODES = of(EndCode.values());

    private Words() {}

    /** The published word of each value. */
    public static <E extends Enum<E>> Map<String, E> of(E[] values) {
        return Arrays.stream(values).collect(Collectors.toMap(FindingsOut::word, Function.identity()));
    }

    /** Words to choose among: “list, sheet or tag”. */
    public static String either(Collection<String> words) {
        List<String> all = List.copyOf(words);
        return Say.it(
                "words.or", "list", String.join(", ", all.subList(0, all.size() - 1)), "all", all.get(all.size() - 1));
    }

    /** The system in which sentences and shop figures are written; metric when not said. */
    public static UnitSystem units(Fields record) throws Refused {
        return record.word("units", Map.of("metric", UnitSystem.METRIC, "inch", UnitSystem.INCH))
                .orElse(UnitSystem.METRIC);
    }

    /** Findings for reading by people: what failed, then what is still needed, asked for once each, by where it is told. */
    public static String findings(JsonNode findings) {
        StringBuilder text = new StringBuilder();
        Map<String, Set<String>> needed = new LinkedHashMap<>();
        int waiting = 0;
        for (JsonNode f : findings) {
            if (f.path("state").asText().equals("fail")) {
                text.append(failed(f));
            }
            waiting += f.has("needs") ? 1 : 0;
            f.path("needs")
                    .forEach(n -> needed.computeIfAbsent(n.path("at").asText(), at -> new LinkedHashSet<>())
                            .add(n.path("asks").asText()));
        }
        if (waiting > 0) {
            text.append(Say.it("words.still-needed", "waiting", waiting));
            needed.forEach((at, asks) ->
                    text.append("  ").append(Say.it("words.needed-at", "place", at, "asks", String.join(" ", asks))));
        }
        return text.toString();
    }

    private static String failed(JsonNode f) {
        return Say.it(
                "words.failed",
                "severity",
                f.path("severity").asText(),
                "about",
                f.path("about").asText(),
                "says",
                f.path("says").asText(),
                "remedy",
                f.path("do").asText());
    }
}
