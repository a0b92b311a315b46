package mellowflare.book.tee;

import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import mellowflare.book.BookTrouble;
import mellowflare.book.json.Fields;
import mellowflare.book.json.HereJson;
import mellowflare.book.json.Words;
import mellowflare.core.measure.Length;
import mellowflare.core.parts.Here;
import mellowflare.core.tee.line.TeeLine;
import mellowflare.core.tee.stock.TeeFluid;
import mellowflare.core.tee.stock.TeeMethod;

/** A tee-in to and from a tree. Lengths in mm. */
final class TeeJson {
    private TeeJson() {}

    static ObjectNode write(TeeLine l) {
        ObjectNode n = JsonNodeFactory.instance.objectNode();
        l.fluid().ifPresent(f -> n.put("fluid", Words.of(f)));
        l.method().ifPresent(m -> n.put("method", Words.of(m)));
        lengths(l).forEach((name, length) -> length.ifPresent(x -> n.put(name, x.mm())));
        flags(l).forEach((name, is) -> is.ifPresent(b -> n.put(name, b)));
        if (!l.here().equals(Here.UNSAID)) {
            n.set("here", HereJson.write(l.here()));
        }
        return n;
    }

    private static Map<String, Optional<Length>> lengths(TeeLine l) {
        Map<String, Optional<Length>> all = new LinkedHashMap<>();
        all.put("tube", l.tube());
        all.put("across", l.across());
        all.put("goesIn", l.goesIn());
        all.put("gap", l.gap());
        all.put("slackA", l.slackA());
        all.put("slackB", l.slackB());
        all.put("straightA", l.straightA());
        all.put("straightB", l.straightB());
        all.put("unionAcross", l.unionAcross());
        return all;
    }

    private static Map<String, Optional<Boolean>> flags(TeeLine l) {
        Map<String, Optional<Boolean>> all = new LinkedHashMap<>();
        all.put("isolated", l.isolated());
        all.put("plugged", l.plugged());
        all.put("room", l.room());
        all.put("licensed", l.licensed());
        return all;
    }

    /** Impossible values are refused by the line's own type, whose sentences reach the reader. */
    static TeeLine read(Fields f) throws BookTrouble {
        return new TeeLine(
                f.maybeWord("fluid", TeeFluid.class),
                f.maybeWord("method", TeeMethod.Id.class),
                length(f, "tube"),
                length(f, "across"),
                length(f, "goesIn"),
                length(f, "gap"),
                length(f, "slackA"),
                length(f, "slackB"),
                length(f, "straightA"),
                length(f, "straightB"),
                length(f, "unionAcross"),
                flag(f, "isolated"),
                flag(f, "plugged"),
                flag(f, "room"),
                flag(f, "licensed"),
                f.has("here") ? HereJson.read(f.object("here")) : Here.UNSAID);
    }

    private static Optional<Length> length(Fields f, String name) throws BookTrouble {
        return f.maybeNumber(name).map(Length::ofMm);
    }

    private static Optional<Boolean> flag(Fields f, String name) throws BookTrouble {
        return f.has(name) ? Optional.of(f.flag(name)) : Optional.empty();
    }
}
