package mellowflare.core.procedure;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.Source;

/** What must come before what in a kind of line's order of work, from {@code precedence.csv} beside its {@code steps.csv}. */
public final class Precedence {
    /** Between which steps a rule of order holds. */
    public enum Scope {
        /** Every step of the one name before the first of the other. */
        ALL,
        /** At each end by itself. */
        END
    }

    /**
     * One rule of order; it speaks only where both steps stand.
     *
     * @param before name of the step that comes first
     * @param after name of the step that follows
     * @param scope between which of them
     * @param because why
     * @param source who says so
     */
    public record Rule(String before, String after, Scope scope, String because, Source source) {}

    private final List<Rule> rules;

    private Precedence(List<Rule> rules) {
        this.rules = rules;
    }

    /**
     * Reads the table beside a class of the kind of line.
     *
     * @param steps the steps whose names it uses
     * @throws mellowflare.core.reference.BrokenTable if it names a step that does not exist
     */
    public static Precedence beside(Class<?> kind, StepTable steps) {
        Set<String> known = steps.rows().stream().map(StepTable.Row::id).collect(Collectors.toSet());
        return new Precedence(CsvTable.beside(kind, "precedence.csv")
                .map(
                        r -> new Rule(
                                step(r, "before", known),
                                step(r, "after", known),
                                r.word("scope", Scope.class),
                                r.said("because"),
                                r.source()),
                        r -> r.before() + " " + r.after()));
    }

    private static String step(CsvTable.Row row, String column, Set<String> known) {
        String id = row.need(column);
        if (!known.contains(id)) {
            throw row.broken(column, Say.it("precedence.no-step-this-kind", "id", id));
        }
        return id;
    }

    public List<Rule> rules() {
        return rules;
    }

    /** The rules that an order of work breaks, each with the two steps; none for a right one. */
    public List<String> broken(List<Step> steps) {
        List<String> broken = new ArrayList<>();
        List<String> names = steps.stream().map(s -> name(s.id())).toList();
        for (Rule rule : rules) {
            for (int early = names.indexOf(rule.after()); early >= 0 && early < names.size(); early++) {
                if (names.get(early).equals(rule.after())) {
                    late(rule, steps, names, early, broken);
                }
            }
        }
        return broken;
    }

    /** Steps that stand after one that they must come before. */
    private static void late(Rule rule, List<Step> steps, List<String> names, int early, List<String> broken) {
        String first = steps.get(early).id();
        for (int late = early + 1; late < names.size(); late++) {
            String second = steps.get(late).id();
            if (names.get(late).equals(rule.before())
                    && (rule.scope() == Scope.ALL || end(first).equals(end(second)))) {
                broken.add(Say.it(
                        "precedence.must-come-before", "second", second, "first", first, "because", rule.because()));
            }
        }
    }

    private static String name(String id) {
        int at = id.indexOf('@');
        return at < 0 ? id : id.substring(0, at);
    }

    private static String end(String id) {
        int at = id.indexOf('@');
        return at < 0 ? "" : id.substring(at + 1);
    }
}
