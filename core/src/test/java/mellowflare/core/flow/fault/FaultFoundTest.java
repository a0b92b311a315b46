package mellowflare.core.flow.fault;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.flow.GasLaw;
import mellowflare.core.flow.network.Network;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.MassFlow;
import mellowflare.core.measure.PressureDifference;
import mellowflare.core.measure.Temperature;
import mellowflare.core.measure.UnitSystem;
import org.junit.jupiter.api.Test;

/** Chances added up by hand, and a network as it is probed. */
class FaultFoundTest {
    private static FaultFound.Suspect choked(String at, double share) {
        return new FaultFound.Suspect(
                new Fault.Choked(at, 5), share, PressureDifference.ofBar(0.1), Optional.of(Length.ofMm(9)));
    }

    private static FaultFound.Suspect leaks(String at, double share) {
        return new FaultFound.Suspect(
                new Fault.Leaking(at, MassFlow.ofKgPerSecond(1e-3)),
                share,
                PressureDifference.ofBar(0),
                Optional.empty());
    }

    private static FaultFound of(FaultFound.Suspect... all) {
        return new FaultFound(List.of(all), 0.05, 0.02, Optional.empty(), List.of());
    }

    /** 0.5, 0.25 and 0.125 of 0.9375 are more than nine tenths together; the fourth is not needed any more. */
    @Test
    void testSuspectsAreListedUntilTheyHoldNineTenths() {
        FaultFound f = of(choked("a", 0.5), leaks("b", 0.25), choked("c", 0.125), leaks("d", 0.0625));
        assertThat(f.likely()).extracting(s -> s.fault().at()).containsExactly("a", "b", "c");
        assertEquals(0.625, f.choked(), 1e-12);
        assertEquals(0.3125, f.leaks(), 1e-12);
        // Nine tenths exactly are enough: 9 of 10.
        assertThat(of(choked("a", 9), leaks("b", 1)).likely()).hasSize(1);
        assertThat(of(choked("a", 8.9), leaks("b", 1.1)).likely()).hasSize(2);
        assertThat(of().likely()).isEmpty();
    }

    private static final Network ONE = new Network(
            List.of(
                    new Network.Pipe("p", "S", "A", Length.ofMm(20_000), Length.ofMm(16), Length.ofMm(0.02), 1),
                    new Network.Pipe("q", "A", "B", Length.ofMm(20_000), Length.ofMm(16), Length.ofMm(0.02), 1)),
            List.of(new Network.Supply("S", GaugePressure.ofBar(7))),
            List.of(new Network.Demand("B", MassFlow.ofKgPerSecond(0.012))),
            Map.of(),
            GasLaw.air(Temperature.ofCelsius(20)),
            AbsolutePressure.ofBar(1));

    private static final Probed PROBED = new NetworkProbed(
            ONE, MassFlow.ofKgPerSecond(0.1), PressureDifference.ofBar(0.01), f -> Figure.of("so " + f.kgPerSecond()));

    private static double bar(Probed p, Optional<Fault> fault, String place) {
        return p.pressures(fault).get(place).bar();
    }

    @Test
    void testANetworkIsProbedWhereItsPipesEnd() {
        assertThat(PROBED.fed()).containsExactly("S");
        assertThat(PROBED.places()).containsExactly("S", "A", "B");
        assertThat(PROBED.stretches()).extracting(Probed.Stretch::name).containsExactly("p", "q");
        assertEquals("so 0.5", PROBED.flow(MassFlow.ofKgPerSecond(0.5)).text(UnitSystem.METRIC));
        assertEquals(7, bar(PROBED, Optional.empty(), "S"), 1e-9);
        assertEquals(6, bar(PROBED.at(Map.of("S", GaugePressure.ofBar(6))), Optional.empty(), "S"), 1e-9);
        assertEquals(7, bar(PROBED.at(Map.of("A", GaugePressure.ofBar(6))), Optional.empty(), "S"), 1e-9);
    }

    /** What is choked loses more there and nowhere else; a leak at the end of a pipe loses more before it and nothing behind. */
    @Test
    void testAFaultLosesWhereItIs() {
        double toA = 7 - bar(PROBED, Optional.empty(), "A");
        Optional<Fault> choke = Optional.of(new Fault.Choked("q", 40));
        assertEquals(toA, 7 - bar(PROBED, choke, "A"), 1e-9);
        assertThat(bar(PROBED, choke, "B")).isLessThan(bar(PROBED, Optional.empty(), "B") - 0.01);
        Optional<Fault> leak = Optional.of(new Fault.Leaking("A", MassFlow.ofKgPerSecond(0.012)));
        // Twice the flow through p: four times the loss, nearly, by the square.
        double more = 7 - bar(PROBED, leak, "A");
        assertThat(more / toA).isBetween(3.4, 4.1);
        double behind = bar(PROBED, Optional.empty(), "A") - bar(PROBED, Optional.empty(), "B");
        assertThat(bar(PROBED, leak, "A") - bar(PROBED, leak, "B")).isBetween(behind, behind * 1.1);
    }
}
