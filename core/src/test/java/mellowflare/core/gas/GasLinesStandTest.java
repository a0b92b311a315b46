package mellowflare.core.gas;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.core.Stands;
import mellowflare.core.advice.Figure;
import mellowflare.core.gas.line.GasLine;
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
                .shares(java.util.Map.of("g20", 1.0))
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
}
