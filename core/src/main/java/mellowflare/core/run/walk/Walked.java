package mellowflare.core.run.walk;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.Length;

/**
 * The walk in space: where every piece lies and what hangs together. Never refuses: what cannot be followed is named and passed over.
 *
 * @param start name of the place where the walk begins, at the first source
 * @param spots places by name, in the order of the walk
 * @param runs stretches of pipe and hose between them
 * @param odd what could not be followed
 */
public record Walked(String start, Map<String, Spot> spots, List<Run> runs, List<Odd> odd) {
    private static final double SQUARE = 1e-6;

    public Walked {
        spots = Collections.unmodifiableMap(new LinkedHashMap<>(spots));
        runs = List.copyOf(runs);
        odd = List.copyOf(odd);
    }

    /**
     * A place.
     *
     * @param at where it lies, without fall (mm)
     * @param heading the way one looks there
     * @param valve whether a ball valve sits there
     * @param cap whether the pipe is closed there
     * @param feed the further source that feeds in there; the first one's place has none
     */
    public record Spot(String name, Vector at, int heading, boolean valve, boolean cap, Optional<String> feed) {
        Spot withValve() {
            return new Spot(name, at, heading, true, cap, feed);
        }

        Spot withCap() {
            return new Spot(name, at, heading, valve, true, feed);
        }

        Spot withFeed(String f) {
            return new Spot(name, at, heading, valve, cap, Optional.of(f));
        }
    }

    /** What a run is for. */
    public enum Kind {
        MAIN,
        HOSE,
        /** From the main to where something is put on. */
        DROP,
        /** Below, for what gathers there. */
        LEG
    }

    /**
     * A stretch from place to place.
     *
     * @param piece the piece it comes from
     * @param kind what it is for
     * @param from place
     * @param to place
     * @param a where it begins (mm)
     * @param b where it ends (mm)
     * @param length centre to centre, of a hose its own
     * @param size asked for it; empty for the usual one
     * @param hoseBore asked for a hose; empty for pipe
     * @param off side of the main that a drop leaves from; empty for all others
     * @param way unit direction; empty for a run without length
     */
    public record Run(
            Called piece,
            Kind kind,
            String from,
            String to,
            Vector a,
            Vector b,
            Length length,
            Optional<String> size,
            Optional<Length> hoseBore,
            Optional<TakeOff> off,
            Optional<Vector> way) {
        static Optional<Vector> way(Vector d) {
            return d.length() > SQUARE ? Optional.of(d.unit()) : Optional.empty();
        }

        /** The run's own name: that of its place at the far end. */
        public String name() {
            return kind == Kind.LEG ? to : piece.name();
        }

        /** Whether it lies level (without fall). */
        public boolean level() {
            return way.isPresent() && Math.abs(way.get().z()) < 0.5;
        }

        /** Whether it leaves the main over the top, so that water runs by underneath. */
        public boolean overTheTop() {
            return off.filter(TakeOff.TOP::equals).isPresent();
        }
    }

    /** What could not be followed, at which piece. */
    public record Odd(Kind kind, String piece, String other) {
        /** The kinds. */
        public enum Kind {
            TWICE,
            NO_SUCH_PLACE,
            NO_LENGTH,
            SLANTS,
            TO_ITSELF,
            FEED_TWICE
        }
    }

    public Optional<Spot> spot(String name) {
        return Optional.ofNullable(spots.get(name));
    }

    /** The runs that meet at a place. */
    public List<Run> at(String spot) {
        return runs.stream()
                .filter(r -> r.from().equals(spot) || r.to().equals(spot))
                .toList();
    }
}
