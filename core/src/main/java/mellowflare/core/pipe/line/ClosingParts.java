package mellowflare.core.pipe.line;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.Instrument;
import mellowflare.core.measure.Length;
import mellowflare.core.pipe.chance.Cause;
import mellowflare.core.pipe.chance.Part;
import mellowflare.core.pipe.chance.Scatter;
import mellowflare.core.pipe.makeup.PartsInUse;
import mellowflare.core.pipe.makeup.ThreadMakeUp;
import mellowflare.core.pipe.offset.OffsetFigure;
import mellowflare.core.pipe.offset.OffsetSum;
import mellowflare.core.pipe.offset.OffsetWay;
import mellowflare.core.pipe.offset.Taken;
import mellowflare.core.pipe.space.Fitted;
import mellowflare.core.pipe.space.Laid;
import mellowflare.core.pipe.space.Mouth;
import mellowflare.core.pipe.space.Spool;

/** What moves the far end of a run, part by part. */
final class ClosingParts {
    private static final Vector ALONG = new Vector(1, 0, 0);
    private static final Vector ACROSS = new Vector(0, 1, 0);

    private final Laid laid;
    private final PartsInUse parts;
    private final List<Part> all = new ArrayList<>();
    /** Of a joint, by size: a run has hundreds of joints of a few sizes. */
    private final Map<String, Optional<Length>> scatters = new HashMap<>();

    private ClosingParts(Laid laid, PartsInUse parts) {
        this.laid = laid;
        this.parts = parts;
    }

    /** For an offset: its readings, then its pieces. */
    static List<Part> of(OffsetSum s, Laid laid, PartsInUse parts) {
        ClosingParts c = new ClosingParts(laid, parts);
        s.ask().asked().forEach(f -> s.ask().figure(f).ifPresent(t -> c.reading(f, t, s)));
        c.pieces(laid.spools());
        return c.all;
    }

    /** For a run to one of its ends: the length of each pipe, and what is done to it. */
    static List<Part> of(Laid laid, int end, PartsInUse parts) {
        ClosingParts c = new ClosingParts(laid, parts);
        List<Spool> way = way(laid, end);
        way.stream()
                .filter(s -> !s.implied() && s.bought().isEmpty())
                .forEach(s -> c.all.add(new Part(
                        new Cause(Cause.Kind.LENGTH, s.name()), true, Instrument.TAPE.scatter(), s.direction())));
        c.pieces(way);
        return c.all;
    }

    /** The pipes from the start to a fitting. */
    static List<Spool> way(Laid laid, int end) {
        Map<Integer, Spool> to = new HashMap<>();
        laid.spools().forEach(s -> to.putIfAbsent(s.to(), s));
        LinkedList<Spool> way = new LinkedList<>();
        for (int at = end; at != 0; at = way.getFirst().from()) {
            way.addFirst(Objects.requireNonNull(to.get(at)));
        }
        return List.copyOf(way);
    }

    /** A reading of the overall moves the far end along; one of the offset across. */
    private void reading(OffsetFigure f, Taken t, OffsetSum s) {
        Length once = t.written().instrument().scatter();
        Vector direction = f == OffsetFigure.OVERALL ? ALONG : ACROSS.times(share(f, s));
        all.add(new Part(
                new Cause(Cause.Kind.READING, Say.it("closing-parts.reading", "symbol", f.symbol(), "word", f.word())),
                true,
                t.confirmed() ? Scatter.twice(once) : once,
                direction));
    }

    /** How much of an error in a figure arrives in the offset: all of it, but for rise and roll. */
    private static double share(OffsetFigure f, OffsetSum s) {
        if (s.ask().way() != OffsetWay.ROLLING) {
            return 1;
        }
        double roll = s.rollAngle().radians();
        return f == OffsetFigure.RISE ? Math.cos(roll) : Math.sin(roll);
    }

    private void pieces(List<Spool> way) {
        for (int i = 0; i < way.size(); i++) {
            Spool s = way.get(i);
            if (s.bought().isEmpty()) {
                all.add(new Part(new Cause(Cause.Kind.CUT, s.name()), false, Scatter.CUT, s.direction()));
            }
            joint(s, laid.from(s), laid.from(s).mouths().get(s.fromMouth()));
            joint(s, laid.to(s), laid.to(s).mouths().get(s.toMouth()));
        }
    }

    private void joint(Spool s, Fitted f, Mouth m) {
        if (m.join() != Mouth.Join.THREADED && m.join() != Mouth.Join.SOCKET) {
            return;
        }
        scatters.computeIfAbsent(m.size(), size -> parts.makeUp(size).map(ThreadMakeUp::scatter))
                .ifPresent(scatter ->
                        all.add(new Part(new Cause(Cause.Kind.MAKE_UP, f.called()), false, scatter, s.direction())));
        if (f.kind() == Fitted.Kind.ELBOW) {
            all.add(new Part(
                    new Cause(Cause.Kind.SQUARE, f.called()),
                    false,
                    s.points().times(Scatter.SQUARE),
                    s.direction().square()));
        }
    }
}
