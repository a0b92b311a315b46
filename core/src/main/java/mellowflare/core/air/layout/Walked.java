package mellowflare.core.air.layout;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.Length;

/**
 * The walk in space: where every piece lies and what hangs together. Never refuses: what cannot be followed is named and passed over.
 *
 * @param spots places by name, in the order of the walk
 * @param runs stretches of pipe and hose between them
 * @param odd what could not be followed
 */
public record Walked(Map<String, Spot> spots, List<Run> runs, List<Odd> odd) {
    /** Name of the place where the compressor stands. */
    public static final String START = "compressor";

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
     * @param feed the compressor that feeds in there; the first one's place has none
     */
    public record Spot(String name, Vector at, int heading, boolean valve, boolean cap, Optional<String> feed) {
        private Spot withValve() {
            return new Spot(name, at, heading, true, cap, feed);
        }

        private Spot withCap() {
            return new Spot(name, at, heading, valve, true, feed);
        }

        private Spot withFeed(String f) {
            return new Spot(name, at, heading, valve, cap, Optional.of(f));
        }
    }

    /** What a run is for. */
    public enum Kind {
        MAIN,
        HOSE,
        DROP,
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
     * @param way unit direction; empty for a run without length
     */
    public record Run(
            Piece piece,
            Kind kind,
            String from,
            String to,
            Vector a,
            Vector b,
            Length length,
            Optional<String> size,
            Optional<Vector> way) {
        Run(Piece piece, Kind kind, String from, String to, Vector a, Vector b, Length length, Optional<String> size) {
            this(piece, kind, from, to, a, b, length, size, way(b.minus(a)));
        }

        private static Optional<Vector> way(Vector d) {
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

        /** The bore asked for a hose. */
        public Optional<Length> hoseBore() {
            return piece instanceof Piece.Hose h ? Optional.of(h.bore()) : Optional.empty();
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

    /** Walks along the pieces. */
    public static Walked of(Station station, List<Piece> pieces) {
        return new Walker(station).walk(pieces);
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

    private static final class Walker {
        private final Map<String, Spot> spots = new LinkedHashMap<>();
        private final List<Run> runs = new ArrayList<>();
        private final List<Odd> odd = new ArrayList<>();
        private final Set<String> names = new HashSet<>();
        private Spot here;

        Walker(Station station) {
            here = new Spot(START, station.at(), station.heading(), false, false, Optional.empty());
            spots.put(START, here);
            names.add(START);
        }

        Walked walk(List<Piece> pieces) {
            for (Piece written : pieces) {
                Piece p = own(written);
                if (p instanceof Piece.Pipe pipe) {
                    go(p, Kind.MAIN, pipe.turn(), pipe.length(), pipe.size());
                } else if (p instanceof Piece.Hose hose) {
                    go(p, Kind.HOSE, hose.turn(), hose.length(), Optional.empty());
                } else if (p instanceof Piece.Drop drop) {
                    drop(drop);
                } else if (p instanceof Piece.Drain drain) {
                    nothing(drain.down(), p);
                    hang(p, Kind.LEG, here, p.name(), drain.down(), Optional.empty());
                } else if (p instanceof Piece.Valve) {
                    put(here.withValve());
                } else if (p instanceof Piece.Cap) {
                    put(here.withCap());
                } else if (p instanceof Piece.Feed feed) {
                    feed(feed);
                } else if (p instanceof Piece.From from) {
                    find(p, from.to()).ifPresent(s -> here = s);
                } else if (p instanceof Piece.Close close) {
                    find(p, close.to()).ifPresent(s -> close(close, s));
                }
            }
            return new Walked(spots, runs, odd);
        }

        /** A piece whose name is taken stands under another one, so that the rest can be worked out. */
        private Piece own(Piece p) {
            boolean place = !(p instanceof Piece.From);
            if (!place || names.add(p.name())) {
                return p;
            }
            odd.add(new Odd(Odd.Kind.TWICE, p.name(), ""));
            int n = 2;
            while (!names.add(p.name() + " (" + n + ")")) {
                n++;
            }
            return p.named(p.name() + " (" + n + ")");
        }

        private void go(Piece p, Kind kind, Turn turn, Length length, Optional<String> size) {
            nothing(length, p);
            int heading = turn.after(here.heading());
            Vector to = here.at().plus(turn.way(heading).times(length.mm()));
            Spot next = new Spot(p.name(), to, heading, false, false, Optional.empty());
            runs.add(new Run(p, kind, here.name(), p.name(), here.at(), to, length, size));
            here = next;
            spots.put(p.name(), next);
        }

        private void drop(Piece.Drop drop) {
            nothing(drop.down(), drop);
            Spot foot = hang(drop, Kind.DROP, here, drop.name(), drop.down(), drop.size());
            drop.leg().ifPresent(l -> hang(drop, Kind.LEG, foot, drop.name() + " leg", l, drop.size()));
        }

        private Spot hang(Piece p, Kind kind, Spot from, String name, Length down, Optional<String> size) {
            Vector to = from.at().minus(new Vector(0, 0, down.mm()));
            Spot foot = new Spot(name, to, from.heading(), false, kind == Kind.LEG, Optional.empty());
            spots.put(name, foot);
            names.add(name);
            runs.add(new Run(p, kind, from.name(), name, from.at(), to, down, size));
            return foot;
        }

        private void feed(Piece.Feed feed) {
            if (here.feed().isPresent() || here.name().equals(START)) {
                odd.add(new Odd(Odd.Kind.FEED_TWICE, feed.name(), here.name()));
                return;
            }
            put(here.withFeed(feed.compressor()));
        }

        private void close(Piece.Close close, Spot to) {
            if (to.name().equals(here.name())) {
                odd.add(new Odd(Odd.Kind.TO_ITSELF, close.name(), to.name()));
                return;
            }
            Vector d = to.at().minus(here.at());
            double length = d.length();
            if (length < 1) {
                odd.add(new Odd(Odd.Kind.NO_LENGTH, close.name(), ""));
            } else if (Math.abs(d.x()) + Math.abs(d.y()) + Math.abs(d.z()) > length * (1 + 1e-4)) {
                odd.add(new Odd(Odd.Kind.SLANTS, close.name(), to.name()));
            }
            runs.add(new Run(
                    close, Kind.MAIN, here.name(), to.name(), here.at(), to.at(), Length.ofMm(length), close.size()));
        }

        private void put(Spot s) {
            spots.put(s.name(), s);
            here = s;
        }

        private void nothing(Length length, Piece p) {
            if (length.mm() == 0) {
                odd.add(new Odd(Odd.Kind.NO_LENGTH, p.name(), ""));
            }
        }

        private Optional<Spot> find(Piece p, String name) {
            Optional<Spot> found = Optional.ofNullable(spots.get(name));
            if (found.isEmpty()) {
                odd.add(new Odd(Odd.Kind.NO_SUCH_PLACE, p.name(), name));
            }
            return found;
        }
    }
}
