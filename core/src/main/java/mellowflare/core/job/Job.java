package mellowflare.core.job;

import java.util.Objects;
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
 * @param log what has been done
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
        MakeLog log) {
    public Job {
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
        this(id, title, machine, note, units, practice, LineKind.HOSE, line, TubeLine.NEW, AirMain.NEW, log);
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
        return new Job(id, t, machine, note, units, practice, kind, line, tube, air, log);
    }

    public Job withMachine(String m) {
        return new Job(id, title, m, note, units, practice, kind, line, tube, air, log);
    }

    public Job withNote(String n) {
        return new Job(id, title, machine, n, units, practice, kind, line, tube, air, log);
    }

    public Job withUnits(UnitSystem u) {
        return new Job(id, title, machine, note, u, practice, kind, line, tube, air, log);
    }

    public Job withPractice(Practice p) {
        return new Job(id, title, machine, note, units, p, kind, line, tube, air, log);
    }

    public Job withKind(LineKind k) {
        return new Job(id, title, machine, note, units, practice, k, line, tube, air, log);
    }

    public Job withLine(HoseLine l) {
        return new Job(id, title, machine, note, units, practice, kind, l, tube, air, log);
    }

    public Job withTube(TubeLine t) {
        return new Job(id, title, machine, note, units, practice, kind, line, t, air, log);
    }

    public Job withAir(AirMain a) {
        return new Job(id, title, machine, note, units, practice, kind, line, tube, a, log);
    }

    public Job withLog(MakeLog l) {
        return new Job(id, title, machine, note, units, practice, kind, line, tube, air, l);
    }

    public Job withId(String other) {
        return new Job(other, title, machine, note, units, practice, kind, line, tube, air, log);
    }
}
