package mellowflare.core.machine;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import mellowflare.core.cutting.CutPlan;
import mellowflare.core.cutting.CutTask;
import mellowflare.core.job.Evaluation;
import mellowflare.core.line.Cuts;
import mellowflare.core.line.Take;
import mellowflare.core.parts.Suppliers;
import mellowflare.core.shelf.Used;

/**
 * A machine or a place with its lines.
 *
 * @param name as the fitter calls it
 * @param lines in the order in which they were begun
 */
public record Machine(String name, List<MachineLine> lines) {
    private static final int LETTERS = 26;

    public Machine {
        lines = List.copyOf(lines);
    }

    /** A machine of such lines, each with its mark: A to Z, then AA and so on. */
    public static Machine of(String name, List<Evaluation> lines) {
        List<MachineLine> all = new ArrayList<>();
        for (Evaluation e : lines) {
            all.add(new MachineLine(mark(all.size()), e));
        }
        return new Machine(name, all);
    }

    static String mark(int number) {
        String last = String.valueOf((char) ('A' + number % LETTERS));
        return number < LETTERS ? last : mark(number / LETTERS - 1) + last;
    }

    /** Whether a job's place is this machine or a part of it: {@code Dunlin} has {@code Dunlin, deck crane}. */
    public static boolean holds(String name, String place) {
        String whole = name.strip().toLowerCase(Locale.ROOT);
        String part = place.strip().toLowerCase(Locale.ROOT);
        return part.equals(whole) || part.startsWith(whole + ",");
    }

    /** The machine of a place: what is before its first comma. */
    public static String nameOf(String place) {
        int at = place.indexOf(',');
        return (at < 0 ? place : place.substring(0, at)).strip();
    }

    /** What all lines need, each part once, in the order in which it is first needed. */
    public List<MachinePart> parts() {
        List<Take> all = new ArrayList<>();
        Map<String, Set<String>> marks = new LinkedHashMap<>();
        for (MachineLine l : lines) {
            for (Take t : l.of().plan().takes()) {
                all.add(t);
                marks.computeIfAbsent(t.key(), k -> new LinkedHashSet<>()).add(l.mark());
            }
        }
        return Take.together(all).stream()
                .map(t -> new MachinePart(t, supplier(t), List.copyOf(marks.get(t.key()))))
                .toList();
    }

    private Optional<Suppliers.Supplier> supplier(Take t) {
        return lines.stream()
                .findFirst()
                .flatMap(l -> l.of().data().get(Suppliers.KEY).of(t.key()));
    }

    /** What all parts cost whose price is known, in the catalogue's money. */
    public double cost() {
        return parts().stream()
                .flatMap(p -> p.cost().stream())
                .mapToDouble(c -> c)
                .sum();
    }

    /** What is still to be cut, by what it is cut from: pieces of all lines that nothing was cut for yet, stock, kerf and trim of the first line that has such stock, old pieces of all. */
    public Map<String, CutTask> tasks() {
        Map<String, CutTask> tasks = new LinkedHashMap<>();
        for (MachineLine l : lines) {
            Set<String> cut = l.of().job().log().used().stream().map(Used::key).collect(Collectors.toSet());
            for (Cuts c : l.of().plan().cuts()) {
                // Pipe that was cut with an earlier version stands in the log under the name of its material.
                if (cut.contains(c.key()) || cut.contains(c.material())) {
                    continue;
                }
                tasks.merge(c.material(), marked(c.task(), l.mark()), Machine::joined);
            }
        }
        return tasks;
    }

    private static CutTask marked(CutTask task, String mark) {
        return new CutTask(
                task.pieces().stream()
                        .map(p -> new CutTask.Piece(
                                Say.it("machine.marked", "mark", mark, "piece", p.name()), p.length(), p.count()))
                        .toList(),
                task.stock(),
                task.kerf(),
                task.trim(),
                task.keep());
    }

    private static CutTask joined(CutTask a, CutTask b) {
        List<CutTask.Piece> pieces = new ArrayList<>(a.pieces());
        pieces.addAll(b.pieces());
        List<CutTask.Stock> stock = new ArrayList<>(a.stock());
        // What is bought or lies on the shelf is the same for all lines; what a line has at hand of its own comes on
        // top.
        b.stock().stream().filter(s -> !stock.contains(s)).forEach(stock::add);
        return new CutTask(pieces, stock, a.kerf(), a.trim(), a.keep());
    }

    /** The cut plans: a search, for a background thread. */
    public Map<String, CutPlan> cutPlans() {
        Map<String, CutPlan> plans = new LinkedHashMap<>();
        tasks().forEach((material, task) -> plans.put(material, CutPlan.of(task)));
        return plans;
    }

    public long stops() {
        return lines.stream().mapToLong(MachineLine::stops).sum();
    }
}
