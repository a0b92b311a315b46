package mellowflare.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Optional;
import org.junit.jupiter.api.Test;

class CalledFigureTest {
    private final CalledFigure figure = CalledFigure.unsigned(Length.ofMm(1140), "1140");

    @Test
    void testFigureIsSignedOnlyByBoth() {
        assertThat(figure.signed()).isFalse();
        assertThat(figure.withSigned("Maren", " ").signed()).isFalse();
        assertThat(figure.withSigned(" Maren ", "Tobbe").signed()).isTrue();
        assertThat(figure.withSigned(" Maren ", "Tobbe").calledBy()).isEqualTo("Maren");
    }

    @Test
    void testRetypedFigureLosesItsSignaturesAndSecondReading() {
        CalledFigure signed = figure.withSigned("Maren", "Tobbe").withSecond(Optional.of(Length.ofMm(1141)), "Tobbe");
        assertThat(signed.withValue(Length.ofMm(1140), "1140.0").signed()).isTrue();
        CalledFigure retyped = signed.withValue(Length.ofMm(1150), "1150");
        assertThat(retyped.signed()).isFalse();
        assertThat(retyped.second()).isEmpty();
    }

    @Test
    void testTwoTapeReadingsAgreeWithinThreeDeviationsOfTheirDifference() {
        // 3 x sqrt(2) x 0.8 mm = 3.39 mm
        assertThat(figure.agreement().mm()).isBetween(3.38, 3.40);
        assertThat(figure.secondAgrees()).isEmpty();
        assertThat(figure.withSecond(Optional.of(Length.ofMm(1143.3)), "").secondAgrees())
                .contains(true);
        assertThat(figure.withSecond(Optional.of(Length.ofMm(1143.5)), "").secondAgrees())
                .contains(false);
        assertThat(figure.withInstrument(Instrument.CALIPER).agreement()).isEqualTo(Length.ofMm(1));
    }

    @Test
    void testLengthOfNothingCannotBeCalled() {
        assertThatThrownBy(() -> CalledFigure.unsigned(Length.ZERO, "0")).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> figure.withSecond(Optional.of(Length.ofMm(-1)), ""))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
