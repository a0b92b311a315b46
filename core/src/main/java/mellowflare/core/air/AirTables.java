package mellowflare.core.air;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Subject;
import mellowflare.core.air.cut.CutWork;
import mellowflare.core.air.layout.WalkText;
import mellowflare.core.air.water.Water;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.flow.network.NetworkFlow;
import mellowflare.core.line.BarTable;
import mellowflare.core.line.ListTable;
import mellowflare.core.line.PartsTable;
import mellowflare.core.measure.AirReference;
import mellowflare.core.measure.FreeAir;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.PressureDifference;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.run.stock.PipeSize;
import mellowflare.core.run.walk.Sized;
import mellowflare.core.run.walk.Walked;
import mellowflare.core.table.FigureTable;
import mellowflare.core.table.FigureTable.Column;
import mellowflare.core.table.FigureTable.Row;
import mellowflare.core.table.FigureTable.What;

/** The figures of a workshop main: pressures, heights, water, bars, rods, hoses and parts. */
final class AirTables {
    private static final int WETTEST = 5;
    private static final int HEAVIEST = 6;
    /** A gain that no gauge shows (bar). */
    private static final double GIVES_NOTHING = 0.0005;

    private static final List<What> ORDER = List.of(
            What.PRESSURES,
            What.STRETCHES,
            What.HEIGHTS,
            What.FALLS,
            What.WATER,
            What.BARS,
            What.NIPPLES,
            What.RODS,
            What.HOSES,
            What.PARTS,
            What.WALK);

    private final AirCase c;
    private final UnitSystem units;

    private static final List<What> ABOUT = List.of(What.PRESSURES, What.HEIGHTS, What.FALLS, What.WATER, What.HOSES);

    private AirTables(AirCase c) {
        this.c = c;
        this.units = c.units();
    }

    static List<FigureTable> of(AirCase c) {
        return ORDER.stream().flatMap(w -> of(c, w).stream()).toList();
    }

    /** What they say of one part, and what a pipe carries and loses. */
    static List<String> about(AirCase c, String part) {
        AirTables t = new AirTables(c);
        List<String> all = new ArrayList<>(c.heaviest(Integer.MAX_VALUE).stream()
                .filter(p -> p.pipe().name().equals(part))
                .flatMap(p -> t.stretches(List.of(t.carried(p))).about(part).stream())
                .toList());
        ABOUT.forEach(w -> of(c, w).ifPresent(x -> all.addAll(x.about(part))));
        return all;
    }

    /** One of them, without working the others out: bars take a search. */
    static Optional<FigureTable> of(AirCase c, What what) {
        AirTables t = new AirTables(c);
        Optional<CutWork> work = c.work().filter(w -> !w.stretches().isEmpty());
        Optional<FigureTable> table = switch (what) {
            case PRESSURES -> Optional.of(t.outlets());
            case HEIGHTS -> Optional.of(t.heights());
            case FALLS -> c.water().map(t::falls);
            case WATER -> c.water().map(t::water);
            case BARS -> work.flatMap(w -> c.system().map(s -> BarTable.of(w.bars(c.main(), s), t.units)));
            case NIPPLES -> work.map(t::nipples);
            case RODS -> work.map(t::rods);
            case HOSES -> work.map(t::hoses);
            case PARTS -> work.map(AirTables::parts);
            case STRETCHES ->
                Optional.of(t.stretches(
                        c.heaviest(HEAVIEST).stream().map(t::stretch).toList()));
            case LINES, DUE, HISTORY, BUILT, SUM, ENDS, SEALS, RUNGS, COSTS, BAG, BENDS, DAY, LACKS, ORDER, MEASURED ->
                Optional.empty();
            case WALK ->
                Optional.of(ListTable.walk(c.main().pieces().stream()
                        .map(p -> WalkText.write(p, t.units))
                        .toList()));
        };
        return table.filter(x -> !x.rows().isEmpty());
    }

    /** What stands at every outlet while the tools of the worst case run. */
    private FigureTable outlets() {
        List<Row> rows = c.walked().runs().stream()
                .filter(r -> r.kind() == Walked.Kind.DROP)
                .map(r -> outlet(r.to()))
                .toList();
        return FigureTable.of(
                What.PRESSURES,
                Say.it("air-tables.outlets"),
                List.of(
                        Column.words(Say.it("air-tables.outlet")),
                        Column.figures(Say.it("air-tables.pressure")),
                        Column.words(Say.it("air-tables.worst-case"))),
                rows);
    }

    private Row outlet(String name) {
        boolean running = c.together().scenario().running().containsKey(name);
        Optional<String> pressure = c.flows() && running
                ? c.pressure(AirCase.toolAt(name)).map(p -> Figure.of(p).text(units))
                : Optional.empty();
        String how = !running
                ? Say.it("air-tables.rests")
                : c.together().tight().filter(name::equals).isPresent()
                        ? Say.it("air-tables.tightest")
                        : Say.it("air-tables.runs");
        return Row.of(name, pressure.orElse(FigureTable.OPEN), how).about(Subject.OUTLET);
    }

    /** The pipes that lose most in the worst case, and what one size larger would give back. */
    private FigureTable stretches(List<Row> rows) {
        return FigureTable.of(
                What.STRETCHES,
                Say.it("air-tables.stretches"),
                List.of(
                        Column.words(Say.it("air-tables.pipe")),
                        Column.words(Say.it("air-tables.size")),
                        Column.figures(Say.it("air-tables.carries")),
                        Column.figures(Say.it("air-tables.speed")),
                        Column.figures(Say.it("air-tables.loses")),
                        Column.figures(Say.it("air-tables.one-larger"))),
                rows);
    }

    private Row stretch(NetworkFlow.InPipe p) {
        return stretch(
                p,
                c.oneSizeUp(p.pipe().name())
                        .map(d -> Figure.of(d.bar() < GIVES_NOTHING ? PressureDifference.ofBar(0) : d)
                                .text(units))
                        .orElse(FigureTable.OPEN));
    }

    /** Without what a larger size would give: that takes a solution of the whole main. */
    private Row carried(NetworkFlow.InPipe p) {
        return stretch(p, FigureTable.OPEN);
    }

    private Row stretch(NetworkFlow.InPipe p, String larger) {
        return Row.of(
                p.pipe().name(),
                c.sized().stream()
                        .filter(s -> s.name().equals(p.pipe().name()))
                        .findFirst()
                        .flatMap(Sized::size)
                        .map(PipeSize::size)
                        .orElse(FigureTable.OPEN),
                Figure.of(FreeAir.of(p.flow(), AirReference.ISO1217)).text(units),
                new Figure.OfSpeed(p.metresPerSecond()).text(units),
                Figure.of(p.drop()).text(units),
                larger);
    }

    /** What the chalk line is snapped by. */
    private FigureTable heights() {
        return FigureTable.of(
                What.HEIGHTS,
                Say.it("air-tables.heights"),
                List.of(
                        Column.words(Say.it("air-tables.run")),
                        Column.figures(Say.it("air-tables.long")),
                        Column.figures(Say.it("air-tables.start")),
                        Column.figures(Say.it("air-tables.end"))),
                c.fall().sections(c.walked()).stream()
                        .map(s -> Row.of(
                                s.run().name(),
                                LengthFormat.shop(s.run().length(), units),
                                LengthFormat.shop(s.first(), units),
                                LengthFormat.shop(s.second(), units)))
                        .toList());
    }

    /** Where water gathers, and how long a drip leg takes to fill. */
    private FigureTable water(Water water) {
        return FigureTable.of(
                What.WATER,
                Say.it("air-tables.water"),
                List.of(
                        Column.words(Say.it("air-tables.place")),
                        Column.figures(Say.it("air-tables.a-day")),
                        Column.figures(Say.it("air-tables.leg-holds")),
                        Column.figures(Say.it("air-tables.full-after"), Say.it("air-tables.days"))),
                water.gathered().stream()
                        .map(g -> Row.of(
                                g.place(),
                                litres(g.litres()),
                                g.leg().map(l -> litres(l.volume().litres())).orElse(FigureTable.OPEN),
                                g.leg()
                                        .flatMap(Water.Leg::daysToFull)
                                        .map(AirTables::days)
                                        .orElse(FigureTable.OPEN)))
                        .toList());
    }

    private static String days(double days) {
        return days < 1 ? Say.it("air-tables.soon") : LengthFormat.decimal(days, 0, 0);
    }

    /** The runs in which most falls out, as the air cools on its way. */
    private FigureTable falls(Water water) {
        return FigureTable.of(
                What.FALLS,
                Say.it("air-tables.falls"),
                List.of(
                        Column.words(Say.it("air-tables.run")),
                        Column.figures(Say.it("air-tables.a-day")),
                        Column.figures(Say.it("air-tables.comes-in")),
                        Column.figures(Say.it("air-tables.goes-on"))),
                water.wettest(WETTEST).stream()
                        .map(f -> Row.of(
                                f.run(),
                                litres(f.litres()),
                                Figure.of(f.in()).text(units),
                                Figure.of(f.out()).text(units)))
                        .toList());
    }

    private String litres(double litres) {
        return new Figure.OfLitres(litres).text(units);
    }

    private FigureTable rods(CutWork work) {
        List<Row> rows = new ArrayList<>();
        work.stretches().forEach(s -> {
            for (int i = 0; i < work.rods(s).size(); i++) {
                rows.add(Row.of(
                        s.name(),
                        Integer.toString(i + 1),
                        LengthFormat.shop(work.rods(s).get(i).length(), units)));
            }
        });
        return FigureTable.of(
                What.RODS,
                Say.it("air-tables.rods"),
                List.of(
                        Column.words(Say.it("air-tables.run")),
                        Column.figures(Say.it("air-tables.hanger")),
                        Column.figures(Say.it("air-tables.rod"))),
                rows);
    }

    /** Stretches so short that they are bought threaded. */
    private FigureTable nipples(CutWork work) {
        return FigureTable.of(
                What.NIPPLES,
                Say.it("air-tables.nipples"),
                List.of(
                        Column.words(Say.it("air-tables.run")),
                        Column.figures(Say.it("air-tables.between")),
                        Column.figures(Say.it("air-tables.nipple"))),
                work.stretches().stream()
                        .filter(s -> s.nipple().isPresent())
                        .map(s -> Row.of(
                                s.name(),
                                LengthFormat.shop(s.between(), units),
                                LengthFormat.shop(s.nipple().get(), UnitSystem.INCH)))
                        .toList());
    }

    private FigureTable hoses(CutWork work) {
        return FigureTable.of(
                What.HOSES,
                Say.it("air-tables.hoses"),
                List.of(
                        Column.words(Say.it("air-tables.hose-for")),
                        Column.figures(Say.it("air-tables.bore")),
                        Column.figures(Say.it("air-tables.cut"))),
                work.hoses().stream()
                        .map(h -> Row.of(
                                h.name(), LengthFormat.figure(h.bore(), units), LengthFormat.shop(h.length(), units)))
                        .toList());
    }

    private static FigureTable parts(CutWork work) {
        return PartsTable.of(work.parts().stream()
                .map(p -> new PartsTable.Part(
                        p.name(), p.count(), p.metres(), Optional.of(p.each()).filter(e -> e > 0)))
                .toList());
    }
}
