package mellowflare.core.upkeep;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.ReferenceKey;

/** The rules of upkeep, from {@code upkeep.csv}, with those of the shop over them. */
public final class UpkeepRules {
    public static final ReferenceKey<UpkeepRules> KEY = new ReferenceKey<>("rules of upkeep", UpkeepRules.class);

    private final List<UpkeepRule> all;
    private final Set<String> words;

    private UpkeepRules(List<UpkeepRule> all, Set<String> words) {
        this.all = List.copyOf(all);
        this.words = Set.copyOf(words);
    }

    /**
     * Loads the table.
     *
     * @param words all that may be asked of a line
     * @throws mellowflare.core.reference.BrokenTable if a rule asks for another word, or its interval is none
     */
    public static UpkeepRules load(Set<String> words) {
        return new UpkeepRules(
                CsvTable.beside(UpkeepRules.class, "upkeep.csv").map(r -> rule(r, words), UpkeepRule::id), words);
    }

    /** One row. */
    static UpkeepRule rule(CsvTable.Row r, Set<String> words) {
        List<Set<String>> when = new ArrayList<>();
        for (String each : r.list("when")) {
            Set<String> any = Set.of(each.split("\\|"));
            any.stream().filter(w -> !words.contains(w)).findFirst().ifPresent(strange -> {
                throw r.broken("when", Say.it("upkeep-rules.no-word", "word", strange));
            });
            when.add(any);
        }
        double days = r.number("every_days");
        if (days != Math.rint(days)) {
            throw r.broken("every_days", Say.it("upkeep-rules.whole-days"));
        }
        try {
            return new UpkeepRule(
                    r.need("id"),
                    when,
                    (int) Math.max(-1, Math.min(Integer.MAX_VALUE, days)),
                    r.word("from", UpkeepRule.From.class),
                    r.yes("once"),
                    r.said("title"),
                    r.said("says"),
                    r.source());
        } catch (IllegalArgumentException e) {
            throw r.broken("every_days", e.getMessage(), e);
        }
    }

    public List<UpkeepRule> all() {
        return all;
    }

    /** All that may be asked of a line. */
    Set<String> words() {
        return words;
    }

    /** The same with other rules. */
    UpkeepRules with(List<UpkeepRule> rules) {
        return new UpkeepRules(rules, words);
    }

    public Optional<UpkeepRule> find(String id) {
        return all.stream().filter(r -> r.id().equals(id)).findFirst();
    }

    /** The rules that go for a line. */
    public List<UpkeepRule> of(Set<String> said) {
        return all.stream().filter(r -> r.goesFor(said)).toList();
    }
}
