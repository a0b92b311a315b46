package mellowflare.core.trouble;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.ReferenceKey;
import mellowflare.core.trouble.look.LookPicture;

/** Causes and signs, from {@code causes.csv} and {@code signs.csv}. */
public final class TroubleTable {
    public static final ReferenceKey<TroubleTable> KEY = new ReferenceKey<>("causes of leaks", TroubleTable.class);

    private final List<Sign> signs;
    private final List<Cause> causes;

    private TroubleTable(List<Sign> signs, List<Cause> causes) {
        this.signs = signs;
        this.causes = causes;
    }

    /**
     * Loads both tables.
     *
     * @throws mellowflare.core.reference.BrokenTable if a cause names a sign that is in no table, what is looked for has no picture, or chances of answers add up to more than 1
     */
    public static TroubleTable load() {
        List<Sign> signs = CsvTable.beside(TroubleTable.class, "signs.csv").map(TroubleTable::sign, Sign::id);
        List<Cause> causes = CsvTable.beside(TroubleTable.class, "causes.csv").map(r -> cause(r, signs), Cause::id);
        return new TroubleTable(signs, causes);
    }

    private static Sign sign(CsvTable.Row r) {
        SignGroup group = r.word("group", SignGroup.class);
        Optional<Double> base = r.maybeNumber("base");
        if (group.single() == base.isPresent()
                || base.filter(b -> !(b > 0 && b < 1)).isPresent()) {
            throw r.broken("base", Say.it("trouble-table.base"));
        }
        if (!group.single() && LookPicture.of(r.need("id")).isEmpty()) {
            throw r.broken("id", Say.it("trouble-table.no-picture"));
        }
        return new Sign(r.need("id"), group, base, r.said("says"), r.saidIfAny("look"), r.source());
    }

    private static Cause cause(CsvTable.Row r, List<Sign> signs) {
        Map<String, Double> likely = new HashMap<>();
        for (SignGroup g : SignGroup.values()) {
            String column = g.name().toLowerCase(java.util.Locale.ROOT);
            double sum = 0;
            for (String each : r.list(column)) {
                int at = each.lastIndexOf(' ');
                String id = at < 0 ? each : each.substring(0, at);
                double chance = chance(r, column, each, at);
                if (signs.stream().noneMatch(s -> s.group() == g && s.id().equals(id))) {
                    throw r.broken(column, Say.it("trouble-table.no-sign", "sign", id));
                }
                likely.put(id, chance);
                sum += chance;
            }
            if (g.single() && sum > 1) {
                throw r.broken(column, Say.it("trouble-table.over-one"));
            }
        }
        return new Cause(
                r.need("id"),
                r.words("needs", Family.class),
                r.number("prior"),
                r.said("name"),
                likely,
                r.said("look"),
                r.said("redo"),
                r.word("verdict", Verdict.class),
                r.text("uses").equals("0") ? Cause.Uses.NOTHING : r.word("uses", Cause.Uses.class),
                r.saidList("parts"),
                r.source());
    }

    private static double chance(CsvTable.Row r, String column, String each, int at) {
        try {
            double chance = Double.parseDouble(each.substring(at + 1));
            if (chance > 0 && chance < 1) {
                return chance;
            }
        } catch (NumberFormatException e) {
            throw r.broken(column, Say.it("trouble-table.no-chance", "text", each), e);
        }
        throw r.broken(column, Say.it("trouble-table.no-chance", "text", each));
    }

    public List<Sign> signs() {
        return signs;
    }

    /** The answers to one question, in order. */
    public List<Sign> of(SignGroup group) {
        return signs.stream().filter(s -> s.group() == group).toList();
    }

    public Optional<Sign> sign(String id) {
        return signs.stream().filter(s -> s.id().equals(id)).findFirst();
    }

    public List<Cause> causes() {
        return causes;
    }
}
