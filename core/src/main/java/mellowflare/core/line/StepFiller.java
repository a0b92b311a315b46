package mellowflare.core.line;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Subject;
import mellowflare.core.advice.Wording;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.fluid.Fluid;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthBand;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.parts.Here;
import mellowflare.core.parts.Tool;
import mellowflare.core.parts.ToolTable;
import mellowflare.core.procedure.RecordAsk;
import mellowflare.core.procedure.RecordField;
import mellowflare.core.procedure.Step;
import mellowflare.core.procedure.StepTable;
import mellowflare.core.procedure.ToolAsk;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.reference.Source;
import mellowflare.core.testing.TestAsk;

/**
 * Fills an order of work for one line: the one way in which a row becomes a step. What is not known yet reads as {@link #OPEN}, so that the order can be seen early.
 *
 * @param <S> a side of the line
 */
public final class StepFiller<S> {
    public static final String OPEN = "…";

    private final Ordered<S> line;
    private final StepTable table;
    private final UnitSystem units;
    private final List<Tool> tools;
    private final List<Tool> missing;
    private final Optional<Fluid> fluid;

    /**
     * @param line what is asked of the line
     * @param table its order of work
     * @param here what is at hand
     * @param fluid what runs in it
     * @param units the job's system
     * @param data the tables
     */
    public StepFiller(
            Ordered<S> line, StepTable table, Here here, Optional<Fluid> fluid, UnitSystem units, ReferenceData data) {
        this.line = line;
        this.table = table;
        this.units = units;
        this.fluid = fluid;
        this.tools = data.get(ToolTable.KEY).all();
        this.missing = tools.stream()
                .filter(t -> here.has(t).filter(has -> !has).isPresent())
                .toList();
    }

    /** What the order of work asks of a line. */
    public interface Ordered<S> {
        /** Words that hold for the whole line. */
        Set<String> words();

        /** Words that hold for a side. */
        Set<String> words(S side);

        /** Which side comes first in a block of rows that stand once for each. */
        List<S> order(List<StepTable.Row> block);

        /** The end of the line that a side is at. */
        LineEnd end(S side);

        /** Every figure that the texts of its rows may name. */
        Map<String, Figure> figures(Optional<S> side);

        /** What a step is done on. */
        Subject about(String step, Optional<S> side);

        /** What a figure that is written down must meet; empty while it is not known, and then it is not asked for. */
        Optional<Target> target(String figure, Optional<S> side);

        /** Who says to do a step so, where that is not its row; empty for the row's source. */
        default Optional<Source> source(String step, Optional<S> side) {
            return Optional.empty();
        }

        /** Whether nothing after a step can be known yet. */
        default boolean endsAfter(String step) {
            return false;
        }
    }

    /** What a figure that is written down must meet. */
    public sealed interface Target {
        /** A length that the row's own tolerance is laid round. */
        record Near(Length length) implements Target {}

        /** A band that the figure brings along. */
        record Within(LengthBand band) implements Target {}

        /** The least pressure. */
        record AtLeast(GaugePressure pressure) implements Target {}
    }

    private List<StepTable.Placed<S>> placed() {
        return table.placed(line.words(), line::order, line::words);
    }

    /** The steps in their order. */
    public List<Step> write() {
        List<Step> steps = new ArrayList<>();
        // By the end: a side with everything looked up costs more to tell apart than to fill.
        Map<Optional<LineEnd>, Map<String, Figure>> figures = new HashMap<>();
        for (StepTable.Placed<S> p : placed()) {
            steps.add(step(
                    p.row(), p.side(), figures.computeIfAbsent(p.side().map(line::end), end -> figures(p.side()))));
            if (line.endsAfter(p.row().id())) {
                break;
            }
        }
        return distinct(steps);
    }

    /** A tick says which step by its name: two of one name would be ticked together. */
    private static List<Step> distinct(List<Step> steps) {
        Set<String> seen = new HashSet<>();
        steps.stream().map(Step::id).filter(id -> !seen.add(id)).findFirst().ifPresent(id -> {
            throw new IllegalStateException("An order of work has two steps of the name " + id);
        });
        return steps;
    }

    private Map<String, Figure> figures(Optional<S> side) {
        Map<String, Figure> all = line.figures(side);
        table.words().check(all);
        return all;
    }

    /** The tools that its steps ask for, in the table's order: much less work than the steps. */
    public List<Tool> tools() {
        Set<String> asked = placed().stream()
                .flatMap(p -> p.row().tools().stream())
                .map(ToolAsk::words)
                .collect(Collectors.toSet());
        return tools.stream().filter(t -> asked.stream().anyMatch(t::askedBy)).toList();
    }

    private Step step(StepTable.Row row, Optional<S> side, Map<String, Figure> figures) {
        List<String> tools = new ArrayList<>(
                row.tools().stream().map(t -> fill(t.shown(), figures)).toList());
        StringBuilder planB = new StringBuilder();
        for (Tool tool : missing) {
            if (row.tools().stream().map(ToolAsk::words).anyMatch(tool::askedBy)) {
                Tool.PlanB without = tool.without(fluid);
                planB.append(' ')
                        .append(Say.it("step-filler.without", "tool", tool.name(), "instead", without.instead()));
                if (!without.needs().isEmpty()) {
                    tools.add(without.needs());
                }
            }
        }
        String id = side.map(s -> row.id() + "@" + line.end(s)).orElse(row.id());
        String title = side.map(s -> Say.it("step-filler.end", "row", row.title(), "end", line.end(s)))
                .orElse(row.title());
        return new Step(
                id,
                line.about(row.id(), side),
                title,
                row.text() + planB,
                figures,
                tools,
                row.hold().isEmpty() ? Optional.empty() : Optional.of(row.hold()),
                row.cutFigure() ? Step.Gate.CUT_FIGURE : Step.Gate.NONE,
                row.caution().isEmpty() ? List.of() : List.of(fill(row.caution(), figures)),
                row.record().flatMap(r -> field(row.id(), r, side)).stream().toList(),
                row.tests().stream()
                        .map(duty -> TestAsk.of(id, title, duty, fluid, pressure(row, side)))
                        .toList(),
                side.map(line::end),
                row.takes(),
                row.shows(),
                line.source(row.id(), side).orElse(row.source()));
    }

    private String fill(String template, Map<String, Figure> figures) {
        return Wording.fill(template, figures, units);
    }

    /** The pressure that a row wants written down is the one its test reaches. */
    private Optional<GaugePressure> pressure(StepTable.Row row, Optional<S> side) {
        return row.record()
                .flatMap(r -> line.target(r.of(), side))
                .filter(Target.AtLeast.class::isInstance)
                .map(t -> ((Target.AtLeast) t).pressure());
    }

    private Optional<RecordField> field(String step, RecordAsk ask, Optional<S> side) {
        return line.target(ask.of(), side).map(t -> {
            if (t instanceof Target.AtLeast least) {
                return RecordField.pressure(step, ask.label(), least.pressure());
            }
            if (t instanceof Target.Within within) {
                return new RecordField(step, ask.label(), Optional.of(within.band()), Optional.empty());
            }
            return RecordField.length(
                    step,
                    ask.label(),
                    ((Target.Near) t).length(),
                    ask.within().orElseThrow(() -> new IllegalStateException("No tolerance for " + ask.label())));
        });
    }
}
