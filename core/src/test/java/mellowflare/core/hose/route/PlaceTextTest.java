package mellowflare.core.hose.route;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.CoordinateText;
import mellowflare.core.measure.UnitSystem;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class PlaceTextTest {
    private static final UnitSystem METRIC = UnitSystem.METRIC;
    private static final UnitSystem INCH = UnitSystem.INCH;

    @ParameterizedTest
    @CsvSource({"910, 910", "-50, -50", "−50, -50", "1.2 m, 1200", "'- 4 in', -101.6", "0, 0"})
    void testCoordinatesMayLieBelowZero(String text, double mm) {
        assertThat(CoordinateText.read(text, METRIC).value().orElseThrow()).isCloseTo(mm, within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "-", "--4", "left", "90000", "1e9", "5 5"})
    void testNonsenseIsNoCoordinate(String text) {
        assertThat(CoordinateText.read(text, METRIC).refusal()).isPresent();
    }

    @Test
    void testPlacesArePartedBySemicolons() {
        assertThat(PlaceText.places("300 -50 120; 500,80,0;", METRIC).value().orElseThrow())
                .containsExactly(new Vector(300, -50, 120), new Vector(500, 80, 0));
        assertThat(PlaceText.places("  ", METRIC).value().orElseThrow()).isEmpty();
        assertThat(PlaceText.places("2-7/16 0 -1", INCH)
                        .value()
                        .orElseThrow()
                        .get(0)
                        .x())
                .isCloseTo(61.9125, within(1e-9));
        assertThat(PlaceText.places("300 -50", METRIC).refusal().orElseThrow())
                .contains("“300 -50” is not a position: enter forward, left and up, such as 300 -50 120.");
        assertThat(PlaceText.places("300 -50 up", METRIC).refusal()).isPresent();
    }

    @Test
    void testBoxesHaveANameAndTwoCorners() {
        List<KeepOut> boxes = PlaceText.boxes("exhaust 520 120 260 to 380 -80 20; 0 0 0 TO 1 1 1", METRIC)
                .value()
                .orElseThrow();
        assertThat(boxes.get(0)).isEqualTo(new KeepOut("exhaust", new Vector(380, -80, 20), new Vector(520, 120, 260)));
        assertThat(boxes.get(1).name()).isEqualTo("keep-out");
        assertThat(PlaceText.boxes("exhaust 1 2 3", METRIC).refusal().orElseThrow())
                .contains(
                        "“exhaust 1 2 3” is not a box: enter a name, a corner, “to” and the opposite corner, such as exhaust 380 -80 20 to 520 120 260.");
        assertThat(PlaceText.boxes("exhaust 1 2 3 to 1 5 6", METRIC).refusal().orElseThrow())
                .contains("is flat");
        assertThat(PlaceText.boxes("exhaust to 1 5 6", METRIC).refusal()).isPresent();
    }

    @Property
    void whatIsWrittenIsReadBack(
            @ForAll @IntRange(min = -9000, max = 9000) int x,
            @ForAll @IntRange(min = -9000, max = 9000) int y,
            @ForAll @IntRange(min = -9000, max = 9000) int z) {
        Vector v = new Vector(x, y, z);
        assertThat(PlaceText.places(PlaceText.text(List.of(v, v), METRIC), METRIC)
                        .value()
                        .orElseThrow())
                .containsExactly(v, v);
        KeepOut box = KeepOut.between("pipe", v, v.plus(new Vector(10, 20, 30)));
        assertThat(PlaceText.boxes(PlaceText.boxText(List.of(box), METRIC), METRIC)
                        .value()
                        .orElseThrow())
                .containsExactly(box);
    }
}
