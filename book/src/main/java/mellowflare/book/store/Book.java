package mellowflare.book.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import mellowflare.book.BookTrouble;
import mellowflare.book.job.JobJson;
import mellowflare.core.identify.ShopFindings;
import mellowflare.core.job.Job;
import mellowflare.core.machine.StepTimes;
import mellowflare.core.shelf.Count;
import mellowflare.core.shelf.Shelf;
import mellowflare.core.trouble.ShopCauses;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.Jdbi;
import org.jdbi.v3.core.statement.ColonPrefixSqlParser;
import org.jdbi.v3.core.statement.SqlParser;
import org.jdbi.v3.core.statement.SqlStatements;
import org.sqlite.SQLiteDataSource;

/**
 * The book of jobs. Every change is a revision, on disk when the call returns. One thread at a time; the caller sees to that.
 */
public final class Book implements AutoCloseable {
    private static final String CAUSES = """
            SELECT t.value ->> 'cause'
            FROM (SELECT CASE WHEN json_valid(r.json) THEN r.json ELSE '{}' END AS json
                  FROM job j JOIN revision r ON r.job_id = j.id AND r.seq = j.head) s,
                 json_each(s.json, '$.troubles') t
            WHERE t.value ->> 'cause' IS NOT NULL""";

    /** Changes of one field closer together than this become one step of undo. */
    private static final Duration MERGE_WITHIN = Duration.ofSeconds(3);

    private static final DateTimeFormatter MOMENT =
            DateTimeFormatter.ofPattern("uuuu-MM-dd'T'HH:mm:ss.SSS'Z'").withZone(ZoneOffset.UTC);

    private final Path folder;
    private final BookLock lock;
    private final Jdbi jdbi;
    private final Handle handle;

    private Book(Path folder, BookLock lock, Jdbi jdbi) {
        this.folder = folder;
        this.lock = lock;
        this.jdbi = jdbi;
        this.handle = this.jdbi.open();
    }

    /** Statements that were taken apart once in this process; taking one apart costs more than running it. */
    private static final SqlParser PARSED = new ColonPrefixSqlParser();

    /**
     * Opens the book in a folder, making both where they do not exist.
     *
     * @throws BookTrouble if the folder cannot be written, the book is open elsewhere, foreign, damaged or newer
     */
    public static Book open(Path folder) throws BookTrouble {
        return open(folder, false);
    }

    /** Like {@link #open}, but with an empty book: the one that lay there is thrown away. For the demo book only. */
    public static Book openFresh(Path folder) throws BookTrouble {
        return open(folder, true);
    }

    private static Book open(Path folder, boolean fresh) throws BookTrouble {
        try {
            Files.createDirectories(folder);
        } catch (IOException e) {
            throw new BookTrouble(Say.it("book.the-folder-cannot-be", "folder", folder), e);
        }
        BookLock lock = BookLock.take(folder);
        try {
            if (fresh) {
                BookFile.remove(folder);
            }
            SQLiteDataSource source = BookFile.open(folder);
            Jdbi jdbi = Jdbi.create(source);
            jdbi.getConfig(SqlStatements.class).setSqlParser(PARSED);
            return new Book(folder, lock, jdbi);
        } catch (BookTrouble e) {
            quietly(lock);
            throw e;
        } catch (RuntimeException e) {
            quietly(lock);
            throw new BookTrouble(Say.it("book.the-book-cannot-be", "folder", folder, "reason", Guard.reason(e)), e);
        }
    }

    private static void quietly(BookLock lock) {
        try {
            lock.close();
        } catch (IOException e) {
            // The lock goes with the process at the latest.
        }
    }

    public Path folder() {
        return folder;
    }

    /** Jobs, last changed first; with a search text only those that hold all its words in title, machine or anywhere in the job. */
    public List<JobHead> jobs(String search) throws BookTrouble {
        return Guard.guarded(Say.it("book.the-list-jobs-cannot"), () -> {
            List<String> words = search.isBlank()
                    ? List.of()
                    : List.of(search.strip().toLowerCase(Locale.ROOT).split("\\s+"));
            StringBuilder sql =
                    new StringBuilder("SELECT id, title, machine, left_off, changed_at, put_away FROM job WHERE 1 = 1");
            for (int i = 0; i < words.size(); i++) {
                sql.append(" AND instr(said, :w").append(i).append(") > 0");
            }
            sql.append(" ORDER BY put_away, changed_at DESC");
            var query = handle.createQuery(sql.toString());
            for (int i = 0; i < words.size(); i++) {
                query.bind("w" + i, words.get(i));
            }
            // By place: looked up by their names, the columns of ten thousand rows take longer than the rows.
            return query.map((r, ctx) -> new JobHead(
                            r.getString(1),
                            r.getString(2),
                            r.getString(3),
                            r.getString(4),
                            changed(r.getString(5)),
                            r.getInt(6) == 1))
                    .list();
        });
    }

    /** Every end that was named by measuring and whose joint was then fitted, over all jobs as they stand. */
    public ShopFindings findings() throws BookTrouble {
        return Guard.guarded(Say.it("book.the-findings-this-shop"), () -> FittedEnds.of(handle));
    }

    /** Every cause that was found to be wrong with a line, over all jobs as they stand. */
    public ShopCauses causes() throws BookTrouble {
        return Guard.guarded(
                Say.it("book.the-findings-this-shop"),
                () -> ShopCauses.of(
                        handle.createQuery(CAUSES).mapTo(String.class).list()));
    }

    /** What the work has taken from the shelf, over all jobs as they stand, and what was counted. */
    public Shelf shelf() throws BookTrouble {
        return Guard.guarded(Say.it("book.the-shelf-cannot-be"), () -> ShelfRows.of(handle));
    }

    /** How long the steps of all jobs took, as their ticks say. */
    public StepTimes stepTimes() throws BookTrouble {
        return Guard.guarded(Say.it("book.the-times-cannot-be"), () -> TickRows.of(handle));
    }

    /** Keeps a count of the shelf. On disk when this returns. */
    public void count(Count count) throws BookTrouble {
        Guard.guarded(
                Say.it("book.the-count-was-not"),
                () -> handle.inTransaction(h -> {
                    ShelfRows.add(h, count);
                    return null;
                }));
    }

    /** Takes the last count of a part back, so that the one before holds; whether there was one. */
    public boolean countBack(String part) throws BookTrouble {
        return Guard.guarded(
                Say.it("book.the-count-was-not"), () -> handle.inTransaction(h -> ShelfRows.takeBack(h, part)));
    }

    /** The job as it stands; empty if there is none of that id. */
    public Optional<Job> job(String id) throws BookTrouble {
        Optional<String> json = asItLies(id);
        return json.isEmpty() ? Optional.empty() : Optional.of(JobJson.read(json.get()));
    }

    /**
     * A job that was asked for.
     *
     * @param job as it stands; empty where there is none, or it cannot be read
     * @param aside why it is set aside; empty where it is not
     */
    public record Opened(Optional<Job> job, Optional<SetAside> aside) {}

    /**
     * A job that cannot be read. It lies in the book with all its states.
     *
     * @param id of the job
     * @param says what is wrong with it and what can be done, a whole sentence
     */
    public record SetAside(String id, String says) {}

    /** The job as it stands. One that cannot be read is named, and never stands in the way of the others. */
    public Opened opened(String id) throws BookTrouble {
        try {
            return new Opened(job(id), Optional.empty());
        } catch (BookTrouble e) {
            return new Opened(Optional.empty(), Optional.of(aside(id, e.getMessage())));
        }
    }

    /** Names a job as one that cannot be used. */
    public SetAside aside(String id, String why) throws BookTrouble {
        String title = Guard.guarded(
                Say.it("book.the-job-cannot-be"),
                () -> handle.createQuery("SELECT title FROM job WHERE id = :id")
                        .bind("id", id)
                        .mapTo(String.class)
                        .findOne()
                        .orElse(id));
        return new SetAside(id, Say.it("book.set-aside-for-cannot", "title", title, "why", why));
    }

    /** Goes back to the last state of a job that can be read; every later state stays in the book. Empty where none can. */
    public Optional<Job> lastReadable(String id, Instant at) throws BookTrouble {
        List<Row> rows = Guard.guarded(
                Say.it("book.the-states-job-cannot"),
                () -> handle.createQuery(
                                "SELECT seq, json, left_off, what FROM revision WHERE job_id = :id ORDER BY seq DESC")
                        .bind("id", id)
                        .map((r, ctx) -> new Row(
                                r.getInt("seq"), r.getString("json"), r.getString("left_off"), r.getString("what")))
                        .list());
        for (Row row : rows) {
            try {
                Job job = JobJson.read(row.json());
                Guard.guarded(
                        Say.it("book.the-job-was-not"),
                        () -> handle.inTransaction(h -> {
                            touch(job, row.json(), row.leftOff(), row.seq(), at);
                            return null;
                        }));
                return Optional.of(job);
            } catch (BookTrouble e) {
                continue;
            }
        }
        return Optional.empty();
    }

    /** The text of a job as it lies in the book, whatever it is. */
    public Optional<String> asItLies(String id) throws BookTrouble {
        return Guard.guarded(
                Say.it("book.the-job-cannot-be"),
                () -> handle.createQuery(
                                "SELECT r.json FROM job j JOIN revision r ON r.job_id = j.id AND r.seq = j.head WHERE j.id = :id")
                        .bind("id", id)
                        .mapTo(String.class)
                        .findOne());
    }

    /**
     * Saves a change. On disk when this returns.
     *
     * @param job the job as it is now
     * @param leftOff where the work stands, for the list
     * @param what the change in words, for undo: “cut figure”
     * @param mergeKey changes with the same key shortly after each other undo as one; empty never merges
     * @param at when
     */
    public void save(Job job, String leftOff, String what, String mergeKey, Instant at) throws BookTrouble {
        String json = JobJson.write(job);
        try {
            // What cannot be read again is no saved job.
            JobJson.read(json);
        } catch (BookTrouble e) {
            throw new BookTrouble(Say.it("book.was-not-saved", "what", what, "message", e.getMessage()), e);
        }
        Guard.guarded(
                Say.it("book.was-not-saved-2", "what", what),
                () -> handle.inTransaction(h -> {
                    Optional<Integer> head = head(job.id());
                    if (head.isPresent() && mergeable(job.id(), head.get(), mergeKey, at)) {
                        h.createUpdate(
                                        "UPDATE revision SET json = :json, left_off = :left, at = :at WHERE job_id = :id AND seq = :seq")
                                .bind("json", json)
                                .bind("left", leftOff)
                                .bind("at", moment(at))
                                .bind("id", job.id())
                                .bind("seq", head.get())
                                .execute();
                        touch(job, json, leftOff, head.get(), at);
                    } else {
                        int seq = h.createQuery("SELECT coalesce(max(seq), 0) + 1 FROM revision WHERE job_id = :id")
                                .bind("id", job.id())
                                .mapTo(Integer.class)
                                .one();
                        if (head.isEmpty()) {
                            h.createUpdate(
                                            "INSERT INTO job (id, title, machine, left_off, head, opened_at, changed_at) VALUES (:id, '', '', '', 0, :at, :at)")
                                    .bind("id", job.id())
                                    .bind("at", moment(at))
                                    .execute();
                        }
                        h.createUpdate(
                                        "INSERT INTO revision (job_id, seq, parent, json, left_off, what, merge_key, at) VALUES (:id, :seq, :parent, :json, :left, :what, :key, :at)")
                                .bind("id", job.id())
                                .bind("seq", seq)
                                .bind("parent", head.orElse(null))
                                .bind("json", json)
                                .bind("left", leftOff)
                                .bind("what", what)
                                .bind("key", mergeKey)
                                .bind("at", moment(at))
                                .execute();
                        touch(job, json, leftOff, seq, at);
                    }
                    return null;
                }));
    }

    /** Takes back the last change; gives the job as it was and what was undone, or empty when there is nothing before it. */
    public Optional<Moved> undo(String id, Instant at) throws BookTrouble {
        return move(
                Say.it("book.undo-failed"),
                "SELECT p.seq, p.json, p.left_off, r.what FROM job j JOIN revision r ON r.job_id = j.id AND r.seq = j.head JOIN revision p ON p.job_id = j.id AND p.seq = r.parent WHERE j.id = :id",
                id,
                at);
    }

    /** Brings back the change last undone; empty when there is none. */
    public Optional<Moved> redo(String id, Instant at) throws BookTrouble {
        return move(
                Say.it("book.redo-failed"),
                "SELECT r.seq, r.json, r.left_off, r.what FROM job j JOIN revision r ON r.job_id = j.id AND r.parent = j.head WHERE j.id = :id ORDER BY r.seq DESC LIMIT 1",
                id,
                at);
    }

    /** A job after undo or redo, and the change in words. */
    public record Moved(Job job, String what) {}

    /** Puts a job away, or takes it out again; it stays in the book either way. */
    public void putAway(String id, boolean away) throws BookTrouble {
        Guard.guarded(
                Say.it("book.the-job-was-not-2"),
                () -> handle.createUpdate("UPDATE job SET put_away = :away WHERE id = :id")
                        .bind("away", away ? 1 : 0)
                        .bind("id", id)
                        .execute());
    }

    public Optional<String> preference(String name) throws BookTrouble {
        return Guard.guarded(
                Say.it("book.the-preferences-cannot-be"),
                () -> handle.createQuery("SELECT value FROM preference WHERE name = :name")
                        .bind("name", name)
                        .mapTo(String.class)
                        .findOne());
    }

    public void preference(String name, String value) throws BookTrouble {
        Guard.guarded(
                Say.it("book.the-preference-was-not"),
                () -> handle.createUpdate(
                                "INSERT INTO preference (name, value) VALUES (:name, :value) ON CONFLICT (name) DO UPDATE SET value = excluded.value")
                        .bind("name", name)
                        .bind("value", value)
                        .execute());
    }

    /** For tests of a full disk: no more pages than this. */
    void limitPages(int pages) {
        handle.execute("PRAGMA max_page_count = " + pages);
    }

    private record Row(int seq, String json, String leftOff, String what) {}

    /** Moves the job's head to the revision that the query finds, and shows the list what stands there. */
    private Optional<Moved> move(String failed, String sql, String id, Instant at) throws BookTrouble {
        Optional<Row> row = Guard.guarded(
                failed,
                () -> handle.createQuery(sql)
                        .bind("id", id)
                        .map((r, ctx) -> new Row(
                                r.getInt("seq"), r.getString("json"), r.getString("left_off"), r.getString("what")))
                        .findOne());
        if (row.isEmpty()) {
            return Optional.empty();
        }
        Job job = JobJson.read(row.get().json());
        Guard.guarded(
                failed,
                () -> handle.inTransaction(h -> {
                    touch(job, row.get().json(), row.get().leftOff(), row.get().seq(), at);
                    return null;
                }));
        return Optional.of(new Moved(job, row.get().what()));
    }

    private Optional<Integer> head(String id) {
        return handle.createQuery("SELECT head FROM job WHERE id = :id")
                .bind("id", id)
                .mapTo(Integer.class)
                .findOne();
    }

    private boolean mergeable(String id, int head, String key, Instant at) {
        if (key.isEmpty()) {
            return false;
        }
        return handle.createQuery(
                                "SELECT count(*) FROM revision r WHERE job_id = :id AND seq = :head AND merge_key = :key AND at >= :since AND parent IS NOT NULL AND NOT EXISTS (SELECT 1 FROM revision c WHERE c.job_id = r.job_id AND c.parent = r.seq)")
                        .bind("id", id)
                        .bind("head", head)
                        .bind("key", key)
                        .bind("since", moment(at.minus(MERGE_WITHIN)))
                        .mapTo(Integer.class)
                        .one()
                == 1;
    }

    private void touch(Job job, String json, String leftOff, int head, Instant at) {
        handle.createUpdate(
                        "UPDATE job SET title = :title, machine = :machine, left_off = :left, head = :head, changed_at = :at, said = :said WHERE id = :id")
                .bind("title", job.title())
                .bind("machine", job.machine())
                .bind("said", SearchText.of(job, json))
                .bind("left", leftOff)
                .bind("head", head)
                .bind("at", moment(at))
                .bind("id", job.id())
                .execute();
    }

    /** A damaged moment counts as long ago. */
    private static Instant changed(String text) {
        try {
            return Instant.parse(text);
        } catch (DateTimeParseException e) {
            return Instant.EPOCH;
        }
    }

    /** Moments as texts of one width, so that they sort as they follow. */
    private static String moment(Instant at) {
        return MOMENT.format(at);
    }

    @Override
    public void close() {
        handle.close();
        quietly(lock);
    }
}
