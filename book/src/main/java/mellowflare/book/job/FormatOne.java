package mellowflare.book.job;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Map;

/**
 * Brings a job of the first form into the second. In the first the ports, the service and the hose were one thing, {@code line}; tube and main stood beside it; the log of the kind that the
 * line was made of was {@code made}, those of the others {@code madeAs}.
 */
final class FormatOne {
    private static final List<String> OF_PORT =
            List.of("place", "seen", "typed", "certainty", "metal", "homeByHand", "ringShows", "mouth");
    private static final List<String> OF_HOSE =
            List.of("hose", "finished", "bendRadius", "clocking", "route", "oldHose", "laidOut", "here");

    /** Steps of tubes were told apart by the name of the end, those of hoses by its letter. */
    private static final Map<String, String> ENDS = Map.of("@END_A", "@A", "@END_B", "@B");

    private FormatOne() {}

    /** The job in the second form; what was no job stays none, and is refused there. */
    static ObjectNode second(ObjectNode first) {
        ObjectNode n = first.objectNode();
        n.put("format", JobJson.FORMAT);
        n.put("version", 2);
        List.of("id", "title", "machine", "note", "units", "practice").forEach(f -> take(first, f, n, f));
        JsonNode line = first.path("line");
        ObjectNode ports = n.putObject("ports");
        if (line.path("service") instanceof ObjectNode service) {
            ObjectNode now = service.deepCopy();
            take(service, "surroundings", now, "ambient");
            now.remove("surroundings");
            n.set("service", now);
        } else {
            take(line, "service", n, "service");
        }
        // A job from before there were kinds is a hose.
        String kind = first.hasNonNull("kind") ? first.get("kind").asText() : "hose";
        n.put("kind", kind);
        ObjectNode lines = n.putObject("lines");
        ObjectNode hose = lines.putObject("hose");
        for (String end : List.of("a", "b")) {
            JsonNode both = line.path(end);
            ObjectNode port = ports.putObject(end);
            OF_PORT.forEach(f -> take(both, f, port, f));
            take(both, "port", port, "end");
            ObjectNode pick = hose.putObject(end);
            take(both, "hoseEnd", pick, "part");
            take(both, "adapters", pick, "adapters");
        }
        OF_HOSE.forEach(f -> take(line, f, hose, f));
        take(first, "tube", lines, "tube");
        take(first, "air", lines, "air");
        ObjectNode logs = n.putObject("logs");
        first.path("madeAs").properties().forEach(e -> logs.set(e.getKey(), log(e.getValue())));
        if (first.hasNonNull("made")) {
            logs.set(kind, log(first.get("made")));
        }
        return n;
    }

    private static JsonNode log(JsonNode made) {
        JsonNode log = made.deepCopy();
        if (log.path("entries") instanceof ArrayNode entries) {
            for (JsonNode e : entries) {
                if (e instanceof ObjectNode entry && entry.path("step").isTextual()) {
                    String step = entry.get("step").asText();
                    ENDS.forEach((was, now) -> {
                        if (step.endsWith(was)) {
                            entry.put("step", step.substring(0, step.length() - was.length()) + now);
                        }
                    });
                }
            }
        }
        return log;
    }

    private static void take(JsonNode from, String field, ObjectNode to, String name) {
        if (from.hasNonNull(field)) {
            to.set(name, from.get(field));
        }
    }
}
