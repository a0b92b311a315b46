package mellowflare.cli.command;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Map;
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
        return String.join(", ", all.subList(0, all.size() - 1)) + " or " + all.get(all.size() - 1);
    }

    /** The system in which sentences and shop figures are written; metric when not said. */
    public static UnitSystem units(Fields record) throws Refused {
        return record.word("units", Map.of("metric", UnitSystem.METRIC, "inch", UnitSystem.INCH))
                .orElse(UnitSystem.METRIC);
    }

    /** A finding for reading by people. */
    public static String finding(JsonNode f) {
        String state = f.path("state").asText();
        if (state.equals("pass")) {
            return "";
        }
        String head = state.equals("fail") ? f.path("severity").asText() : "open";
        return head + ", " + f.path("about").asText() + ": " + f.path("says").asText() + " "
                + f.path("do").asText() + "\n";
    }
}
