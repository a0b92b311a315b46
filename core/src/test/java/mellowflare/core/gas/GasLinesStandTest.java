package mellowflare.core.gas;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import mellowflare.core.Stands;
import mellowflare.core.Variants;
import mellowflare.core.advice.Figure;
import mellowflare.core.gas.line.GasLine;
import mellowflare.core.gas.line.GasSource;
import mellowflare.core.gas.work.Inlet;
import mellowflare.core.gas.work.Section;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.UnitSystem;
import org.junit.jupiter.api.Test;

/** Gas lines worked out as they were when they were last looked through: loads, drops by both laws, what each appliance gets, what was judged. */
class GasLinesStandTest {
    private static List<GasLine> lines() {
        List<GasLine> all = new ArrayList<>();
        String ring = "ring: appliance 7 kW inlet regulated vented";
        all.add(GasLines.line(
                "a: up 0.5 m size 12",
                "b: right 30 m size 12",
                ring,
                "c: ahead 3 m size 12",
                "heater: appliance 28 kW inlet regulated new vented"));
        all.add(GasLines.line(
                "a: up 0.5 m size 22",
                "b: right 30 m size 22",
                ring,
                "c: ahead 3 m size 15",
                "heater: appliance 28 kW inlet regulated new vented"));
        all.add(GasLines.line(
                "a: right 3 m",
                "x: appliance 10 kW inlet regulated instead heat",
                "y: appliance 6 kW inlet regulated instead heat",
                ring));
        all.add(GasLines.line("a: right 60 m size 12", "x: appliance 90 kW"));
        all.add(GasLines.line("a: right 1 m size 54", "x: appliance 40 kW hose 300 mm bore 4"));
        all.add(GasLines.line("a: right 2 m", "own: appliance 4 kW inlet own from 300"));
        all.add(GasLines.line(
                "a: right 8 m", "t: up 12 m", ring, "d: down 6 m", "z: appliance 12 kW inlet regulated vented"));
        all.add(GasLines.line(
                "a: right 6 m size 22",
                "b: up 2 m",
                "x: appliance 7 kW",
                "c: from a ahead 4 m size 15",
                "y: appliance 5 kW"));
        all.add(GasLines.line("a: right 6 m", ring)
                .with()
                .shares(Map.of("g20", 1.0))
                .build());
        all.add(GasLines.line("a: right 6 m", ring)
                .with()
                .size(Optional.empty())
                .build());
        return all;
    }

    private static String gas(Optional<GaugePressure> p) {
        return p.map(x -> new Figure.OfGasPressure(x).text(UnitSystem.METRIC)).orElse("-");
    }

    private static String said(Section s) {
        return s.name() + " load " + Stands.figure(s.load().kilowatts()) + " flow "
                + Stands.figure(s.flow().cubicMetresPerHour()) + " longest "
                + s.byLongest().map(f -> Stands.figure(f.cubicMetresPerHour())).orElse("-") + " branch "
                + s.byBranch().map(f -> Stands.figure(f.cubicMetresPerHour())).orElse("-") + " equation "
                + Stands.figure(s.byEquation().bar() * 1000) + " darcy "
                + Stands.figure(s.byDarcy().bar() * 1000) + " speed " + Stands.figure(s.metresPerSecond())
                + " fittings " + Stands.figure(s.fittings().mm()) + (s.overLongest() ? " over" : "");
    }

    private static String said(Inlet i) {
        return i.name() + " input "
                + i.input().map(p -> Stands.figure(p.kilowatts())).orElse("-") + " before "
                + gas(i.before()) + " now " + gas(i.pressure()) + " least " + gas(i.least()) + " greatest "
                + gas(i.greatest()) + " drop "
                + i.drop().map(d -> Stands.figure(d.bar() * 1000)).orElse("-")
                + (i.shortOf() ? " short" : "") + (i.starvedByNew() ? " starved" : "");
    }

    @Test
    void testGasLinesStandAsTheyWereLookedThrough() {
        List<String> said = new ArrayList<>();
        int number = 1;
        for (GasLine l : lines()) {
            GasPlan p = GasLines.plan(l);
            said.add("line " + number++);
            p.c().sections().forEach(s -> said.add(said(s)));
            p.c().inlets().forEach(i -> said.add(said(i)));
            said.addAll(Stands.plan(p));
        }
        Stands.as(getClass(), "lines.txt", said);
    }

    private static final Map<String, List<?>> WORDS = Map.of(
            "pressure", List.of("2h-20", "3b-30", "3p-50", "na-propane"),
            "code", List.of("nfpa54", "en1775"),
            "cylinder", List.of("kw-6", "kw-47"),
            "regulator", List.of("kw-single-37", "kw-twin-30", "kw-first-700", "kw-line-17"),
            "system", List.of("schedule40", "copper-l", "nobody's"),
            "size", List.of("12", "28", "1/2"));

    /** Mixtures as well, of gases of one state and of two. */
    private static List<GasLine> of(GasLine line) {
        return List.of(
                line,
                line.with().shares(Map.of("g30", 0.4, "g31", 0.6)).build(),
                line.with().shares(Map.of("butane", 0.3, "propane", 0.7)).build(),
                line.with().shares(Map.of("g20", 0.5, "propane", 0.5)).build());
    }

    @Test
    void testTheLineChangedInOnePlaceStandsAsItWasLookedThrough() {
        GasLine two = GasLines.line(
                "a: right 4 m size 22",
                "t: up 2 m",
                "ring: appliance 7 kW inlet regulated vented",
                "from a",
                "b: ahead 5 m",
                "heater: appliance 4 kW inlet regulated vented hose 300 mm bore 10");
        GasLine metered = GasLines.line("a: right 6 m size 28", "boiler: appliance 24 kW inlet regulated")
                .with()
                .shares(Map.of("g20", 1.0))
                .pressure(Optional.of("2h-20"))
                .source(GasSource.UNSAID.with().feed(GasSource.Feed.METER).build())
                .build();
        GasLine staged = GasLines.line(
                        "a: right 2 m size 12",
                        "first: appliance 4 kW inlet own from 300",
                        "r: regulator kw-low-37",
                        "b: right 4 m size 28",
                        "stove: appliance 20 kW inlet regulated")
                .with()
                .code(Optional.of("nfpa54"))
                .source(two.source()
                        .with()
                        .regulator(Optional.of("kw-first-700"))
                        .build())
                .build();
        List<Variants.Variant<GasLine>> mixed = new ArrayList<>();
        of(two).forEach(l -> mixed.add(new Variants.Variant<>(l.shares().toString(), l)));
        mixed.add(new Variants.Variant<>("nothing said", GasLine.NEW));
        List<String> lines = new ArrayList<>();
        for (List<Variants.Variant<GasLine>> some :
                List.of(mixed, Variants.of(two, WORDS), Variants.of(metered, WORDS), Variants.of(staged, WORDS))) {
            lines.addAll(Stands.apart(
                    some.stream().map(l -> Stands.changed(l, GasLines::plan)).toList()));
        }
        Stands.as(getClass(), "changed.txt", lines);
        Stands.as(
                getClass(),
                "mendings.txt",
                Stream.of(two, metered)
                        .flatMap(l -> Stands.mendings(GasLineKind.GAS, GasLines.plan(l)).stream())
                        .toList());
    }

    @Test
    void testItIsOfItsKind() {
        Stands.kind(GasLineKind.GAS, "gas", false, 1);
    }
}
