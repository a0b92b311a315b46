package mellowflare.core.pipe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import mellowflare.core.geometry.Point;
import mellowflare.core.measure.Length;
import mellowflare.core.pipe.line.PipeCase;
import mellowflare.core.pipe.line.PipeLine;
import mellowflare.core.pipe.makeup.Off;
import mellowflare.core.pipe.offset.Clearance;
import mellowflare.core.pipe.offset.Legs;
import mellowflare.core.pipe.offset.Obstruction;
import mellowflare.core.pipe.offset.OffsetSum;
import org.junit.jupiter.api.Test;

/** What is in the way of an offset, against a pipe looked at point by point. */
class OffsetClearsTest {
    private static Optional<PipeCase> with(Obstruction o, double shift, double clear) {
        PipeLine line = PipeSamples.offset();
        return Optional.of(PipeSamples.of(line.withOffset(line.offset()
                .withLegs(new Legs.Shifted(Length.ofMm(shift)))
                .withClear(Length.ofMm(clear))
                .withObstruction(Optional.of(o)))));
    }

    private static Obstruction box(double along, double length, double from, double width) {
        return new Obstruction("frame", Length.ofMm(along), Length.ofMm(length), Length.ofMm(from), Length.ofMm(width));
    }

    /** The least distance of the centre line from the box, in steps of half a millimetre along the pipe, with the travel moved on by so much. */
    private static double least(OffsetSum s, Obstruction o, double by) {
        double a = s.legA().orElseThrow().mm() + by;
        double v = s.run().orElseThrow().mm();
        double across = s.offset().orElseThrow().mm();
        double end = a + v + s.legC().orElseThrow().mm() - by;
        List<Point> corners =
                List.of(new Point(0, 0), new Point(a, 0), new Point(a + v, across), new Point(end, across));
        double least = Double.MAX_VALUE;
        for (int i = 0; i < 3; i++) {
            Point p = corners.get(i);
            Point q = corners.get(i + 1);
            int steps = (int) Math.ceil(Math.hypot(q.x() - p.x(), q.y() - p.y()) * 2);
            for (int k = 0; k <= steps; k++) {
                double x = p.x() + (q.x() - p.x()) * k / Math.max(1, steps);
                double y = p.y() + (q.y() - p.y()) * k / Math.max(1, steps);
                double dx = Math.max(
                        0,
                        Math.max(
                                o.along().mm() - x,
                                x - o.along().mm() - o.length().mm()));
                double dy = Math.max(
                        0,
                        Math.max(
                                o.from().mm() - y, y - o.from().mm() - o.width().mm()));
                least = Math.min(least, Math.hypot(dx, dy));
            }
        }
        return least;
    }

    @Test
    void testItClearsByWhatALookAtEveryPointFinds() {
        Random r = new Random(3);
        int shifted = 0;
        int stuck = 0;
        for (int i = 0; i < 60; i++) {
            Obstruction o = box(r.nextInt(1400) - 100, 5 + r.nextInt(200), r.nextInt(700) - 150, 5 + r.nextInt(200));
            double by = r.nextInt(300) - 150;
            PipeCase c = with(o, by, 25).orElseThrow();
            OffsetSum s = c.sum().orElseThrow();
            double half = s.given().outside().orElseThrow().mm() / 2;
            Clearance clearance = c.clearance().orElseThrow();
            assertThat(clearance.clear().mm()).isCloseTo(least(s, o, 0) - half, within(0.3));
            if (clearance.clear().mm() >= 25) {
                assertThat(clearance.shift()).isEmpty();
                continue;
            }
            double equal = (s.legA().orElseThrow().mm() + s.legC().orElseThrow().mm()) / 2;
            double margin =
                    2 * s.given().takeOff().map(Off::length).orElseThrow().mm();
            double back = s.legA().orElseThrow().mm() - margin;
            double forth = s.legC().orElseThrow().mm() - margin;
            if (clearance.shift().isEmpty()) {
                stuck++;
                for (double move = -Math.floor(back); move <= forth; move++) {
                    assertThat(least(s, o, move) - half).as("by " + move).isLessThan(25.3);
                }
                continue;
            }
            shifted++;
            double move = clearance.shift().get().mm() - (s.legA().orElseThrow().mm() - equal);
            assertThat(move).isBetween(-back - 1e-6, forth + 1e-6);
            assertThat(least(s, o, move) - half).isGreaterThan(25 - 0.3);
            // No smaller move the same or the other way gives the room.
            for (double less = 1; less < Math.abs(move) - 0.5; less++) {
                if (less <= forth) {
                    assertThat(least(s, o, less) - half).as("by " + less).isLessThan(25.3);
                }
                if (less <= back) {
                    assertThat(least(s, o, -less) - half).as("by -" + less).isLessThan(25.3);
                }
            }
            PipeCase moved = with(o, clearance.shift().get().mm(), 25).orElseThrow();
            assertThat(moved.clearance().orElseThrow().clear().mm()).isGreaterThanOrEqualTo(25 - 1e-9);
        }
        assertThat(shifted).isGreaterThan(5);
        assertThat(stuck).isPositive();
    }

    /** A box round the pipe is hit by the whole of its half. */
    @Test
    void testAPipeInABoxIsOverlappedByHalfOfItself() {
        PipeCase c = with(box(100, 50, -30, 60), 0, 25).orElseThrow();
        double half = c.sum().orElseThrow().given().outside().orElseThrow().mm() / 2;
        assertEquals(-half, c.clearance().orElseThrow().clear().mm(), 1e-9);
        assertThat(PipeSamples.of(PipeSamples.offset()).clearance()).isEmpty();
        PipeLine none = PipeSamples.offset().withSize(Optional.empty());
        assertThat(PipeSamples.of(none.withOffset(none.offset().withObstruction(Optional.of(box(1, 1, 1, 1)))))
                        .clearance())
                .isEmpty();
    }
}
