package mellowflare.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;

class ThreadProfileTest {

    @Test
    void testTaperGrowsTowardTheEndBySlope() {
        ThreadProfile male = new ThreadProfile(1, 10, 1.814, 1.45, 30, 10.67, 1.0 / 32, false);
        assertThat(male.crest(male.end())).isCloseTo(10.67, within(1e-9));
        assertThat(male.crest(male.start())).isCloseTo(10.67 - 18.14 / 32, within(1e-9));
        assertThat(male.root(5)).isCloseTo(male.crest(5) - 1.45, within(1e-9));
    }

    @Test
    void testInternalThreadHasItsCrestsInside() {
        ThreadProfile female = new ThreadProfile(1, 6, 1.5, 0.9, 30, 8, 0, true);
        assertThat(female.root(3)).isGreaterThan(female.crest(3));
    }

    @Test
    void testFlanksStandAtTheirAngle() {
        ThreadProfile thread = new ThreadProfile(0, 4, 2, 1.2, 30, 10, 0, false);
        List<Point> o = thread.outline();
        double rise = o.get(2).y() - o.get(1).y();
        double run = o.get(2).x() - o.get(1).x();
        assertThat(Math.toDegrees(Math.atan2(run, rise))).isCloseTo(30, within(1e-6));
        assertThat(o.get(o.size() - 1).x()).isCloseTo(8, within(1e-9));
    }

    /** Pitch 4, depth 1, flanks of 45 degrees: each takes 1, and crest and root 1 each; two turns from 10, outside 20, no taper. */
    @Test
    void testTheOutlineByHand() {
        ThreadProfile p = new ThreadProfile(10, 2, 4, 1, 45, 20, 0, false);
        List<Point> wanted = List.of(
                new Point(10, 19),
                new Point(10.5, 19),
                new Point(11.5, 20),
                new Point(12.5, 20),
                new Point(13.5, 19),
                new Point(14, 19),
                new Point(14.5, 19),
                new Point(15.5, 20),
                new Point(16.5, 20),
                new Point(17.5, 19),
                new Point(18, 19));
        List<Point> is = p.outline();
        assertThat(is).hasSameSizeAs(wanted);
        for (int i = 0; i < is.size(); i++) {
            assertThat(is.get(i).x()).isCloseTo(wanted.get(i).x(), within(1e-9));
            assertThat(is.get(i).y()).isCloseTo(wanted.get(i).y(), within(1e-9));
        }
        assertThat(p.crestPoint(1).x()).isCloseTo(16, within(1e-9));
        assertThat(p.crestPoint(1).y()).isCloseTo(20, within(1e-9));
        // Sharp where the flanks leave nothing.
        assertThat(new ThreadProfile(0, 1, 1, 1, 45, 20, 0, false)
                        .outline()
                        .get(1)
                        .x())
                .isZero();
    }
}
