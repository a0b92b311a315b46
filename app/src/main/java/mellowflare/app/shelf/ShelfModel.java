package mellowflare.app.shelf;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Executor;
import java.util.concurrent.atomic.AtomicInteger;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import mellowflare.app.desk.Desk;
import mellowflare.app.entry.FieldState;
import mellowflare.book.BookTrouble;
import mellowflare.book.exchange.TextFiles;
import mellowflare.book.parts.ShelfCsv;
import mellowflare.book.store.Book;
import mellowflare.book.store.JobHead;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.job.LeftOff;
import mellowflare.core.line.Cuts;
import mellowflare.core.line.Take;
import mellowflare.core.machine.Machine;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.Refusal;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.parts.ShelfLine;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.shelf.Count;
import mellowflare.core.shelf.CountText;
import mellowflare.core.shelf.Held;
import mellowflare.core.shelf.Move;
import mellowflare.core.shelf.Shelf;
import mellowflare.core.shelf.Used;

/** What the page of the shelf does, without a window. */
public final class ShelfModel {
    private static final DateTimeFormatter MOMENT =
            DateTimeFormatter.ofPattern("d MMM HH:mm", Locale.ENGLISH).withZone(ZoneId.systemDefault());

    /** Stands for whoever counts while a count is still being typed. */
    private static final String NOBODY = "-";

    private final Desk desk;
    private final Executor away;
    private final Executor back;
    private final StringProperty search = new SimpleStringProperty("");
    private final ReadOnlyObjectWrapper<List<Row>> rows = new ReadOnlyObjectWrapper<>(List.of());
    private final ReadOnlyObjectWrapper<List<String>> leftOut = new ReadOnlyObjectWrapper<>(List.of());
    private final FieldState<Count> count = FieldState.of(this::reads, c -> c.metres() ? amount(c.amount(), true) : "");
    private final AtomicInteger turn = new AtomicInteger();
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
                        ShelfModel::inWork,
                        read -> away.execute(() -> {
                            Map<String, Double> wanted = wanted(read.jobs, data);
                            back.execute(() -> {
                                if (turn.get() == mine) {
                                    spokenFor = wanted;
                                    titles = read.titles;
                                    list();
                                }
                            });
                        }),
                        desk::tell);
    }

    private record InWork(List<Job> jobs, Map<String, String> titles) {}

    private static InWork inWork(Book book) throws BookTrouble {
        List<Job> jobs = new ArrayList<>();
        Map<String, String> titles = new HashMap<>();
        for (JobHead h : book.jobs("")) {
            titles.put(h.id(), h.title());
            if (!h.putAway() && LeftOff.read(h.leftOff()).inProgress()) {
                book.opened(h.id()).job().ifPresent(jobs::add);
            }
        }
        return new InWork(jobs, titles);
    }

    private static Map<String, Double> wanted(List<Job> jobs, ReferenceData data) {
        List<Evaluation> lines = jobs.stream().map(j -> Evaluation.of(j, data)).toList();
        Map<String, Double> all = new HashMap<>();
        Machine.of("", lines)
                .parts()
                .forEach(p -> all.put(p.take().key(), p.take().need() - p.take().taken()));
        return all;
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
        for (ShelfLine l : words.isEmpty() ? listed() : ShelfLine.all(desk.data())) {
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

    private List<ShelfLine> listed() {
        ReferenceData data = desk.data();
        Shelf shelf = data.get(Shelf.KEY);
        return switch (which) {
            case LINE -> ofLine(data);
            case MOVED ->
                ShelfLine.all(data).stream()
                        .filter(l -> shelf.touched().contains(l.key()))
                        .toList();
            case COUNT ->
                ShelfLine.all(data).stream()
                        .filter(l -> l.held().wantsCounting())
                        .toList();
            case ALL -> ShelfLine.all(data);
        };
    }

    /** What the open line takes, the stock that it is cut from too; of what no shelf is kept yet can be counted here for the first time. */
    private List<ShelfLine> ofLine(ReferenceData data) {
        List<ShelfLine> all = new ArrayList<>();
        Set<String> seen = new HashSet<>();
        Shelf shelf = data.get(Shelf.KEY);
        List<Cuts> cuts = desk.current().plan().cuts();
        boolean cut = !cuts.isEmpty();
        for (Take t : Take.together(desk.current().plan().takes())) {
            // What is cut is listed by the stock that it is cut from.
            if (!(t.metres() && cut) && seen.add(t.key())) {
                all.add(line(shelf, t.key(), t.name(), t.metres()));
            }
        }
        for (Cuts c : cuts) {
            if (seen.add(c.key())) {
                all.add(0, line(shelf, c.key(), c.material(), true));
            }
        }
        return all;
    }

    private static ShelfLine line(Shelf shelf, String key, String name, boolean metres) {
        return new ShelfLine(key, name, metres, shelf.held(key).orElse(new Held(0, List.of(), 0)));
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
        List<String> all = new ArrayList<>();
        chosen().ifPresent(r -> {
            String key = r.part().key();
            shelf().moves(key).forEach(m -> all.add(0, move(m)));
            shelf().count(key)
                    .ifPresent(c -> all.add(Say.it(
                            "shelf-model.counted",
                            "when",
                            MOMENT.format(c.at()),
                            "by",
                            c.by(),
                            "amount",
                            amount(c.amount(), c.metres()))));
        });
        return all;
    }

    private String move(Move m) {
        String when = MOMENT.format(m.at());
        String job = m.job().equals(desk.job().id())
                ? desk.job().title()
                : titles.getOrDefault(m.job(), Say.it("shelf-model.another-job"));
        String amount = amount(m.used().amount(), m.used().metres());
        Optional<String> left = m.used().left().map(l -> LengthFormat.shop(l, units()));
        if (left.isEmpty()) {
            return Say.it("shelf-model.took", "when", when, "by", m.by(), "amount", amount, "job", job);
        }
        return m.used().from() == Used.From.JOB
                ? Say.it("shelf-model.came", "when", when, "by", m.by(), "job", job, "left", left.get())
                : Say.it(
                        "shelf-model.cut",
                        "when",
                        when,
                        "by",
                        m.by(),
                        "amount",
                        amount,
                        "job",
                        job,
                        "left",
                        left.get());
    }

    /** An amount as it is said: pieces, or metres in the units of the job. */
    public String amount(double much, boolean metres) {
        return metres ? LengthFormat.shop(Length.ofMm(much * 1000), units()) : LengthFormat.decimal(much, 0, 0);
    }

    // --- files ---

    /** Rows of the last file that were left out, each with its reason. */
    public ReadOnlyObjectProperty<List<String>> leftOutProperty() {
        return leftOut.getReadOnlyProperty();
    }

    /** Writes a sheet to count by. */
    public void writeSheet() {
        String text = ShelfCsv.text(ShelfLine.all(desk.data()));
        desk.keeper()
                .ask(
                        book -> TextFiles.write(
                                book.folder().resolve("out").resolve("shelf.csv"),
                                text.getBytes(StandardCharsets.UTF_8)),
                        path -> desk.tell(Say.it("shelf-model.written", "path", path)),
                        desk::tell);
    }

    /** Takes a file of counts in: good rows count at once, the others are named. */
    public void take(Path file) {
        String by = desk.personProperty().get();
        if (by.isBlank()) {
            desk.tell(Say.it("shelf-model.no-name"));
            return;
        }
        ReferenceData data = desk.data();
        desk.keeper()
                .ask(
                        book -> {
                            ShelfCsv.Counted read =
                                    ShelfCsv.read(file, data, desk.clock().instant(), by);
                            for (Count c : read.counts()) {
                                book.count(c);
                            }
                            return read;
                        },
                        read -> {
                            leftOut.set(read.troubles());
                            desk.lookUpShelf();
                            desk.tell(Say.it(
                                    "shelf-model.taken",
                                    "good",
                                    read.counts().size(),
                                    "left",
                                    read.troubles().size()));
                        },
                        desk::tell);
    }

    /** Something to say in the band. */
    public void tell(String sentence) {
        desk.tell(sentence);
    }
}
