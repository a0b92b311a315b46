package mellowflare.app.desk;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import mellowflare.book.BookTrouble;
import mellowflare.book.exchange.TextFiles;
import mellowflare.book.job.Papers;
import mellowflare.book.store.Book;
import mellowflare.book.store.JobHead;
import mellowflare.core.connection.End;
import mellowflare.core.connection.Seat;
import mellowflare.core.identify.ShopFindings;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.parts.Shelved;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.sealing.SealAdvice;
import mellowflare.core.sealing.Sealing;
import mellowflare.core.shelf.Count;
import mellowflare.core.shelf.Move;
import mellowflare.core.shelf.Shelf;

/**
 * The one job that is open across all places. Every change is worked out at once and saved at once, in the background; “saved” is shown only
 * when it is on disk. Used on the interface thread only.
 */
public final class Desk {
    private final Keeper keeper;
    private ReferenceData listed;
    private ReferenceData data;
    private final ReadOnlyObjectWrapper<Shelf> shelf = new ReadOnlyObjectWrapper<>(Shelf.AS_LISTED);
    private final Clock clock;
    private final ReadOnlyObjectWrapper<Evaluation> current = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<SaveState> saved = new ReadOnlyObjectWrapper<>(SaveState.SAVED);
    private final ReadOnlyObjectWrapper<ShopFindings> findings = new ReadOnlyObjectWrapper<>(ShopFindings.NONE);
    private final ReadOnlyObjectWrapper<Optional<Book.SetAside>> aside = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyStringWrapper news = new ReadOnlyStringWrapper("");
    private final StringProperty person = new SimpleStringProperty("");
    private int waiting;
    private boolean unsaved;

    /**
     * @param keeper keeps the book
     * @param data the tables
     * @param first the job open at the start, worked out
     * @param clock for the record of when
     */
    public Desk(Keeper keeper, ReferenceData data, Evaluation first, Clock clock) {
        this.keeper = keeper;
        this.listed = data;
        this.data = data;
        this.clock = clock;
        current.set(first);
        lookUpFindings();
        lookUpShelf();
    }

    /** The open job with its results; a new value on every change. */
    public ReadOnlyObjectProperty<Evaluation> currentProperty() {
        return current.getReadOnlyProperty();
    }

    public Evaluation current() {
        return current.get();
    }

    public Job job() {
        return current.get().job();
    }

    public ReadOnlyObjectProperty<SaveState> savedProperty() {
        return saved.getReadOnlyProperty();
    }

    /** The last thing worth saying: what was undone, where a sheet went. */
    public ReadOnlyStringProperty newsProperty() {
        return news.getReadOnlyProperty();
    }

    public void tell(String sentence) {
        news.set(sentence);
    }

    /** What was named and fitted here before, over all jobs of the book. */
    public ReadOnlyObjectProperty<ShopFindings> findingsProperty() {
        return findings.getReadOnlyProperty();
    }

    /** Looks the shop's findings up again; done at the start and whenever a job is opened. */
    private void lookUpFindings() {
        keeper.ask(Book::findings, findings::set, this::tell);
    }

    /** Who is at the bench. */
    public StringProperty personProperty() {
        return person;
    }

    public ReferenceData data() {
        return data;
    }

    /** The tables with another catalogue, as its lists say; the open job is worked out anew. */
    public void take(ReferenceData other) {
        listed = other;
        lay(shelf.get());
    }

    /** The tables as their lists say, without what the work has taken from the shelf. */
    public ReferenceData listed() {
        return listed;
    }

    /** What lies on the shelf: it follows the ticks of all jobs. */
    public ReadOnlyObjectProperty<Shelf> shelfProperty() {
        return shelf.getReadOnlyProperty();
    }

    /** Reads the shelf from the book anew, and works the open job out with it. */
    public void lookUpShelf() {
        keeper.ask(
                Book::shelf,
                read -> {
                    if (!read.touched().isEmpty() || !shelf.get().touched().isEmpty()) {
                        lay(read.withJob(job().id(), job().moves()));
                    }
                },
                this::tell);
    }

    private void lay(Shelf now) {
        data = Shelved.over(listed, now);
        shelf.set(data.get(Shelf.KEY));
        current.set(Evaluation.of(job(), data));
    }

    /** Lets the shelf follow the ticks of a job. */
    private void follow(Job job) {
        List<Move> moves = job.moves();
        if (!shelf.get().of(job.id()).equals(moves)) {
            data = Shelved.over(listed, shelf.get().withJob(job.id(), moves));
            shelf.set(data.get(Shelf.KEY));
        }
    }

    /** Keeps a count of the shelf. */
    public void count(Count count) {
        keeper.ask(
                book -> {
                    book.count(count);
                    return null;
                },
                done -> {
                    lay(shelf.get().counted(count));
                    tell(Say.it("desk.counted", "name", count.name()));
                },
                this::tell);
    }

    /** Takes the last count of a part back. */
    public void countBack(String part, String name) {
        keeper.ask(
                book -> book.countBack(part),
                was -> {
                    tell(was ? Say.it("desk.count-taken-back", "name", name) : Say.it("desk.no-count", "name", name));
                    lookUpShelf();
                },
                this::tell);
    }

    public Clock clock() {
        return clock;
    }

    public Keeper keeper() {
        return keeper;
    }

    /**
     * Changes the job.
     *
     * @param what the change in words, for undo
     * @param mergeKey changes with the same key in quick succession undo as one
     * @param change from the job as it is to the job as it shall be
     */
    public void change(String what, String mergeKey, UnaryOperator<Job> change) {
        Job after = change.apply(job());
        if (after.equals(job())) {
            return;
        }
        follow(after);
        current.set(Evaluation.after(current(), after, data));
        save(what, mergeKey);
    }

    /** Writes a paper of the open job into the folder beside the book, off the interface thread, and says where it went or why not. */
    public void write(Papers.Offer paper) {
        Evaluation now = current();
        ZonedDateTime at = ZonedDateTime.now(clock);
        keeper.ask(
                book -> Papers.write(paper.id(), now, book.folder().resolve("out"), at),
                path -> tell(Say.it("desk.written", "paper", paper.title(), "path", path)),
                this::tell);
    }

    /** The papers of the open job. */
    public List<Papers.Offer> papers() {
        return Papers.offered(job().kind());
    }

    /** Shows the open job with more that a longer search found; the job itself is the same. */
    public void found(Evaluation more) {
        if (more.job().equals(job())) {
            current.set(more);
        }
    }

    private void save(String what, String mergeKey) {
        Evaluation now = current.get();
        var at = clock.instant();
        busy();
        keeper.ask(
                book -> {
                    book.save(now.job(), now.leftOff().kept(), what, mergeKey, at);
                    return null;
                },
                done -> {
                    unsaved = false;
                    ready();
                },
                sentence -> {
                    unsaved = true;
                    trouble(sentence);
                });
    }

    /** Whether the open job holds changes that could not be written. */
    public boolean unsaved() {
        return unsaved;
    }

    /**
     * Leaves the open job for another only once it is on disk: what waits is written first; after trouble it is saved again, and the job
     * stays open when that fails too.
     */
    private void leave(Runnable onward) {
        keeper.ask(
                book -> null,
                done -> {
                    if (unsaved) {
                        saveLate(onward);
                    } else {
                        onward.run();
                    }
                },
                this::tell);
    }

    private void saveLate(Runnable onward) {
        Evaluation now = current.get();
        var at = clock.instant();
        busy();
        keeper.ask(
                book -> {
                    book.save(now.job(), now.leftOff().kept(), Say.it("desk.changes-saved-late"), "", at);
                    return null;
                },
                done -> {
                    unsaved = false;
                    ready();
                    onward.run();
                },
                sentence -> {
                    trouble(sentence);
                    news.set(Say.it("desk.the-open-job-kept"));
                });
    }

    public void undo() {
        move(
                (book, id) -> book.undo(id, clock.instant()),
                what -> Say.it("desk.undone", "what", what),
                Say.it("desk.there-nothing-before-this"));
    }

    public void redo() {
        move(
                (book, id) -> book.redo(id, clock.instant()),
                what -> Say.it("desk.done-again", "what", what),
                Say.it("desk.there-nothing-do-again"));
    }

    private interface Turn {
        Optional<Book.Moved> of(Book book, String id) throws BookTrouble;
    }

    private void move(Turn turn, UnaryOperator<String> words, String nothing) {
        leave(() -> moveSaved(turn, words, nothing));
    }

    private void moveSaved(Turn turn, UnaryOperator<String> words, String nothing) {
        String id = job().id();
        busy();
        keeper.ask(
                book -> turn.of(book, id),
                moved -> {
                    ready();
                    if (moved.isPresent() && job().id().equals(id)) {
                        follow(moved.get().job());
                        current.set(Evaluation.of(moved.get().job(), data));
                        news.set(words.apply(moved.get().what()));
                    } else {
                        news.set(nothing);
                    }
                },
                this::trouble);
    }

    /** Opens another job of the book. */
    public void open(String id) {
        leave(() -> openSaved(id));
    }

    private void openSaved(String id) {
        lookUpFindings();
        busy();
        keeper.ask(
                book -> {
                    Book.Opened opened = book.opened(id);
                    if (opened.job().isPresent()) {
                        book.preference("open-job", id);
                    }
                    return opened;
                },
                opened -> {
                    ready();
                    opened.job().ifPresent(this::show);
                    setAside(opened.aside());
                },
                this::trouble);
    }

    /** Works a job out and shows it; one that cannot be worked out is set aside. */
    private void show(Job job) {
        try {
            follow(job);
            current.set(Evaluation.of(job, data));
            news.set("");
        } catch (IllegalArgumentException | ArithmeticException e) {
            keeper.ask(
                    book -> Optional.of(book.aside(job.id(), String.valueOf(e.getMessage()) + ".")),
                    this::setAside,
                    this::tell);
        }
    }

    /** A job that was to be opened and cannot be read; empty where there is none. */
    public void setAside(Optional<Book.SetAside> job) {
        aside.set(job);
        job.ifPresent(a -> news.set(a.says()));
    }

    /** The job that was asked for last and cannot be read. */
    public ReadOnlyObjectProperty<Optional<Book.SetAside>> asideProperty() {
        return aside.getReadOnlyProperty();
    }

    /** Goes back to the last state of a job that can be read, and opens it. */
    public void openLastReadable(String id) {
        keeper.ask(
                book -> book.lastReadable(id, clock.instant()),
                job -> {
                    if (job.isEmpty()) {
                        tell(Say.it("desk.no-state-this-job"));
                        return;
                    }
                    setAside(Optional.empty());
                    keeper.remember("open-job", id, () -> {}, this::tell);
                    show(job.get());
                },
                this::tell);
    }

    /** Writes a job out as it lies in the book, whatever is wrong with it. */
    public void writeAsItLies(String id) {
        keeper.ask(
                book -> TextFiles.write(
                        book.folder().resolve("out").resolve(TextFiles.name(id) + "-as-it-lies.json"),
                        book.asItLies(id).orElse("").getBytes(StandardCharsets.UTF_8)),
                file -> tell(Say.it("desk.written-as-lies", "file", file)),
                this::tell);
    }

    /** Opens a new, empty job in the units of the present one. */
    public void openNew() {
        put(Job.open(UUID.randomUUID().toString(), Say.it("desk.new-line"), "", job().units()), Say.it("desk.new-job"));
    }

    /** Puts a job into the book and opens it. */
    public void put(Job job, String what) {
        leave(() -> putSaved(job, what));
    }

    private void putSaved(Job job, String what) {
        lookUpFindings();
        follow(job);
        current.set(Evaluation.of(job, data));
        save(what, "");
        keeper.remember("open-job", job.id(), () -> {}, this::tell);
    }

    /** The list of jobs for a search text. */
    public void jobs(String search, Consumer<List<JobHead>> done) {
        keeper.ask(book -> book.jobs(search), done, this::tell);
    }

    public void rememberPerson(String name) {
        person.set(name);
        keeper.remember("person", name, () -> {}, this::tell);
    }

    /** How to seal on a seat of an end, in the fluid and the practice of the open job. */
    public Optional<SealAdvice> sealOn(End end, Seat seat) {
        return data.get(Sealing.KEY).advise(end, seat, current().fluid(), job().practice(), data);
    }

    public UnitSystem units() {
        return job().units();
    }

    private void busy() {
        waiting++;
        saved.set(SaveState.SAVING);
    }

    private void ready() {
        waiting--;
        if (waiting == 0 && !unsaved) {
            saved.set(SaveState.SAVED);
        }
    }

    private void trouble(String sentence) {
        waiting--;
        saved.set(SaveState.trouble(sentence));
    }
}
