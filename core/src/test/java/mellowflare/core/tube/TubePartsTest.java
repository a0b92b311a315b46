package mellowflare.core.tube;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.geometry.Vector;
import mellowflare.core.tube.end.TubeEndKind;
import mellowflare.core.tube.form.Measured;
import mellowflare.core.tube.line.TubeCase;
import mellowflare.core.tube.line.TubeLine;
import mellowflare.core.tube.line.TubeRating;
import org.junit.jupiter.api.Test;

/** What is asked for over the counter, and what the tube withstands. */
class TubePartsTest {
    private static List<String> names(TubeCase c) {
        return TubeParts.of(c).stream().map(TubeParts::name).toList();
    }

    private static Measured straight(double mm) {
        return new Measured.Points(List.of(Vector.ZERO, new Vector(mm, 0, 0)));
    }

    @Test
    void flaresTakeANutAndWhereItIsMadeSoASleeve() {
        assertThat(names(TubeSamples.of(TubeSamples.line())))
                .anyMatch(n -> n.contains("9.52 mm outside, wall 1.24 mm"))
                .filteredOn(n -> n.contains("nut for JIC37"))
                .hasSize(2);
        assertThat(names(TubeSamples.of(TubeSamples.line())))
                .filteredOn(n -> n.contains("sleeve"))
                .hasSize(2);
        TubeCase brazed = TubeSamples.with(l -> l.withEnd(LineEnd.A, TubeSamples.end(TubeEndKind.SWAGE, "none"))
                .withEnd(LineEnd.B, TubeSamples.end(TubeEndKind.SWAGE, "none")));
        assertThat(names(brazed)).noneMatch(n -> n.contains("nut"));
        TubeCase ring = TubeSamples.with(l -> l.withEnd(LineEnd.A, TubeSamples.end(TubeEndKind.CUTTING_RING, "none")));
        assertThat(TubeParts.of(ring))
                .filteredOn(p -> p.amount().contains("end A"))
                .hasSize(2);
    }

    /** 3/8 tube: 500 mm at most from clamp to clamp. */
    @Test
    void clampsAreCountedBetweenTheEnds() {
        assertThat(clamps(499)).isZero();
        assertThat(clamps(500)).isZero();
        assertThat(clamps(501)).isEqualTo(1);
        assertThat(clamps(1001)).isEqualTo(2);
    }

    private static double clamps(double mm) {
        return TubeParts.of(TubeSamples.with(l -> l.withMeasured(straight(mm)))).stream()
                .filter(p -> p.name().startsWith("clamp"))
                .mapToDouble(TubeParts::need)
                .sum();
    }

    @Test
    void theTubeIsAskedForAsLongAsItIsCut() {
        TubeCase c = TubeSamples.of(TubeSamples.line());
        assertThat(TubeParts.of(c).get(0).need())
                .isCloseTo(c.cut().orElseThrow().shop(c.units()).mm() / 1000, within(1e-12));
        assertThat(TubeParts.of(TubeSamples.of(TubeLine.NEW))).isEmpty();
    }

    /** The wall outside a bend rules; a straight tube keeps its least. By hand: 1.2446 less a tenth, x 23.8 / (23.8 + 4.7625) = 0.9334. */
    @Test
    void theWallOutsideTheBendsRules() {
        assertThat(TubeRating.wall(TubeSamples.of(TubeSamples.line())).mm()).isCloseTo(0.9334, within(1e-4));
        assertThat(TubeRating.wall(TubeSamples.with(l -> l.withMeasured(straight(300))))
                        .mm())
                .isCloseTo(1.2446 * 0.9, within(1e-9));
        assertThat(TubeRating.of(TubeSamples.with(l -> l.withTube(Optional.empty()))))
                .isEmpty();
        double bent = TubeRating.of(TubeSamples.of(TubeSamples.line()))
                .orElseThrow()
                .rated()
                .bar();
        double straight = TubeRating.of(TubeSamples.with(l -> l.withMeasured(straight(300))))
                .orElseThrow()
                .rated()
                .bar();
        assertThat(straight).isGreaterThan(bent);
    }
}
