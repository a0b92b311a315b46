package mellowflare.core.machine;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.job.Evaluation;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.LengthText;
import mellowflare.core.measure.QuantityText;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.procedure.RecordField;
import mellowflare.core.procedure.Step;
import mellowflare.core.procedure.StepEntry;
import mellowflare.core.table.FigureTable;
import mellowflare.core.table.FigureTable.Column;
import mellowflare.core.table.FigureTable.Row;
import mellowflare.core.table.FigureTable.What;

/**
 * A figure of a line as it is planned now and as it was written down when it was made. A plan that was changed afterwards shows here.
 *
 * @param line what the line is called
 * @param what was written down, at which step
 * @param planned as the plan has it now
 * @param built as it was written down
 * @param off whether what was built is not what is planned now
 */
public record AsBuilt(String line, String what, String planned, String built, boolean off) {
    private static final int BUILT = 3;

    /** Every figure that was written down at a tick, line by line in the order of work. */
    public static List<AsBuilt> of(List<Evaluation> lines) {
        List<AsBuilt> all = new ArrayList<>();
        for (Evaluation e : lines) {
            UnitSystem units = e.job().units();
            for (Step s : e.steps()) {
                Optional<StepEntry> entry = e.job().log().entry(s.id());
                for (RecordField f : s.records()) {
                    entry.map(x -> x.figures().get(f.id()))
                            .ifPresent(built -> all.add(new AsBuilt(
                                    e.job().title(),
                                    Say.it("as-built.what", "label", f.label(), "step", s.title()),
                                    planned(f, units),
                                    built,
                                    off(f, built, units))));
                }
            }
            e.job()
                    .log()
                    .readBack()
                    .filter(r -> !e.bench().readBackHolds())
                    .ifPresent(r -> e.cut()
                            .ifPresent(cut -> all.add(new AsBuilt(
                                    e.job().title(),
                                    Say.it("as-built.read-back"),
                                    LengthFormat.shop(cut, units),
                                    LengthFormat.shop(r.figure(), units),
                                    true))));
        }
        return all;
    }

    private static String planned(RecordField f, UnitSystem units) {
        return f.lengthBand()
                .map(b -> Say.it(
                        "as-built.band",
                        "low",
                        LengthFormat.figure(b.low(), units),
                        "high",
                        LengthFormat.figure(b.high(), units)))
                .orElseGet(() -> Say.it(
                        "as-built.least",
                        "least",
                        Figure.of(f.atLeast().orElseThrow()).text(units)));
    }

    private static boolean off(RecordField f, String built, UnitSystem units) {
        return f.lengthBand()
                .map(b -> LengthText.read(built, units).value().filter(b::holds).isEmpty())
                .orElseGet(() -> QuantityText.pressure(built, Optional.empty())
                        .value()
                        .filter(p -> p.compareTo(f.atLeast().orElseThrow()) >= 0)
                        .isEmpty());
    }

    /** As a table. */
    public static FigureTable table(List<AsBuilt> all) {
        return FigureTable.of(
                What.BUILT,
                Say.it("as-built.title"),
                List.of(
                        Column.words(Say.it("machine-tables.line")),
                        Column.words(Say.it("machine-tables.what")),
                        Column.figures(Say.it("as-built.planned")),
                        Column.figures(Say.it("as-built.built"))),
                all.stream()
                        .map(a -> {
                            Row row = Row.of(a.line, a.what, a.planned, a.built);
                            return a.off ? row.out(BUILT) : row;
                        })
                        .toList());
    }
}
