package mellowflare.core.line;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mellowflare.core.Stands;
import mellowflare.core.advice.Figure;
import mellowflare.core.flow.GasLaw;
import mellowflare.core.flow.fault.Fault;
import mellowflare.core.flow.fault.FaultFound;
import mellowflare.core.flow.fault.NetworkProbed;
import mellowflare.core.flow.fault.Probed;
import mellowflare.core.flow.fault.Reading;
import mellowflare.core.flow.network.Network;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.MassFlow;
import mellowflare.core.measure.PressureDifference;
import mellowflare.core.measure.Temperature;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.table.FigureTable;
import org.junit.jupiter.api.Test;

/** What pressures tell of a network: the table of them, and the verdict in words. */
class FaultTextTest {
    private static final Probed NET = new NetworkProbed(
            new Network(
                    List.of(new Network.Pipe(
                            "p", "S", "A", Length.ofMm(20_000), Length.ofMm(16), Length.ofMm(0.02), 1)),
                    List.of(new Network.Supply("S", GaugePressure.ofBar(7))),
                    List.of(new Network.Demand("A", MassFlow.ofKgPerSecond(0.005))),
                    Map.of(),
                    GasLaw.air(Temperature.ofCelsius(20)),
                    AbsolutePressure.ofBar(1)),
            MassFlow.ofKgPerSecond(0.1),
            PressureDifference.ofBar(0.05),
            f -> Figure.of(Math.round(f.kgPerSecond() * 1000) + " g/s"));

    private record Plain() implements Probing {
        @Override
        public List<String> consumers() {
            return List.of("tool");
        }

        @Override
        public Probed with(Set<String> running) {
            return NET;
        }

        @Override
        public Figure pressure(GaugePressure pressure) {
            return Figure.of(pressure);
        }

        @Override
        public Figure lost(PressureDifference lost) {
            return Figure.of(lost);
        }

        @Override
        public String bare() {
            return "bar";
        }
    }

    private static FaultFound.Suspect choked(double share) {
        return new FaultFound.Suspect(
                new Fault.Choked("p", 5), share, PressureDifference.ofBar(0.25), Optional.of(Length.ofMm(9)));
    }

    private static FaultFound.Suspect leaks(double share) {
        return new FaultFound.Suspect(
                new Fault.Leaking("A", MassFlow.ofKgPerSecond(0.004)),
                share,
                PressureDifference.ofBar(0),
                Optional.empty());
    }

    private static FaultFound of(double choked, double leaks, double planned, double unknown) {
        return new FaultFound(
                List.of(choked(choked), leaks(leaks)), planned, unknown, Optional.of("B"), List.of("q", "r"));
    }

    private static List<String> verdict(FaultFound f) {
        return FaultWords.verdict(f, UnitSystem.METRIC);
    }

    @Test
    void testASuspectIsNamedAndItsFiguresSaid() {
        assertThat(FaultWords.name(new Fault.Choked("p", 1))).contains("p");
        assertThat(FaultWords.name(new Fault.Leaking("p", MassFlow.ofKgPerSecond(1))))
                .contains("p")
                .isNotEqualTo(FaultWords.name(new Fault.Choked("p", 1)));
        assertThat(FaultWords.says(choked(1), new Plain(), NET, UnitSystem.METRIC))
                .contains("0.25 bar")
                .contains("9 mm");
        assertThat(FaultWords.says(leaks(1), new Plain(), NET, UnitSystem.METRIC))
                .contains("4 g/s")
                .contains("A");
    }

    /** As planned where that holds more than all else; unknown where that holds more than any fault; else what is choked and what leaks. */
    @Test
    void testTheVerdictFollowsTheGreatestShare() {
        List<String> planned = verdict(of(0.2, 0.1, 0.6, 0.1));
        List<String> unknown = verdict(of(0.2, 0.1, 0.3, 0.4));
        List<String> faulty = verdict(of(0.5, 0.25, 0.2, 0.05));
        assertThat(List.of(planned.get(0), unknown.get(0), faulty.get(0))).doesNotHaveDuplicates();
        assertThat(planned.get(0)).contains("60 %");
        assertThat(faulty.get(0)).contains("50 %").contains("25 %");
        // Half and half: nothing is more than all else together, and what is unknown not more than the faults.
        assertEquals(
                faulty.get(0).replaceAll("[0-9]+", ""),
                verdict(of(0.25, 0.125, 0.5, 0.125)).get(0).replaceAll("[0-9]+", ""));
        assertEquals(
                faulty.get(0).replaceAll("[0-9]+", ""),
                verdict(of(0.25, 0.125, 0.25, 0.375)).get(0).replaceAll("[0-9]+", ""));
        assertThat(planned).hasSize(3);
        assertThat(planned.get(1)).contains("B");
        assertThat(planned.get(2)).contains("2");
        assertThat(verdict(new FaultFound(List.of(choked(1)), 0, 0, Optional.empty(), List.of())))
                .hasSize(1);
    }

    @Test
    void testTheBarsAreDrawnAsTheyWereLookedThrough() {
        Stands.as(getClass(), "bars.txt", Stands.drawing(FaultWords.bars(of(0.5, 0.25, 0.2, 0.05), UnitSystem.METRIC)));
    }

    /** A reading that lacks more than three times what a gauge may be off is marked: 0.15 bar. */
    @Test
    void testTheTableMarksWhatIsNoScatter() {
        double planned = NET.pressures(Optional.empty()).get("A").bar();
        for (double off : new double[] {0.149, -0.149, 0.151, -0.151}) {
            FigureTable t = FaultTable.of(
                    new Plain(), NET, List.of(new Reading("A", GaugePressure.ofBar(planned - off))), UnitSystem.METRIC);
            assertThat(t.what()).isEqualTo(FigureTable.What.PRESSURES);
            assertThat(t.rows()).hasSize(2);
            FigureTable.Row s = t.rows().get(0);
            FigureTable.Row a = t.rows().get(1);
            assertEquals("S", s.cells().get(0));
            assertEquals("7", s.cells().get(1).replaceAll(" bar", ""));
            assertEquals(FigureTable.OPEN, s.cells().get(2));
            assertEquals(FigureTable.OPEN, s.cells().get(3));
            assertThat(s.out()).isEmpty();
            assertThat(a.cells().get(2)).isNotEqualTo(FigureTable.OPEN);
            assertThat(a.cells().get(3)).startsWith(Double.toString(off).substring(0, off < 0 ? 5 : 4));
            assertEquals(Math.abs(off) > 0.15, a.out().contains(3));
        }
    }
}
