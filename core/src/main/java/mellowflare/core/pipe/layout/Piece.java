package mellowflare.core.pipe.layout;

import java.util.Optional;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Length;
import mellowflare.core.pipe.makeup.EndKind;
import mellowflare.core.pipe.makeup.PipeEnd;
import mellowflare.core.run.walk.Called;

/** One thing met on the walk along a run. Its name also names the place where it stands or ends. */
public sealed interface Piece extends Called {
    /** No piece of a run is longer. */
    Length LONGEST = Length.ofMm(200_000);

    /** The same under another name. */
    Piece named(String other);

    /** What a length of pipe was measured to. */
    enum Measure {
        /** From point to point: centres of fittings, faces of flanges and ports. */
        CENTRES,
        /** The pipe itself, end to end. */
        CUT,
        /** From face to face of the fittings. */
        FACES,
        /** From the centre of the first to the face of the second. */
        CENTRE_TO_FACE
    }

    /**
     * Pipe.
     *
     * @param way which way it goes; a turn puts a fitting there
     * @param length above zero
     * @param measure what it was measured to
     * @param bought whether it is a nipple that is bought ready
     */
    record Pipe(String name, Way way, Length length, Measure measure, boolean bought) implements Piece {
        public Pipe {
            if (!(length.mm() > 0) || length.compareTo(LONGEST) > 0) {
                throw new IllegalArgumentException("A pipe is up to 200 m long and above zero");
            }
        }

        @Override
        public Pipe named(String other) {
            return new Pipe(other, way, length, measure, bought);
        }

        public Pipe withLength(Length now) {
            return new Pipe(name, way, now, measure, bought);
        }
    }

    /**
     * A turn; the pipe that follows goes straight on from it.
     *
     * @param by above 0 to 90 degrees
     * @param side to which
     */
    record Elbow(String name, Angle by, Side side) implements Piece {
        public Elbow {
            if (!(by.degrees() > 0 && by.degrees() <= 90)) {
                throw new IllegalArgumentException("A fitting turns by more than 0 and up to 90 degrees");
            }
        }

        @Override
        public Elbow named(String other) {
            return new Elbow(other, by, side);
        }
    }

    /**
     * A tee: the run goes straight on, and a branch leaves square to it.
     *
     * @param branch side to which the branch leaves
     * @param to name of the branch, for going on from it
     */
    record Tee(String name, Side branch, String to) implements Piece {
        @Override
        public Tee named(String other) {
            return new Tee(other, branch, to);
        }
    }

    /**
     * A cross: the run goes straight on, and branches leave to both sides.
     *
     * @param first side of one branch; the other leaves opposite
     * @param to name of the first branch
     * @param across name of the other branch
     */
    record Cross(String name, Side first, String to, String across) implements Piece {
        @Override
        public Cross named(String other) {
            return new Cross(other, first, to, across);
        }
    }

    /** What sits in line. */
    enum Fitting {
        COUPLING,
        UNION,
        /** A union that keeps two metals apart. */
        DIELECTRIC,
        VALVE,
        /** A flexible connector; its far end turns by itself. */
        FLEX,
        /** Two flanges with a gasket between. */
        FLANGES
    }

    /**
     * A fitting in line.
     *
     * @param kind which
     * @param flange kind of both flanges, where it is a pair of flanges
     */
    record InLine(String name, Fitting kind, Optional<EndKind> flange) implements Piece {
        public InLine {
            if ((kind == Fitting.FLANGES) != flange.isPresent()
                    || flange.filter(f -> !f.flanged()).isPresent()) {
                throw new IllegalArgumentException("Exactly a pair of flanges is of a kind of flange");
            }
        }

        @Override
        public InLine named(String other) {
            return new InLine(other, kind, flange);
        }
    }

    /**
     * From here on the pipe is of another size.
     *
     * @param size it goes on with
     * @param bushing whether a hex bushing in the mouth does it, and no reducing coupling
     */
    record Reducer(String name, String size, boolean bushing) implements Piece {
        @Override
        public Reducer named(String other) {
            return new Reducer(other, size, bushing);
        }
    }

    /**
     * A swage nipple: bought ready, it goes into the fitting before it with one end and into the fitting behind it with an end of another size.
     *
     * @param size of its other end; the run goes on with it
     * @param length end to end, as measured on the part, above zero
     */
    record Swage(String name, String size, Length length) implements Piece {
        public Swage {
            if (!(length.mm() > 0) || length.compareTo(LONGEST) > 0) {
                throw new IllegalArgumentException("A swage nipple has a length above zero");
            }
        }

        @Override
        public Swage named(String other) {
            return new Swage(other, size, length);
        }
    }

    /** What closes a pipe or a mouth. */
    enum Stop {
        CAP,
        PLUG
    }

    /** A cap on the pipe, or a plug in the mouth. */
    record Closed(String name, Stop by) implements Piece {
        @Override
        public Closed named(String other) {
            return new Closed(other, by);
        }
    }

    /**
     * The run ends here.
     *
     * @param end how
     * @param fixed whether what it ends at cannot move or turn
     */
    record End(String name, PipeEnd end, boolean fixed) implements Piece {
        @Override
        public End named(String other) {
            return new End(other, end, fixed);
        }
    }

    /** The walk goes on from a branch. */
    record From(String name, String to) implements Piece {
        @Override
        public From named(String other) {
            return new From(other, to);
        }
    }
}
