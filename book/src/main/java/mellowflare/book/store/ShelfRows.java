package mellowflare.book.store;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.DateTimeException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.book.BookTrouble;
import mellowflare.book.json.Fields;
import mellowflare.book.json.UsedJson;
import mellowflare.core.measure.Length;
import mellowflare.core.shelf.Count;
import mellowflare.core.shelf.Move;
import mellowflare.core.shelf.Shelf;
import org.jdbi.v3.core.Handle;

/** The shelf: counts from their table, what was taken from the logs of the jobs as they stand. One row that cannot be read costs itself. */
final class ShelfRows {
    private static final ObjectMapper JSON = new ObjectMapper();
    private static final String MOVES = """
            SELECT s.id AS job, e.value ->> 'step' AS step, e.value ->> 'at' AS at, e.value ->> 'by' AS by_whom, u.value AS used
            FROM (SELECT j.id, CASE WHEN json_valid(r.json) THEN r.json ELSE '{}' END AS json
                  FROM job j JOIN revision r ON r.job_id = j.id AND r.seq = j.head
                  WHERE instr(r.json, '"used"') > 0) s,
                 json_each(s.json, '$.logs') l, json_each(l.value, '$.entries') e, json_each(e.value, '$.used') u""";

    private ShelfRows() {}

    static Shelf of(Handle handle) {
        List<Optional<Move>> moves = handle.createQuery(MOVES)
                .map((r, ctx) -> move(
                        r.getString("job"),
                        r.getString("step"),
                        r.getString("at"),
                        r.getString("by_whom"),
                        r.getString("used")))
                .list();
        List<Optional<Count>> counts = handle.createQuery("SELECT * FROM shelf_count ORDER BY seq")
                .map((r, ctx) -> count(
                        r.getString("part"),
                        r.getString("name"),
                        r.getInt("metres") == 1,
                        r.getDouble("amount"),
                        r.getString("pieces"),
                        r.getString("at"),
                        r.getString("by_whom")))
                .list();
        return Shelf.of(
                counts.stream().flatMap(Optional::stream).toList(),
                moves.stream().flatMap(Optional::stream).toList());
    }

    private static Optional<Move> move(String job, String step, String at, String by, String used) {
        try {
            return Optional.of(
                    new Move(job, step, Instant.parse(at), by, UsedJson.read(new Fields(JSON.readTree(used), "used"))));
        } catch (BookTrouble | JsonProcessingException | DateTimeException | NullPointerException e) {
            return Optional.empty();
        }
    }

    private static Optional<Count> count(
            String part, String name, boolean metres, double amount, String pieces, String at, String by) {
        try {
            Instant moment = Instant.parse(at);
            if (!metres) {
                return Optional.of(Count.of(part, name, amount, moment, by));
            }
            List<Length> all = new ArrayList<>();
            for (JsonNode p : JSON.readTree(pieces)) {
                all.add(Length.ofMm(p.asDouble()));
            }
            return Optional.of(Count.lengths(part, name, all, moment, by));
        } catch (JsonProcessingException | DateTimeException | IllegalArgumentException e) {
            return Optional.empty();
        }
    }

    static void add(Handle handle, Count c) {
        handle.createUpdate(
                        "INSERT INTO shelf_count (part, name, metres, amount, pieces, at, by_whom) VALUES (:part, :name, :metres, :amount, :pieces, :at, :by)")
                .bind("part", c.key())
                .bind("name", c.name())
                .bind("metres", c.metres() ? 1 : 0)
                .bind("amount", c.amount())
                .bind(
                        "pieces",
                        JSON.valueToTree(c.pieces().stream().map(Length::mm).toList())
                                .toString())
                .bind("at", c.at().toString())
                .bind("by", c.by())
                .execute();
    }

    /** Takes the last count of a part back; whether there was one. */
    static boolean takeBack(Handle handle, String part) {
        return handle.createUpdate(
                                "DELETE FROM shelf_count WHERE seq = (SELECT max(seq) FROM shelf_count WHERE part = :part)")
                        .bind("part", part)
                        .execute()
                > 0;
    }
}
