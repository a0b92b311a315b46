package mellowflare.app.machine;

import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.Executor;
import java.util.concurrent.atomic.AtomicInteger;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import mellowflare.app.desk.Desk;
import mellowflare.app.entry.FieldState;
import mellowflare.app.entry.Numbers;
import mellowflare.book.BookTrouble;
import mellowflare.book.exchange.TextFiles;
import mellowflare.book.machine.KitPdf;
import mellowflare.book.store.Book;
import mellowflare.book.store.JobHead;
import mellowflare.core.cutting.CutPlan;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.machine.Carried;
import mellowflare.core.machine.DueLine;
import mellowflare.core.machine.Hours;
import mellowflare.core.machine.Machine;
import mellowflare.core.machine.MachineLine;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.reference.ReferenceData;

/** What the page of a machine does, without a window. Its lines are read and worked out off the interface thread; what comes late for another machine falls away. */
public final class MachineModel {
    private static final int MOST_COPIES = 50;
    private static final int FIRST = 8;
    private static final int BATCH = 32;

    private final Desk desk;
    private final Executor away;
    private final Executor back;
    private final FieldState<String> name = FieldState.of(t -> Read.of(t.strip()), t -> "");
    private final FieldState<Double> copies = Numbers.field(Say.it("machine-model.the-number"), 1, MOST_COPIES, "");
    private final ReadOnlyObjectWrapper<Machine> machine = new ReadOnlyObjectWrapper<>(Machine.of("", List.of()));
    private final ReadOnlyObjectWrapper<Map<String, CutPlan>> plans = new ReadOnlyObjectWrapper<>(Map.of());
    private final ReadOnlyStringWrapper working = new ReadOnlyStringWrapper("");
    private final AtomicInteger turn = new AtomicInteger();
    private final ReadOnlyObjectWrapper<Hours> hours = new ReadOnlyObjectWrapper<>(Hours.NONE);
    private final MachineUpkeep upkeep;
    private List<Carried> bag = List.of();

    /**
     * @param away runs what takes long
     * @param back hands its result on, on the interface thread
     */
    public MachineModel(Desk desk, Executor away, Executor back) {
        this.desk = desk;
        this.away = away;
        this.back = back;
        name.onChange(this::load);
        upkeep = new MachineUpkeep(desk, this::machine, this::load);
    }

    /** The machine as it is typed; its lines are those of its parts too. */
    public FieldState<String> name() {
        return name;
    }

    public FieldState<Double> copies() {
        return copies;
    }

    public ReadOnlyObjectProperty<Machine> machineProperty() {
        return machine.getReadOnlyProperty();
    }

    public Machine machine() {
        return machine.get();
    }

    /** What is cut, once it was worked out. */
    public ReadOnlyObjectProperty<Map<String, CutPlan>> plansProperty() {
        return plans.getReadOnlyProperty();
    }

    /** What is being worked out, in a sentence; empty when all is there. */
    public ReadOnlyStringProperty workingProperty() {
        return working.getReadOnlyProperty();
    }

    public UnitSystem units() {
        return desk.units();
    }

    /** Shows the machine of the open job, unless one of its own was typed. */
    public void opened() {
        String of = Machine.nameOf(desk.job().machine());
        boolean strange = !Machine.holds(name.value().orElse(""), desk.job().machine());
        if (name.value().isEmpty() || strange) {
            name.show(of, Optional.of(of).filter(t -> !t.isBlank()), units());
        }
        upkeep.opened();
        load();
    }

    /** Reads the lines of the machine and works them out. */
    private void load() {
        int mine = turn.incrementAndGet();
        String of = name.value().orElse("");
        if (of.isBlank()) {
            upkeep.due(List.of());
            bag = List.of();
            hours.set(Hours.NONE);
            machine.set(Machine.of("", List.of()));
            plans.set(Map.of());
            working.set("");
            return;
        }
        working.set(Say.it("machine-model.reading"));
        ReferenceData data = desk.data();
        desk.keeper().ask(book -> jobs(book, of), jobs -> away.execute(() -> work(mine, of, jobs, data)), sentence -> {
            working.set("");
            desk.tell(sentence);
        });
    }

    /** Jobs that are not put away, oldest change first; one that cannot be read costs itself. */
    private static List<Job> jobs(Book book, String name) throws BookTrouble {
        List<Job> all = new ArrayList<>();
        for (JobHead h : book.jobs("")) {
            if (!h.putAway() && Machine.holds(name, h.machine())) {
                book.opened(h.id()).job().ifPresent(j -> all.add(0, j));
            }
        }
        return all;
    }

    /** Lines are worked out side by side, so many at a time; between them it can be given up. */
    private void work(int mine, String of, List<Job> jobs, ReferenceData data) {
        List<Evaluation> lines = new ArrayList<>();
        while (lines.size() < jobs.size()) {
            List<Job> next =
                    jobs.subList(lines.size(), Math.min(lines.size() + (lines.isEmpty() ? FIRST : BATCH), jobs.size()));
            lines.addAll(next.parallelStream().map(j -> Evaluation.of(j, data)).toList());
            if (turn.get() != mine) {
                return;
            }
            int done = lines.size();
            // The first lines are shown while the others are worked out.
            Optional<Machine> first =
                    done == FIRST ? Optional.of(Machine.of(of, List.copyOf(lines))) : Optional.empty();
            back.execute(() -> {
                if (turn.get() == mine) {
                    first.ifPresent(machine::set);
                    working.set(Say.it("machine-model.worked-out", "done", done, "all", jobs.size()));
                }
            });
        }
        Machine whole = Machine.of(of, lines);
        List<DueLine> all = DueLine.of(lines);
        List<Carried> carried = Carried.of(whole);
        back.execute(() -> {
            if (turn.get() == mine) {
                upkeep.due(all);
                bag = carried;
                machine.set(whole);
                plans.set(Map.of());
                working.set(Say.it("machine-model.cutting"));
            }
        });
        Map<String, CutPlan> cut = whole.cutPlans();
        back.execute(() -> {
            if (turn.get() == mine) {
                plans.set(cut);
                working.set("");
                lookUpHours(mine, whole);
            }
        });
    }

    /** Last of all: nobody waits for the hours, and a large book takes a moment. */
    private void lookUpHours(int mine, Machine whole) {
        desk.keeper()
                .ask(
                        Book::stepTimes,
                        times -> {
                            if (turn.get() == mine) {
                                hours.set(Hours.of(whole, times));
                            }
                        },
                        desk::tell);
    }

    /** Gives up what is being worked out. */
    public void cancel() {
        turn.incrementAndGet();
        working.set("");
    }

    /** Opens a line. */
    public void open(MachineLine line) {
        desk.open(line.of().job().id());
    }

    /** Puts copies of a line into the book, of which nothing is made yet: as many as were asked for, one where nothing was said. */
    public void copy(MachineLine line) {
        int count = copies.value().map(Double::intValue).orElse(1);
        Job of = line.of().job();
        ReferenceData data = desk.data();
        Instant at = desk.clock().instant();
        desk.keeper()
                .ask(
                        book -> {
                            for (int i = 1; i <= count; i++) {
                                Job copy = of.alike(
                                        UUID.randomUUID().toString(),
                                        Say.it("machine-model.copy", "title", of.title(), "number", i + 1));
                                book.save(
                                        copy,
                                        Evaluation.of(copy, data).leftOff().kept(),
                                        Say.it("machine-model.copied"),
                                        "",
                                        at);
                            }
                            return count;
                        },
                        done -> {
                            desk.tell(Say.it("machine-model.copies", "number", done, "title", of.title()));
                            load();
                        },
                        desk::tell);
    }

    /** What is due of its lines, what was done to them, and the days of the open one. */
    public MachineUpkeep upkeep() {
        return upkeep;
    }

    /** The one bag for all lines, once they are worked out. */
    public List<Carried> bag() {
        return bag;
    }

    /** Hours of work by the ticks of this shop, once its book was asked. */
    public ReadOnlyObjectProperty<Hours> hoursProperty() {
        return hours.getReadOnlyProperty();
    }

    // --- papers ---

    /** Writes a paper of the machine into the folder beside the book. */
    public void write(MachinePaper.Sheet sheet) {
        Machine m = machine();
        Map<String, CutPlan> cut = plans.get();
        UnitSystem units = units();
        Instant stamp = desk.clock().instant();
        desk.keeper()
                .ask(
                        book -> TextFiles.write(
                                book.folder().resolve("out").resolve(TextFiles.name(m.name()) + sheet.suffix()),
                                MachinePaper.bytes(sheet, m, cut, units, stamp)),
                        (Path path) -> desk.tell(Say.it("machine-model.written", "path", path)),
                        desk::tell);
    }

    // --- words ---

    public String cost() {
        return LengthFormat.decimal(machine().cost(), 0, 0);
    }

    /** How many parts have to be bought. */
    public long lacking() {
        return machine().parts().stream().filter(p -> p.lacks() > 0).count();
    }

    /** What goes into no stock that is at hand, each a sentence. */
    public List<String> unplaced() {
        return KitPdf.unplaced(plans.get(), units());
    }
}
