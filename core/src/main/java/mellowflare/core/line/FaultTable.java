package mellowflare.core.line;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.flow.fault.Probed;
import mellowflare.core.flow.fault.Reading;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.PressureDifference;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.table.FigureTable;
import mellowflare.core.table.FigureTable.Column;
import mellowflare.core.table.FigureTable.Row;

/** Every place of a network with the pressure that should stand there now, and what was read. */
public final class FaultTable {
    private static final int OFF = 3;

    private FaultTable() {}

    /**
     * @param net with what runs now
     * @param readings so far
     */
    public static FigureTable of(Probing line, Probed net, List<Reading> readings, UnitSystem units) {
        Map<String, GaugePressure> read = new HashMap<>();
        readings.forEach(r -> read.put(r.place(), r.pressure()));
        Map<String, GaugePressure> planned = net.at(read).pressures(Optional.empty());
        return FigureTable.of(
                FigureTable.What.PRESSURES,
                Say.it("fault-table.pressures"),
                List.of(
                        Column.words(Say.it("fault-table.place")),
                        Column.figures(Say.it("fault-table.planned")),
                        Column.figures(Say.it("fault-table.read")),
                        Column.figures(Say.it("fault-table.lacks"))),
                net.places().stream()
                        .map(p -> row(
                                line,
                                p,
                                Optional.ofNullable(planned.get(p)),
                                Optional.ofNullable(read.get(p)),
                                net,
                                units))
                        .toList());
    }

    private static Row row(
            Probing line,
            String place,
            Optional<GaugePressure> planned,
            Optional<GaugePressure> read,
            Probed net,
            UnitSystem units) {
        Optional<Double> lacks = planned.flatMap(p -> read.map(r -> p.bar() - r.bar()));
        Row row = Row.of(
                place,
                planned.map(p -> line.pressure(p).text(units)).orElse(FigureTable.OPEN),
                read.map(p -> line.pressure(p).text(units)).orElse(FigureTable.OPEN),
                lacks.map(l -> line.lost(PressureDifference.ofBar(l)).text(units))
                        .orElse(FigureTable.OPEN));
        // Three times what a gauge may be off is no scatter.
        return lacks.filter(l -> Math.abs(l) > 3 * net.scatter().bar()).isPresent() ? row.out(OFF) : row;
    }
}
