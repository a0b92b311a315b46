package mellowflare.core.job;

import java.util.EnumMap;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import mellowflare.core.advice.Practice;
import mellowflare.core.air.AirMain;
import mellowflare.core.hose.HoseLine;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.procedure.MakeLog;
import mellowflare.core.tube.TubeLine;

/**
 * One job: what is wanted and what was done. Results are never part of it; they follow from it. Ports and what the line must do are the same whatever it is made of; a line tried first as
 * hose and then as tube keeps both.
 *
 * @param id stable, made when the job is opened
 * @param title as the fitter calls it
 * @param machine where it belongs
 * @param note anything else
 * @param units the system it is worked in
 * @param practice schools
 * @param kind what the line is made of
 * @param line its ports, what it must do, and the hose
 * @param tube the tube
 * @param air the workshop main
 * @param logs what has been done, by what the line was made of: a tick on a hose is none on a tube
 */
public record Job(
        String id,
        String title,
        String machine,
        String note,
        UnitSystem units,
        Practice practice,
        LineKind kind,
        HoseLine line,
        TubeLine tube,
        AirMain air,
        Map<LineKind, MakeLog> logs) {
    public Job {
        logs = logs.entrySet().stream()
                .filter(e -> !e.getValue().empty())
                .collect(Collectors.toUnmodifiableMap(Map.Entry::getKey, Map.Entry::getValue));
        Objects.requireNonNull(title);
        Objects.requireNonNull(air);
        Objects.requireNonNull(kind);
        Objects.requireNonNull(tube);
        if (id.isBlank()) {
            throw new IllegalArgumentException("A job needs an id");
        }
    }

    /** A job of a hose line. */
    public Job(
            String id,
            String title,
            String machine,
            String note,
            UnitSystem units,
            Practice practice,
            HoseLine line,
            MakeLog log) {
        this(
                id,
                title,
                machine,
                note,
                units,
                practice,
                LineKind.HOSE,
                line,
                TubeLine.NEW,
                AirMain.NEW,
                Map.of(LineKind.HOSE, log));
    }

    public static Job open(String id, String title, String machine, UnitSystem units) {
        return new Job(id, title, machine, "", units, Practice.USUAL, HoseLine.NEW, MakeLog.EMPTY);
    }

    public boolean isAir() {
        return kind == LineKind.AIR;
    }

    public boolean isTube() {
        return kind == LineKind.TUBE;
    }

    public Job withTitle(String t) {
        return new Job(id, t, machine, note, units, practice, kind, line, tube, air, logs);
    }

    public Job withMachine(String m) {
        return new Job(id, title, m, note, units, practice, kind, line, tube, air, logs);
    }

    public Job withNote(String n) {
        return new Job(id, title, machine, n, units, practice, kind, line, tube, air, logs);
    }

    public Job withUnits(UnitSystem u) {
        return new Job(id, title, machine, note, u, practice, kind, line, tube, air, logs);
    }

    public Job withPractice(Practice p) {
        return new Job(id, title, machine, note, units, p, kind, line, tube, air, logs);
    }

    public Job withKind(LineKind k) {
        return new Job(id, title, machine, note, units, practice, k, line, tube, air, logs);
    }

    public Job withLine(HoseLine l) {
        return new Job(id, title, machine, note, units, practice, kind, l, tube, air, logs);
    }

    public Job withTube(TubeLine t) {
        return new Job(id, title, machine, note, units, practice, kind, line, t, air, logs);
    }

    public Job withAir(AirMain a) {
        return new Job(id, title, machine, note, units, practice, kind, line, tube, a, logs);
    }

    /** What has been done on the line as it is made now. */
    public MakeLog log() {
        return log(kind);
    }

    /** What was done while the line was to be made of that. */
    public MakeLog log(LineKind of) {
        return logs.getOrDefault(of, MakeLog.EMPTY);
    }

    /** With another log of the line as it is made now; the logs of the other kinds stay. */
    public Job withLog(MakeLog l) {
        Map<LineKind, MakeLog> more = new EnumMap<>(LineKind.class);
        more.putAll(logs);
        more.put(kind, l);
        return new Job(id, title, machine, note, units, practice, kind, line, tube, air, more);
    }

    public Job withId(String other) {
        return new Job(other, title, machine, note, units, practice, kind, line, tube, air, logs);
    }
}
