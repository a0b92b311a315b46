package mellowflare.book.store;

import java.time.DateTimeException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.machine.StepTimes;
import org.jdbi.v3.core.Handle;

/** When the steps of all jobs were ticked, from their logs as they stand. A tick that cannot be read costs itself. */
final class TickRows {
    private static final String TICKS = """
            SELECT s.id || l.key AS line, e.value ->> 'step' AS step, e.value ->> 'at' AS at
            FROM (SELECT j.id, CASE WHEN json_valid(r.json) THEN r.json ELSE '{}' END AS json
                  FROM job j JOIN revision r ON r.job_id = j.id AND r.seq = j.head
                  WHERE instr(r.json, '"entries"') > 0) s,
                 json_each(s.json, '$.logs') l, json_each(l.value, '$.entries') e
            WHERE e.value ->> 'outcome' = 'done'
            ORDER BY line, e.key""";

    private TickRows() {}

    static StepTimes of(Handle handle) {
        Map<String, List<StepTimes.Tick>> lines = new LinkedHashMap<>();
        handle.createQuery(TICKS)
                .map((r, ctx) -> Map.entry(r.getString("line"), tick(r.getString("step"), r.getString("at"))))
                .forEach(t -> t.getValue()
                        .ifPresent(tick -> lines.computeIfAbsent(t.getKey(), k -> new ArrayList<>())
                                .add(tick)));
        return StepTimes.of(lines.values());
    }

    private static Optional<StepTimes.Tick> tick(String step, String at) {
        try {
            return step == null || at == null
                    ? Optional.empty()
                    : Optional.of(new StepTimes.Tick(step, Instant.parse(at)));
        } catch (DateTimeException e) {
            return Optional.empty();
        }
    }
}
