package mellowflare.core.pipe.space;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Length;
import mellowflare.core.pipe.layout.Piece;
import mellowflare.core.pipe.layout.RunAsk;
import mellowflare.core.pipe.layout.Side;
import mellowflare.core.pipe.layout.Way;
import mellowflare.core.pipe.makeup.Off;
import mellowflare.core.pipe.makeup.PartKey;
import mellowflare.core.pipe.makeup.PartKind;
import mellowflare.core.pipe.makeup.PipeEnd;
import mellowflare.core.pipe.makeup.TakeOffs;
import mellowflare.core.pipe.makeup.ThreadMakeUp;

/** Walks along a run as it is called out, and notes where every fitting and every pipe lies. Never refuses: what cannot be followed is noted and passed over. */
public final class RunWalk {
    private static final double STRAIGHT = 1 - 1e-9;
    private static final double FULL_TURN_BACK = 179.9;

    /** The close nipple of a size that is not stocked: two threads and nothing between. */
    private static final double CLOSE_OF_USEFUL = 2;

    private final FittedParts made;
    private final TakeOffs take;
    private final List<Fitted> fittings = new ArrayList<>();
    private final List<Spool> spools = new ArrayList<>();
    private final Map<String, Integer> places = new HashMap<>();
    private final Map<String, Branch> branches = new HashMap<>();
    private final List<Odd> odd = new ArrayList<>();
    private final Set<String> names = new HashSet<>();
    private final Set<List<Integer>> used = new HashSet<>();
    private final List<Attached> attached = new ArrayList<>();
    private final List<String> merged = new ArrayList<>();

    private int at;
    private int mouth;
    private Heading heading = Heading.AHEAD;
    private String size;
    private boolean started;
    private boolean ended;
    private Optional<Piece.Pipe> pending = Optional.empty();

    /** Size of the pipe that is open, where it ends in another one. */
    private Optional<String> swagedFrom = Optional.empty();

    private record Branch(int fitting, int mouth, Heading heading, String size) {}

    private RunWalk(TakeOffs take, String size) {
        this.take = take;
        this.made = new FittedParts(take);
        this.size = size;
    }

    /**
     * Lays a run.
     *
     * @param take what it is built of
     * @param size it begins with
     */
    public static Laid of(RunAsk ask, TakeOffs take, String size) {
        return new RunWalk(take, size).walk(ask);
    }

    private Laid walk(RunAsk ask) {
        names.add(RunAsk.START);
        fittings.add(made.end(RunAsk.START, Vector.ZERO, heading.going(), size, ask.start(), ask.startFixed()));
        places.put(RunAsk.START, 0);
        for (Piece p : ask.pieces()) {
            if (p instanceof Piece.From from) {
                leave();
                from(from);
            } else if (ended) {
                odd.add(new Odd(Odd.Kind.AFTER_END, p.name(), ""));
            } else {
                take(p.named(name(p.name())));
            }
        }
        leave();
        open();
        return new Laid(fittings, spools, attached, places, odd);
    }

    /** Its own name, or one with a number where that is taken, so that the rest can be worked out. */
    private String name(String wanted) {
        if (names.add(wanted)) {
            return wanted;
        }
        odd.add(new Odd(Odd.Kind.TWICE, wanted, ""));
        int n = 2;
        while (!names.add(wanted + " (" + n + ")")) {
            n++;
        }
        return wanted + " (" + n + ")";
    }

    private void take(Piece p) {
        if (p instanceof Piece.Pipe x) {
            pipe(x);
        } else if (p instanceof Piece.Elbow x) {
            elbow(x);
        } else if (p instanceof Piece.Tee x) {
            branching(x.name(), PartKind.TEE, Fitted.Kind.TEE, List.of(x.branch()), List.of(x.to()));
        } else if (p instanceof Piece.Cross x) {
            branching(
                    x.name(),
                    PartKind.CROSS,
                    Fitted.Kind.CROSS,
                    List.of(x.first(), x.first().opposite()),
                    List.of(x.to(), x.across()));
        } else if (p instanceof Piece.InLine x) {
            inLine(x);
        } else if (p instanceof Piece.Reducer x) {
            reducer(x);
        } else if (p instanceof Piece.Swage x) {
            swage(x);
        } else if (p instanceof Piece.Closed x) {
            closed(x);
        } else if (p instanceof Piece.End x) {
            ending(x);
        }
    }

    // --- pipe and turns ---

    private void pipe(Piece.Pipe p) {
        Optional<Heading> after = heading.after(p.way());
        if (after.isEmpty()) {
            odd.add(new Odd(
                    Odd.Kind.NO_SIDE, p.name(), ((Way.Turned) p.way()).side().word()));
        }
        Heading now = after.orElse(heading);
        if (!started) {
            begin(now);
        } else if (now.going().dot(heading.going()) < STRAIGHT) {
            String corner = Say.it(
                    "run-walk.elbow-at", "piece", pending.map(Piece.Pipe::name).orElse(p.name()));
            if (!turn(corner, now, p.name())) {
                return;
            }
        } else if (pending.isPresent()) {
            joined(p);
            return;
        }
        pending = Optional.of(p);
    }

    /** The first pipe says which way the run leaves what it begins at. */
    private void begin(Heading now) {
        Fitted first = fittings.get(0);
        Mouth m = first.mouths().get(0);
        fittings.set(
                0,
                new Fitted(
                        first.name(),
                        first.kind(),
                        first.at(),
                        List.of(new Mouth(now.going(), m.size(), m.off(), m.face(), m.join())),
                        first.angle(),
                        first.part(),
                        first.end(),
                        first.fixed()));
        heading = now;
        started = true;
    }

    /** Two pipes in line: one pipe where both were measured to points, else a coupling between. */
    private void joined(Piece.Pipe p) {
        Piece.Pipe before = pending.orElseThrow();
        if (before.measure() == Piece.Measure.CENTRES && p.measure() == Piece.Measure.CENTRES) {
            pending = Optional.of(p.withLength(before.length().plus(p.length())));
            merged.add(before.name());
        } else {
            place(
                    Say.it("run-walk.coupling-at", "piece", before.name()),
                    Fitted.Kind.COUPLING,
                    PartKey.of(PartKind.COUPLING, size),
                    heading,
                    List.of());
            pending = Optional.of(p);
        }
    }

    private void elbow(Piece.Elbow e) {
        Optional<Heading> after = heading.turned(e.by(), e.side());
        if (after.isEmpty()) {
            odd.add(new Odd(Odd.Kind.NO_SIDE, e.name(), e.side().word()));
            return;
        }
        started = true;
        turn(e.name(), after.get(), e.name());
    }

    private boolean turn(String name, Heading now, String piece) {
        double degrees =
                Math.toDegrees(Math.acos(Math.max(-1, Math.min(1, now.going().dot(heading.going())))));
        if (degrees > FULL_TURN_BACK) {
            odd.add(new Odd(Odd.Kind.BACK_ON_ITSELF, piece, ""));
            return false;
        }
        place(name, Fitted.Kind.ELBOW, PartKey.elbow(Angle.ofDegrees(degrees), size), now, List.of());
        return true;
    }

    // --- fittings ---

    private void branching(String name, PartKind part, Fitted.Kind kind, List<Side> sides, List<String> to) {
        started = true;
        List<Vector> out = new ArrayList<>();
        for (Side s : sides) {
            Optional<Vector> way = heading.toward(s);
            if (way.isEmpty()) {
                odd.add(new Odd(Odd.Kind.NO_SIDE, name, s.word()));
            }
            out.add(way.orElseGet(heading::looking));
        }
        place(name, kind, PartKey.of(part, size), heading, out);
        for (int i = 0; i < out.size(); i++) {
            branches.putIfAbsent(to.get(i), new Branch(at, 2 + i, heading.going(out.get(i)), size));
        }
    }

    private void inLine(Piece.InLine x) {
        started = true;
        if (x.flange().isPresent()) {
            flanges(x);
            return;
        }
        Fitted.Kind kind = Fitted.Kind.valueOf(x.kind().name());
        place(x.name(), kind, PartKey.of(PartKind.valueOf(x.kind().name()), size), heading, List.of());
    }

    private void flanges(Piece.InLine x) {
        arrive(made.flanges(x.name(), x.flange().orElseThrow(), heading, size));
        mouth = 1;
    }

    private void reducer(Piece.Reducer x) {
        boolean smaller = take.larger(size, x.size());
        boolean known = smaller || take.larger(x.size(), size);
        if (!known) {
            odd.add(new Odd(Odd.Kind.SIZE, x.name(), x.size()));
            return;
        }
        if (x.bushing()) {
            bushing(x, smaller);
            return;
        }
        started = true;
        String large = smaller ? size : x.size();
        String small = smaller ? x.size() : size;
        PartKey part = PartKey.reducer(PartKind.REDUCER, large, small);
        arrive(made.reducer(x.name(), part, heading, size, x.size()));
        mouth = 1;
        size = x.size();
    }

    /** A nipple with two sizes: the fitting behind it is of the other one. */
    private void swage(Piece.Swage x) {
        if (!take.larger(size, x.size()) && !take.larger(x.size(), size)) {
            odd.add(new Odd(Odd.Kind.SIZE, x.name(), x.size()));
            return;
        }
        pipe(new Piece.Pipe(x.name(), Way.ON, x.length(), Piece.Measure.CUT, true));
        swagedFrom = Optional.of(size);
        size = x.size();
    }

    /** A bushing makes the mouth it sits in smaller, and stands out of it a little. */
    private void bushing(Piece.Reducer x, boolean smaller) {
        Fitted f = fittings.get(at);
        if (!smaller || pending.isPresent() || f.kind() == Fitted.Kind.END) {
            odd.add(new Odd(smaller ? Odd.Kind.NO_MOUTH : Odd.Kind.SIZE, x.name(), x.size()));
            return;
        }
        Mouth m = f.mouths().get(mouth);
        Optional<Off> out = take.face(PartKey.reducer(PartKind.BUSHING, size, x.size()));
        Optional<Length> face = m.face().flatMap(l -> out.map(o -> l.plus(o.length())));
        Optional<Off> off = face.flatMap(l -> take.makeUp(x.size())
                .map(u -> new Off(l.minus(u.length()), out.orElseThrow().source())));
        List<Mouth> mouths = new ArrayList<>(f.mouths());
        mouths.set(mouth, m.with(x.size(), off, face));
        fittings.set(at, new Fitted(f.name(), f.kind(), f.at(), mouths, f.angle(), f.part(), f.end(), f.fixed()));
        places.put(x.name(), at);
        attached.add(new Attached(at, mouth, x.name(), PartKey.reducer(PartKind.BUSHING, size, x.size())));
        size = x.size();
    }

    private void closed(Piece.Closed x) {
        started = true;
        boolean plug = x.by() == Piece.Stop.PLUG;
        if (plug && (pending.isPresent() || fittings.get(at).kind() == Fitted.Kind.END)) {
            odd.add(new Odd(Odd.Kind.NO_MOUTH, x.name(), ""));
            return;
        }
        if (plug) {
            used.add(List.of(at, mouth));
            attached.add(new Attached(at, mouth, x.name(), PartKey.of(PartKind.PLUG, size)));
            places.put(x.name(), at);
        } else {
            arrive(made.cap(x.name(), heading, size));
        }
        ended = true;
    }

    private void ending(Piece.End x) {
        started = true;
        arrive(made.end(x.name(), Vector.ZERO, heading.going().times(-1), size, x.end(), x.fixed()));
        ended = true;
    }

    /** Puts a fitting at the end of the pipe that is open, and goes on from its second mouth. */
    private void place(String name, Fitted.Kind kind, PartKey part, Heading on, List<Vector> more) {
        arrive(made.fitting(name, kind, part, size, heading, on, more));
        heading = on;
        mouth = 1;
    }

    /** Ends the open pipe, or a close nipple where none was called, in the first mouth of a fitting. */
    private void arrive(Fitted next) {
        if (!started) {
            begin(heading);
        }
        Fitted from = fittings.get(at);
        Mouth a = from.mouths().get(mouth);
        Mouth b = next.mouths().get(0);
        double offA = a.off().map(o -> o.length().mm()).orElse(0.0);
        double offB = b.off().map(o -> o.length().mm()).orElse(0.0);
        boolean known = a.off().isPresent() && b.off().isPresent();
        Optional<Length> close = pending.isPresent() ? Optional.empty() : closeNipple();
        double points = pending.map(p -> FittedParts.points(p, a, b))
                .orElseGet(() -> offA + offB + close.map(Length::mm).orElse(0.0));
        Vector there = from.at().plus(heading.going().times(points));
        fittings.add(new Fitted(
                next.name(), next.kind(), there, next.mouths(), next.angle(), next.part(), next.end(), next.fixed()));
        int to = fittings.size() - 1;
        String name = pending.map(Piece.Pipe::name).orElseGet(() -> Say.it("run-walk.nipple-at", "place", next.name()));
        spools.add(new Spool(
                name,
                at,
                mouth,
                to,
                0,
                swagedFrom.orElse(size),
                swagedFrom.map(s -> size),
                Length.ofMm(points),
                known || pending.filter(p -> p.measure() == Piece.Measure.CUT).isPresent()
                        ? Optional.of(Length.ofMm(points - offA - offB))
                        : Optional.empty(),
                pending.map(p -> p.bought() ? Optional.of(p.length()) : Optional.<Length>empty())
                        .orElse(close),
                pending.isEmpty(),
                heading.going()));
        used.add(List.of(at, mouth));
        used.add(List.of(to, 0));
        pending.ifPresent(p -> places.put(p.name(), to));
        merged.forEach(m -> places.put(m, to));
        merged.clear();
        places.put(next.name(), to);
        pending = Optional.empty();
        swagedFrom = Optional.empty();
        at = to;
    }

    /** The shortest nipple that is stocked; where none is, two threads. */
    private Optional<Length> closeNipple() {
        List<Length> stocked = take.nipples(size);
        return stocked.isEmpty()
                ? take.makeUp(size).flatMap(ThreadMakeUp::useful).map(u -> u.times(CLOSE_OF_USEFUL))
                : Optional.of(stocked.get(0));
    }

    // --- leaving and going on ---

    /** A pipe that leads to nothing ends as it is. */
    private void leave() {
        if (pending.isPresent()) {
            String name = pending.get().name();
            arrive(made.end(
                    Say.it("run-walk.end-of", "piece", name),
                    Vector.ZERO,
                    heading.going().times(-1),
                    size,
                    PipeEnd.OPEN,
                    false));
            odd.add(new Odd(Odd.Kind.OPEN, name, ""));
        }
    }

    private void from(Piece.From from) {
        Branch b = branches.get(from.to());
        if (b == null) {
            odd.add(new Odd(Odd.Kind.NO_BRANCH, from.name(), from.to()));
            ended = true;
            return;
        }
        if (used.contains(List.of(b.fitting(), b.mouth()))) {
            odd.add(new Odd(Odd.Kind.BRANCH_USED, from.name(), from.to()));
            ended = true;
            return;
        }
        at = b.fitting();
        mouth = b.mouth();
        heading = b.heading();
        size = b.size();
        ended = false;
    }

    /** Mouths that nothing was led to. */
    private void open() {
        for (int i = 0; i < fittings.size(); i++) {
            for (int m = 0; m < fittings.get(i).mouths().size(); m++) {
                if (!used.contains(List.of(i, m)) && (i > 0 || !spools.isEmpty())) {
                    odd.add(new Odd(Odd.Kind.OPEN, fittings.get(i).name(), ""));
                }
            }
        }
    }
}
