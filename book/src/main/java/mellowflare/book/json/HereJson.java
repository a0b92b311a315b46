package mellowflare.book.json;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Optional;
import java.util.TreeSet;
import mellowflare.book.BookTrouble;
import mellowflare.core.measure.Length;
import mellowflare.core.parts.Here;

/** What is at hand, to and from a tree. */
public final class HereJson {
    private HereJson() {}

    public static ObjectNode write(Here here) {
        ObjectNode n = JsonNodeFactory.instance.objectNode();
        ArrayNode missing = n.putArray("missingTools");
        new TreeSet<>(here.missing()).forEach(missing::add);
        ArrayNode present = n.putArray("presentTools");
        new TreeSet<>(here.present()).forEach(present::add);
        ArrayNode wrenches = n.putArray("noWrench");
        new TreeSet<>(here.noWrench()).forEach(wrenches::add);
        here.roomA().ifPresent(r -> n.put("roomA", r.mm()));
        here.roomB().ifPresent(r -> n.put("roomB", r.mm()));
        here.roomCut().ifPresent(r -> n.put("roomCut", r.mm()));
        here.panel()
                .ifPresent(p -> n.putObject("panel").put("hole", p.hole().mm()).put("guarded", p.guarded()));
        return n;
    }

    public static Here read(Fields f) throws BookTrouble {
        Fields panel = f.object("panel");
        return new Here(
                new TreeSet<>(f.words("missingTools")),
                new TreeSet<>(f.words("presentTools")),
                new TreeSet<>(f.words("noWrench")),
                f.maybeNumber("roomA").map(Length::ofMm),
                f.maybeNumber("roomB").map(Length::ofMm),
                f.maybeNumber("roomCut").map(Length::ofMm),
                f.has("panel")
                        ? Optional.of(new Here.Panel(Length.ofMm(panel.number("hole")), panel.flag("guarded")))
                        : Optional.empty());
    }
}
