package mellowflare.core.tube.line;

import mellowflare.core.measure.Length;
import mellowflare.core.tube.stock.Bender;

/** How much room tube tools need. House figures from the shapes of common tools. */
public final class ToolRoom {
    private ToolRoom() {}

    /** Clear radius round the tube for the swing of a cutter. */
    public static Length cutter(Length outside) {
        return outside.plus(Length.ofMm(32));
    }

    /** Clear room beside the tube for flaring bar and yoke. */
    public static Length bar(Length outside) {
        return outside.times(1.5).plus(Length.ofMm(70));
    }

    /** Clear room beside the tube for the handle of a bender. */
    public static Length handle(Bender.Kind kind) {
        return Length.ofMm(
                switch (kind) {
                    case LEVER -> 260;
                    case PLIERS -> 120;
                    case CROSSBOW -> 200;
                    case BENCH -> 600;
                    case SPRING -> 150;
                });
    }
}
