package mellowflare.book.json;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import mellowflare.book.BookTrouble;
import mellowflare.core.geometry.Vector;
import mellowflare.core.hose.OldHose;
import mellowflare.core.hose.route.KeepOut;
import mellowflare.core.hose.route.PortAt;
import mellowflare.core.hose.route.RouteSketch;
import mellowflare.core.measure.Length;
import mellowflare.core.parts.Here;

/** The way of a line, the hose that was there and what is at hand, to and from a tree. */
final class PlaceJson {
    private final JsonNodeFactory nodes;

    PlaceJson(JsonNodeFactory nodes) {
        this.nodes = nodes;
    }

    ObjectNode write(RouteSketch r) {
        ObjectNode n = nodes.objectNode();
        n.set("a", port(r.a()));
        n.set("b", port(r.b()));
        r.straight().ifPresent(s -> n.put("straight", s.mm()));
        n.set("clamps", points(r.clamps()));
        n.set("motion", points(r.motion()));
        ArrayNode boxes = n.putArray("keepOuts");
        for (KeepOut k : r.keepOuts()) {
            ObjectNode box = boxes.addObject();
            box.put("name", k.name());
            box.set("from", point(k.low()));
            box.set("to", point(k.high()));
        }
        return n;
    }

    private ObjectNode port(PortAt p) {
        ObjectNode n = nodes.objectNode();
        n.set("at", point(p.at()));
        n.set("out", point(p.out()));
        p.leaves().ifPresent(v -> n.set("leaves", point(v)));
        return n;
    }

    private ArrayNode points(List<Vector> all) {
        ArrayNode n = nodes.arrayNode();
        all.forEach(v -> n.add(point(v)));
        return n;
    }

    private ArrayNode point(Vector v) {
        return nodes.arrayNode().add(v.x()).add(v.y()).add(v.z());
    }

    ObjectNode write(OldHose old) {
        return nodes.objectNode()
                .put("length", old.length().mm())
                .put("allowance", old.allowance().mm());
    }

    ObjectNode write(Here here) {
        ObjectNode n = nodes.objectNode();
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

    RouteSketch route(Fields f) throws BookTrouble {
        List<KeepOut> boxes = new ArrayList<>();
        for (Fields box : f.array("keepOuts")) {
            boxes.add(new KeepOut(box.textOr("name", ""), box.vector("from"), box.vector("to")));
        }
        return new RouteSketch(
                port(f.object("a")),
                port(f.object("b")),
                f.maybeNumber("straight").map(Length::ofMm),
                f.vectors("clamps"),
                boxes,
                f.vectors("motion"));
    }

    private static PortAt port(Fields f) throws BookTrouble {
        return new PortAt(
                f.vector("at"), f.vector("out"), f.has("leaves") ? Optional.of(f.vector("leaves")) : Optional.empty());
    }

    OldHose old(Fields f) throws BookTrouble {
        return new OldHose(Length.ofMm(f.number("length")), Length.ofMm(f.number("allowance")));
    }

    Here here(Fields f) throws BookTrouble {
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
