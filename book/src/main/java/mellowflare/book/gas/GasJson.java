package mellowflare.book.gas;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import mellowflare.book.BookTrouble;
import mellowflare.book.json.Fields;
import mellowflare.book.json.HereJson;
import mellowflare.book.json.ReadingsJson;
import mellowflare.book.json.Words;
import mellowflare.core.gas.layout.Piece;
import mellowflare.core.gas.line.GasLine;
import mellowflare.core.gas.line.GasSite;
import mellowflare.core.gas.line.GasSource;
import mellowflare.core.gas.line.GasTest;
import mellowflare.core.gas.stock.Drawn;
import mellowflare.core.gas.stock.GasSystem;
import mellowflare.core.measure.Area;
import mellowflare.core.measure.FreeAir;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.HeatingValue;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Power;
import mellowflare.core.measure.PressureDifference;
import mellowflare.core.measure.Temperature;
import mellowflare.core.parts.Here;
import mellowflare.core.run.walk.Station;

/** A gas line to and from a tree. Lengths in mm, pressures of the gas in mbar, of the test in bar, power in kW, heat in MJ/m3, areas in cm2. */
final class GasJson {
    private GasJson() {}

    static ObjectNode write(GasLine l) {
        ObjectNode n = JsonNodeFactory.instance.objectNode();
        n.putObject("station")
                .put("along", l.station().along().mm())
                .put("across", l.station().across().mm())
                .put("height", l.station().height().mm())
                .put("heading", 90 * l.station().heading());
        ArrayNode walk = n.putArray("walk");
        l.pieces().forEach(p -> PieceJson.write(p, walk.addObject()));
        if (!l.shares().isEmpty()) {
            ObjectNode shares = n.putObject("gas");
            l.shares().forEach(shares::put);
        }
        l.heating().ifPresent(h -> n.put("heatingValue", h.megajoulesPerCubicMetre()));
        l.pressure().ifPresent(p -> n.put("appliancePressure", p));
        l.code().ifPresent(c -> n.put("code", c));
        if (!l.source().equals(GasSource.UNSAID)) {
            n.set("source", source(l.source()));
        }
        l.system().ifPresent(s -> n.put("system", s));
        l.size().ifPresent(s -> n.put("size", s));
        l.drop().ifPresent(d -> n.put("allowedDrop", d.millibar()));
        if (!l.site().equals(GasSite.UNSAID)) {
            n.set("site", site(l.site()));
        }
        if (!l.test().equals(GasTest.NOT_YET)) {
            n.set("test", test(l.test()));
        }
        if (!l.here().equals(Here.UNSAID)) {
            n.set("here", HereJson.write(l.here()));
        }
        return n;
    }

    private static ObjectNode source(GasSource s) {
        ObjectNode n = JsonNodeFactory.instance.objectNode();
        if (s.feed() != GasSource.Feed.UNSAID) {
            n.put("feed", Words.of(s.feed()));
        }
        s.cylinder().ifPresent(c -> n.put("cylinder", c));
        n.put("count", s.count()).put("fill", s.fill()).put("drawn", Words.of(s.drawn()));
        if (s.stands() != GasSource.Stands.UNSAID) {
            n.put("stands", Words.of(s.stands()));
        }
        s.regulator().ifPresent(r -> n.put("regulator", r));
        s.pressure().ifPresent(p -> n.put("pressure", p.millibar()));
        s.capacity().ifPresent(p -> n.put("capacity", p.kilowatts()));
        return n;
    }

    private static ObjectNode site(GasSite s) {
        ObjectNode n = JsonNodeFactory.instance.objectNode();
        n.put("coldest", s.coldest().celsius()).put("altitude", s.altitude().mm());
        s.joint().ifPresent(j -> n.put("joint", Words.of(j)));
        s.sealant().ifPresent(x -> n.put("sealant", Words.of(x)));
        s.openings().ifPresent(a -> n.put("openings", a.squareCentimetres()));
        flags(s).forEach((name, is) -> is.ifPresent(b -> n.put(name, b)));
        return n;
    }

    private static Map<String, Optional<Boolean>> flags(GasSite s) {
        Map<String, Optional<Boolean>> all = new LinkedHashMap<>();
        all.put("sleeping", s.sleeping());
        all.put("gasDetector", s.gasDetector());
        all.put("coDetector", s.coDetector());
        all.put("proved", s.proved());
        all.put("guarded", s.guarded());
        all.put("pullOut", s.pullOut());
        all.put("hot", s.hot());
        all.put("buriedByCode", s.buriedByCode());
        all.put("licensed", s.licensed());
        return all;
    }

    private static ObjectNode test(GasTest t) {
        ObjectNode n = JsonNodeFactory.instance.objectNode();
        ReadingsJson.write(t.readings(), n.putArray("readings"));
        n.put("allowed", t.allowed().litresPerMinute())
                .put("gaugeStep", t.gaugeStep().bar());
        t.apart().ifPresent(a -> n.put("apart", a));
        ArrayNode soaped = n.putArray("soaped");
        new TreeSet<>(t.soaped()).forEach(soaped::add);
        return n;
    }

    /** Impossible values are refused by the line's own types, whose sentences reach the reader. */
    static GasLine read(Fields f) throws BookTrouble {
        List<Piece> pieces = new ArrayList<>();
        for (Fields p : f.array("walk")) {
            pieces.add(PieceJson.read(p));
        }
        Map<String, Double> shares = new LinkedHashMap<>();
        Fields gas = f.object("gas");
        for (String id : gas.names()) {
            shares.put(id, gas.number(id));
        }
        return new GasLine(
                f.has("station") ? station(f.object("station")) : Station.CORNER,
                pieces,
                shares,
                f.maybeNumber("heatingValue").map(HeatingValue::new),
                f.maybeText("appliancePressure"),
                f.maybeText("code"),
                f.has("source") ? source(f.object("source")) : GasSource.UNSAID,
                f.maybeText("system"),
                f.maybeText("size"),
                f.maybeNumber("allowedDrop").map(PressureDifference::ofMillibar),
                f.has("site") ? site(f.object("site")) : GasSite.UNSAID,
                f.has("test") ? test(f.object("test")) : GasTest.NOT_YET,
                f.has("here") ? HereJson.read(f.object("here")) : Here.UNSAID);
    }

    private static Station station(Fields at) throws BookTrouble {
        double degrees = at.maybeNumber("heading").orElse(0.0);
        if (degrees != 0 && degrees != 90 && degrees != 180 && degrees != 270) {
            throw at.wrong("heading", Say.it("gas-json.heading"));
        }
        return new Station(
                Length.ofMm(at.number("along")),
                Length.ofMm(at.number("across")),
                Length.ofMm(at.number("height")),
                (int) (degrees / 90));
    }

    private static GasSource source(Fields f) throws BookTrouble {
        GasSource u = GasSource.UNSAID;
        return new GasSource(
                f.maybeWord("feed", GasSource.Feed.class).orElse(u.feed()),
                f.maybeText("cylinder"),
                f.maybeNumber("count").map(Double::intValue).orElse(u.count()),
                f.maybeNumber("fill").orElse(u.fill()),
                f.maybeWord("drawn", Drawn.class).orElse(u.drawn()),
                f.maybeWord("stands", GasSource.Stands.class).orElse(u.stands()),
                f.maybeText("regulator"),
                f.maybeNumber("pressure").map(GaugePressure::ofMillibar),
                f.maybeNumber("capacity").map(Power::ofKilowatts));
    }

    private static Optional<Boolean> flag(Fields f, String name) throws BookTrouble {
        return f.has(name) ? Optional.of(f.flag(name)) : Optional.empty();
    }

    private static GasSite site(Fields f) throws BookTrouble {
        GasSite u = GasSite.UNSAID;
        return new GasSite(
                f.maybeNumber("coldest").map(Temperature::ofCelsius).orElse(u.coldest()),
                f.maybeNumber("altitude").map(Length::ofMm).orElse(u.altitude()),
                f.maybeWord("joint", GasSystem.Joint.class),
                f.maybeWord("sealant", GasSite.Sealant.class),
                flag(f, "sleeping"),
                f.maybeNumber("openings").map(Area::ofSquareCentimetres),
                flag(f, "gasDetector"),
                flag(f, "coDetector"),
                flag(f, "proved"),
                flag(f, "guarded"),
                flag(f, "pullOut"),
                flag(f, "hot"),
                flag(f, "buriedByCode"),
                flag(f, "licensed"));
    }

    private static GasTest test(Fields f) throws BookTrouble {
        GasTest u = GasTest.NOT_YET;
        return new GasTest(
                ReadingsJson.read(f),
                f.maybeNumber("allowed").map(FreeAir::ofLitresPerMinute).orElse(u.allowed()),
                f.maybeNumber("gaugeStep").map(PressureDifference::ofBar).orElse(u.gaugeStep()),
                flag(f, "apart"),
                Set.copyOf(f.words("soaped")));
    }
}
