package mellowflare.core.pipe.line;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import mellowflare.core.cutting.CutPlan;
import mellowflare.core.cutting.CutTask;
import mellowflare.core.measure.Length;
import mellowflare.core.pipe.cut.PieceCut;
import mellowflare.core.pipe.stock.HouseSize;
import mellowflare.core.pipe.stock.PipeGrade;

/** The pieces of one or several lines over bars and remnants, each kind and size of pipe for itself. */
public final class PipeBars {
    /** A remnant from this length on goes back on the rack (house figure). */
    private static final Length KEPT = Length.ofMm(300);

    private PipeBars() {}

    /**
     * A line with what its pieces are marked by, where several are cut together.
     *
     * @param c the line
     * @param mark put before the names of its pieces; empty for one line alone
     */
    public record Marked(PipeCase c, String mark) {
        /** A line that is cut alone. */
        public static Marked alone(PipeCase c) {
            return new Marked(c, "");
        }

        /** A piece as it is called among those of other lines. */
        public String marked(PieceCut p) {
            return mark.isEmpty() ? p.name() : Say.it("pipe-bars.marked", "mark", mark, "piece", p.name());
        }
    }

    /**
     * What is cut from one bar and never from another.
     *
     * @param pipe what the pipe is; empty while none is chosen
     * @param size name of its size
     */
    public record Kind(String pipe, String size) {
        private static Kind of(PipeCase c, PieceCut p) {
            return new Kind(c.grade().map(PipeGrade::name).orElse(""), p.size());
        }

        public String words() {
            return pipe.isEmpty() ? size : Say.it("pipe-bars.kind", "pipe", pipe, "size", size);
        }
    }

    /** A plan for each kind and size of pipe; what is bought ready, cut already or comes out at nothing is left out. */
    public static Map<Kind, CutPlan> of(List<Marked> lines) {
        Map<Kind, CutPlan> plans = new LinkedHashMap<>();
        tasks(lines).forEach((kind, task) -> plans.put(kind, CutPlan.of(task)));
        return plans;
    }

    private static boolean toCut(Marked m, PieceCut p) {
        return !p.bought()
                && p.shop().filter(l -> l.mm() > 0).isPresent()
                && m.c().line().state(p.name()).done() == PieceState.Done.TO_CUT;
    }

    /** What is to be cut, by kind and size of pipe; bars, kerf and trim are those of the first line that has such pipe. */
    public static Map<Kind, CutTask> tasks(List<Marked> lines) {
        Map<Kind, List<CutTask.Piece>> pieces = new LinkedHashMap<>();
        Map<Kind, Marked> first = new LinkedHashMap<>();
        for (Marked m : lines) {
            for (PieceCut p : m.c().pieces()) {
                if (toCut(m, p)) {
                    Kind kind = Kind.of(m.c(), p);
                    first.putIfAbsent(kind, m);
                    pieces.computeIfAbsent(kind, k -> new ArrayList<>())
                            .add(new CutTask.Piece(
                                    m.marked(p),
                                    p.shop()
                                            .orElseThrow()
                                            .plus(m.c().line().making().allowance()),
                                    1));
                }
            }
        }
        Map<Kind, CutTask> tasks = new LinkedHashMap<>();
        pieces.forEach((kind, all) -> {
            PipeCase c = first.get(kind).c();
            PipeMaking making = c.line().making();
            tasks.put(kind, new CutTask(all, stock(c, kind.size()), making.kerf(), making.trim(), KEPT));
        });
        return tasks;
    }

    private static List<CutTask.Stock> stock(PipeCase c, String size) {
        PipeMaking making = c.line().making();
        List<CutTask.Stock> stock = new ArrayList<>();
        making.old().stream()
                .filter(o -> o.size().equals(size))
                .forEach(o -> stock.add(
                        new CutTask.Stock(Say.it("pipe-bars.at-hand"), o.length(), 0, Optional.of(o.count()))));
        double metre = c.parts()
                .house(size)
                .map(h -> h.price(HouseSize.Item.METRE)
                        * c.grade().map(PipeGrade::price).orElse(1.0))
                .orElse(1.0);
        stock.add(new CutTask.Stock(
                Say.it("pipe-bars.bought"), making.bar(), metre * making.bar().mm() / 1000, Optional.empty()));
        return stock;
    }

    /**
     * A line once the plans are cut: its pieces are marked as cut, and of the bars that stood on its rack the used ones go and remnants worth keeping come.
     *
     * @param lines those that were cut together
     * @param which of them
     */
    public static PipeLine cut(List<Marked> lines, int which, Map<Kind, CutPlan> plans) {
        Marked m = lines.get(which);
        PipeLine line = m.c().line();
        Set<Kind> earlier = new HashSet<>();
        lines.subList(0, which).forEach(x -> earlier.addAll(kinds(x)));
        for (PieceCut p : m.c().pieces()) {
            CutPlan plan = plans.get(Kind.of(m.c(), p));
            if (toCut(m, p) && plan != null && placed(plan, m.marked(p))) {
                line = line.with(p.name(), line.state(p.name()).with(PieceState.Done.CUT));
            }
        }
        List<PipeMaking.OldBar> rack = line.making().old();
        for (Kind kind : kinds(m)) {
            if (!earlier.contains(kind) && plans.containsKey(kind)) {
                rack = left(rack, kind.size(), plans.get(kind));
            }
        }
        return line.withMaking(line.making().withOld(rack));
    }

    private static Set<Kind> kinds(Marked m) {
        return m.c().pieces().stream()
                .filter(p -> toCut(m, p))
                .map(p -> Kind.of(m.c(), p))
                .collect(Collectors.toSet());
    }

    private static boolean placed(CutPlan plan, String piece) {
        return plan.bars().stream()
                .flatMap(b -> b.pieces().stream())
                .anyMatch(p -> p.name().equals(piece));
    }

    private static List<PipeMaking.OldBar> left(List<PipeMaking.OldBar> rack, String size, CutPlan plan) {
        List<PipeMaking.OldBar> left = new ArrayList<>();
        Map<Length, Long> used = plan.bars().stream()
                .filter(b -> b.stock().free())
                .collect(Collectors.groupingBy(b -> b.stock().length(), Collectors.counting()));
        for (PipeMaking.OldBar o : rack) {
            long gone = o.size().equals(size) ? Math.min(o.count(), used.getOrDefault(o.length(), 0L)) : 0;
            used.computeIfPresent(o.length(), (l, n) -> n - gone);
            if (o.count() > gone) {
                left.add(new PipeMaking.OldBar(o.size(), o.length(), (int) (o.count() - gone)));
            }
        }
        plan.remnants().forEach(r -> left.add(new PipeMaking.OldBar(size, r, 1)));
        return left;
    }
}
