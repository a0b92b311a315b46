package mellowflare.book.tube;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.book.BookTrouble;
import mellowflare.book.json.Fields;
import mellowflare.book.json.HereJson;
import mellowflare.book.json.Words;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Instrument;
import mellowflare.core.measure.Length;
import mellowflare.core.parts.Here;
import mellowflare.core.tube.end.TubeEndKind;
import mellowflare.core.tube.form.Leg;
import mellowflare.core.tube.form.LegTo;
import mellowflare.core.tube.form.Measured;
import mellowflare.core.tube.form.Row;
import mellowflare.core.tube.form.SpringBack;
import mellowflare.core.tube.line.Reading;
import mellowflare.core.tube.line.TubeEnd;
import mellowflare.core.tube.line.TubeLine;
import mellowflare.core.tube.line.TubePick;
import mellowflare.core.tube.line.TubeRoom;
import mellowflare.core.tube.stock.TubePressure;

/** A tube line to and from a tree. */
final class TubeJson {
    private final JsonNodeFactory nodes;

    TubeJson(JsonNodeFactory nodes) {
        this.nodes = nodes;
    }

    ObjectNode write(TubeLine t) {
        ObjectNode n = nodes.objectNode();
        if (t.measured().said()) {
            n.set("measured", measured(t.measured()));
        }
        if (!t.reading().equals(Reading.NONE)) {
            n.set("reading", reading(t.reading()));
        }
        t.tube().ifPresent(p -> n.set("tube", pick(p)));
        t.bender().ifPresent(b -> n.put("bender", b));
        t.radius().ifPresent(r -> n.put("radius", r.mm()));
        ArrayNode trials = nodes.arrayNode();
        t.spring().first().ifPresent(x -> trials.add(trial(x)));
        t.spring().second().ifPresent(x -> trials.add(trial(x)));
        if (!trials.isEmpty()) {
            n.set("trialBends", trials);
        }
        n.set("a", end(t.a()));
        n.set("b", end(t.b()));
        n.put("squareUp", t.squareUp().mm());
        n.put("designFactor", t.factor());
        t.buried().ifPresent(b -> n.put("buried", b));
        if (!t.here().equals(Here.UNSAID)) {
            n.set("here", HereJson.write(t.here()));
        }
        t.room().cutter().ifPresent(l -> n.put("roomCutter", l.mm()));
        t.room().bar().ifPresent(l -> n.put("roomBar", l.mm()));
        t.room().bender().ifPresent(l -> n.put("roomBender", l.mm()));
        return n;
    }

    private ObjectNode measured(Measured m) {
        ObjectNode n = nodes.objectNode();
        if (m instanceof Measured.Points p) {
            ArrayNode points = n.putArray("points");
            p.corners().forEach(v -> points.addArray().add(v.x()).add(v.y()).add(v.z()));
        } else if (m instanceof Measured.Legs l) {
            ArrayNode legs = n.putArray("legs");
            l.legs()
                    .forEach(x -> legs.addObject()
                            .put("length", x.length().mm())
                            .put("turn", x.turn().degrees())
                            .put("bend", x.bend().degrees()));
            n.put("legsTo", Words.of(l.to()));
        } else if (m instanceof Measured.Rows r) {
            ArrayNode rows = n.putArray("rows");
            r.rows()
                    .forEach(x -> rows.addArray()
                            .add(x.straight().mm())
                            .add(x.rotation().degrees())
                            .add(x.bend().degrees()));
        } else {
            n.put("template", ((Measured.Template) m).length().mm());
        }
        return n;
    }

    private ObjectNode reading(Reading r) {
        ObjectNode n = nodes.objectNode();
        n.put("calledBy", r.calledBy());
        n.put("writtenBy", r.writtenBy());
        n.put("instrument", Words.of(r.instrument()));
        r.check().ifPresent(c -> n.put("endToEnd", c.mm()));
        n.put("checkBy", r.checkBy());
        return n;
    }

    private ObjectNode pick(TubePick p) {
        ObjectNode n = nodes.objectNode();
        if (p instanceof TubePick.Listed l) {
            return n.put("size", l.id());
        }
        TubePick.Own own = (TubePick.Own) p;
        return n.put("od", own.outside().mm()).put("wall", own.wall().mm()).put("material", own.material());
    }

    private ArrayNode trial(SpringBack.Trial t) {
        return nodes.arrayNode().add(t.commanded().degrees()).add(t.measured().degrees());
    }

    private ObjectNode end(TubeEnd e) {
        ObjectNode n = nodes.objectNode();
        e.kind().ifPresent(k -> n.put("kind", k.code()));
        e.tool().ifPresent(t -> n.put("tool", t));
        e.stickOut().ifPresent(s -> n.put("stickOut", s.mm()));
        if (e.reach().mm() > 0) {
            n.put("reach", e.reach().mm());
        }
        return n;
    }

    /** Impossible values are refused by the line's own types, whose sentences reach the reader. */
    TubeLine read(Fields f) throws BookTrouble {
        return new TubeLine(
                f.has("measured") ? measured(f.object("measured")) : Measured.NOTHING,
                f.has("reading") ? reading(f.object("reading")) : Reading.NONE,
                f.has("tube") ? Optional.of(pick(f.object("tube"))) : Optional.empty(),
                f.maybeText("bender"),
                f.maybeNumber("radius").map(Length::ofMm),
                spring(f),
                end(f.object("a")),
                end(f.object("b")),
                f.maybeNumber("squareUp").map(Length::ofMm).orElse(TubeLine.USUAL_SQUARE_UP),
                f.maybeNumber("designFactor").orElse(TubePressure.USUAL_FACTOR),
                f.has("buried") ? Optional.of(f.flag("buried")) : Optional.empty(),
                f.has("here") ? HereJson.read(f.object("here")) : Here.UNSAID,
                new TubeRoom(
                        f.maybeNumber("roomCutter").map(Length::ofMm),
                        f.maybeNumber("roomBar").map(Length::ofMm),
                        f.maybeNumber("roomBender").map(Length::ofMm)));
    }

    private static Measured measured(Fields f) throws BookTrouble {
        if (f.has("legs")) {
            List<Leg> legs = new ArrayList<>();
            for (Fields x : f.array("legs")) {
                legs.add(new Leg(
                        Length.ofMm(x.number("length")),
                        Angle.ofDegrees(x.maybeNumber("turn").orElse(0.0)),
                        Angle.ofDegrees(x.maybeNumber("bend").orElse(0.0))));
            }
            return new Measured.Legs(legs, f.maybeWord("legsTo", LegTo.class).orElse(LegTo.CENTRE));
        }
        if (f.has("rows")) {
            List<Row> rows = new ArrayList<>();
            for (Vector v : f.vectors("rows")) {
                rows.add(new Row(Length.ofMm(v.x()), Angle.ofDegrees(v.y()), Angle.ofDegrees(v.z())));
            }
            return new Measured.Rows(rows);
        }
        if (f.has("template")) {
            return new Measured.Template(Length.ofMm(f.number("template")));
        }
        return new Measured.Points(f.vectors("points"));
    }

    private static Reading reading(Fields f) throws BookTrouble {
        return new Reading(
                f.textOr("calledBy", ""),
                f.textOr("writtenBy", ""),
                f.has("instrument") ? f.word("instrument", Instrument.class) : Instrument.TAPE,
                f.maybeNumber("endToEnd").map(Length::ofMm),
                f.textOr("checkBy", ""));
    }

    private static TubePick pick(Fields f) throws BookTrouble {
        return f.has("size")
                ? new TubePick.Listed(f.text("size"))
                : new TubePick.Own(Length.ofMm(f.number("od")), Length.ofMm(f.number("wall")), f.text("material"));
    }

    private static SpringBack spring(Fields f) throws BookTrouble {
        List<List<Double>> pairs = f.numberLists("trialBends", 2);
        return new SpringBack(trial(pairs, 0), trial(pairs, 1));
    }

    private static Optional<SpringBack.Trial> trial(List<List<Double>> pairs, int i) {
        return pairs.size() <= i
                ? Optional.empty()
                : Optional.of(new SpringBack.Trial(
                        Angle.ofDegrees(pairs.get(i).get(0)),
                        Angle.ofDegrees(pairs.get(i).get(1))));
    }

    private static TubeEnd end(Fields f) throws BookTrouble {
        return new TubeEnd(
                f.maybeWord("kind", TubeEndKind.class),
                f.maybeText("tool"),
                f.maybeNumber("stickOut").map(Length::ofMm),
                Length.ofMm(f.maybeNumber("reach").orElse(0.0)));
    }
}
