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
}
