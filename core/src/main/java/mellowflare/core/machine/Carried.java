package mellowflare.core.machine;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import mellowflare.core.bag.BagPart;
import mellowflare.core.bag.Packed;
import mellowflare.core.procedure.Step;
import mellowflare.core.procedure.StepEntry;
import mellowflare.core.table.FigureTable;
import mellowflare.core.table.FigureTable.Column;
import mellowflare.core.table.FigureTable.Row;
import mellowflare.core.table.FigureTable.What;

/**
 * Something that goes into the one bag for all lines of a machine.
 *
 * @param sort why it goes along
 * @param name as asked for over the counter
 * @param amount how many or how much, in words
 * @param lines marks of the lines that it is for, in their order
 */
public record Carried(Sort sort, String name, String amount, List<String> lines) {
    /** Less is no piece of pipe, but what a sum of rounded cuts leaves. */
    private static final double LEAST_METRES = 0.01;

    public Carried {
        lines = List.copyOf(lines);
    }

    /** Why something goes along. */
    public enum Sort {
        /** A step that is still to do names it; one serves all lines. */
        TOOL,
        /** Lines need it, and have not taken it yet. */
        PART,
        /** It is for what nobody has seen; each line may want its own. */
        UNSEEN;

        /** The word for it. */
        public String word() {
            return Say.it("carried.sort", "sort", this);
        }
    }

    /** The one bag: parts not taken yet, each line's bag for what nobody has seen, and the tools of all steps still to do. A line that is done asks for nothing. */
    public static List<Carried> of(Machine m) {
        List<Carried> all = new ArrayList<>();
        for (MachinePart p : m.parts()) {
            double open = p.take().need() - p.take().taken();
            if (open > (p.take().metres() ? LEAST_METRES : 0)) {
                all.add(new Carried(Sort.PART, p.take().name(), p.amount(open), p.lines()));
            }
        }
        unseen(m, all);
        tools(m, all);
        return all;
    }

    private static void tools(Machine m, List<Carried> into) {
        Map<String, Set<String>> marks = new LinkedHashMap<>();
        for (MachineLine l : m.lines()) {
            Set<String> ticked = new HashSet<>();
            l.of().job().log().entries().stream().map(StepEntry::stepId).forEach(ticked::add);
            for (Step s : l.of().steps()) {
                for (String tool : ticked.contains(s.id()) ? List.<String>of() : s.tools()) {
                    marks.computeIfAbsent(tool, t -> new LinkedHashSet<>()).add(l.mark());
                }
            }
        }
        marks.forEach((tool, lines) -> into.add(new Carried(Sort.TOOL, tool, "1", List.copyOf(lines))));
    }

    private static void unseen(Machine m, List<Carried> into) {
        Map<String, List<String>> marks = new LinkedHashMap<>();
        for (MachineLine l : m.lines()) {
            if (l.of().leftOff().done()) {
                continue;
            }
            Packed packed = l.of().packed();
            packed.bag().stream()
                    .flatMap(b -> packed.parts(b).stream())
                    .map(BagPart::name)
                    .forEach(name ->
                            marks.computeIfAbsent(name, n -> new ArrayList<>()).add(l.mark()));
        }
        marks.forEach((name, lines) -> into.add(new Carried(Sort.UNSEEN, name, Integer.toString(lines.size()), lines)));
    }

    /** As a table. */
    public static FigureTable table(List<Carried> all) {
        return FigureTable.of(
                What.BAG,
                Say.it("carried.title"),
                List.of(
                        Column.words(Say.it("carried.why")),
                        Column.words(Say.it("machine-tables.part")),
                        Column.figures(Say.it("machine-tables.need")),
                        Column.words(Say.it("machine-tables.for"))),
                all.stream()
                        .map(c -> Row.of(c.sort.word(), c.name, c.amount, String.join(" ", c.lines)))
                        .toList());
    }
}
