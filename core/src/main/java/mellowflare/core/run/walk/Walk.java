package mellowflare.core.run.walk;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.Length;

/** One who walks along a line as it is called out, and notes where everything lies. Never refuses: what cannot be followed is noted and passed over. Not for several threads. */
public final class Walk {
    private final String start;
    private final Map<String, Walked.Spot> spots = new LinkedHashMap<>();
    private final List<Walked.Run> runs = new ArrayList<>();
    private final List<Walked.Odd> odd = new ArrayList<>();
    private final Set<String> names = new HashSet<>();
    private Walked.Spot here;

    /**
     * @param start name of the first place
     * @param station where that is, and which way one looks
     */
    public Walk(String start, Station station) {
        this.start = start;
        here = new Walked.Spot(start, station.at(), station.heading(), false, false, Optional.empty());
        spots.put(start, here);
        names.add(start);
    }

    /** The name under which a piece stands: its own, or one with a number where that is taken, so that the rest can be worked out. */
    public String take(String name) {
        if (names.add(name)) {
            return name;
        }
        note(Walked.Odd.Kind.TWICE, name, "");
        int n = 2;
        while (!names.add(name + " (" + n + ")")) {
            n++;
        }
        return name + " (" + n + ")";
    }

    /**
     * Goes on with pipe.
     *
     * @param size of its own; empty for the usual one
     */
    public void pipe(Called piece, Turn turn, Length length, Optional<String> size) {
        go(piece, Walked.Kind.MAIN, turn, length, size, Optional.empty());
    }

    /** Goes on with a hose. */
    public void hose(Called piece, Turn turn, Length length, Length bore) {
        go(piece, Walked.Kind.HOSE, turn, length, Optional.empty(), Optional.of(bore));
    }

    private void go(
            Called piece,
            Walked.Kind kind,
            Turn turn,
            Length length,
            Optional<String> size,
            Optional<Length> hoseBore) {
        nothing(length, piece);
        int heading = turn.after(here.heading());
        Vector to = here.at().plus(turn.way(heading).times(length.mm()));
        Walked.Spot next = new Walked.Spot(piece.name(), to, heading, false, false, Optional.empty());
        run(piece, kind, here, next, length, size, hoseBore, Optional.empty());
        here = next;
        spots.put(piece.name(), next);
    }

    /**
     * Hangs a drop here, and goes on from where it leaves.
     *
     * @param size of its own; empty for the drops'
     * @param leg below its foot; empty for none
     */
    public void drop(Called piece, Length down, Optional<String> size, TakeOff off, Optional<Length> leg) {
        nothing(down, piece);
        Walked.Spot foot = hang(piece, Walked.Kind.DROP, here, piece.name(), down, size, Optional.of(off));
        leg.ifPresent(l -> hang(
                piece, Walked.Kind.LEG, foot, Say.it("walk.leg", "piece", piece.name()), l, size, Optional.empty()));
    }

    /** Hangs a leg here, and goes on from where it leaves. */
    public void leg(Called piece, Length down) {
        nothing(down, piece);
        hang(piece, Walked.Kind.LEG, here, piece.name(), down, Optional.empty(), Optional.empty());
    }

    private Walked.Spot hang(
            Called piece,
            Walked.Kind kind,
            Walked.Spot from,
            String name,
            Length down,
            Optional<String> size,
            Optional<TakeOff> off) {
        Vector to = from.at().minus(new Vector(0, 0, down.mm()));
        Walked.Spot foot = new Walked.Spot(name, to, from.heading(), false, kind == Walked.Kind.LEG, Optional.empty());
        spots.put(name, foot);
        names.add(name);
        run(piece, kind, from, foot, down, size, Optional.empty(), off);
        return foot;
    }

    /** A ball valve here. */
    public void valve() {
        put(here.withValve());
    }

    /** The pipe is closed here. */
    public void cap() {
        put(here.withCap());
    }

    /** A further source feeds in here. */
    public void feed(Called piece, String source) {
        if (here.feed().isPresent() || here.name().equals(start)) {
            note(Walked.Odd.Kind.FEED_TWICE, piece.name(), here.name());
            return;
        }
        put(here.withFeed(source));
    }

    /** Goes back to a place met before, and on from there. */
    public void from(Called piece, String place) {
        find(piece, place).ifPresent(s -> here = s);
    }

    /** Closes a loop with a pipe straight to a place met before. */
    public void close(Called piece, String place, Optional<String> size) {
        find(piece, place).ifPresent(s -> close(piece, s, size));
    }

    private void close(Called piece, Walked.Spot to, Optional<String> size) {
        if (to.name().equals(here.name())) {
            note(Walked.Odd.Kind.TO_ITSELF, piece.name(), to.name());
            return;
        }
        Vector d = to.at().minus(here.at());
        double length = d.length();
        if (length < 1) {
            note(Walked.Odd.Kind.NO_LENGTH, piece.name(), "");
        } else if (Math.abs(d.x()) + Math.abs(d.y()) + Math.abs(d.z()) > length * (1 + 1e-4)) {
            note(Walked.Odd.Kind.SLANTS, piece.name(), to.name());
        }
        run(piece, Walked.Kind.MAIN, here, to, Length.ofMm(length), size, Optional.empty(), Optional.empty());
    }

    private void run(
            Called piece,
            Walked.Kind kind,
            Walked.Spot a,
            Walked.Spot b,
            Length length,
            Optional<String> size,
            Optional<Length> hoseBore,
            Optional<TakeOff> off) {
        Optional<Vector> way = Walked.Run.way(b.at().minus(a.at()));
        runs.add(new Walked.Run(piece, kind, a.name(), b.name(), a.at(), b.at(), length, size, hoseBore, off, way));
    }

    private void put(Walked.Spot s) {
        spots.put(s.name(), s);
        here = s;
    }

    private void nothing(Length length, Called piece) {
        if (length.mm() == 0) {
            note(Walked.Odd.Kind.NO_LENGTH, piece.name(), "");
        }
    }

    private Optional<Walked.Spot> find(Called piece, String name) {
        Optional<Walked.Spot> found = Optional.ofNullable(spots.get(name));
        if (found.isEmpty()) {
            note(Walked.Odd.Kind.NO_SUCH_PLACE, piece.name(), name);
        }
        return found;
    }

    private void note(Walked.Odd.Kind kind, String piece, String other) {
        odd.add(new Walked.Odd(kind, piece, other));
    }

    /** Name of the place where one stands. */
    public String here() {
        return here.name();
    }

    /** How many stretches were met so far. */
    public int count() {
        return runs.size();
    }

    /** All that was met so far. */
    public Walked walked() {
        return new Walked(start, spots, runs, odd);
    }
}
