package mellowflare.book.json;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Optional;
import mellowflare.book.BookTrouble;
import mellowflare.core.measure.Length;
import mellowflare.core.procedure.MakeLog;
import mellowflare.core.procedure.ReadBack;
import mellowflare.core.procedure.StepEntry;

/** What has been done on a line, to and from a tree. */
public final class LogJson {
    private LogJson() {}

    public static ObjectNode write(MakeLog log) {
        ObjectNode n = JsonNodeFactory.instance.objectNode();
        ArrayNode entries = n.putArray("entries");
        for (StepEntry e : log.entries()) {
            ObjectNode each = entries.addObject();
            each.put("step", e.stepId());
            each.put("outcome", Words.of(e.outcome()));
            each.put("by", e.by());
            each.put("at", e.at().toString());
            each.set("figures", Texts.write(e.figures()));
            each.put("reason", e.reason());
            if (!e.used().isEmpty()) {
                UsedJson.write(each.putArray("used"), e.used());
            }
        }
        log.readBack().ifPresent(r -> {
            ObjectNode back = n.putObject("readBack");
            back.put("figure", r.figure().mm());
            back.put("by", r.by());
            back.put("at", r.at().toString());
        });
        return n;
    }

    public static MakeLog read(Fields f) throws BookTrouble {
        List<StepEntry> entries = new ArrayList<>();
        for (Fields e : f.array("entries")) {
            entries.add(new StepEntry(
                    e.text("step"),
                    e.word("outcome", StepEntry.Outcome.class),
                    e.text("by"),
                    e.instant("at"),
                    new HashMap<>(e.texts("figures")),
                    e.textOr("reason", ""),
                    e.has("used") ? UsedJson.read(e.array("used")) : List.of()));
        }
        Optional<ReadBack> back = Optional.empty();
        if (f.has("readBack")) {
            Fields r = f.object("readBack");
            back = Optional.of(new ReadBack(Length.ofMm(r.number("figure")), r.text("by"), r.instant("at")));
        }
        return new MakeLog(entries, back);
    }
}
