package mellowflare.book.broken;

import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import mellowflare.book.BookTrouble;
import mellowflare.book.json.Fields;
import mellowflare.book.json.HereJson;
import mellowflare.book.json.Words;
import mellowflare.core.broken.line.BrokenLine;
import mellowflare.core.broken.stock.StuckFluid;
import mellowflare.core.broken.stock.StuckMaterial;
import mellowflare.core.broken.stock.StuckState;
import mellowflare.core.broken.stock.ThreadState;
import mellowflare.core.parts.Here;

/** A stuck or broken part to and from a tree. */
final class BrokenJson {
    private BrokenJson() {}

    static ObjectNode write(BrokenLine l) {
        ObjectNode n = JsonNodeFactory.instance.objectNode();
        l.state().ifPresent(s -> n.put("state", Words.of(s)));
        l.size().ifPresent(s -> n.put("size", s));
        l.material().ifPresent(m -> n.put("material", Words.of(m)));
        l.fluid().ifPresent(f -> n.put("fluid", Words.of(f)));
        l.set().ifPresent(s -> n.put("set", s));
        flags(l).forEach((name, is) -> is.ifPresent(b -> n.put(name, b)));
        l.thread().ifPresent(t -> n.put("thread", Words.of(t)));
        l.hour().ifPresent(h -> n.put("hour", h));
        if (!l.here().equals(Here.UNSAID)) {
            n.set("here", HereJson.write(l.here()));
        }
        return n;
    }

    private static Map<String, Optional<Boolean>> flags(BrokenLine l) {
        Map<String, Optional<Boolean>> all = new LinkedHashMap<>();
        all.put("isolated", l.isolated());
        all.put("branchFirm", l.branchFirm());
        all.put("filled", l.filled());
        all.put("near", l.near());
        all.put("room", l.room());
        all.put("power", l.power());
        all.put("licensed", l.licensed());
        return all;
    }

    /** Impossible values are refused by the line's own type, whose sentences reach the reader. */
    static BrokenLine read(Fields f) throws BookTrouble {
        return new BrokenLine(
                f.maybeWord("state", StuckState.class),
                f.maybeText("size"),
                f.maybeWord("material", StuckMaterial.Id.class),
                f.maybeWord("fluid", StuckFluid.Id.class),
                f.maybeText("set"),
                flag(f, "isolated"),
                flag(f, "branchFirm"),
                flag(f, "filled"),
                flag(f, "near"),
                flag(f, "room"),
                flag(f, "power"),
                flag(f, "licensed"),
                f.maybeWord("thread", ThreadState.class),
                f.maybeNumber("hour"),
                f.has("here") ? HereJson.read(f.object("here")) : Here.UNSAID);
    }

    private static Optional<Boolean> flag(Fields f, String name) throws BookTrouble {
        return f.has(name) ? Optional.of(f.flag(name)) : Optional.empty();
    }
}
