package mellowflare.core.run.cut;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import mellowflare.core.run.stock.PipeSize;

/** Counts parts as they come, in the order in which each came first. A part is named once and not on every count: a large line has thousands. */
public final class PartTally {
    private final Map<String, Map<String, Line>> bySize = new HashMap<>();
    private final List<Line> lines = new ArrayList<>();

    private static final class Line {
        private final String name;
        private final double each;
        private final boolean metres;
        private double count;

        Line(String name, double each, boolean metres) {
            this.name = name;
            this.each = each;
            this.metres = metres;
        }
    }

    /** Metres of pipe. */
    public void pipe(PipeSize size, double metres) {
        line("pipe", size.size(), () -> new Line(Say.it("part-tally.pipe", "size", size.name()), size.metre(), true))
                .count += metres;
    }

    /** Metres of what hangs on no size of pipe. */
    public void metres(String name, double metres, double each) {
        line("", name, () -> new Line(name, each, true)).count += metres;
    }

    /** Parts of one size. */
    public void add(String what, PipeSize size, int count, double each) {
        line(what, size.size(), () -> new Line(what + " " + size.name(), each, false)).count += count;
    }

    /** A reducer from one size to a smaller one. */
    public void reducer(PipeSize large, PipeSize small) {
        line(large.size(), small.size(), () -> reducerLine(large, small)).count++;
    }

    private static Line reducerLine(PipeSize large, PipeSize small) {
        return new Line(
                Say.it("part-tally.reducer", "large", large.name(), "small", small.name()),
                large.couplingPrice(),
                false);
    }

    /** Parts that hang on no size of pipe. */
    public void add(String name, int count, double each) {
        line("", name, () -> new Line(name, each, false)).count += count;
    }

    private Line line(String what, String size, Supplier<Line> first) {
        return bySize.computeIfAbsent(what, k -> new HashMap<>()).computeIfAbsent(size, k -> {
            Line line = first.get();
            lines.add(line);
            return line;
        });
    }

    /** All that was counted; what came to nothing is left out. */
    public List<PartLine> lines() {
        List<PartLine> all = new ArrayList<>();
        for (Line l : lines) {
            if (l.count > 0) {
                all.add(new PartLine(l.name, l.count, l.each, l.metres));
            }
        }
        return all;
    }
}
