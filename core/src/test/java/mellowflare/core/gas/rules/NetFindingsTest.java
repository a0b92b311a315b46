package mellowflare.core.gas.rules;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.State;
import mellowflare.core.gas.layout.Marking;
import mellowflare.core.gas.net.GasTrouble;
import mellowflare.core.measure.GasFlow;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Power;
import mellowflare.core.measure.PressureDifference;
import org.junit.jupiter.api.Test;

/** A network without a walk is judged as a line is: each rule at its limit, on both sides of it. */
class NetFindingsTest {
    private static final Power LOAD = Power.ofKilowatts(20);

    private static Optional<GaugePressure> mbar(double mbar) {
        return Optional.of(GaugePressure.ofMillibar(mbar));
    }

    private static NetFindings.Inlet inlet(Marking marking, double gets, Optional<GaugePressure> least) {
        return new NetFindings.Inlet("ring", marking, mbar(gets), least, mbar(37).orElseThrow());
    }

    private static Optional<State> of(List<Finding> all, String rule) {
        return all.stream()
                .filter(f -> f.rule().id().equals(rule))
                .map(Finding::state)
                .findFirst();
    }

    private static List<Finding> judged(NetFindings.Inlet i, Optional<PressureDifference> allowed) {
        return NetFindings.of(List.of(), List.of(i), List.of(), allowed, LOAD);
    }

    @Test
    void testAnInletNeedsItsLeastPressure() {
        String rule = PressureAtInlets.LEAST.id();
        assertThat(of(judged(inlet(Marking.REGULATED, 25, mbar(25)), Optional.empty()), rule))
                .hasValue(State.PASS);
        assertThat(of(judged(inlet(Marking.REGULATED, 24.9, mbar(25)), Optional.empty()), rule))
                .hasValue(State.FAIL);
        assertThat(of(judged(inlet(Marking.REGULATED, 24.9, Optional.empty()), Optional.empty()), rule))
                .hasValue(State.NOT_CHECKED);
        assertThat(inlet(Marking.REGULATED, 25, mbar(25)).shortOf()).isFalse();
        assertThat(inlet(Marking.REGULATED, 24.9, mbar(25)).shortOf()).isTrue();
        assertThat(inlet(Marking.REGULATED, 24.9, Optional.empty()).shortOf()).isFalse();
    }

    @Test
    void testWhatNoGasReachesIsNotJudgedByItsPressure() {
        NetFindings.Inlet dry =
                new NetFindings.Inlet("ring", Marking.REGULATED, Optional.empty(), mbar(25), mbar(37).orElseThrow());
        assertThat(dry.shortOf()).isFalse();
        assertThat(of(judged(dry, Optional.of(PressureDifference.ofBar(0.001))), PressureAtInlets.LEAST.id()))
                .isEmpty();
    }

    @Test
    void testTheDropIsWhatTheStageLoses() {
        String rule = DropAllowed.DROP.id();
        Optional<PressureDifference> two = Optional.of(PressureDifference.ofBar(0.002));
        assertThat(of(judged(inlet(Marking.REGULATED, 35.1, mbar(25)), two), rule))
                .hasValue(State.PASS);
        assertThat(of(judged(inlet(Marking.REGULATED, 34.9, mbar(25)), two), rule))
                .hasValue(State.FAIL);
        assertThat(of(judged(inlet(Marking.REGULATED, 34.9, mbar(25)), Optional.empty()), rule))
                .isEmpty();
    }

    @Test
    void testAMarkingIsKnownAndAnOwnRegulatorHasAStageBeforeIt() {
        assertThat(of(judged(inlet(Marking.UNKNOWN, 30, mbar(25)), Optional.empty()), StageFits.KNOWN.id()))
                .hasValue(State.FAIL);
        assertThat(of(judged(inlet(Marking.REGULATED, 30, mbar(25)), Optional.empty()), StageFits.KNOWN.id()))
                .hasValue(State.PASS);
        NetFindings.Inlet high = new NetFindings.Inlet(
                "ring",
                Marking.OWN_REGULATOR,
                mbar(700),
                Optional.empty(),
                mbar(700).orElseThrow());
        assertThat(of(judged(high, Optional.empty()), StageFits.OWN.id())).hasValue(State.PASS);
        assertThat(of(judged(inlet(Marking.OWN_REGULATOR, 36, Optional.empty()), Optional.empty()), StageFits.OWN.id()))
                .hasValue(State.FAIL);
        assertThat(of(judged(inlet(Marking.OWN_REGULATOR, 36, mbar(25)), Optional.empty()), StageFits.OWN.id()))
                .as("its least pressure says more")
                .isEmpty();
    }

    @Test
    void testAPipeCarriesNoMoreThanItsCodeAllows() {
        GasFlow two = GasFlow.ofCubicMetresPerHour(2);
        GasFlow more = GasFlow.ofCubicMetresPerHour(2.001);
        assertThat(of(carried(two, Optional.of(two)), DropAllowed.CAPACITY.id()))
                .isEmpty();
        assertThat(of(carried(more, Optional.of(two)), DropAllowed.CAPACITY.id()))
                .hasValue(State.FAIL);
        assertThat(of(carried(more, Optional.empty()), DropAllowed.CAPACITY.id()))
                .isEmpty();
        assertThat(NetFindings.carries(two, two).state()).isEqualTo(State.PASS);
        assertThat(NetFindings.carries(more, two).state()).isEqualTo(State.FAIL);
        assertThat(NetFindings.size("copper", Optional.of("22"), Length.ofMm(18))
                        .state())
                .isEqualTo(State.PASS);
        assertThat(NetFindings.size("copper", Optional.empty(), Length.ofMm(18)).state())
                .isEqualTo(State.FAIL);
    }

    private static List<Finding> carried(GasFlow flow, Optional<GasFlow> most) {
        return NetFindings.of(
                List.of(), List.of(), List.of(new NetFindings.Carried("a", flow, most)), Optional.empty(), LOAD);
    }

    @Test
    void testTroubleComesFirstAndAWholeNetworkPasses() {
        List<Finding> broken = NetFindings.of(
                List.of(new GasTrouble(GasTrouble.Kind.NOT_REACHED, "ring")),
                List.of(inlet(Marking.REGULATED, 30, mbar(25))),
                List.of(),
                Optional.empty(),
                LOAD);
        assertThat(broken.get(0).rule().id()).isEqualTo(GasArrives.TEXT.id());
        assertThat(broken.get(0).state()).isEqualTo(State.FAIL);
        assertThat(broken).extracting(Finding::rank).isSorted();
        assertThat(of(judged(inlet(Marking.REGULATED, 30, mbar(25)), Optional.empty()), GasArrives.TEXT.id()))
                .hasValue(State.PASS);
    }
}
