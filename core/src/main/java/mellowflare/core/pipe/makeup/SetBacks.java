package mellowflare.core.pipe.makeup;

import java.util.Optional;
import mellowflare.core.measure.Length;
import mellowflare.core.pipe.stock.FlangeSize;
import mellowflare.core.pipe.stock.PipeWall;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.Source;

/** From a face to the end of the pipe. */
public final class SetBacks {
    private static final Length MOST = Length.ofMm(6);
    private static final Length ROOT_GAP = Length.ofMm(3);

    private SetBacks() {}

    /** How a slip-on flange is set back. */
    public enum By {
        /** The wall, or 6 mm where that is less. */
        WALL,
        /** 6 mm, whatever the wall. */
        FIXED
    }

    /**
     * The set-back at an end.
     *
     * @param by method for slip-on flanges
     * @param wall of the pipe; empty while it is not chosen
     * @param flange of its size; empty where the table has none
     * @param makeUp of its thread; empty while it is not known
     * @return empty while a figure it rests on is not known
     */
    public static Optional<Off> of(
            PipeEnd end, By by, Optional<PipeWall> wall, Optional<FlangeSize> flange, Optional<ThreadMakeUp> makeUp) {
        if (end.setBack().isPresent()) {
            return end.setBack().map(l -> new Off(l, new Source(Say.it("take-offs.measured"), Confidence.SURE)));
        }
        return switch (end.kind()) {
            case OPEN -> Optional.of(new Off(Length.ZERO, Source.of(Say.it("take-offs.measured"))));
            case PORT -> makeUp.map(m -> new Off(m.length().times(-1), m.source()));
            case SLIP_ON -> by == By.FIXED ? Optional.of(fixed()) : wall.map(SetBacks::byWall);
            case THREADED_FLANGE ->
                flange.flatMap(f -> makeUp.map(m -> new Off(f.hub().minus(m.length()), f.source())));
            case WELD_NECK ->
                flange.map(f ->
                        new Off(f.weldNeck().plus(ROOT_GAP), new Source(Say.it("set-backs.gap"), Confidence.TYPICAL)));
        };
    }

    private static Off fixed() {
        return new Off(MOST, new Source(Say.it("set-backs.fixed"), Confidence.TYPICAL));
    }

    private static Off byWall(PipeWall w) {
        return new Off(
                w.wall().compareTo(MOST) < 0 ? w.wall() : MOST,
                new Source(Say.it("set-backs.wall"), Confidence.TYPICAL));
    }
}
