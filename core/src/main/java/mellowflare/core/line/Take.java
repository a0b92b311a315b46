package mellowflare.core.line;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.shelf.Held;
import mellowflare.core.shelf.PartRole;
import mellowflare.core.shelf.Shelf;
import mellowflare.core.shelf.Used;

/**
 * What a line takes from the shelf, or has bought for it.
 *
 * @param number part number of the catalogue; blank where it is asked for by its name
 * @param name as asked for over the counter
 * @param role what it is in the line
 * @param end the end that it is for; empty for the whole line
 * @param need how many pieces or metres, zero or more
 * @param metres whether it is counted in metres
 * @param taken how many of them the work has taken already
 * @param onShelf how many lie on the shelf now; empty where no shelf is kept of it
 * @param each price of one, in the catalogue's money; empty where none is known
 */
public record Take(
        String number,
        String name,
        PartRole role,
        Optional<LineEnd> end,
        double need,
        boolean metres,
        double taken,
        Optional<Double> onShelf,
        Optional<Double> each) {
    public Take {
        Objects.requireNonNull(number);
        Objects.requireNonNull(role);
        Objects.requireNonNull(end);
        Objects.requireNonNull(onShelf);
        Objects.requireNonNull(each);
        if (name.isBlank() || !(need >= 0) || !(taken >= 0)) {
            throw new IllegalArgumentException("What is taken has a name and no amount below zero");
        }
    }

    /** By its name alone. */
    public static Take named(String name, PartRole role, double need, boolean metres, Optional<Double> each) {
        return new Take("", name, role, Optional.empty(), need, metres, 0, Optional.empty(), each);
    }

    /** A part of the catalogue. */
    public static Take part(String number, String name, PartRole role, double need, boolean metres, double each) {
        return new Take(
                number,
                name,
                role,
                Optional.empty(),
                need,
                metres,
                0,
                Optional.empty(),
                Optional.of(each).filter(e -> e > 0));
    }

    /** The same for one end. */
    public Take at(LineEnd which) {
        return new Take(number, name, role, Optional.of(which), need, metres, taken, onShelf, each);
    }

    /** This and more of the same, for the whole line. */
    private Take and(Take more) {
        return new Take(
                number,
                name,
                role,
                Optional.empty(),
                need + more.need,
                metres,
                taken + more.taken,
                onShelf.or(more::onShelf),
                each.or(more::each));
    }

    /** Alike parts as one, in the order in which each comes first. */
    public static List<Take> together(List<Take> takes) {
        Map<String, Take> all = new LinkedHashMap<>();
        takes.forEach(t -> all.merge(t.key(), t, Take::and));
        return List.copyOf(all.values());
    }

    /** What tells it from others: its number, else its name. */
    public String key() {
        return number.isBlank() ? name : number;
    }

    /** How much is still to be got beyond the shelf; all that is not taken yet where no shelf is kept. */
    public double lacks() {
        return Math.max(0, need - taken - onShelf.orElse(0.0));
    }

    /** With what lies on the shelf, and what the line's own ticks have taken: of two alike the first had it first. */
    public static List<Take> shelved(List<Take> takes, Setting setting) {
        Shelf shelf = setting.data().get(Shelf.KEY);
        Map<String, Double> had = new HashMap<>();
        setting.log().used().forEach(u -> had.merge(u.key(), u.amount(), Double::sum));
        List<Take> all = new ArrayList<>();
        for (Take t : takes) {
            double taken = Math.min(t.need, had.getOrDefault(t.key(), 0.0));
            had.computeIfPresent(t.key(), (k, h) -> h - taken);
            all.add(new Take(
                    t.number,
                    t.name,
                    t.role,
                    t.end,
                    t.need,
                    t.metres,
                    taken,
                    shelf.held(t.key()).map(Held::amount),
                    t.each));
        }
        return all;
    }

    /** Taken as it is, no matter where from. */
    Used used(Used.From from) {
        return metres
                ? new Used(key(), name, need, true, from, Optional.empty(), Optional.empty())
                : Used.counted(key(), name, need, from);
    }
}
