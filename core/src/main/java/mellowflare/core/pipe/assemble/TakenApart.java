package mellowflare.core.pipe.assemble;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.LongStream;
import mellowflare.core.measure.Length;
import mellowflare.core.pipe.layout.Box;

/**
 * Takes a run apart, move by move. Taking something off never makes another move harder, so whichever move is made first, all that can come off does come off; read backward, the moves put the run together.
 */
final class TakenApart {
    private final List<Body> bodies;
    private final List<Bond> bonds;
    private final List<List<Bond>> of;
    private final List<Box> boxes;
    private final int[] lastFirst;
    private final Balls balls;
    /** All before it in {@code lastFirst} are off. */
    private int begin;

    private final BitSet there = new BitSet();
    /** How many bonds hold each body that do not open. */
    private final int[] held;

    private final List<Blocked> blocked = new ArrayList<>();

    TakenApart(Bodies run, List<Box> boxes) {
        this.bodies = run.bodies;
        this.bonds = run.bonds;
        this.boxes = boxes;
        this.of = new ArrayList<>();
        bodies.forEach(b -> of.add(new ArrayList<>()));
        bonds.forEach(b -> {
            of.get(b.a()).add(b);
            of.get(b.b()).add(b);
        });
        there.set(0, bodies.size());
        balls = new Balls(bodies);
        held = new int[bodies.size()];
        bonds.stream().filter(b -> !b.opens()).forEach(b -> {
            held[b.a()]++;
            held[b.b()]++;
        });
        lastFirst = LongStream.range(1, bodies.size())
                .map(i -> ((long) bodies.get((int) i).order() << Integer.SIZE) + i)
                .sorted()
                .mapToInt(key -> (int) key)
                .toArray();
        for (int i = 0, k = lastFirst.length - 1; i < k; i++, k--) {
            int first = lastFirst[i];
            lastFirst[i] = lastFirst[k];
            lastFirst[k] = first;
        }
    }

    /** A move that can be made: what comes off, at which bond. */
    private record Move(BitSet parts, Optional<Bond> at, double swing, boolean handleOff) {}

    /** All moves, in the order in which the run comes apart. */
    List<AssemblyStep> all() {
        List<AssemblyStep> steps = new ArrayList<>();
        for (Optional<Move> move = next(); move.isPresent(); move = next()) {
            steps.add(make(move.get()));
        }
        return steps;
    }

    /** What is left that cannot come off, beside what is there already. */
    List<Body> left() {
        return there.stream().filter(i -> i > 0).mapToObj(bodies::get).toList();
    }

    /** Why, for each part that has one joint only and cannot turn about it. */
    List<Blocked> blocked() {
        return blocked;
    }

    private Optional<Move> next() {
        blocked.clear();
        while (begin < lastFirst.length && !there.get(lastFirst[begin])) {
            begin++;
        }
        for (int at = begin; at < lastFirst.length; at++) {
            int body = lastFirst[at];
            if (!there.get(body)) {
                continue;
            }
            if (held[body] <= 1) {
                BitSet one = new BitSet();
                one.set(body);
                Optional<Move> move = try_(one, rigid(body).stream().findFirst());
                if (move.isPresent()) {
                    return move;
                }
            }
        }
        return several();
    }

    /** No single part comes off: the fewest that do as one. */
    private Optional<Move> several() {
        List<Blocked> single = List.copyOf(blocked);
        List<Move> found = new ArrayList<>();
        for (Bond b : bonds) {
            if (!b.opens() && there.get(b.a()) && there.get(b.b())) {
                for (int side : List.of(b.a(), b.b())) {
                    BitSet parts = behind(side, b);
                    if (!parts.get(0) && !parts.get(b.other(side))) {
                        try_(parts, Optional.of(b)).ifPresent(found::add);
                    }
                }
            }
        }
        blocked.clear();
        blocked.addAll(single);
        return found.stream().min(Comparator.comparingInt(m -> m.parts().cardinality()));
    }

    private List<Bond> rigid(int body) {
        List<Bond> all = new ArrayList<>(4);
        for (Bond b : of.get(body)) {
            if (!b.opens() && there.get(b.other(body))) {
                all.add(b);
            }
        }
        return all;
    }

    /** All that hangs together with a body without a bond, and without what opens. */
    private BitSet behind(int from, Bond without) {
        BitSet parts = new BitSet();
        List<Integer> open = new ArrayList<>(List.of(from));
        parts.set(from);
        while (!open.isEmpty()) {
            int at = open.remove(open.size() - 1);
            for (Bond b : rigid(at)) {
                int other = b.other(at);
                if (b != without && !parts.get(other)) {
                    parts.set(other);
                    open.add(other);
                }
            }
        }
        return parts;
    }

    private Optional<Move> try_(BitSet parts, Optional<Bond> at) {
        if (at.filter(b -> b.kind() == Bond.Kind.THREAD).isEmpty()) {
            return Optional.of(new Move(parts, at, 0, false));
        }
        Bond bond = at.get();
        int stays = parts.get(bond.a()) ? bond.b() : bond.a();
        Swing swing = new Swing(bond.at(), bond.axis());
        Optional<String> meets = meets(swing, parts, stays, true);
        if (meets.isEmpty()) {
            return Optional.of(new Move(parts, at, reach(swing, parts, true), false));
        }
        if (parts.stream().anyMatch(i -> bodies.get(i).handle().isPresent())
                && meets(swing, parts, stays, false).isEmpty()) {
            return Optional.of(new Move(parts, at, reach(swing, parts, false), true));
        }
        blocked.add(new Blocked(
                bodies.get(parts.nextSetBit(0)).name(),
                meets.get(),
                Length.ofMm(Math.ceil(reach(swing, parts, true)))));
        return Optional.empty();
    }

    /** A straight pipe turns about itself: it reaches nowhere. */
    private double reach(Swing swing, BitSet parts, boolean handles) {
        if (parts.cardinality() == 1 && bodies.get(parts.nextSetBit(0)).kind() == Body.Kind.PIPE) {
            return 0;
        }
        return parts.stream()
                .mapToDouble(i -> swing.reach(room(bodies.get(i), handles)))
                .max()
                .orElse(0);
    }

    private static List<Capsule> room(Body b, boolean handles) {
        if (!handles || b.handle().isEmpty()) {
            return b.solid();
        }
        List<Capsule> all = new ArrayList<>(b.solid());
        all.add(b.handle().get());
        return all;
    }

    /** The first thing that is met while the parts turn; what they are joined to lies along the axis and is passed over. */
    private Optional<String> meets(Swing swing, BitSet parts, int stays, boolean handles) {
        BitSet beside = new BitSet();
        beside.set(stays);
        parts.stream().forEach(i -> of.get(i).forEach(b -> beside.set(b.other(i))));
        for (int i = parts.nextSetBit(0); i >= 0; i = parts.nextSetBit(i + 1)) {
            for (Capsule c : room(bodies.get(i), handles)) {
                Swing.Swept swept = swing.sweep(c);
                Optional<String> box = swing.meets(c, boxes).map(Box::name);
                if (box.isPresent()) {
                    return box;
                }
                for (int k = balls.next(there, 0, swept); k >= 0; k = balls.next(there, k + 1, swept)) {
                    if (!parts.get(k) && !beside.get(k) && meets(swept, bodies.get(k))) {
                        return Optional.of(bodies.get(k).name());
                    }
                }
            }
        }
        return Optional.empty();
    }

    private static boolean meets(Swing.Swept swept, Body standing) {
        for (Capsule s : standing.solid()) {
            if (swept.meets(s)) {
                return true;
            }
        }
        return false;
    }

    private AssemblyStep make(Move m) {
        List<String> closes = new ArrayList<>();
        String onto = "";
        AssemblyStep.Joint joint = AssemblyStep.Joint.THREAD;
        for (int i = m.parts().nextSetBit(0); i >= 0; i = m.parts().nextSetBit(i + 1)) {
            for (Bond b : of.get(i)) {
                int other = b.other(i);
                if (b.opens() && there.get(other) && !m.parts().get(other)) {
                    closes.add(bodies.get(other == 0 ? i : Math.min(i, other)).name());
                    if (m.at().isEmpty()) {
                        joint = AssemblyStep.Joint.valueOf(b.kind().name());
                    }
                }
            }
        }
        if (m.at().isPresent()) {
            Bond b = m.at().get();
            onto = bodies.get(m.parts().get(b.a()) ? b.b() : b.a()).name();
            joint = AssemblyStep.Joint.valueOf(b.kind().name());
        }
        List<String> names = m.parts().stream()
                .mapToObj(bodies::get)
                .sorted(Comparator.comparingInt(Body::order))
                .map(Body::name)
                .toList();
        leave(m.parts());
        return new AssemblyStep(names, onto, joint, Length.ofMm(m.swing()), m.handleOff(), closes);
    }

    private void leave(BitSet parts) {
        for (int i = parts.nextSetBit(0); i >= 0; i = parts.nextSetBit(i + 1)) {
            for (Bond b : of.get(i)) {
                int other = b.other(i);
                if (!b.opens() && there.get(other)) {
                    held[i]--;
                    held[other]--;
                }
            }
            there.clear(i);
        }
    }

    // --- one part ---

    /** The moves that free one part, the rest left standing as far as it can; empty where it cannot come out. */
    Optional<List<AssemblyStep>> free(String part) {
        Optional<Integer> wanted = there.stream()
                .filter(i -> bodies.get(i).name().equals(part))
                .boxed()
                .findFirst();
        if (wanted.isEmpty()) {
            return Optional.empty();
        }
        List<AssemblyStep> steps = new ArrayList<>();
        while (there.get(wanted.get())) {
            Optional<Move> move = withIt(wanted.get()).or(() -> besideIt(wanted.get()));
            if (move.isEmpty()) {
                return Optional.empty();
            }
            steps.add(make(move.get()));
        }
        return Optional.of(steps);
    }

    /** The fewest parts that come off with it as one. */
    private Optional<Move> withIt(int body) {
        blocked.clear();
        List<Move> found = new ArrayList<>();
        List<Bond> rigid = rigid(body);
        if (rigid.isEmpty()) {
            BitSet one = new BitSet();
            one.set(body);
            return try_(one, Optional.empty());
        }
        for (Bond b : rigid) {
            BitSet parts = behind(body, b);
            if (!parts.get(0) && !parts.get(b.other(body)) && b.kind() == Bond.Kind.THREAD) {
                try_(parts, Optional.of(b)).ifPresent(found::add);
            }
        }
        return found.stream().min(Comparator.comparingInt(m -> m.parts().cardinality()));
    }

    /** One part of what hangs on it comes off first: the last of the walk. */
    private Optional<Move> besideIt(int body) {
        for (Bond b : rigid(body)) {
            BitSet with = behind(body, b);
            if (with.get(0)) {
                continue;
            }
            List<Integer> leaves = with.stream()
                    .boxed()
                    .filter(i -> i != body && rigid(i).size() == 1)
                    .sorted(Comparator.reverseOrder())
                    .toList();
            for (int leaf : leaves) {
                BitSet one = new BitSet();
                one.set(leaf);
                Optional<Move> move = try_(one, rigid(leaf).stream().findFirst());
                if (move.isPresent() && rigid(leaf).get(0).kind() == Bond.Kind.THREAD) {
                    return move;
                }
            }
        }
        return Optional.empty();
    }
}
