package mellowflare.core.section;

import static mellowflare.core.Samples.DATA;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import mellowflare.core.connection.Gender;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Shape;
import mellowflare.core.identify.Identification;
import mellowflare.core.identify.Identifier;
import mellowflare.core.identify.Observation;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import org.junit.jupiter.api.Test;

class HoldUpTest {
    private final Identifier identifier = new Identifier(DATA);

    private static List<Shape.Disc> rings(Drawing d) {
        return d.shapes().stream()
                .filter(Shape.Disc.class::isInstance)
                .map(Shape.Disc.class::cast)
                .toList();
    }

    @Test
    void testCardHasTheSizeOfTheStandard() {
        assertThat(HoldUp.card().box().width()).isCloseTo(85.60, within(1e-9));
        assertThat(HoldUp.card().box().height()).isCloseTo(53.98, within(1e-9));
    }

    @Test
    void testRingsAreAsLargeAsTheLikeliestEndsAndStandInTheBox() {
        Identification answer =
                identifier.identify(Observation.of(Gender.MALE).withDiameter(Optional.of(Length.ofMm(20.9))));
        Drawing d = HoldUp.of(answer, UnitSystem.METRIC);
        double best = answer.best()
                .orElseThrow()
                .end()
                .across()
                .orElseThrow()
                .middle()
                .mm();
        assertThat(rings(d).get(0).radius()).isCloseTo(best / 2, within(1e-9));
        assertThat(rings(d)).hasSizeBetween(2, 3).allSatisfy(r -> {
            assertThat(d.box().holds(r.centre().plus(r.radius(), r.radius()))).isTrue();
            assertThat(d.box().holds(r.centre().plus(-r.radius(), -r.radius()))).isTrue();
        });
    }

    @Test
    void testNothingKnownYetShowsTheCommonestCombs() {
        Drawing d = HoldUp.of(identifier.identify(Observation.of(Gender.FEMALE)), UnitSystem.INCH);
        assertThat(rings(d)).isEmpty();
        assertThat(d.shapes().stream().filter(Shape.Label.class::isInstance).map(s -> ((Shape.Label) s).text()))
                .containsExactly("14 per inch", "18 per inch", "1.5 mm");
    }
}
