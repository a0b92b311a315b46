package mellowflare.app.pipe;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import mellowflare.app.desk.Desk;
import mellowflare.book.BookTrouble;
import mellowflare.book.exchange.TextFiles;
import mellowflare.book.pipe.PipeFiles;
import mellowflare.book.store.Book;
import mellowflare.book.store.JobHead;
import mellowflare.core.cutting.CutPlan;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.pipe.PipeLineKind;
import mellowflare.core.pipe.line.PipeBars;
import mellowflare.core.pipe.line.PipeCase;
import mellowflare.core.pipe.line.PipeLine;
import mellowflare.core.reference.ReferenceData;

/** Other jobs of rigid pipe whose pieces are cut together with those of the open one. Looked up in the book when asked for, off the interface thread. */
public final class Together {
    /** So many jobs are looked through, those changed last first. */
    private static final int MOST = 200;

    private final Desk desk;
    private String of = "";
    private List<Other> offered = List.of();
    private final Map<Integer, Other> chosen = new TreeMap<>();
    private boolean asked;
    private Runnable onChange = () -> {};

    Together(Desk desk) {
        this.desk = desk;
    }

    /**
     * Another job with pieces to cut.
     *
     * @param number by which its pieces are marked, from 2
     * @param job as it was looked up
     * @param c its line
     */
    public record Other(int number, Job job, PipeCase c) {}

    /** Called when what is offered or chosen changes. */
    public void onChange(Runnable action) {
        onChange = action;
    }

    /** The jobs that were found; none before they were looked up, or for another job than the open one. */
    public List<Other> offered() {
        follow();
        return offered;
    }

    /** Whether they were looked up. */
    public boolean asked() {
        follow();
        return asked;
    }

    private void follow() {
        if (!of.equals(desk.job().id())) {
            of = desk.job().id();
            offered = List.of();
            chosen.clear();
            asked = false;
        }
    }

    /** Looks for jobs that have pieces to cut. */
    public void look() {
        follow();
        String open = of;
        ReferenceData data = desk.data();
        desk.keeper()
                .ask(
                        book -> others(book, open, data),
                        found -> {
                            if (open.equals(desk.job().id())) {
                                offered = found;
                                asked = true;
                                onChange.run();
                            }
                        },
                        desk::tell);
    }

    private static List<Other> others(Book book, String open, ReferenceData data) throws BookTrouble {
        List<Other> all = new ArrayList<>();
        int number = 2;
        for (JobHead head : book.jobs("").stream().limit(MOST).toList()) {
            if (head.id().equals(open) || head.putAway()) {
                continue;
            }
            Optional<Job> job = book.opened(head.id()).job();
            Optional<PipeCase> c = job.flatMap(j -> pipe(j, data))
                    .filter(x ->
                            !PipeBars.tasks(List.of(PipeBars.Marked.alone(x))).isEmpty());
            if (c.isPresent()) {
                all.add(new Other(number++, job.get(), c.get()));
            }
        }
        return all;
    }

    private static Optional<PipeCase> pipe(Job job, ReferenceData data) {
        try {
            return job.is(PipeLineKind.PIPE)
                    ? Evaluation.of(job, data).plan(PipeLineKind.PIPE).map(p -> p.c())
                    : Optional.empty();
        } catch (IllegalArgumentException | ArithmeticException e) {
            // A job that cannot be worked out says so when it is opened; it has nothing to cut.
            return Optional.empty();
        }
    }

    public boolean chosen(Other o) {
        return chosen.containsKey(o.number());
    }

    public void press(Other o) {
        if (chosen.remove(o.number()) == null) {
            chosen.put(o.number(), o);
        }
        onChange.run();
    }

    /** The open line, and those that are cut with it. */
    List<PipeBars.Marked> lines(PipeCase mine) {
        follow();
        List<PipeBars.Marked> all = new ArrayList<>();
        all.add(new PipeBars.Marked(mine, chosen.isEmpty() ? "" : "1"));
        chosen.values().forEach(o -> all.add(new PipeBars.Marked(o.c(), Integer.toString(o.number()))));
        return all;
    }

    /** Marks the pieces of the other jobs as cut, and saves those jobs; each can be undone where it is opened. */
    void cut(List<PipeBars.Marked> lines, Map<PipeBars.Kind, CutPlan> plans) {
        int which = 1;
        for (Other o : List.copyOf(chosen.values())) {
            PipeLine after = PipeBars.cut(lines, which++, plans);
            ReferenceData data = desk.data();
            var at = desk.clock().instant();
            desk.keeper()
                    .ask(
                            book -> {
                                // The book may hold a later state than the one that was looked up.
                                Job now = book.job(o.job().id()).orElse(o.job());
                                if (!now.equals(o.job())) {
                                    throw new BookTrouble(Say.it(
                                            "together.changed", "job", o.job().title()));
                                }
                                Job job = now.change(PipeLineKind.PIPE, l -> after);
                                book.save(
                                        job,
                                        Evaluation.of(job, data).leftOff().kept(),
                                        Say.it("pieces-model.cut"),
                                        "",
                                        at);
                                return null;
                            },
                            done -> {},
                            desk::tell);
        }
        chosen.clear();
        offered = List.of();
        asked = false;
    }

    /** Writes the cut list of all lines that are cut together. */
    public void write(List<PipeBars.Marked> lines, Map<PipeBars.Kind, CutPlan> plans) {
        desk.keeper()
                .ask(
                        book -> TextFiles.write(
                                book.folder().resolve("out").resolve("cuts-together.csv"),
                                PipeFiles.cutsCsv(lines, plans).getBytes(StandardCharsets.UTF_8)),
                        path -> desk.tell(Say.it("together.written", "path", path)),
                        desk::tell);
    }
}
