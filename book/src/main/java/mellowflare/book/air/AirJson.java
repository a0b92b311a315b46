package mellowflare.book.air;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.book.BookTrouble;
import mellowflare.book.json.Fields;
import mellowflare.book.json.ReadingsJson;
import mellowflare.book.json.Words;
import mellowflare.core.air.demand.Use;
import mellowflare.core.air.layout.Outlet;
import mellowflare.core.air.layout.Piece;
import mellowflare.core.air.main.AirMain;
import mellowflare.core.air.main.Held;
import mellowflare.core.air.main.Making;
import mellowflare.core.air.main.Plant;
import mellowflare.core.air.main.Shop;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.AirReference;
import mellowflare.core.measure.FreeAir;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.PressureDifference;
import mellowflare.core.measure.Temperature;
import mellowflare.core.measure.Volume;
import mellowflare.core.run.walk.Station;
import mellowflare.core.run.walk.TakeOff;
import mellowflare.core.run.walk.Turn;

/** A workshop main to and from a tree. Lengths in mm, pressures in bar, air in L/min of free air. */
final class AirJson {
    private static final Map<String, AirReference> REFERENCES = Map.of(
            "iso-1217", AirReference.ISO1217,
            "iso-8778", AirReference.ISO8778,
            "1.01325-bar-20-c", AirReference.ATM20,
            "din-1343", AirReference.NORMAL);

    private final JsonNodeFactory nodes;

    AirJson(JsonNodeFactory nodes) {
        this.nodes = nodes;
    }

    ObjectNode write(AirMain m) {
        ObjectNode n = nodes.objectNode();
        n.set("shop", shop(m.shop()));
        n.set("plant", plant(m.plant()));
        n.putObject("station")
                .put("along", m.station().along().mm())
                .put("across", m.station().across().mm())
                .put("height", m.station().height().mm())
                .put("heading", 90 * m.station().heading());
        m.system().ifPresent(s -> n.put("system", s));
        m.size().ifPresent(s -> n.put("size", s));
        m.dropSize().ifPresent(s -> n.put("dropSize", s));
        n.put("fall", m.fall());
        ArrayNode walk = n.putArray("walk");
        m.pieces().forEach(p -> walk.add(piece(p)));
        n.putObject("use")
                .put("leak", m.use().leak())
                .put("growth", m.use().growth())
                .put("hoursADay", m.use().hoursADay())
                .put("daysAYear", m.use().daysAYear())
                .put("kilowattHour", m.use().kilowattHour())
                .put("drainedEvery", m.use().drainedEvery());
        n.set("making", making(m.making()));
        if (!m.held().equals(Held.NOT_YET)) {
            n.set("held", held(m.held()));
        }
        return n;
    }

    private ObjectNode shop(Shop s) {
        ObjectNode n = nodes.objectNode();
        s.length().ifPresent(l -> n.put("length", l.mm()));
        s.width().ifPresent(l -> n.put("width", l.mm()));
        s.height().ifPresent(l -> n.put("height", l.mm()));
        return n.put("air", s.air().celsius())
                .put("humidity", s.humidity())
                .put("barometer", s.barometer().bar());
    }

    private ObjectNode plant(Plant p) {
        ObjectNode n = nodes.objectNode();
        p.compressor().ifPresent(c -> n.put("compressor", c));
        n.put("lost", p.lost().bar());
        if (p.place() != Plant.Place.UNSAID) {
            n.put("place", Words.of(p.place()));
        }
        p.toEars().ifPresent(l -> n.put("toEars", l.mm()));
        p.freshAir().ifPresent(b -> n.put("freshAir", b));
        p.drain().ifPresent(b -> n.put("drain", b));
        return n;
    }

    private ObjectNode piece(Piece p) {
        ObjectNode n = nodes.objectNode();
        if (p instanceof Piece.Pipe x) {
            n.put("piece", "pipe").put("name", x.name()).put("turn", x.turn().word());
            n.put("length", x.length().mm());
            x.size().ifPresent(s -> n.put("size", s));
        } else if (p instanceof Piece.Hose x) {
            n.put("piece", "hose").put("name", x.name()).put("turn", x.turn().word());
            n.put("length", x.length().mm()).put("bore", x.bore().mm());
        } else if (p instanceof Piece.Drop x) {
            n.put("piece", "drop").put("name", x.name()).put("down", x.down().mm());
            x.size().ifPresent(s -> n.put("size", s));
            n.put("off", Words.of(x.off()));
            x.leg().ifPresent(l -> n.put("leg", l.mm()));
            outlet(n, x.outlet());
        } else if (p instanceof Piece.Drain x) {
            n.put("piece", "drain").put("name", x.name()).put("down", x.down().mm());
        } else if (p instanceof Piece.Valve x) {
            n.put("piece", "valve").put("name", x.name());
        } else if (p instanceof Piece.Tank x) {
            n.put("piece", "tank")
                    .put("name", x.name())
                    .put("litres", x.volume().litres());
        } else if (p instanceof Piece.Feed x) {
            n.put("piece", "feed").put("name", x.name()).put("compressor", x.compressor());
        } else if (p instanceof Piece.Cap x) {
            n.put("piece", "cap").put("name", x.name());
        } else if (p instanceof Piece.From x) {
            n.put("piece", "from").put("to", x.to());
        } else if (p instanceof Piece.Close x) {
            n.put("piece", "close").put("name", x.name()).put("to", x.to());
            x.size().ifPresent(s -> n.put("size", s));
        }
        return n;
    }

    private void outlet(ObjectNode n, Outlet o) {
        ArrayNode tools = n.putArray("tools");
        o.tools().forEach(tools::add);
        o.who().ifPresent(w -> n.put("who", w));
        o.hose().ifPresent(l -> n.put("hose", l.mm()));
        o.hoseBore().ifPresent(l -> n.put("hoseBore", l.mm()));
        if (o.treatment()) {
            n.put("treatment", true);
        }
    }

    private ObjectNode making(Making m) {
        ObjectNode n = nodes.objectNode();
        n.put("kerf", m.kerf().mm()).put("trim", m.trim()).put("parcel", m.parcel());
        n.put("hung", Words.of(m.hung())).put("rod", m.rod().mm()).put("nipples", m.nipples());
        ArrayNode old = n.putArray("old");
        m.old()
                .forEach(o -> old.addObject()
                        .put("system", o.system())
                        .put("size", o.size())
                        .put("length", o.length().mm())
                        .put("count", o.count()));
        return n;
    }

    private ObjectNode held(Held h) {
        ObjectNode n = nodes.objectNode();
        ReadingsJson.write(h.readings(), n.putArray("readings"));
        n.put("allowed", h.allowed().litresPerMinute());
        REFERENCES.entrySet().stream()
                .filter(e -> e.getValue() == h.allowed().reference() && e.getValue() != AirReference.ISO1217)
                .forEach(e -> n.put("reference", e.getKey()));
        return n.put("gaugeStep", h.gaugeStep().bar()).put("receiver", h.receiver());
    }

    /** Impossible values are refused by the main's own types, whose sentences reach the reader. */
    AirMain read(Fields f) throws BookTrouble {
        Fields at = f.object("station");
        AirMain usual = AirMain.NEW;
        return new AirMain(
                shop(f.object("shop")),
                plant(f.object("plant")),
                f.has("station")
                        ? new Station(
                                Length.ofMm(at.number("along")),
                                Length.ofMm(at.number("across")),
                                Length.ofMm(at.number("height")),
                                heading(at))
                        : Station.CORNER,
                walk(f),
                f.maybeText("system"),
                f.maybeText("size"),
                f.maybeText("dropSize"),
                f.maybeNumber("fall").orElse(usual.fall()),
                use(f.object("use")),
                f.has("making") ? making(f.object("making")) : Making.USUAL,
                f.has("held") ? held(f.object("held")) : Held.NOT_YET);
    }

    private static int heading(Fields at) throws BookTrouble {
        double degrees = at.maybeNumber("heading").orElse(0.0);
        if (degrees != 0 && degrees != 90 && degrees != 180 && degrees != 270) {
            throw at.wrong("heading", Say.it("air-json.none-0-90-180"));
        }
        return (int) (degrees / 90);
    }

    private static Shop shop(Fields f) throws BookTrouble {
        Shop usual = Shop.USUAL;
        return new Shop(
                f.maybeNumber("length").map(Length::ofMm),
                f.maybeNumber("width").map(Length::ofMm),
                f.maybeNumber("height").map(Length::ofMm),
                f.maybeNumber("air").map(Temperature::ofCelsius).orElse(usual.air()),
                f.maybeNumber("humidity").orElse(usual.humidity()),
                f.maybeNumber("barometer").map(AbsolutePressure::ofBar).orElse(usual.barometer()));
    }

    private static Plant plant(Fields f) throws BookTrouble {
        return new Plant(
                f.maybeText("compressor"),
                PressureDifference.ofBar(f.maybeNumber("lost").orElse(0.0)),
                f.maybeWord("place", Plant.Place.class).orElse(Plant.Place.UNSAID),
                f.maybeNumber("toEars").map(Length::ofMm),
                f.has("freshAir") ? Optional.of(f.flag("freshAir")) : Optional.empty(),
                f.has("drain") ? Optional.of(f.flag("drain")) : Optional.empty());
    }

    private static List<Piece> walk(Fields f) throws BookTrouble {
        List<Piece> pieces = new ArrayList<>();
        for (Fields p : f.array("walk")) {
            pieces.add(piece(p));
        }
        return pieces;
    }

    private static Piece piece(Fields p) throws BookTrouble {
        String kind = p.text("piece");
        return switch (kind) {
            case "pipe" ->
                new Piece.Pipe(
                        p.text("name"),
                        p.word("turn", Turn.class),
                        Length.ofMm(p.number("length")),
                        p.maybeText("size"));
            case "hose" ->
                new Piece.Hose(
                        p.text("name"),
                        p.word("turn", Turn.class),
                        Length.ofMm(p.number("length")),
                        Length.ofMm(p.number("bore")));
            case "drop" ->
                new Piece.Drop(
                        p.text("name"),
                        Length.ofMm(p.number("down")),
                        p.maybeText("size"),
                        p.maybeWord("off", TakeOff.class).orElse(TakeOff.TOP),
                        p.maybeNumber("leg").map(Length::ofMm),
                        new Outlet(
                                p.words("tools"),
                                p.maybeText("who"),
                                p.maybeNumber("hose").map(Length::ofMm),
                                p.maybeNumber("hoseBore").map(Length::ofMm),
                                p.flag("treatment")));
            case "drain" -> new Piece.Drain(p.text("name"), Length.ofMm(p.number("down")));
            case "valve" -> new Piece.Valve(p.text("name"));
            case "feed" -> new Piece.Feed(p.text("name"), p.text("compressor"));
            case "tank" -> new Piece.Tank(p.text("name"), Volume.ofLitres(p.number("litres")));
            case "cap" -> new Piece.Cap(p.text("name"));
            case "from" -> new Piece.From(Say.it("air-json.from", "text", p.text("to")), p.text("to"));
            case "close" -> new Piece.Close(p.text("name"), p.text("to"), p.maybeText("size"));
            default -> throw p.wrong("piece", Say.it("air-json.none-pipe-hose-drop"));
        };
    }

    private static Use use(Fields f) throws BookTrouble {
        Use u = Use.USUAL;
        return new Use(
                f.maybeNumber("leak").orElse(u.leak()),
                f.maybeNumber("growth").orElse(u.growth()),
                f.maybeNumber("hoursADay").orElse(u.hoursADay()),
                f.maybeNumber("daysAYear").map(Double::intValue).orElse(u.daysAYear()),
                f.maybeNumber("kilowattHour").orElse(u.kilowattHour()),
                f.maybeNumber("drainedEvery").map(Double::intValue).orElse(u.drainedEvery()));
    }

    private static Making making(Fields f) throws BookTrouble {
        Making u = Making.USUAL;
        List<Making.OldBar> old = new ArrayList<>();
        for (Fields o : f.array("old")) {
            old.add(new Making.OldBar(
                    o.text("system"), o.text("size"), Length.ofMm(o.number("length")), (int) o.number("count")));
        }
        return new Making(
                f.maybeNumber("kerf").map(Length::ofMm).orElse(u.kerf()),
                f.has("trim") ? f.flag("trim") : u.trim(),
                f.flag("parcel"),
                f.maybeWord("hung", Making.Hung.class).orElse(u.hung()),
                f.maybeNumber("rod").map(Length::ofMm).orElse(u.rod()),
                f.flag("nipples"),
                old);
    }

    private static Held held(Fields f) throws BookTrouble {
        AirReference reference = f.has("reference") ? f.word("reference", REFERENCES) : AirReference.ISO1217;
        return new Held(
                ReadingsJson.read(f),
                f.maybeNumber("allowed").map(l -> new FreeAir(l, reference)).orElse(Held.NOT_YET.allowed()),
                f.maybeNumber("gaugeStep").map(PressureDifference::ofBar).orElse(Held.NOT_YET.gaugeStep()),
                f.flag("receiver"));
    }
}
