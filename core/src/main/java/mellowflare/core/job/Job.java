package mellowflare.core.job;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import mellowflare.core.advice.Practice;
import mellowflare.core.bag.BagAsk;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.fluid.Service;
import mellowflare.core.line.Kind;
import mellowflare.core.line.Line;
import mellowflare.core.line.Plan;
import mellowflare.core.line.Port;
import mellowflare.core.line.Ports;
import mellowflare.core.line.Setting;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.procedure.MakeLog;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.shelf.Move;
import mellowflare.core.testing.TestRecord;
import mellowflare.core.trouble.FoundCause;
import mellowflare.core.upkeep.Upkeep;

/**
 * One job: what is wanted and what was done. Results are never part of it; they follow from it. Ports and what the line must do are the same whatever it is made of; a line tried first as
 * hose and then as tube keeps both, each with its own log.
 *
 * @param id stable, made when the job is opened
 * @param title as the fitter calls it
 * @param machine where it belongs
 * @param note anything else
 * @param units the system it is worked in
 * @param practice the methods chosen
 * @param ports what the line joins
 * @param service what it must do
 * @param bag what is said of the bag to pack
 * @param kind what the line is made of now
 * @param lines what has been said of a line of each kind; one of which nothing was said is left out
 * @param logs what has been done, by what the line was made of: a tick on a hose is none on a tube
 * @param tests the tests taken, oldest first, by what the line was made of
 * @param upkeep what is kept of it once it is in service
 * @param troubles what was found wrong with it, oldest first
 * @param handing who held it, and what goes along with it
 */
@RecordBuilder
public record Job(
        String id,
        String title,
        String machine,
        String note,
        UnitSystem units,
        Practice practice,
        Ports ports,
        Service service,
        BagAsk bag,
        Kind<?, ?> kind,
        Map<Kind<?, ?>, Line> lines,
        Map<Kind<?, ?>, MakeLog> logs,
        Map<Kind<?, ?>, List<TestRecord>> tests,
        Upkeep upkeep,
        List<FoundCause> troubles,
        Handing handing)
        implements JobBuilder.With {
    public Job {
        if (id.isBlank()) {
            throw new IllegalArgumentException("A job needs an id");
        }
        Objects.requireNonNull(title);
        Objects.requireNonNull(machine);
        Objects.requireNonNull(note);
        Objects.requireNonNull(units);
        Objects.requireNonNull(practice);
        Objects.requireNonNull(ports);
        Objects.requireNonNull(service);
        Objects.requireNonNull(bag);
        Objects.requireNonNull(kind);
        Objects.requireNonNull(upkeep);
        Objects.requireNonNull(handing);
        troubles = List.copyOf(troubles);
        lines = lines.entrySet().stream()
                .filter(e -> !e.getValue().equals(e.getKey().fresh()))
                .collect(Collectors.toUnmodifiableMap(
                        Map.Entry::getKey, e -> e.getKey().lineType().cast(e.getValue())));
        logs = logs.entrySet().stream()
                .filter(e -> !e.getValue().empty())
                .collect(Collectors.toUnmodifiableMap(Map.Entry::getKey, Map.Entry::getValue));
        tests = tests.entrySet().stream()
                .filter(e -> !e.getValue().isEmpty())
                .collect(Collectors.toUnmodifiableMap(Map.Entry::getKey, e -> List.copyOf(e.getValue())));
    }

    /** A new job of which nothing is said but what it is called. */
    public static Job open(String id, String title, String machine, UnitSystem units) {
        return new Job(
                id,
                title,
                machine,
                "",
                units,
                Practice.USUAL,
                Ports.UNKNOWN,
                Service.UNSAID,
                BagAsk.NONE,
                Kinds.usual(),
                Map.of(),
                Map.of(),
                Map.of(),
                Upkeep.NONE,
                List.of(),
                Handing.NONE);
    }

    /** Whether the line is made of that now. */
    public boolean is(Kind<?, ?> other) {
        return kind.equals(other);
    }

    /** What has been said of a line of a kind. */
    public <L extends Line> L line(Kind<L, ?> of) {
        return of.lineType().cast(lines.getOrDefault(of, of.fresh()));
    }

    /** With another line of a kind; what it is made of now stays. */
    public <L extends Line> Job with(Kind<L, ?> of, L line) {
        Map<Kind<?, ?>, Line> more = new HashMap<>(lines);
        more.put(of, line);
        return withLines(more);
    }

    /** With the line of a kind changed. */
    public <L extends Line> Job change(Kind<L, ?> of, UnaryOperator<L> change) {
        return with(of, change.apply(line(of)));
    }

    /** With another port; where it is another end now, what was chosen to go on it falls away, in every kind of line. */
    public Job withPort(LineEnd which, Port port) {
        Job changed = withPorts(ports.with(which, port));
        if (port.end().equals(ports.of(which).end())) {
            return changed;
        }
        for (Kind<?, ?> each : lines.keySet()) {
            changed = changed.ported(each, which);
        }
        return changed;
    }

    private <L extends Line> Job ported(Kind<L, ?> of, LineEnd which) {
        return change(of, l -> of.ported(l, which));
    }

    /** With other signatures and another second reading of the length that was measured. */
    public Job signed(CalledFigure measured) {
        return signed(kind, measured);
    }

    private <L extends Line> Job signed(Kind<L, ?> of, CalledFigure measured) {
        return change(of, l -> of.signed(l, measured));
    }

    /**
     * Another job for a line like this one: nothing of it is made or tested yet.
     *
     * @param otherId its own
     * @param otherTitle its own
     */
    public Job alike(String otherId, String otherTitle) {
        return withId(otherId)
                .withTitle(otherTitle)
                .withLogs(Map.of())
                .withTests(Map.of())
                .withUpkeep(Upkeep.NONE)
                .withTroubles(List.of())
                .withHanding(Handing.NONE);
    }

    /** What has been done on the line as it is made now. */
    public MakeLog log() {
        return log(kind);
    }

    /** What was done while the line was to be made of that. */
    public MakeLog log(Kind<?, ?> of) {
        return logs.getOrDefault(of, MakeLog.EMPTY);
    }

    /** What the ticks of all its logs took from the shelf, the earliest first. */
    public List<Move> moves() {
        return logs.values().stream()
                .flatMap(l -> l.moves(id).stream())
                .sorted(Comparator.comparing(Move::at))
                .toList();
    }

    /** With another log of the line as it is made now; the logs of the other kinds stay. */
    public Job withLog(MakeLog log) {
        Map<Kind<?, ?>, MakeLog> more = new HashMap<>(logs);
        more.put(kind, log);
        return withLogs(more);
    }

    /** The tests taken on the line as it is made now, oldest first. */
    public List<TestRecord> taken() {
        return tests.getOrDefault(kind, List.of());
    }

    /** With other tests of the line as it is made now; those of the other kinds stay. */
    public Job withTaken(List<TestRecord> taken) {
        Map<Kind<?, ?>, List<TestRecord>> more = new HashMap<>(tests);
        more.put(kind, taken);
        return withTests(more);
    }

    /** What a line of a kind stands in. */
    public Setting setting(Kind<?, ?> of, ReferenceData data) {
        return new Setting(ports, service, practice, units, log(of), bag, data);
    }

    /** Works the line of a kind out. */
    <L extends Line, P extends Plan> P plan(Kind<L, P> of, ReferenceData data, java.util.Optional<Plan> before) {
        return of.plan(
                line(of),
                setting(of, data),
                before.filter(of.planType()::isInstance).map(of.planType()::cast));
    }
}
