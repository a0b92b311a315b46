package mellowflare.book.json;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import mellowflare.book.BookTrouble;
import mellowflare.core.upkeep.Upkeep;

/** What is kept of a line in service, to and from a tree. */
public final class UpkeepJson {
    private UpkeepJson() {}

    public static ObjectNode write(Upkeep u) {
        ObjectNode n = JsonNodeFactory.instance.objectNode();
        u.inService().ifPresent(d -> n.put("inService", d.toString()));
        u.printed().ifPresent(d -> n.put("printed", d.toString()));
        if (!u.done().isEmpty()) {
            ArrayNode all = n.putArray("done");
            for (Upkeep.Done d : u.done()) {
                ObjectNode one = all.addObject()
                        .put("rule", d.rule())
                        .put("on", d.on().toString())
                        .put("by", d.by());
                if (!d.found().isBlank()) {
                    one.put("found", d.found());
                }
            }
        }
        return n;
    }

    /**
     * @throws BookTrouble if a field is wrong; says which
     */
    public static Upkeep read(Fields f) throws BookTrouble {
        List<Upkeep.Done> done = new ArrayList<>();
        for (Fields d : f.array("done")) {
            try {
                done.add(new Upkeep.Done(
                        d.text("rule"),
                        d.maybeDay("on").orElseThrow(() -> d.wrong("on", Say.it("fields.missing"))),
                        d.text("by"),
                        d.textOr("found", "")));
            } catch (IllegalArgumentException e) {
                BookTrouble trouble = d.wrong("by", e.getMessage());
                trouble.initCause(e);
                throw trouble;
            }
        }
        return new Upkeep(f.maybeDay("inService"), f.maybeDay("printed"), done);
    }
}
