package mellowflare.app.shelf;

import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import mellowflare.app.desk.Desk;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.shelf.Move;
import mellowflare.core.shelf.Shelf;
import mellowflare.core.shelf.Used;

/** What happened to a part of the shelf: counts and what the work took. */
final class ShelfStory {
    private static final DateTimeFormatter MOMENT =
            DateTimeFormatter.ofPattern("d MMM HH:mm", Locale.ENGLISH).withZone(ZoneId.systemDefault());

    private final Desk desk;
    private final Map<String, String> titles;

    /**
     * @param titles of the jobs of the book, by id, as far as they are known yet
     */
    ShelfStory(Desk desk, Map<String, String> titles) {
        this.desk = desk;
        this.titles = titles;
    }

    /** The latest first, a sentence each. */
    List<String> of(String key) {
        Shelf shelf = desk.data().get(Shelf.KEY);
        List<String> all = new ArrayList<>();
        shelf.moves(key).forEach(m -> all.add(0, move(m)));
        shelf.count(key)
                .ifPresent(c -> all.add(Say.it(
                        "shelf-model.counted",
                        "when",
                        MOMENT.format(c.at()),
                        "by",
                        c.by(),
                        "amount",
                        amount(c.amount(), c.metres(), desk.units()))));
        return all;
    }

    private String move(Move m) {
        String when = MOMENT.format(m.at());
        String job = m.job().equals(desk.job().id())
                ? desk.job().title()
                : titles.getOrDefault(m.job(), Say.it("shelf-model.another-job"));
        String amount = amount(m.used().amount(), m.used().metres(), desk.units());
        Optional<String> left = m.used().left().map(l -> LengthFormat.shop(l, desk.units()));
        if (left.isEmpty()) {
            return Say.it("shelf-model.took", "when", when, "by", m.by(), "amount", amount, "job", job);
        }
        return m.used().from() == Used.From.JOB
                ? Say.it("shelf-model.came", "when", when, "by", m.by(), "job", job, "left", left.get())
                : Say.it(
                        "shelf-model.cut",
                        "when",
                        when,
                        "by",
                        m.by(),
                        "amount",
                        amount,
                        "job",
                        job,
                        "left",
                        left.get());
    }

    static String amount(double much, boolean metres, UnitSystem units) {
        return metres ? LengthFormat.shop(Length.ofMm(much * 1000), units) : LengthFormat.decimal(much, 0, 0);
    }
}
