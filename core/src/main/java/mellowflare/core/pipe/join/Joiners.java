package mellowflare.core.pipe.join;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.ReferenceKey;
import mellowflare.core.reference.Source;

/** Which joiner two pipes want, from {@code joiners.csv}. */
public final class Joiners {
    public static final ReferenceKey<Joiners> KEY = new ReferenceKey<>("joiners", Joiners.class);

    private static final String ANY = "any";
    private static final List<String> YES_NO = List.of("yes", "no", ANY);

    private final List<Row> rows;

    private record Row(String opened, String turns, String weld, String metals, String gap, Joiner joiner) {}

    /**
     * A joiner.
     *
     * @param id stable name
     * @param name as shown
     * @param classes in which it comes
     * @param standard its standards
     * @param ends how the pipe's ends are prepared
     * @param reason why this one
     * @param source who says so
     */
    public record Joiner(
            String id, String name, String classes, String standard, String ends, String reason, Source source) {}

    private Joiners() {
        rows = CsvTable.beside(Joiners.class, "joiners.csv")
                .map(Joiners::row, r -> r.joiner().id());
    }

    /**
     * Loads the table.
     *
     * @throws mellowflare.core.reference.BrokenTable if it cannot be used
     */
    public static Joiners load() {
        return new Joiners();
    }

    private static Row row(CsvTable.Row r) {
        return new Row(
                known(r, "opened", words(JoinAnswers.Opened.values())),
                known(r, "turns", YES_NO),
                known(r, "weld", YES_NO),
                known(r, "metals", List.of("same", "differ", ANY)),
                known(r, "gap", words(JoinAnswers.Gap.values())),
                new Joiner(
                        r.need("id"),
                        r.said("name"),
                        r.said("classes"),
                        r.need("standard"),
                        r.said("ends"),
                        r.said("reason"),
                        r.source()));
    }

    private static List<String> words(Enum<?>... values) {
        List<String> all = new java.util.ArrayList<>(List.of(ANY));
        for (Enum<?> v : values) {
            all.add(word(v));
        }
        return all;
    }

    private static String word(Enum<?> v) {
        return v.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    private static String known(CsvTable.Row r, String column, List<String> words) {
        String said = r.need(column);
        if (!words.contains(said)) {
            throw r.broken(column, Say.it("joiners.no-such-answer", "said", said));
        }
        return said;
    }

    /** The joiner for five answers; empty while one that matters is missing. */
    public Optional<Joiner> choose(JoinAnswers a) {
        for (Row r : rows) {
            Optional<Boolean> fits = fits(r, a);
            if (fits.isEmpty()) {
                return Optional.empty();
            }
            if (fits.get()) {
                return Optional.of(r.joiner());
            }
        }
        return Optional.empty();
    }

    /** Whether a row fits; empty where that hangs on an answer that is missing. */
    private static Optional<Boolean> fits(Row r, JoinAnswers a) {
        List<Optional<Boolean>> all = List.of(
                one(r.metals(), a.sameMetal().map(s -> s ? "same" : "differ")),
                one(r.gap(), a.gap().map(Joiners::word)),
                one(r.opened(), a.opened().map(Joiners::word)),
                one(r.turns(), a.turns().map(t -> t ? "yes" : "no")),
                one(r.weld(), a.weld().map(t -> t ? "yes" : "no")));
        if (all.stream().anyMatch(o -> o.isPresent() && !o.get())) {
            return Optional.of(false);
        }
        return all.stream().anyMatch(Optional::isEmpty) ? Optional.empty() : Optional.of(true);
    }

    private static Optional<Boolean> one(String wanted, Optional<String> said) {
        return wanted.equals(ANY) ? Optional.of(true) : said.map(wanted::equals);
    }
}
