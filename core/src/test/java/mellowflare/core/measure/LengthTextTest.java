package mellowflare.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LengthTextTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "1|25.4",
                "1.25|31.75",
                ".5|12.7",
                "5.|127",
                "7/8|22.225",
                "2 7/16|61.9125",
                "2-7/16|61.9125",
                "2 - 7/16|61.9125",
                "2-7/16\"|61.9125",
                "2 7/16 in|61.9125",
                "⅞|22.225",
                "2⅞|73.025",
                "2-⅞\"|73.025",
                "6' 4 1/2\"|1943.1",
                "6'4-1/2\"|1943.1",
                "6'-4 1/2\"|1943.1",
                "6 ft 4-1/2 in|1943.1",
                "6' 4|1930.4",
                "3'|914.4",
                "3 feet|914.4",
                "2′ 3″|685.8",
                "61.9 mm|61.9",
                "61.9mm|61.9",
                "6.19 cm|61.9",
                "0.4 m|400",
                "0.4 metres|400",
                "12,5 mm|12.5",
                "0,125 in|3.175",
                "2 7⁄16|61.9125",
                "  7/8  |22.225",
                "2''|50.8",
                "0|0",
            })
    void testWrittenLengthIsUnderstoodAsInchesWhenBare(String text, double mm) {
        assertThat(LengthText.read(text, UnitSystem.INCH).value())
                .as(text)
                .hasValueSatisfying(l -> assertThat(l.mm()).isCloseTo(mm, within(1e-9)));
    }

    @Test
    void testBareNumberInMetricJobIsMillimetres() {
        assertThat(LengthText.read("61.9", UnitSystem.METRIC).value()).contains(Length.ofMm(61.9));
        assertThat(LengthText.read("61.9 in", UnitSystem.METRIC).value()).contains(Length.ofInches(61.9));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "~~|EMPTY",
                "   |EMPTY",
                "abc|NOT_A_NUMBER",
                "\"|NOT_A_NUMBER",
                "-5|NEGATIVE",
                "−5 mm|NEGATIVE",
                "- 7/8|NEGATIVE",
                "1.2.3|TWO_DECIMAL_POINTS",
                "1..2|TWO_DECIMAL_POINTS",
                "7/0|ZERO_DENOMINATOR",
                "2 7/0|ZERO_DENOMINATOR",
                "2 7/16/2|BAD_FRACTION",
                "7//8|BAD_FRACTION",
                "7/|BAD_FRACTION",
                "/8|BAD_FRACTION",
                "1,250|AMBIGUOUS_COMMA",
                "1,250.5 mm|AMBIGUOUS_COMMA",
                "1,2,3|AMBIGUOUS_COMMA",
                "5 lbs|UNKNOWN_UNIT",
                "1e3|UNKNOWN_UNIT",
                "5 in in|UNIT_TWICE",
                "5 mm 3 mm|UNIT_TWICE",
                "5 4|UNIT_TWICE",
                "5-4|UNIT_TWICE",
                "1 ft 2 in 3 in|UNIT_TWICE",
                "5 mm 3 in|UNIT_TWICE",
                "5\"2'|INCHES_BEFORE_FEET",
                "1.5' 3\"|BAD_FRACTION",
                "6' 13\"|INCHES_OVER_A_FOOT",
                "2 km|UNKNOWN_UNIT",
                "1001 m|OUT_OF_RANGE",
                "99999999999999999999|OUT_OF_RANGE",
                "11111111111111111111111111111111111111111|TOO_LONG",
            })
    void testNonsenseIsRefusedWithItsReasonAndAWholeSentence(String text, Refusal reason) {
        Read<Length> read = LengthText.read(text, UnitSystem.INCH);
        assertThat(read).as(text).isInstanceOfSatisfying(Read.Refused.class, r -> {
            assertThat(r.reason()).as(text).isEqualTo(reason);
            assertThat(r.sentence()).endsWith(".").hasSizeGreaterThan(15);
            assertThat(Character.isUpperCase(r.sentence().charAt(0))
                            || r.sentence().charAt(0) == '“')
                    .as(r.sentence())
                    .isTrue();
        });
    }

    @Test
    void testNullIsRefusedLikeNothing() {
        assertThat(LengthText.read(null, UnitSystem.INCH).refusal()).isPresent();
    }

    @ParameterizedTest
    @ValueSource(strings = {"40", "7/8", "2 7/16", "⅞"})
    void testTextThatMustCarryItsUnitIsRefusedBare(String text) {
        assertThat(LengthText.readWithUnit(text))
                .isInstanceOfSatisfying(
                        Read.Refused.class, r -> assertThat(r.reason()).isEqualTo(Refusal.UNIT_MISSING));
    }

    @Test
    void testFeetAndInchesNeedNoFurtherUnit() {
        assertThat(LengthText.readWithUnit("6' 4").value()).contains(Length.ofInches(76));
    }
}
