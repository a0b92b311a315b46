package mellowflare.core.fluid;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import java.util.Optional;
import mellowflare.core.Samples;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Needs;
import mellowflare.core.advice.State;
import mellowflare.core.measure.FlowRate;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.KinematicViscosity;
import mellowflare.core.measure.Temperature;
import mellowflare.core.measure.UnitSystem;
import org.junit.jupiter.api.Test;

/** Which fluids are served, what is said of each, and what a service keeps. */
class FluidsTest {
    private static final FluidTable FLUIDS = FluidTable.load();

    private static Service with(String fluid) {
        return Service.UNSAID.withFluid(Optional.of(fluid));
    }

    private static Finding only(Service service) {
        List<Finding> all = FluidServed.check(service, Samples.DATA);
        assertThat(all).hasSize(1);
        return all.get(0);
    }

    @Test
    void testWhatIsInTheTableIsServedAndNothingElse() {
        assertThat(FLUIDS.all()).hasSizeGreaterThan(20);
        for (Fluid f : FLUIDS.all()) {
            assertThat(FluidServed.serves(with(f.id()), Samples.DATA)).isTrue();
            assertEquals(State.PASS, only(with(f.id())).state());
            assertThat(only(with(f.id())).says(UnitSystem.METRIC)).contains(f.name());
            assertEquals(Optional.empty(), FLUIDS.refused(f.id()));
        }
        assertThat(FLUIDS.allRefused()).contains("oxygen", "acetylene", "hydrogen");
        for (String id : FLUIDS.allRefused()) {
            assertThat(FluidServed.serves(with(id), Samples.DATA)).isFalse();
            Finding f = only(with(id));
            assertThat(f.stops()).isTrue();
            FluidTable.Refused refused = FLUIDS.refused(id).orElseThrow();
            assertEquals(refused.says(), f.says(UnitSystem.METRIC));
            assertThat(f.because(UnitSystem.METRIC)).contains(refused.source().text());
        }
        Finding unknown = only(with("moon dust"));
        assertThat(unknown.stops()).isTrue();
        assertThat(unknown.says(UnitSystem.METRIC)).contains("moon dust");
        assertThat(unknown.because(UnitSystem.METRIC)).isNotBlank();
        assertThat(FluidServed.serves(Service.UNSAID, Samples.DATA)).isTrue();
        assertEquals(List.of(Needs.FLUID), only(Service.UNSAID).missing());
    }

    @Test
    void testEveryLawOfAFluidsGroupIsSaidAndNoOther() {
        Laws laws = Laws.load();
        for (Fluid f : FLUIDS.all()) {
            List<Finding> said = FluidLaw.check(Optional.of(f), Samples.DATA);
            List<Laws.Law> wanted = laws.of(f.group());
            assertThat(wanted).allSatisfy(l -> assertEquals(f.group(), l.group()));
            assertThat(said).hasSameSizeAs(wanted);
            for (int i = 0; i < said.size(); i++) {
                assertEquals(wanted.get(i).says(), said.get(i).says(UnitSystem.METRIC));
                assertEquals(wanted.get(i).todo(), said.get(i).remedy(UnitSystem.METRIC));
                assertEquals(wanted.get(i).severity(), said.get(i).severity());
                assertEquals(State.FAIL, said.get(i).state());
            }
            assertEquals(f.group() == FluidGroup.FUEL, f.burnsEasily());
        }
        assertThat(laws.of(FluidGroup.REFRIGERANT)).isNotEmpty();
        assertEquals(
                List.of(Needs.FLUID),
                FluidLaw.check(Optional.empty(), Samples.DATA).get(0).missing());
    }

    /** Grade 46: its figures at both temperatures come back, and between them it thins; by hand 46 at 40 C. */
    @Test
    void testViscosityRunsThroughBothItsFigures() {
        for (Fluid f : FLUIDS.all()) {
            f.viscosity().ifPresent(v -> {
                assertEquals(v.atCool().mm2PerSecond(), v.at(v.cool()).mm2PerSecond(), 1e-9, f.id());
                assertEquals(v.atWarm().mm2PerSecond(), v.at(v.warm()).mm2PerSecond(), 1e-9, f.id());
            });
        }
        ViscosityCurve oil =
                FLUIDS.find("mineral-oil").orElseThrow().viscosity().orElseThrow();
        assertEquals(46, oil.at(Temperature.ofCelsius(40)).mm2PerSecond(), 0.5);
        // Two mm2/s is an oil still, below it both logarithms of Walther leave their range: ln over 1/T then.
        ViscosityCurve thin = new ViscosityCurve(
                Temperature.ofCelsius(0),
                KinematicViscosity.ofMm2PerSecond(2),
                Temperature.ofCelsius(100),
                KinematicViscosity.ofMm2PerSecond(0.5));
        double way = (1 / 323.15 - 1 / 273.15) / (1 / 373.15 - 1 / 273.15);
        assertEquals(2 * Math.pow(0.25, way), thin.at(Temperature.ofCelsius(50)).mm2PerSecond(), 1e-9);
        ViscosityCurve atTwo = new ViscosityCurve(
                Temperature.ofCelsius(0),
                KinematicViscosity.ofMm2PerSecond(4),
                Temperature.ofCelsius(100),
                KinematicViscosity.ofMm2PerSecond(2));
        double w1 = Math.log10(Math.log10(4.7));
        double w2 = Math.log10(Math.log10(2.7));
        double share = Math.log10(323.15 / 273.15) / Math.log10(373.15 / 273.15);
        assertEquals(
                Math.pow(10, Math.pow(10, w1 + share * (w2 - w1))) - 0.7,
                atTwo.at(Temperature.ofCelsius(50)).mm2PerSecond(),
                1e-9);
    }

    @Test
    void testAServiceKeepsWhatIsSaidOfIt() {
        Service all = Service.UNSAID
                .withFluid(Optional.of("diesel"))
                .withWorking(Optional.of(GaugePressure.ofBar(10)))
                .withPeak(Optional.of(GaugePressure.ofBar(12)))
                .withFluidTemperature(Optional.of(Temperature.ofCelsius(50)))
                .withFlow(Optional.of(FlowRate.ofLitresPerMinute(7)))
                .withDuty(Duty.SUCTION)
                .withBasis(PressureBasis.values()[PressureBasis.values().length - 1])
                .withWork(Optional.of(Work.values()[0]))
                .withAmbient(Ambient.UNSAID
                        .withAir(Optional.of(Temperature.ofCelsius(-5)))
                        .withMoves(Optional.of(Ambient.Moves.SWINGS))
                        .withOpener(Optional.of(Ambient.Opener.OWNER))
                        .withWet(Optional.of(true)));
        assertEquals(
                new Service(
                        Optional.of("diesel"),
                        Optional.of(GaugePressure.ofBar(10)),
                        Optional.of(GaugePressure.ofBar(12)),
                        Optional.of(Temperature.ofCelsius(50)),
                        Optional.of(FlowRate.ofLitresPerMinute(7)),
                        Duty.SUCTION,
                        new Ambient(
                                Optional.of(Temperature.ofCelsius(-5)),
                                Optional.of(Ambient.Moves.SWINGS),
                                Optional.of(Ambient.Opener.OWNER),
                                Optional.of(true)),
                        PressureBasis.values()[PressureBasis.values().length - 1],
                        Optional.of(Work.values()[0])),
                all);
        // 20 ft/s, 6.5 and 4: what hydraulic pipes, returns and suctions are laid out for.
        assertEquals(6.1, Duty.PRESSURE.guideMetresPerSecond());
        assertEquals(2.0, Duty.RETURN.guideMetresPerSecond());
        assertEquals(1.2, Duty.SUCTION.guideMetresPerSecond());
    }
}
