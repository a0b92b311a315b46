package mellowflare.app.machine;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import mellowflare.app.desk.Desk;
import mellowflare.app.entry.Days;
import mellowflare.app.entry.FieldState;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.machine.AsBuilt;
import mellowflare.core.machine.DueLine;
import mellowflare.core.machine.Event;
import mellowflare.core.machine.Machine;
import mellowflare.core.machine.MachineLine;
import mellowflare.core.measure.Read;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.upkeep.Due;
import mellowflare.core.upkeep.Upkeep;

/** What is due of the lines of a machine, what was done to them, and the days of the open line; without a window. */
public final class MachineUpkeep {
    private final Desk desk;
    private final Supplier<Machine> machine;
    private final Runnable reload;
    private final FieldState<String> found = FieldState.of(t -> Read.of(t.strip()), t -> "");
    private final FieldState<LocalDate> printed = Days.field();
    private final FieldState<LocalDate> inService = Days.field();
    private List<DueLine> due = List.of();

    MachineUpkeep(Desk desk, Supplier<Machine> machine, Runnable reload) {
        this.desk = desk;
        this.machine = machine;
        this.reload = reload;
        printed.onChange(() -> upkeep(Say.it("machine-model.printed"), u -> u.withPrinted(printed.value())));
        inService.onChange(() -> upkeep(Say.it("machine-model.in-service"), u -> u.withInService(inService.value())));
    }

    private void upkeep(String what, UnaryOperator<Upkeep> change) {
        desk.change(what, "upkeep" + what, j -> j.withUpkeep(change.apply(j.upkeep())));
        reload.run();
    }

    /** Shows the days of the open line. */
    void opened() {
        Upkeep kept = desk.job().upkeep();
        printed.show(Days.text(kept.printed()), kept.printed(), desk.units());
        inService.show(Days.text(kept.inService()), kept.inService(), desk.units());
    }

    void due(List<DueLine> all) {
        due = all;
    }

    private List<Evaluation> lines() {
        return machine.get().lines().stream().map(MachineLine::of).toList();
    }

    /** What is due of its lines, the earliest first. */
    public List<DueLine> due() {
        return due;
    }

    public LocalDate today() {
        return LocalDate.now(desk.clock());
    }

    /** What was done to its lines, the latest first. */
    public List<Event> events() {
        return Event.of(lines());
    }

    /** Figures of its lines as they are planned now and as they were written down. */
    public List<AsBuilt> built() {
        return AsBuilt.of(lines());
    }

    /** How many are due now. */
    public long overdue() {
        return due.stream()
                .filter(d -> d.due().standing(today()) == Due.Standing.OVERDUE)
                .count();
    }

    /** Figures and what was found, for what is done next. */
    public FieldState<String> found() {
        return found;
    }

    public FieldState<LocalDate> printed() {
        return printed;
    }

    public FieldState<LocalDate> inService() {
        return inService;
    }

    /** The title of the open job, whose days are entered here. */
    public String openTitle() {
        return desk.job().title();
    }

    /** What is due was done today, by whoever works here. */
    public void done(DueLine d) {
        String by = desk.personProperty().get();
        if (by.isBlank()) {
            desk.tell(Say.it("machine-model.no-name"));
            return;
        }
        Upkeep.Done done =
                new Upkeep.Done(d.due().rule().id(), today(), by, found.value().orElse(""));
        String what = Say.it("machine-model.done", "what", d.due().rule().title());
        found.clear();
        String id = d.of().job().id();
        if (id.equals(desk.job().id())) {
            desk.change(what, "", j -> j.withUpkeep(j.upkeep().with(done)));
            reload.run();
            return;
        }
        ReferenceData data = desk.data();
        Instant at = desk.clock().instant();
        desk.keeper()
                .ask(
                        book -> {
                            Optional<Job> job = book.job(id);
                            if (job.isPresent()) {
                                Job after =
                                        job.get().withUpkeep(job.get().upkeep().with(done));
                                book.save(
                                        after,
                                        Evaluation.of(after, data).leftOff().kept(),
                                        what,
                                        "",
                                        at);
                            }
                            return null;
                        },
                        saved -> reload.run(),
                        desk::tell);
    }
}
