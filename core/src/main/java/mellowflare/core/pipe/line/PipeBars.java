package mellowflare.core.pipe.line;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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
    public record Marked(PipeCase c, String mark) {}

    private static String kind(PipeCase c, String size) {
        return c.grade().map(PipeGrade::name).map(g -> g + ", " + size).orElse(size);
    }

    /** A plan for each kind and size of pipe; what is bought ready and what comes out at nothing is left out. */
    public static Map<String, CutPlan> of(List<Marked> lines) {
        Map<String, CutPlan> plans = new LinkedHashMap<>();
        tasks(lines).forEach((kind, task) -> plans.put(kind, CutPlan.of(task)));
        return plans;
    }

    /** What is to be cut, by kind and size of pipe; bars, kerf and trim are those of the first line. */
    public static Map<String, CutTask> tasks(List<Marked> lines) {
        Map<String, List<CutTask.Piece>> pieces = new LinkedHashMap<>();
        Map<String, List<CutTask.Stock>> stock = new LinkedHashMap<>();
        for (Marked m : lines) {
            PipeMaking making = m.c().line().making();
            for (PieceCut p : m.c().pieces()) {
                Optional<Length> length =
                        p.shop().map(l -> l.plus(making.allowance())).filter(l -> l.mm() > 0);
                if (p.bought() || length.isEmpty()) {
                    continue;
                }
                String kind = kind(m.c(), p.size());
                pieces.computeIfAbsent(kind, k -> new ArrayList<>())
                        .add(new CutTask.Piece(m.mark() + p.name(), length.get(), 1));
                stock.computeIfAbsent(kind, k -> stock(m.c(), p.size()));
            }
        }
        Map<String, CutTask> tasks = new LinkedHashMap<>();
        if (!lines.isEmpty()) {
            PipeMaking making = lines.get(0).c().line().making();
            pieces.forEach((kind, all) ->
                    tasks.put(kind, new CutTask(all, stock.get(kind), making.kerf(), making.trim(), KEPT)));
        }
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

    /** The bars at hand after a plan is cut: what was used goes, remnants worth keeping come. */
    public static List<PipeMaking.OldBar> left(PipeCase c, Map<String, CutPlan> plans) {
        List<PipeMaking.OldBar> left = new ArrayList<>();
        List<PipeMaking.OldBar> untouched = new ArrayList<>(c.line().making().old());
        for (String size : c.pieces().stream().map(PieceCut::size).distinct().toList()) {
            CutPlan plan = plans.get(kind(c, size));
            if (plan == null) {
                continue;
            }
            for (PipeMaking.OldBar o : c.line().making().old()) {
                if (o.size().equals(size)) {
                    untouched.remove(o);
                    long used = plan.bars().stream()
                            .filter(b -> b.stock().free() && b.stock().length().equals(o.length()))
                            .count();
                    if (o.count() > used) {
                        left.add(new PipeMaking.OldBar(size, o.length(), (int) (o.count() - used)));
                    }
                }
            }
            plan.remnants().forEach(r -> left.add(new PipeMaking.OldBar(size, r, 1)));
        }
        left.addAll(untouched);
        return left;
    }
}
