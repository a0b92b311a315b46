package mellowflare.core.advice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.FlowRate;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Temperature;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.reference.Source;
import org.junit.jupiter.api.Test;

class FindingTest {
    private static final Need HOSE = new Need("hose", "Choose the hose.", Subject.HOSE);
    private static final RuleText TEXT = new RuleText(
            "test.rule",
            Severity.STOP,
            "{part} is rated to {limit}.",
            "{part} is strong enough.",
            "{limit} against {asked}",
            "Take a stronger one.",
            Source.of("ISO 1"));
    private static final Map<String, Figure> FIGURES = Map.of(
            "part", Figure.of("the hose"),
            "limit", Figure.of(GaugePressure.ofBar(200)),
            "asked", Figure.of(GaugePressure.ofBar(250)));

    @Test
    void testFailureSaysWhatBecauseOfWhichFigureAndWhatToDo() {
        Finding f = Finding.fail(TEXT, Subject.LINE, FIGURES);
        assertThat(f.says(UnitSystem.METRIC)).isEqualTo("The hose is rated to 200 bar.");
        assertThat(f.says(UnitSystem.INCH)).isEqualTo("The hose is rated to 2901 psi.");
        assertThat(f.because(UnitSystem.METRIC)).isEqualTo("200 bar against 250 bar (ISO 1)");
        assertThat(f.remedy(UnitSystem.METRIC)).isEqualTo("Take a stronger one.");
        assertThat(f.stops()).isTrue();
    }

    @Test
    void testPassHasNoRemedyAndDoesNotStop() {
        Finding f = Finding.of(true, TEXT, Subject.LINE, FIGURES);
        assertThat(f.says(UnitSystem.METRIC)).isEqualTo("The hose is strong enough.");
        assertThat(f.remedy(UnitSystem.METRIC)).isEmpty();
        assertThat(f.stops()).isFalse();
    }

    @Test
    void testUncheckedNamesWhatIsMissing() {
        Finding f = Finding.notChecked(TEXT, Subject.LINE, HOSE, Needs.WORKING);
        assertThat(f.says(UnitSystem.METRIC)).isEqualTo("Choose the hose. Enter the working pressure.");
        assertThat(f.because(UnitSystem.METRIC)).isEqualTo("ISO 1");
        assertThat(f.stops()).isFalse();
    }

    @Test
    void testUncheckedWithoutReasonCannotBeBuilt() {
        assertThatThrownBy(() -> Finding.notChecked(TEXT, Subject.LINE)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Finding(TEXT, State.PASS, Subject.LINE, Map.of(), List.of(HOSE)))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void testSentenceWithoutItsFigureIsAMistakeInTheRule() {
        assertThatThrownBy(() -> Wording.fill("{part} and {other}", FIGURES, UnitSystem.METRIC))
                .hasMessageContaining("{other}");
    }

    @Test
    void testWorstStandsFirst() {
        Finding stop = Finding.fail(TEXT, Subject.LINE, FIGURES);
        Finding open = Finding.notChecked(TEXT, Subject.HOSE, HOSE);
        Finding pass = Finding.pass(TEXT, Subject.HOSE, FIGURES);
        Rule<String> first = c -> List.of(pass, open);
        Rule<String> second = c -> List.of(stop);
        assertThat(Rule.checkAll(List.of(first, second), "")).containsExactly(stop, open, pass);
    }

    @Test
    void testFiguresAreWrittenInTheReadersUnits() {
        assertThat(Figure.of(Length.ofMm(14.2)).text(UnitSystem.INCH)).isEqualTo("0.559 in");
        assertThat(Figure.of(Temperature.ofCelsius(80)).text(UnitSystem.INCH)).isEqualTo("176 °F");
        assertThat(Figure.of(FlowRate.ofLitresPerMinute(37.85411784)).text(UnitSystem.INCH))
                .isEqualTo("10 gal/min");
        assertThat(Figure.of(Angle.ofDegrees(90)).text(UnitSystem.METRIC)).isEqualTo("90°");
        assertThat(new Figure.OfSpeed(6.096).text(UnitSystem.INCH)).isEqualTo("20 ft/s");
        assertThat(new Figure.OfShare(0.954).text(UnitSystem.METRIC)).isEqualTo("95 %");
        assertThat(new Figure.OfShare(0.9999).text(UnitSystem.METRIC))
                .as("nothing measured is ever certain")
                .isEqualTo("over 99 %");
        assertThat(new Figure.OfShare(0.0001).text(UnitSystem.METRIC)).isEqualTo("under 1 %");
        assertThat(Figure.of(GaugePressure.ofBar(0.5)).text(UnitSystem.METRIC)).isEqualTo("0.5 bar");
    }

    @Test
    void testEveryTopicHasExactlyOneUsualSchoolAndReasons() {
        Methods methods = Methods.load();
        for (MethodTopic topic : MethodTopic.values()) {
            List<Method> ways = methods.of(topic);
            assertThat(ways).as(topic.word()).hasSizeGreaterThan(1);
            assertThat(ways.stream().filter(Method::usual)).as(topic.word()).hasSize(1);
            assertThat(ways).allSatisfy(s -> assertThat(s.reason()).hasSizeGreaterThan(20));
            Method other = ways.stream().filter(s -> !s.usual()).findFirst().orElseThrow();
            assertThat(methods.chosen(topic, Practice.USUAL.with(topic, other.id())))
                    .isEqualTo(other);
            assertThat(methods.chosen(topic, Practice.USUAL.with(topic, "unheard-of"))
                            .usual())
                    .isTrue();
        }
    }

    @Test
    void testLongLengthsAreInSixteenthsUnlessThatHidesTheDifference() {
        RuleText text = new RuleText(
                "test.long",
                Severity.STOP,
                "{have}, {need} needed.",
                "{have} is enough.",
                "",
                "Take more.",
                Source.of("ISO 1"));
        Finding wide = Finding.fail(
                text, Subject.LINE, Map.of("have", Figure.of(Length.ofMm(700)), "need", Figure.of(Length.ofMm(900))));
        assertThat(wide.says(UnitSystem.INCH)).isEqualTo("27 9/16 in, 35 7/16 in needed.");
        assertThat(wide.says(UnitSystem.METRIC)).isEqualTo("700 mm, 900 mm needed.");
        Finding close = Finding.fail(
                text, Subject.LINE, Map.of("have", Figure.of(Length.ofMm(189)), "need", Figure.of(Length.ofMm(189.1))));
        assertThat(close.says(UnitSystem.INCH)).isEqualTo("7.441 in, 7.445 in needed.");
        assertThat(Figure.of(Length.ofMm(14.2)).text(UnitSystem.INCH)).isEqualTo("0.559 in");
    }
}
