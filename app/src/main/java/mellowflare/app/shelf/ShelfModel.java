package mellowflare.app.shelf;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Executor;
import java.util.concurrent.atomic.AtomicInteger;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import mellowflare.app.desk.Desk;
import mellowflare.app.entry.FieldState;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.Refusal;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.parts.ShelfLine;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.shelf.Count;
import mellowflare.core.shelf.CountText;
import mellowflare.core.shelf.Shelf;

/** What the page of the shelf does, without a window. */
public final class ShelfModel {
    /** Stands for whoever counts while a count is still being typed. */
    private static final String NOBODY = "-";

    private final Desk desk;
    private final Executor away;
    private final Executor back;
    private final StringProperty search = new SimpleStringProperty("");
    private final ReadOnlyObjectWrapper<List<Row>> rows = new ReadOnlyObjectWrapper<>(List.of());
    private final FieldState<Count> count = FieldState.of(this::reads, c -> c.metres() ? amount(c.amount(), true) : "");
    private final AtomicInteger turn = new AtomicInteger();
    private final ShelfFiles files;
    private Which which = Which.LINE;
    private Optional<String> chosen = Optional.empty();
    private Map<String, Double> spokenFor = Map.of();
    private Map<String, String> titles = Map.of();

    /** Which parts are listed. */
    public enum Which {
        /** Those that the open line takes. */
        LINE(Say.it("shelf-model.line")),
        /** Those that the work took, or that were counted. */
        MOVED(Say.it("shelf-model.moved")),
        /** Those of which more was taken than lay there. */
        COUNT(Say.it("shelf-model.to-count")),
        ALL(Say.it("shelf-model.all"));

        private final String word;

        Which(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    /**
     * One part of the list.
     *
     * @param part what lies there
     * @param kept whether a shelf is kept of it at all
     * @param spokenFor what lines in work still take of it
     */
    public record Row(ShelfLine part, boolean kept, double spokenFor) {
        /** Whether less lies there than is spoken for. */
        public boolean lacks() {
            return kept && spokenFor > part.held().amount() + 1e-9;
        }
    }

    /**
     * @param away runs what takes long
     * @param back hands its result on, on the interface thread
     */
    public ShelfModel(Desk desk, Executor away, Executor back) {
        this.desk = desk;
        this.away = away;
        this.back = back;
        this.files = new ShelfFiles(desk);
        search.addListener((o, was, now) -> list());
        desk.shelfProperty().addListener((o, was, now) -> list());
        desk.currentProperty().addListener((o, was, now) -> list());
    }

    /** Shows the shelf as it is, and works out what the lines in work still take. */
    public void opened() {
        list();
        int mine = turn.incrementAndGet();
        ReferenceData data = desk.data();
        desk.keeper()
                .ask(
                        InWork::of,
                        read -> away.execute(() -> {
                            Map<String, Double> wanted = read.wanted(data);
                            back.execute(() -> {
                                if (turn.get() == mine) {
                                    spokenFor = wanted;
                                    titles = read.titles();
                                    list();
                                }
                            });
                        }),
                        desk::tell);
    }

    public StringProperty searchProperty() {
        return search;
    }

    public ReadOnlyObjectProperty<List<Row>> rowsProperty() {
        return rows.getReadOnlyProperty();
    }

    public UnitSystem units() {
        return desk.units();
    }

    public Which which() {
        return which;
    }

    public void show(Which other) {
        which = other;
        list();
    }

    /** Metres that the longest shelf of the list holds: all its strips are drawn to it. */
    public double most() {
        return rows.get().stream()
                .filter(r -> r.part().metres())
                .mapToDouble(r -> r.part().held().amount())
                .max()
                .orElse(1);
    }

    private void list() {
        String words = search.get().strip().toLowerCase(Locale.ROOT);
        List<Row> found = new ArrayList<>();
        for (ShelfLine l : words.isEmpty()
                ? ListedParts.of(which, desk.current().plan(), desk.data())
                : ShelfLine.all(desk.data())) {
            boolean hit = (l.key() + " " + l.name()).toLowerCase(Locale.ROOT).contains(words);
            if (hit) {
                boolean kept = desk.data().get(Shelf.KEY).held(l.key()).isPresent();
                found.add(new Row(l, kept, spokenFor.getOrDefault(l.key(), 0.0)));
            }
        }
        found.sort(Comparator.comparing((Row r) -> !r.part().held().wantsCounting())
                .thenComparing(r -> !r.lacks()));
        rows.set(List.copyOf(found));
    }

    /** How many parts of the list are short for the lines in work. */
    public long lacking() {
        return rows.get().stream().filter(Row::lacks).count();
    }

    /** Of how many parts of the list more was taken than lay there. */
    public long toCount() {
        return rows.get().stream().filter(r -> r.part().held().wantsCounting()).count();
    }

    /** Who is at the bench, and counts. */
    public StringProperty personProperty() {
        return desk.personProperty();
    }

    // --- the chosen part ---

    public void choose(Row row) {
        if (!chosen.equals(Optional.of(row.part().key()))) {
            chosen = Optional.of(row.part().key());
            count.clear();
        }
    }

    /** The part that was chosen, while it is in the list. */
    public Optional<Row> chosen() {
        return chosen.flatMap(key ->
                rows.get().stream().filter(r -> r.part().key().equals(key)).findFirst());
    }

    /** What was counted, as it is typed. */
    public FieldState<Count> count() {
        return count;
    }

    /** Keeps what was counted; says why where it cannot be. */
    public void keep() {
        Optional<Row> row = chosen();
        String by = desk.personProperty().get();
        if (row.isEmpty()) {
            desk.tell(Say.it("shelf-model.choose"));
            return;
        }
        if (by.isBlank()) {
            desk.tell(Say.it("shelf-model.no-name"));
            return;
        }
        Read<Count> read = reads(count.textProperty().get());
        read.refusal().ifPresent(desk::tell);
        read.value().ifPresent(c -> {
            count.clear();
            desk.count(c);
        });
    }

    /** Reads a count of the chosen part. */
    private Read<Count> reads(String text) {
        String by = desk.personProperty().get();
        return chosen().map(Row::part)
                .map(part -> CountText.read(
                        text,
                        new CountText.Of(
                                part.key(),
                                part.name(),
                                part.metres(),
                                part.held().amount()),
                        units(),
                        desk.clock().instant(),
                        by.isBlank() ? NOBODY : by))
                .orElseGet(() -> Read.refuse(Refusal.EMPTY, Say.it("shelf-model.choose")));
    }

    /** Takes the last count of the chosen part back. */
    public void back() {
        chosen().ifPresent(r -> desk.countBack(r.part().key(), r.part().name()));
    }

    /** Whether the chosen part was counted. */
    public boolean counted() {
        return chosen().flatMap(r -> shelf().count(r.part().key())).isPresent();
    }

    private Shelf shelf() {
        return desk.data().get(Shelf.KEY);
    }

    /** What happened to the chosen part, the latest first, a sentence each. */
    public List<String> story() {
        return chosen().map(r -> new ShelfStory(desk, titles).of(r.part().key()))
                .orElse(List.of());
    }

    /** An amount as it is said: pieces, or metres in the units of the job. */
    public String amount(double much, boolean metres) {
        return ShelfStory.amount(much, metres, units());
    }

    /** Counts as files. */
    public ShelfFiles files() {
        return files;
    }

    /** Something to say in the band. */
    public void tell(String sentence) {
        desk.tell(sentence);
    }
}
