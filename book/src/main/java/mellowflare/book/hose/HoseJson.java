package mellowflare.book.hose;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.book.BookTrouble;
import mellowflare.book.json.Fields;
import mellowflare.book.json.FigureJson;
import mellowflare.book.json.HereJson;
import mellowflare.core.geometry.Vector;
import mellowflare.core.hose.line.HoseEndPick;
import mellowflare.core.hose.line.HoseLine;
import mellowflare.core.hose.line.OldHose;
import mellowflare.core.hose.route.KeepOut;
import mellowflare.core.hose.route.PortAt;
import mellowflare.core.hose.route.RouteSketch;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Length;
import mellowflare.core.parts.Here;

/** A hose line to and from a tree. */
final class HoseJson {
    private final JsonNodeFactory nodes;

    HoseJson(JsonNodeFactory nodes) {
        this.nodes = nodes;
    }

    ObjectNode write(HoseLine line) {
        ObjectNode n = nodes.objectNode();
        n.set("a", pick(line.a()));
        n.set("b", pick(line.b()));
        line.hose().ifPresent(h -> n.put("hose", h));
        line.finished().ifPresent(f -> n.set("finished", FigureJson.write(f)));
        line.bendRadius().ifPresent(r -> n.put("bendRadius", r.mm()));
        line.clocking().ifPresent(c -> n.put("clocking", c.degrees()));
        line.route().ifPresent(r -> n.set("route", route(r)));
        line.old().ifPresent(o -> n.set("oldHose", old(o)));
        line.laidOut().ifPresent(l -> n.put("laidOut", l.mm()));
        if (!line.here().equals(Here.UNSAID)) {
            n.set("here", HereJson.write(line.here()));
        }
        return n;
    }

    private ObjectNode pick(HoseEndPick pick) {
        ObjectNode n = nodes.objectNode();
        pick.part().ifPresent(p -> n.put("part", p));
        if (!pick.adapters().isEmpty()) {
            ArrayNode adapters = n.putArray("adapters");
            pick.adapters().forEach(adapters::add);
        }
        return n;
    }

    HoseLine read(Fields f) throws BookTrouble {
        return new HoseLine(
                pick(f.object("a")),
                pick(f.object("b")),
                f.maybeText("hose"),
                f.has("finished") ? Optional.of(FigureJson.read(f.object("finished"))) : Optional.empty(),
                f.maybeNumber("bendRadius").map(Length::ofMm),
                f.maybeNumber("clocking").map(Angle::ofDegrees),
                f.has("route") ? Optional.of(route(f.object("route"))) : Optional.empty(),
                f.has("oldHose") ? Optional.of(old(f.object("oldHose"))) : Optional.empty(),
                f.maybeNumber("laidOut").map(Length::ofMm),
                f.has("here") ? HereJson.read(f.object("here")) : Here.UNSAID);
    }

    private static HoseEndPick pick(Fields f) throws BookTrouble {
        return new HoseEndPick(f.maybeText("part"), f.words("adapters"));
    }

    private ObjectNode route(RouteSketch r) {
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

    private ObjectNode old(OldHose old) {
        return nodes.objectNode()
                .put("length", old.length().mm())
                .put("allowance", old.allowance().mm());
    }

    private static RouteSketch route(Fields f) throws BookTrouble {
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

    private static OldHose old(Fields f) throws BookTrouble {
        return new OldHose(Length.ofMm(f.number("length")), Length.ofMm(f.number("allowance")));
    }
}
