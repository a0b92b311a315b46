package mellowflare.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.StringLength;

class LengthTextPropertiesTest {

    @Property
    void anyTextIsEitherUnderstoodOrRefusedInWordsNeverThrown(@ForAll @StringLength(max = 60) String text) {
        Read<Length> read = LengthText.read(text, UnitSystem.METRIC);
        assertThat(read.value().isPresent()).isNotEqualTo(read.refusal().isPresent());
        read.value().ifPresent(l -> assertThat(l.mm()).isBetween(0.0, 1e6));
    }

    @Property
    void textMadeOfFractionPiecesNeverThrows(@ForAll("pieces") String text) {
        assertThat(LengthText.read(text, UnitSystem.INCH)).isNotNull();
    }

    @net.jqwik.api.Provide
    net.jqwik.api.Arbitrary<String> pieces() {
        return net.jqwik.api.Arbitraries.strings()
                .withChars("0123456789 /.-,'\"inftmc⅞½⁄")
                .ofMaxLength(14);
    }

    @Property
    void shopInchesReadBackToTheSameLength(
            @ForAll @IntRange(max = 400) int whole, @ForAll @IntRange(max = 63) int sixtyFourths) {
        Length length = Length.ofInches(whole + sixtyFourths / 64.0);
        String text = ShopInches.of(length, 64).text();
        assertThat(LengthText.read(text, UnitSystem.INCH).value().orElseThrow().mm())
                .isCloseTo(length.mm(), within(1e-9));
    }

    @Property
    void feetTextReadsBackToTheSameLength(@ForAll @DoubleRange(min = 0, max = 900) double inches) {
        ShopInches shop = ShopInches.of(Length.ofInches(inches), 16);
        assertThat(LengthText.readWithUnit(shop.feetText())
                        .value()
                        .orElseThrow()
                        .mm())
                .isCloseTo(shop.length().mm(), within(1e-9));
    }

    @Property
    void roundingErrorIsAtMostHalfADivisionAndAddsUp(
            @ForAll @DoubleRange(min = 0, max = 5000) double mm, @ForAll @IntRange(min = 1, max = 128) int finest) {
        Length length = Length.ofMm(mm);
        ShopInches shop = ShopInches.of(length, finest);
        assertThat(Math.abs(shop.error().inches())).isLessThanOrEqualTo(0.5 / finest + 1e-9);
        assertThat(shop.length().mm() - shop.error().mm()).isCloseTo(mm, within(1e-9));
        assertThat(gcd(shop.numerator(), shop.denominator())).isEqualTo(1);
        assertThat(shop.numerator()).isLessThan(shop.denominator());
    }

    private static int gcd(int a, int b) {
        return b == 0 ? a : gcd(b, a % b);
    }

    @Property
    void metricFigureReadsBackWithinItsLastDigit(@ForAll @DoubleRange(min = 0, max = 9999) double mm) {
        String text = LengthFormat.mm(Length.ofMm(mm));
        assertThat(LengthText.readWithUnit(text).value().orElseThrow().mm()).isCloseTo(mm, within(0.00501));
    }
}
