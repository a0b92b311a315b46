package mellowflare.core.flow.network;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import mellowflare.core.flow.FlowLaw;
import mellowflare.core.flow.GasLaw;
import mellowflare.core.flow.LiquidLaw;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.AirReference;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.KinematicViscosity;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.MassFlow;
import mellowflare.core.measure.Temperature;
import org.junit.jupiter.api.Test;

/** The same network carries water with its heights and fuel gas at low pressure: only the law is another. */
class OtherMediaTest {
    private static final AbsolutePressure SEA = AbsolutePressure.SEA_LEVEL;

    /** Water of 10 degrees. */
    private static final LiquidLaw WATER = new LiquidLaw(999.7, KinematicViscosity.ofMm2PerSecond(1.306));

    private static Network.Pipe pipe(String name, String from, String to, double metres, double bore, double rough) {
        return new Network.Pipe(name, from, to, Length.ofMm(metres * 1000), Length.ofMm(bore), Length.ofMm(rough), 0);
    }

    private static NetworkFlow solve(
            List<Network.Pipe> pipes,
            double bar,
            Map<String, Double> kgPerSecond,
            Map<String, Length> heights,
            FlowLaw law) {
        return NetworkSolver.solve(new Network(
                pipes,
                List.of(new Network.Supply("main", GaugePressure.ofBar(bar))),
                kgPerSecond.entrySet().stream()
                        .map(d -> new Network.Demand(d.getKey(), MassFlow.ofKgPerSecond(d.getValue())))
                        .toList(),
                heights,
                law,
                SEA));
    }

    private static double bar(NetworkFlow flow, String node) {
        return flow.node(node).orElseThrow().pressure().gauge(SEA).bar();
    }

    /** 0.2 kg/s through 20 m of smooth 16 mm: v 0.995 m/s, Re 12 190, f by Colebrook 0.0293, dp 18.1 kPa. */
    @Test
    void testWaterLosesWhatDarcySays() {
        double v = 0.2 / 999.7 / (Math.PI * 0.016 * 0.016 / 4);
        double re = v * 0.016 / 1.306e-6;
        double f = 0.03;
        for (int i = 0; i < 50; i++) {
            double x = -2 * Math.log10(2.51 / (re * Math.sqrt(f)));
            f = 1 / (x * x);
        }
        double dp = f * 20 / 0.016 * 999.7 * v * v / 2;
        assertThat(dp).isCloseTo(18_140, within(30.0));
        NetworkFlow flow = solve(List.of(pipe("p", "main", "tap", 20, 16, 0)), 3, Map.of("tap", 0.2), Map.of(), WATER);
        assertThat(bar(flow, "tap")).isCloseTo(3 - dp / 1e5, within(1e-6));
        NetworkFlow.InPipe p = flow.pipe("p").orElseThrow();
        assertThat(p.metresPerSecond()).isCloseTo(v, within(1e-9));
        assertThat(p.reynolds()).isCloseTo(re, within(1e-6 * re));
        assertThat(p.mach()).isZero();
        assertThat(p.beyondTheLaw()).isFalse();
    }

    /** Standing water: a tap 5 m up has 0.490 bar less, one 2 m down 0.196 bar more (rho g z). */
    @Test
    void testHeightsCountForWater() {
        List<Network.Pipe> pipes =
                List.of(pipe("up", "main", "loft", 8, 20, 0.01), pipe("down", "main", "cellar", 6, 20, 0.01));
        NetworkFlow still = solve(
                pipes,
                3,
                Map.of("loft", 0.0, "cellar", 0.0),
                Map.of("loft", Length.ofMm(5000), "cellar", Length.ofMm(-2000)),
                WATER);
        assertThat(bar(still, "loft")).isCloseTo(3 - 0.49019, within(1e-4));
        assertThat(bar(still, "cellar")).isCloseTo(3 + 0.19608, within(1e-4));
    }

    /** Where the main does not reach up, the tap gives what comes, and it is said. */
    @Test
    void testATapTooHighRunsDry() {
        NetworkFlow dry = solve(
                List.of(pipe("up", "main", "loft", 8, 20, 0.01)),
                0.3,
                Map.of("loft", 0.1),
                Map.of("loft", Length.ofMm(5000)),
                WATER);
        assertThat(dry.troubles())
                .anyMatch(t ->
                        t.kind() == Network.Trouble.Kind.STARVED && t.piece().equals("loft"));
        assertThat(dry.node("loft").orElseThrow().taken().kgPerSecond()).isZero();
    }

    /**
     * Natural gas (0.6 of air) at 21 mbar, 8 m3/h through 12 m of 27.2 mm with 0.1 mm of roughness. At so little pressure density is as good as constant: dp = f L/D rho v^2/2, with rho 0.73 kg/m3, v 3.75 m/s.
     */
    @Test
    void testFuelGasAtLowPressureLosesWhatDarcySays() {
        double r = AirReference.R_DRY / 0.6;
        double kelvin = 288.15;
        double viscosity = 1.09e-5;
        GasLaw gas = new GasLaw(r, Temperature.ofCelsius(15), viscosity, 1.31);
        double rho = (1.01325e5 + 2100) / (r * kelvin);
        double kg = 8.0 / 3600 * 1.01325e5 / (r * kelvin);
        NetworkFlow flow =
                solve(List.of(pipe("p", "main", "ring", 12, 27.2, 0.1)), 0.021, Map.of("ring", kg), Map.of(), gas);
        double v = kg / rho / (Math.PI * 0.0272 * 0.0272 / 4);
        double re = rho * v * 0.0272 / viscosity;
        double f = 0.03;
        for (int i = 0; i < 50; i++) {
            double x = -2 * Math.log10(0.1 / 27.2 / 3.7 + 2.51 / (re * Math.sqrt(f)));
            f = 1 / (x * x);
        }
        double dp = f * 12 / 0.0272 * rho * v * v / 2;
        assertThat(re).isGreaterThan(4000);
        assertThat((0.021 - bar(flow, "ring")) * 1e5).isCloseTo(dp, within(dp * 0.002));
        assertThat(flow.pipe("p").orElseThrow().metresPerSecond()).isCloseTo(v, within(0.01));
    }

    @Test
    void testMediaThatCannotBeAreRefused() {
        assertThatThrownBy(() -> new LiquidLaw(0, KinematicViscosity.ofMm2PerSecond(1)))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new GasLaw(0, Temperature.ofCelsius(20), 1e-5, 1.4))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> MassFlow.ofKgPerSecond(Double.NaN)).isInstanceOf(IllegalArgumentException.class);
    }
}
