package mellowflare.core.pipe.space;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Length;
import mellowflare.core.pipe.layout.Piece;
import mellowflare.core.pipe.makeup.EndKind;
import mellowflare.core.pipe.makeup.Off;
import mellowflare.core.pipe.makeup.PartKey;
import mellowflare.core.pipe.makeup.PartKind;
import mellowflare.core.pipe.makeup.PipeEnd;
import mellowflare.core.pipe.makeup.TakeOffs;

/** Fittings with their mouths, of what a run is built of; where they lie is not known yet. */
final class FittedParts {
    private final TakeOffs take;

    FittedParts(TakeOffs take) {
        this.take = take;
    }

    /** A fitting that pipe comes to in one way and leaves in another, with more mouths to its sides. */
    Fitted fitting(
            String name, Fitted.Kind kind, PartKey part, String size, Heading to, Heading on, List<Vector> more) {
        List<Mouth> mouths = new ArrayList<>();
        mouths.add(mouth(to.going().times(-1), part, size));
        mouths.add(mouth(on.going(), part, size));
        more.forEach(way -> mouths.add(mouth(way, part, size)));
        return new Fitted(
                name,
                kind,
                Vector.ZERO,
                mouths,
                kind == Fitted.Kind.ELBOW ? part.angle() : Angle.ofDegrees(0),
                Optional.of(part),
                Optional.empty(),
                false);
    }

    /** Two flanges of a kind, face to face. */
    Fitted flanges(String name, EndKind kind, Heading on, String size) {
        Optional<Off> off = take.parts().setBack(PipeEnd.of(kind), size);
        return new Fitted(
                name,
                Fitted.Kind.FLANGES,
                Vector.ZERO,
                List.of(
                        new Mouth(on.going().times(-1), size, off, Optional.of(Length.ZERO), join(kind)),
                        new Mouth(on.going(), size, off, Optional.of(Length.ZERO), join(kind))),
                Angle.ofDegrees(0),
                Optional.of(PartKey.of(PartKind.FLANGE, size)),
                Optional.of(kind),
                false);
    }

    /** A reducer, from one size to another. */
    Fitted reducer(String name, PartKey part, Heading on, String from, String to) {
        return new Fitted(
                name,
                Fitted.Kind.REDUCER,
                Vector.ZERO,
                List.of(mouth(on.going().times(-1), part, from), mouth(on.going(), part, to)),
                Angle.ofDegrees(0),
                Optional.of(part),
                Optional.empty(),
                false);
    }

    /** A cap over the end of pipe. */
    Fitted cap(String name, Heading on, String size) {
        PartKey part = PartKey.of(PartKind.CAP, size);
        return new Fitted(
                name,
                Fitted.Kind.CAP,
                Vector.ZERO,
                List.of(new Mouth(on.going().times(-1), size, take.face(part), Optional.of(Length.ZERO), join())),
                Angle.ofDegrees(0),
                Optional.of(part),
                Optional.empty(),
                false);
    }

    /** An end of the run. */
    Fitted end(String name, Vector where, Vector out, String size, PipeEnd end, boolean fixed) {
        Mouth m = new Mouth(
                out, size, take.parts().setBack(end, size), Optional.of(Length.ZERO), join(end.kind(), fixed));
        return new Fitted(
                name,
                Fitted.Kind.END,
                where,
                List.of(m),
                Angle.ofDegrees(0),
                Optional.empty(),
                Optional.of(end.kind()),
                fixed);
    }

    /** A bare end that cannot move is held as in a thread: the pipe there cannot be turned. */
    private static Mouth.Join join(EndKind kind, boolean fixed) {
        return kind == EndKind.OPEN && fixed ? Mouth.Join.THREADED : join(kind);
    }

    private static Mouth.Join join(EndKind kind) {
        return kind.welded() ? Mouth.Join.WELDED : kind.threaded() ? Mouth.Join.THREADED : Mouth.Join.NONE;
    }

    private Mouth mouth(Vector out, PartKey part, String mouthSize) {
        return new Mouth(
                out, mouthSize, take.takeOff(part, mouthSize), take.face(part).map(Off::length), join());
    }

    /** How pipe is joined to a fitting of this system. */
    private Mouth.Join join() {
        return take.parts().socketed() ? Mouth.Join.SOCKET : Mouth.Join.THREADED;
    }

    /** How far a pipe leads from point to point of what it sits between (mm), by what its length was measured between. */
    static double points(Piece.Pipe p, Mouth a, Mouth b) {
        double offA = a.off().map(o -> o.length().mm()).orElse(0.0);
        double offB = b.off().map(o -> o.length().mm()).orElse(0.0);
        double faceA = a.face().map(Length::mm).orElse(0.0);
        double faceB = b.face().map(Length::mm).orElse(0.0);
        double l = p.length().mm();
        return switch (p.measure()) {
            case CENTRES -> l;
            case CUT -> l + offA + offB;
            case FACES -> l + faceA + faceB;
            case CENTRE_TO_FACE -> l + faceB;
        };
    }
}
