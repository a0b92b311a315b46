package mellowflare.core.gas;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.gas.layout.GasText;
import mellowflare.core.gas.net.CheapestSizes;
import mellowflare.core.gas.stock.GasSize;
import mellowflare.core.gas.work.GasCase;
import mellowflare.core.gas.work.Inlet;
import mellowflare.core.gas.work.Section;
import mellowflare.core.line.ListTable;
import mellowflare.core.line.PartsTable;
import mellowflare.core.line.Take;
import mellowflare.core.measure.GasFlow;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.table.FigureTable;
import mellowflare.core.table.FigureTable.Column;
import mellowflare.core.table.FigureTable.Row;
import mellowflare.core.table.FigureTable.What;

/** The figures of a gas line: what each appliance gets, and what each stretch carries and loses. */
public final class GasTables {
    private static final int NOW = 3;
    private static final int CARRIES = 3;
    private static final int BY_LONGEST = 7;

    private GasTables() {}

    static List<FigureTable> of(GasCase c, List<Take> takes) {
        List<FigureTable> all = new ArrayList<>();
        if (!c.inlets().isEmpty()) {
            all.add(appliances(c));
        }
        if (!c.sections().isEmpty()) {
            all.add(sections(c));
        }
        PartsTable.taken(takes).ifPresent(all::add);
        if (!c.line().pieces().isEmpty()) {
            all.add(ListTable.walk(c.line().pieces().stream()
                    .map(p -> GasText.write(p, c.units()))
                    .toList()));
        }
        return all;
    }

    private static FigureTable appliances(GasCase c) {
        UnitSystem units = c.units();
        List<Row> rows = new ArrayList<>();
        for (Inlet i : c.inlets()) {
            Row row = Row.of(
                    i.name(),
                    i.input().map(p -> Figure.of(p).text(units)).orElse(FigureTable.OPEN),
                    pressure(i.before(), units),
                    pressure(i.pressure(), units),
                    pressure(i.least(), units));
            rows.add(i.shortOf() ? row.out(NOW) : row);
        }
        return FigureTable.of(
                What.PRESSURES,
                Say.it("gas-tables.appliances"),
                List.of(
                        Column.words(Say.it("gas-tables.appliance")),
                        Column.figures(Say.it("gas-tables.input")),
                        Column.figures(Say.it("gas-tables.before")),
                        Column.figures(Say.it("gas-tables.now")),
                        Column.figures(Say.it("gas-tables.least"))),
                rows);
    }

    private static FigureTable sections(GasCase c) {
        UnitSystem units = c.units();
        List<Row> rows = new ArrayList<>();
        for (Section s : c.sections()) {
            Row row = Row.of(
                    s.name(),
                    size(s, units),
                    new Figure.OfReach(s.run().run().length()).text(units),
                    Figure.of(s.flow()).text(units),
                    flow(s.byLongest(), units),
                    new Figure.OfGasDrop(s.byEquation()).text(units),
                    new Figure.OfGasDrop(s.byDarcy()).text(units),
                    new Figure.OfSpeed(s.metresPerSecond()).text(units));
            rows.add(s.overLongest() ? row.out(CARRIES) : row);
        }
        return FigureTable.of(
                What.STRETCHES,
                Say.it("gas-tables.sections"),
                List.of(
                        Column.words(Say.it("gas-tables.pipe")),
                        Column.words(Say.it("gas-tables.size")),
                        Column.figures(Say.it("gas-tables.long")),
                        Column.figures(Say.it("gas-tables.carries")),
                        Column.figures(Say.it("gas-tables.may-carry")),
                        Column.figures(Say.it("gas-tables.equation")),
                        Column.figures(Say.it("gas-tables.darcy")),
                        Column.figures(Say.it("gas-tables.speed"))),
                rows);
    }

    /**
     * Every stretch with all that sizing looks at.
     *
     * @param better sizes that would serve, by the name of the stretch; what is the same as now is not shown
     */
    public static FigureTable sizing(GasCase c, Map<String, CheapestSizes.Choice> better) {
        UnitSystem units = c.units();
        List<Row> rows = new ArrayList<>();
        for (Section s : c.sections()) {
            Row row = Row.of(
                    s.name(),
                    size(s, units),
                    Optional.ofNullable(better.get(s.name()))
                            .map(CheapestSizes.Choice::size)
                            .filter(x -> !x.equals(size(s, units)))
                            .map(x -> Say.it("gas-tables.to", "size", x))
                            .orElse(""),
                    new Figure.OfReach(s.run().run().length()).text(units),
                    new Figure.OfReach(s.fittings()).text(units),
                    Figure.of(s.load()).text(units),
                    Figure.of(s.flow()).text(units),
                    flow(s.byLongest(), units),
                    flow(s.byBranch(), units),
                    new Figure.OfGasDrop(s.byEquation()).text(units),
                    new Figure.OfGasDrop(s.byDarcy()).text(units),
                    new Figure.OfSpeed(s.metresPerSecond()).text(units));
            rows.add(s.overLongest() ? row.out(BY_LONGEST) : row);
        }
        return FigureTable.of(
                        What.STRETCHES,
                        Say.it("gas-tables.sections"),
                        List.of(
                                Column.words(Say.it("gas-tables.pipe")),
                                Column.words(Say.it("gas-tables.size")),
                                Column.words(Say.it("gas-tables.better")),
                                Column.figures(Say.it("gas-tables.long")),
                                Column.figures(Say.it("gas-tables.fittings")),
                                Column.figures(Say.it("gas-tables.load")),
                                Column.figures(Say.it("gas-tables.carries")),
                                Column.figures(Say.it("gas-tables.longest")),
                                Column.figures(Say.it("gas-tables.branch")),
                                Column.figures(Say.it("gas-tables.equation")),
                                Column.figures(Say.it("gas-tables.darcy")),
                                Column.figures(Say.it("gas-tables.speed"))),
                        rows)
                .withNote(Say.it("gas-tables.how"));
    }

    private static String size(Section s, UnitSystem units) {
        return s.run()
                .size()
                .map(GasSize::size)
                .or(() -> s.run().bore().map(b -> LengthFormat.figure(b, units)))
                .orElse(FigureTable.OPEN);
    }

    private static String pressure(Optional<GaugePressure> p, UnitSystem units) {
        return p.map(x -> new Figure.OfGasPressure(x).text(units)).orElse(FigureTable.OPEN);
    }

    private static String flow(Optional<GasFlow> f, UnitSystem units) {
        return f.map(x -> Figure.of(x).text(units)).orElse(FigureTable.OPEN);
    }
}
