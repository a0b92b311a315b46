package mellowflare.core.job;

import java.util.Objects;
import mellowflare.core.advice.Practice;
import mellowflare.core.hose.HoseLine;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.procedure.MakeLog;

/**
 * One job: what is wanted and what was done. Results are never part of it; they follow from it.
 *
 * @param id stable, made when the job is opened
 * @param title as the fitter calls it
 * @param machine where it belongs
 * @param note anything else
 * @param units the system it is worked in
 * @param practice schools
 * @param line the line
 * @param log what has been done
 */
public record Job(
        String id,
        String title,
        String machine,
        String note,
        UnitSystem units,
        Practice practice,
        HoseLine line,
        MakeLog log) {
    public Job {
        Objects.requireNonNull(title);
        if (id.isBlank()) {
            throw new IllegalArgumentException("A job needs an id");
        }
    }

    public static Job open(String id, String title, String machine, UnitSystem units) {
        return new Job(id, title, machine, "", units, Practice.USUAL, HoseLine.NEW, MakeLog.EMPTY);
    }

    public Job withTitle(String t) {
        return new Job(id, t, machine, note, units, practice, line, log);
    }

    public Job withMachine(String m) {
        return new Job(id, title, m, note, units, practice, line, log);
    }

    public Job withNote(String n) {
        return new Job(id, title, machine, n, units, practice, line, log);
    }

    public Job withUnits(UnitSystem u) {
        return new Job(id, title, machine, note, u, practice, line, log);
    }

    public Job withPractice(Practice p) {
        return new Job(id, title, machine, note, units, p, line, log);
    }

    public Job withLine(HoseLine l) {
        return new Job(id, title, machine, note, units, practice, l, log);
    }

    public Job withLog(MakeLog l) {
        return new Job(id, title, machine, note, units, practice, line, l);
    }

    public Job withId(String other) {
        return new Job(other, title, machine, note, units, practice, line, log);
    }
}
