package mellowflare.core.air;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import mellowflare.core.Stands;
import mellowflare.core.Variants;
import mellowflare.core.air.cut.CutWork;
import mellowflare.core.air.day.DayRun;
import mellowflare.core.air.day.DayTables;
import mellowflare.core.air.main.AirMain;
import mellowflare.core.air.main.Making;
import mellowflare.core.air.main.Plant;
import mellowflare.core.air.size.Sizing;
import mellowflare.core.air.stock.PipeSystem;
import mellowflare.core.air.stock.PipeSystems;
import mellowflare.core.air.water.Water;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.measure.Length;
import org.junit.jupiter.api.Test;

/** Mains worked out as they were when they were last looked through: pressures, water, cuts, rods, a day, sizes. A line that differs is a fault, or to be taken over ({@link Stands}). */
class MainsStandTest {
    private static String litres(double l) {
        return Stands.figure(l);
    }

    private static String mm(Length l) {
        return Stands.figure(l.mm());
    }

    private static List<String> flow(AirCase c) {
        List<String> lines = new ArrayList<>();
        lines.add("needed " + Stands.figure(c.need().needed().litresPerMinute()) + " mean "
                + Stands.figure(c.need().mean().litresPerMinute()) + " delivered "
                + Stands.figure(c.delivered().litresPerMinute()) + " stored "
                + Stands.figure(c.stored().litres()));
        lines.add("tightest " + c.together().tight().orElse("-") + " margin "
                + Stands.figure(c.together().margin().bar()));
        c.together().flow().pipes().stream()
                .sorted(Comparator.comparing(p -> p.pipe().name()))
                .forEach(p -> lines.add(
                        p.pipe().name() + " drop " + Stands.figure(p.drop().bar() * 1000)
                                + " mbar, " + Stands.figure(p.metresPerSecond()) + " m/s, up "
                                + c.oneSizeUp(p.pipe().name())
                                        .map(d -> Stands.figure(d.bar() * 1000))
                                        .orElse("-")));
        return lines;
    }

    private static List<String> water(AirCase c) {
        List<String> lines = new ArrayList<>();
        Water w = c.water().orElseThrow();
        lines.add("water drawn " + litres(w.drawn()) + " receiver " + litres(w.inReceiver()) + " pipes "
                + litres(w.inPipes()));
        w.fallen()
                .forEach(f -> lines.add("falls " + f.run() + " " + litres(f.litres()) + " from "
                        + Stands.figure(f.in().celsius()) + " to "
                        + Stands.figure(f.out().celsius())));
        w.gathered()
                .forEach(g -> lines.add("gathers " + g.place() + " " + litres(g.litres()) + " leg "
                        + g.leg()
                                .map(l -> litres(l.volume().litres()) + " full "
                                        + l.daysToFull().map(Stands::figure).orElse("-"))
                                .orElse("-")));
        lines.add("wettest " + w.wettest(3).stream().map(Water.Fallen::run).collect(Collectors.joining(", ")));
        return lines;
    }

    private static List<String> cuts(AirCase c) {
        List<String> lines = new ArrayList<>();
        CutWork w = c.work().orElseThrow();
        lines.add("cut price " + Stands.figure(w.price()) + " kg " + Stands.figure(w.kilograms()) + " joints "
                + w.joints() + " hangers " + w.hangers());
        w.stretches()
                .forEach(s -> lines.add("stretch " + s.name() + " centres " + mm(s.centres()) + " between "
                        + mm(s.between()) + " pieces "
                        + s.pieces().stream().map(MainsStandTest::mm).collect(Collectors.joining(" ")) + " nipple "
                        + s.nipple().map(MainsStandTest::mm).orElse("-") + " rods "
                        + w.rods(s).stream()
                                .map(r -> mm(r.along()) + ":" + mm(r.length()))
                                .collect(Collectors.joining(" "))));
        w.parts()
                .forEach(p -> lines.add(
                        "part " + p.name() + " " + Stands.figure(p.count()) + " at " + Stands.figure(p.each())));
        w.hoses().forEach(h -> lines.add("hose " + h.name() + " " + mm(h.bore()) + " " + mm(h.length())));
        w.bars(c.main(), c.system().orElseThrow())
                .forEach((k, p) -> p.bars()
                        .forEach(b -> lines.add("bar " + k + " of " + b.stock().name() + " "
                                + b.pieces().stream()
                                        .map(x -> x.name() + "=" + mm(x.length()))
                                        .collect(Collectors.joining(" "))
                                + " left " + mm(b.remnant()))));
        return lines;
    }

    private static List<String> day(AirCase c) {
        DayRun d = DayRun.of(c, 7, p -> {}, () -> false).orElseThrow();
        List<String> lines = new ArrayList<>();
        lines.add("day starts " + d.starts() + " an hour " + Stands.figure(d.startsAnHour()) + " loaded "
                + Stands.figure(d.loaded()) + " lowest "
                + Stands.figure(d.lowest().bar()) + " used "
                + Stands.figure(d.used()) + " kWh " + Stands.figure(d.kilowattHours()) + " samples "
                + d.samples().size());
        DayTables.of(c, d).forEach(t -> t.rows().forEach(r -> lines.add(t.what() + " " + r)));
        d.lacking().forEach(l -> lines.add("lacks " + l.outlet() + " " + l.seconds()));
        for (int i = 0; i < d.samples().size(); i += 60) {
            DayRun.Sample s = d.samples().get(i);
            lines.add("at " + Stands.figure(s.seconds()) + " "
                    + Stands.figure(s.low().bar()) + " to "
                    + Stands.figure(s.high().bar()) + " drawn "
                    + Stands.figure(s.drawn().litresPerMinute()) + " running " + s.running());
        }
        return lines;
    }

    @Test
    void testMainsStandAsTheyWereLookedThrough() {
        List<String> lines = new ArrayList<>();
        for (AirMain m : List.of(
                AirSamples.small(),
                AirSamples.ring(),
                AirSamples.comb(9),
                AirSamples.small()
                        .withSystem(Optional.of("steel-thread"))
                        .withSize(Optional.of("1"))
                        .withDropSize(Optional.of("1/2")))) {
            AirCase c = AirSamples.of(m);
            lines.addAll(flow(c));
            lines.addAll(water(c));
            lines.addAll(cuts(c));
        }
        Stands.as(getClass(), "mains.txt", lines);
    }

    @Test
    void testDaysStandAsTheyWereLookedThrough() {
        List<String> lines = new ArrayList<>(day(AirSamples.of(AirSamples.small())));
        lines.addAll(day(AirSamples.of(AirSamples.ring())));
        lines.addAll(day(AirSamples.of(AirSamples.comb(9))));
        lines.addAll(day(AirSamples.of(AirSamples.ring().withPlant(Plant.UNSAID.withCompressor(Optional.of("k-24"))))));
        Stands.as(getClass(), "days.txt", lines);
    }

    @Test
    void testSizesStandAsTheyWereLookedThrough() {
        List<String> lines = new ArrayList<>();
        PipeSystems systems = AirSamples.DATA.get(PipeSystems.KEY);
        AirMain old = AirSamples.small()
                .withMaking(Making.USUAL.withOld(List.of(
                        new Making.OldBar("copper", "28", Length.ofMm(4000), 2),
                        new Making.OldBar("ringed-aluminium", "32", Length.ofMm(3000), 9),
                        new Making.OldBar("steel-thread", "1", Length.ofMm(6000), 1))));
        for (AirMain m : List.of(AirSamples.small(), AirSamples.ring(), old)) {
            AirCase c = AirSamples.of(m);
            for (PipeSystem s : systems.all()) {
                if (m == old
                        && old.making().old().stream().noneMatch(o -> o.system().equals(s.id()))) {
                    continue;
                }
                for (Sizing.Way way : Sizing.Way.values()) {
                    Sizing.of(c, s, way, p -> {}, () -> false)
                            .ifPresent(z -> lines.add(s.id() + " " + way + " " + z.possible() + " margin "
                                    + Stands.figure(z.margin().bar()) + " truck "
                                    + Stands.figure(z.byTruck().price()) + " parcel "
                                    + Stands.figure(z.byParcel().price()) + " "
                                    + "tried " + z.tried() + " "
                                    + z.used().stream().map(u -> u.size()).collect(Collectors.joining(","))));
                }
            }
        }
        Stands.as(getClass(), "sizes.txt", lines);
    }

    private static final Map<String, List<?>> WORDS = Map.of(
            "system", List.of("copper", "steel-thread", "nobody's"),
            "size", List.of("20", "32", "1/2"),
            "dropSize", List.of("25"),
            "compressor", List.of("s-5", "s-22"));

    @Test
    void testAMainChangedInOnePlaceStandsAsItWasLookedThrough() {
        List<String> lines = new ArrayList<>();
        for (AirMain base : List.of(AirSamples.small(), AirMain.NEW)) {
            lines.addAll(Stands.apart(Variants.of(base, WORDS).stream()
                    .map(v -> Stands.changed(v, l -> AirPlan.of(AirSamples.of(l))))
                    .toList()));
        }
        Stands.as(
                getClass(),
                "mendings.txt",
                Stands.mendings(AirMainKind.AIR, AirPlan.of(AirSamples.of(AirSamples.small()))));
        Stands.as(getClass(), "changed.txt", lines);
    }

    @Test
    void testItIsOfItsKind() {
        Stands.kind(AirMainKind.AIR, "air", false, 1);
    }
}
