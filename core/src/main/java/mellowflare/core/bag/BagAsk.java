package mellowflare.core.bag;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What a job says of its bag.
 *
 * @param own finds that the fitter named
 * @param sights what was seen or heard of a find, by its id
 * @param chance with which the bag is to finish, above 0 and up to 1; empty while the usual one does
 * @param by what the finds weigh by
 */
public record BagAsk(List<OwnFind> own, Map<String, Sight> sights, Optional<Double> chance, By by) {
    /** Nothing is said. */
    public static final BagAsk NONE = new BagAsk(List.of(), Map.of(), Optional.empty(), By.CHANCE);

    /** What is known of a find before the job is open. */
    public enum Sight {
        /** It was seen elsewhere on the place. */
        LIKELIER,
        /** It cannot be. */
        RULED_OUT
    }

    /** What decides which finds the bag is packed for. */
    public enum By {
        /** How often the job is finished. */
        CHANCE,
        /** What the second trips cost that are left. */
        COST
    }

    public BagAsk {
        own = List.copyOf(own);
        sights = Map.copyOf(sights);
        chance.filter(c -> !(c > 0 && c <= 1)).ifPresent(c -> {
            throw new IllegalArgumentException("A chance lies above 0 and up to 1, not " + c);
        });
        if (own.size() > OwnFind.MOST) {
            throw new IllegalArgumentException("At most " + OwnFind.MOST + " finds of one's own, not " + own.size());
        }
    }

    public BagAsk with(OwnFind find) {
        List<OwnFind> more = new ArrayList<>(own);
        more.removeIf(f -> f.name().equals(find.name()));
        more.add(find);
        return new BagAsk(more, sights, chance, by);
    }

    public BagAsk without(String name) {
        return new BagAsk(own.stream().filter(f -> !f.name().equals(name)).toList(), sights, chance, by);
    }

    public BagAsk sighted(String find, Optional<Sight> sight) {
        Map<String, Sight> more = new HashMap<>(sights);
        sight.ifPresentOrElse(s -> more.put(find, s), () -> more.remove(find));
        return new BagAsk(own, more, chance, by);
    }

    public BagAsk withChance(Optional<Double> other) {
        return new BagAsk(own, sights, other, by);
    }

    public BagAsk withBy(By other) {
        return new BagAsk(own, sights, chance, other);
    }
}
