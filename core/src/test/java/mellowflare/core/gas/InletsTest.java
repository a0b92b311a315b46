package mellowflare.core.gas;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import mellowflare.core.gas.line.GasLine;
import mellowflare.core.gas.work.Boiling;
import mellowflare.core.gas.work.Inlet;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Temperature;
import org.junit.jupiter.api.Test;

/** What stands at an appliance's inlet beside what it needs, and what cylinders give in their air. */
class InletsTest {
    private static final String RING = "ring: appliance 8 kW inlet regulated vented";

    private static Optional<GaugePressure> mbar(double mbar) {
        return mbar < 0 ? Optional.empty() : Optional.of(GaugePressure.ofMillibar(mbar));
    }

    private static Inlet inlet(double stands, double before, double least) {
        List<Inlet> all =
                GasLines.plan(GasLines.line("a: right 2 m size 15", RING)).c().inlets();
        Inlet some = all.get(0);
        return new Inlet(
                some.at(),
                some.input(),
                some.flow(),
                mbar(37),
                true,
                mbar(stands),
                mbar(before),
                some.shut(),
                mbar(least),
                some.greatest());
    }

    @Test
    void testAnInletIsShortBelowItsLeastAndStarvedOnlyWhereItWasNotBefore() {
        assertTrue(inlet(24.9, -1, 25).shortOf());
        assertFalse(inlet(25, -1, 25).shortOf());
        assertFalse(inlet(-1, -1, 25).shortOf());
        assertFalse(inlet(20, -1, -1).shortOf());
        assertTrue(inlet(24, 25, 25).starvedByNew());
        assertTrue(inlet(24, 30, 25).starvedByNew());
        assertFalse(inlet(24, 24.9, 25).starvedByNew());
        assertFalse(inlet(26, 30, 25).starvedByNew());
        assertFalse(inlet(24, -1, 25).starvedByNew());
        assertEquals(12, inlet(25, -1, 25).drop().orElseThrow().millibar(), 1e-9);
        assertThat(inlet(-1, -1, 25).drop()).isEmpty();
    }

    private static Boiling boiling(GasLine line, double celsius) {
        return GasLines.plan(line.withSite(line.site().withColdest(Temperature.ofCelsius(celsius))))
                .c()
                .boiling()
                .orElseThrow();
    }

    /** Tables of saturated propane give 7.35 bar over the air at 20 degrees and 1.43 at -20; the equation by which it is worked out comes within a quarter of a bar. */
    @Test
    void testACylinderThatGivesNoGasStandsAtItsVapourPressure() {
        GasLine propane = GasLines.line("a: right 2 m size 15", RING);
        assertThat(boiling(propane, 20).rest().orElseThrow().bar()).isCloseTo(7.35, within(0.25));
        assertThat(boiling(propane, -20).rest().orElseThrow().bar()).isCloseTo(1.43, within(0.25));
        assertThat(boiling(propane, 20).gives().kilowatts())
                .isGreaterThan(boiling(propane, -20).gives().kilowatts());
        assertThat(boiling(propane, -60).gives().kilowatts()).isZero();
    }
}
