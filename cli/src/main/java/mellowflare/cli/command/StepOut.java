package mellowflare.cli.command;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.procedure.Step;

/** A step of the work, as a tree. */
public final class StepOut {
    private StepOut() {}

    public static ObjectNode of(Step s, UnitSystem units) {
        ObjectNode out = JsonNodeFactory.instance.objectNode();
        out.put("id", s.id());
        out.put("title", s.title());
        out.put("says", s.says(units));
        s.tools().forEach(out.putArray("tools")::add);
        s.hold().ifPresent(h -> out.put("hold", h));
        s.cautions().forEach(out.putArray("cautions")::add);
        ArrayNode record = out.putArray("record");
        s.records().forEach(r -> record.add(r.label()));
        out.put("source", s.source().shown());
        return out;
    }

    /** Findings and steps of a result, for reading by people: one line each. */
    public static void text(ObjectNode result, StringBuilder into) {
        into.append(Words.findings(result.path("findings")));
        int number = 1;
        for (JsonNode step : result.path("steps")) {
            into.append(number++)
                    .append("  ")
                    .append(step.path("title").asText())
                    .append(": ")
                    .append(step.path("says").asText())
                    .append('\n');
        }
    }
}
