package mellowflare.core.testing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.State;
import mellowflare.core.flow.hold.HoldTest;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.FreeAir;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.PressureDifference;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.measure.Volume;
import org.junit.jupiter.api.Test;

/** The tests that a line asks for against those that were taken, and those that it keeps itself. */
class TestedTest {
    private static final List<TestJoint> JOINTS = List.of(new TestJoint("a", "end A"), new TestJoint("b", "end B"));
    private final Duties duties = Duties.load();

    private TestAsk ask(String step, String duty) {
        return TestAsk.of(
                step,
                "Test it",
                duties.find(duty).orElseThrow(),
                Optional.empty(),
                Optional.of(GaugePressure.ofBar(4)));
    }

    private TestRecord looked(TestAsk ask, Seen a, Seen b) {
        return TestRecord.of(ask)
                .withLooks(Map.of("a", a, "b", b))
                .withReadings(List.of(
                        new HoldTest.Reading(0, GaugePressure.ofBar(4.2), Optional.empty()),
                        new HoldTest.Reading(600, GaugePressure.ofBar(4.2), Optional.empty())))
                .withBy("T. Brandt")
                .withOn(Optional.of(LocalDate.of(2026, 11, 30)));
    }

    private static HoldTest hold() {
        List<HoldTest.Reading> readings = new ArrayList<>();
        for (int i = 0; i <= 12; i++) {
            readings.add(new HoldTest.Reading(300 * i, GaugePressure.ofBar(7 - 0.0001 * i), Optional.empty()));
        }
        return new HoldTest(
                readings,
                Volume.ofLitres(59),
                AbsolutePressure.SEA_LEVEL,
                PressureDifference.ofBar(0.001),
                FreeAir.ofLitresPerMinute(5));
    }

    private static State handOver(Tested t) {
        return t.handOver().state();
    }

    @Test
    void testTheLastOfSeveralTakesCounts() {
        TestAsk soap = ask("soap", "soap");
        Tested t = Tested.of(
                List.of(soap),
                List.of(looked(soap, Seen.LEAKS, Seen.DRY), looked(soap, Seen.DRY, Seen.DRY)),
                JOINTS,
                KeptTests.NONE);
        Tested.One one = t.all().get(0);
        assertThat(one.takes()).hasSize(2);
        assertThat(one.last().orElseThrow().looks()).containsEntry("a", Seen.DRY);
        assertThat(one.passed()).isTrue();
        assertThat(one.kept()).isFalse();
        assertThat(t.passed()).isEqualTo(1);
        assertThat(handOver(t)).isEqualTo(State.PASS);
        Tested back = Tested.of(
                List.of(soap),
                List.of(looked(soap, Seen.DRY, Seen.DRY), looked(soap, Seen.LEAKS, Seen.DRY)),
                JOINTS,
                KeptTests.NONE);
        assertThat(back.passed()).isZero();
        assertThat(handOver(back)).isEqualTo(State.FAIL);
        assertThat(back.findings()).extracting(Finding::state).contains(State.FAIL);
        assertThat(back.findings().get(0).rank())
                .describedAs("worst first")
                .isLessThanOrEqualTo(
                        back.findings().get(back.findings().size() - 1).rank());
    }

    @Test
    void testWhatWasNotTakenIsNoFindingAndARecordOfNoStepIsLoose() {
        TestAsk soap = ask("soap", "soap");
        Tested none = Tested.of(List.of(soap), List.of(), JOINTS, KeptTests.NONE);
        assertThat(none.findings()).isEmpty();
        assertThat(none.all().get(0).last()).isEmpty();
        assertThat(none.all().get(0).now()).isEmpty();
        TestRecord strange = looked(ask("another", "soap"), Seen.DRY, Seen.DRY);
        Tested loose = Tested.of(List.of(soap), List.of(strange), JOINTS, KeptTests.NONE);
        assertThat(loose.loose()).containsExactly(strange);
        assertThat(loose.passed()).isZero();
        assertThat(Tested.of(List.of(soap), List.of(looked(soap, Seen.DRY, Seen.DRY)), JOINTS, KeptTests.NONE)
                        .loose())
                .isEmpty();
    }

    @Test
    void testEveryJointIsLookedAtOrTheWholeLine() {
        assertThat(Tested.joints(ask("s", "soap"), JOINTS)).isEqualTo(JOINTS);
        assertThat(Tested.joints(ask("s", "soap"), List.of()))
                .extracting(TestJoint::id)
                .containsExactly("line");
        assertThat(Tested.joints(ask("s", "pedal"), JOINTS))
                .extracting(TestJoint::id)
                .containsExactly("line");
        assertThat(Tested.joints(ask("s", "pedal"), JOINTS).get(0).what())
                .isNotEqualTo(
                        Tested.joints(ask("s", "proof-minute"), JOINTS).get(0).what());
    }

    @Test
    void testAHoldThatTheLineKeepsIsTheTest() {
        TestAsk ask = ask("leaks", "hold-main");
        KeptTests kept = new KeptTests(true, Optional.of(hold()), false, Set.of());
        Tested t = Tested.of(List.of(ask), List.of(), JOINTS, kept);
        Tested.One one = t.all().get(0);
        assertThat(one.kept()).isTrue();
        TestRecord r = one.last().orElseThrow();
        assertThat(r.readings()).hasSize(13);
        assertThat(r.volume().orElseThrow().litres()).isCloseTo(59, within(1e-9));
        assertThat(r.barometer()).hasValue(AbsolutePressure.SEA_LEVEL);
        assertThat(r.allowed()).hasValue(FreeAir.ofLitresPerMinute(5));
        assertThat(r.gauge().step()).hasValue(PressureDifference.ofBar(0.001));
        assertThat(t.findings())
                .describedAs("what the line says of its own hold it says itself")
                .isNotEmpty()
                .noneMatch(f -> f.rule().id().startsWith("hold."));
        List<Finding> own =
                Tested.of(List.of(ask), List.of(r), JOINTS, KeptTests.NONE).findings();
        assertThat(own).anyMatch(f -> f.rule().id().startsWith("hold."));
        assertThat(own).extracting(Finding::rank).isSorted();
        assertThat(own)
                .extracting(f -> f.rule().id())
                .contains("test.hand-over")
                .doesNotHaveDuplicates();
        KeptTests none = new KeptTests(true, Optional.empty(), false, Set.of());
        assertThat(Tested.of(List.of(ask), List.of(), JOINTS, none).all().get(0).takes())
                .isEmpty();
        assertThat(none.into(TestKind.HOLD, TestRecord.of(ask))).isEqualTo(TestRecord.of(ask));
        assertThat(Tested.of(List.of(ask), List.of(), JOINTS, KeptTests.NONE)
                        .all()
                        .get(0)
                        .kept())
                .isFalse();
    }

    @Test
    void testSoapedJointsThatTheLineKeepsAreDryUnlessTheRecordSaysTheyLeak() {
        TestAsk soap = ask("soap", "soap");
        KeptTests kept = new KeptTests(false, Optional.empty(), true, Set.of("a", "b"));
        Tested t = Tested.of(List.of(soap), List.of(), JOINTS, kept);
        assertThat(t.all().get(0).last().orElseThrow().looks())
                .containsOnly(Map.entry("a", Seen.DRY), Map.entry("b", Seen.DRY));
        Tested leaks = Tested.of(List.of(soap), List.of(looked(soap, Seen.LEAKS, Seen.DRY)), JOINTS, kept);
        assertThat(leaks.all().get(0).last().orElseThrow().looks()).containsEntry("a", Seen.LEAKS);
        assertThat(leaks.passed()).isZero();
        KeptTests nothing = new KeptTests(false, Optional.empty(), true, Set.of());
        assertThat(Tested.of(List.of(soap), List.of(), JOINTS, nothing)
                        .all()
                        .get(0)
                        .takes())
                .describedAs("nothing was soaped yet")
                .isEmpty();
        assertThat(kept.keeps(TestKind.SOAP)).isTrue();
        assertThat(kept.keeps(TestKind.HOLD)).isFalse();
        assertThat(kept.keeps(TestKind.TISSUE)).isFalse();
        assertThat(KeptTests.NONE.keeps(TestKind.SOAP)).isFalse();
    }

    @Test
    void testWhatEachKindWatches() {
        assertThat(List.of(TestKind.values()))
                .filteredOn(TestKind::watchesPressure)
                .containsExactly(TestKind.HOLD, TestKind.PROOF);
        assertThat(List.of(TestKind.values()))
                .filteredOn(TestKind::looks)
                .containsExactly(TestKind.SOAP, TestKind.PROOF, TestKind.FUNCTION, TestKind.TISSUE);
        assertThat(List.of(TestKind.values())).filteredOn(TestKind::evacuates).containsExactly(TestKind.VACUUM);
        assertThat(TestKind.HOLD.code()).isEqualTo("hold");
        assertThat(List.of(TestKind.values())).extracting(TestKind::word).doesNotHaveDuplicates();
    }

    /** A micron is 101325 / 760 / 1000 = 0.13332 Pa. */
    @Test
    void testVacuumIsReadAsItIsCalledOut() {
        assertThat(pascal("5 min 120 Pa")).isCloseTo(120, within(1e-9));
        assertThat(VacuumText.read("5 min 120 Pa").value().orElseThrow().seconds())
                .isEqualTo(300);
        assertThat(VacuumText.read("30 s; 120").value().orElseThrow().seconds()).isEqualTo(30);
        assertThat(VacuumText.read("2 h 1.5 mbar").value().orElseThrow().seconds())
                .isEqualTo(7200);
        assertThat(pascal("2 h 1.5 mbar")).isCloseTo(150, within(1e-9));
        assertThat(pascal("2 1.5 hPa")).isCloseTo(150, within(1e-9));
        assertThat(pascal("5 900 microns")).isCloseTo(119.99, within(0.01));
        assertThat(pascal("5 900 micron")).isCloseTo(119.99, within(0.01));
        assertThat(pascal("5 1 torr")).isCloseTo(133.32, within(0.01));
        for (String bad : List.of("", "5", "five 120 Pa", "5 min 120 psi", "-5 120", "5 130000 Pa", "2401 h 1 Pa")) {
            assertThat(VacuumText.read(bad).refusal()).describedAs(bad).isPresent();
        }
        assertThat(VacuumText.read("2400 h 120000 Pa").value()).isPresent();
    }

    private static double pascal(String text) {
        return VacuumText.read(text).value().orElseThrow().pressure().pascal();
    }

    @Test
    void testPressuresOfTestsAreSaidAsFineAsTheyMove() {
        assertThat(FinePressure.text(GaugePressure.ofBar(7.0123), UnitSystem.METRIC))
                .isEqualTo("7.012 bar");
        assertThat(FinePressure.text(GaugePressure.ofBar(20), UnitSystem.METRIC))
                .isEqualTo("20 bar");
        assertThat(FinePressure.text(GaugePressure.ofBar(400.26), UnitSystem.METRIC))
                .isEqualTo("400.3 bar");
        assertThat(FinePressure.text(GaugePressure.ofBar(0.03), UnitSystem.METRIC))
                .isEqualTo("30 mbar");
        assertThat(FinePressure.text(GaugePressure.ofBar(7.0123), UnitSystem.INCH))
                .isEqualTo("101.7 psi");
        assertThat(FinePressure.text(GaugePressure.ofBar(400), UnitSystem.INCH)).isEqualTo("5802 psi");
    }

    @Test
    void testARecordWhoseTimesGoBackCannotBe() {
        TestRecord r = TestRecord.of(ask("soap", "soap"));
        assertThat(r.begun()).isFalse();
        assertThat(r.lasted()).isZero();
        HoldTest.Reading late = new HoldTest.Reading(60, GaugePressure.ofBar(4), Optional.empty());
        HoldTest.Reading early = new HoldTest.Reading(30, GaugePressure.ofBar(4), Optional.empty());
        assertThatThrownBy(() -> r.withReadings(List.of(late, early))).isInstanceOf(IllegalArgumentException.class);
        TestRecord two = r.withReadings(List.of(early, late));
        assertThat(two.begun()).isTrue();
        assertThat(two.lasted()).isEqualTo(30);
        VacuumReading first = new VacuumReading(0, AbsolutePressure.ofBar(0.001));
        VacuumReading second = new VacuumReading(90, AbsolutePressure.ofBar(0.001));
        assertThat(r.withVacuum(List.of(first, second)).lasted()).isEqualTo(90);
        assertThat(r.withVacuum(List.of(first)).begun()).isTrue();
        assertThatThrownBy(() -> r.withVacuum(List.of(second, first))).isInstanceOf(IllegalArgumentException.class);
        assertThat(r.withLooks(Map.of("a", Seen.DRY)).begun()).isTrue();
    }
}
