package mellowflare.book.store;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.EndId;
import mellowflare.core.connection.Gender;
import mellowflare.core.identify.ShopFindings;
import org.jdbi.v3.core.Handle;

/** What was measured and then fitted in this shop. */
final class FittedEnds {
    /** Ports measured surely whose joint was ticked as fitted, in states of the present form and of the first. */
    private static final String FITTED = """
            SELECT p.port ->> 'code' AS code, p.port ->> 'size' AS size, p.port ->> 'gender' AS gender
            FROM (
              SELECT
                COALESCE(json -> '$.ports.SIDE.end', json -> '$.line.SIDE.port') AS port,
                COALESCE(json ->> '$.ports.SIDE.certainty', json ->> '$.line.SIDE.certainty') AS certainty,
                COALESCE(json -> ('$.logs.' || (json ->> '$.kind') || '.entries'), json -> '$.made.entries') AS entries
              FROM (
                -- One damaged state must not take the findings of all others with it.
                SELECT CASE WHEN json_valid(r.json) THEN r.json ELSE '{}' END AS json
                FROM job j JOIN revision r ON r.job_id = j.id AND r.seq = j.head)) p
            WHERE p.certainty >= 0.9 AND EXISTS (SELECT 1 FROM json_each(p.entries) e
              WHERE e.value ->> 'step' IN ('fit@LETTER', 'fit@END_LETTER') AND e.value ->> 'outcome' = 'done')""";

    private FittedEnds() {}

    static ShopFindings of(Handle handle) {
        List<EndId> fitted = new ArrayList<>();
        for (String side : List.of("a", "b")) {
            fitted.addAll(handle
                    .createQuery(FITTED.replace("SIDE", side).replace("LETTER", side.toUpperCase(Locale.ROOT)))
                    .map((r, ctx) -> end(r.getString("code"), r.getString("size"), r.getString("gender")))
                    .list()
                    .stream()
                    .flatMap(Optional::stream)
                    .toList());
        }
        return ShopFindings.of(fitted);
    }

    private static Optional<EndId> end(String code, String size, String gender) {
        Optional<EndCode> known = Arrays.stream(EndCode.values())
                .filter(c -> c.name().equals(code))
                .findFirst();
        Optional<Gender> side = Arrays.stream(Gender.values())
                .filter(g -> g.name().equalsIgnoreCase(gender))
                .findFirst();
        return size == null ? Optional.empty() : known.flatMap(c -> side.map(g -> new EndId(c, size, g)));
    }
}
