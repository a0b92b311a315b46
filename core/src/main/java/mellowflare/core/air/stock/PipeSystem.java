package mellowflare.core.air.stock;

import java.util.List;
import java.util.Optional;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Temperature;
import mellowflare.core.reference.Source;

/**
 * A kind of pipe with its fittings.
 *
 * @param id stable name
 * @param name as said
 * @param refused why it may not carry compressed air; empty where it may
 * @param joint how it is joined
 * @param nipples whether its short pieces can be bought ready threaded
 * @param density of the wall (g/cm3)
 * @param conducts whether the wall conducts heat, so that it cools the air
 * @param rough roughness of the bore when new
 * @param expands by so many micrometres a metre and kelvin
 * @param longBar bar that comes by truck
 * @param shortBar bar that goes as a parcel
 * @param years it lasts in damp air (house figure)
 * @param most pressure of its weakest size
 * @param warmest air it withstands
 * @param corrosion what becomes of it
 * @param tools what is needed to join it
 * @param apart how it comes apart again
 * @param source who says so
 */
public record PipeSystem(
        String id,
        String name,
        Optional<String> refused,
        Joint joint,
        boolean nipples,
        double density,
        boolean conducts,
        Length rough,
        double expands,
        Length longBar,
        Length shortBar,
        int years,
        GaugePressure most,
        Temperature warmest,
        String corrosion,
        List<String> tools,
        String apart,
        Source source) {
    public PipeSystem {
        tools = List.copyOf(tools);
    }

    /** Whether it is plastic pipe, which softens and bursts when it is too warm. */
    public boolean plastic() {
        return !conducts && joint != Joint.HOSE;
    }

    /** How pipe is joined to a fitting. */
    public enum Joint {
        RING(Say.it("pipe-system.o-ring-grip-ring")),
        THREAD(Say.it("pipe-system.tapered-pipe-thread")),
        SOLDER(Say.it("pipe-system.brazed-socket")),
        PRESS(Say.it("pipe-system.pressed-ring")),
        PUSH(Say.it("pipe-system.o-ring-grip-ring-2")),
        HOSE(Say.it("pipe-system.hose-on-its-barb"));

        private final String seals;

        Joint(String seals) {
            this.seals = seals;
        }

        /** What it seals on. */
        public String seals() {
            return seals;
        }
    }

    /** Whether it may carry compressed air. */
    public boolean rated() {
        return refused.isEmpty();
    }

    /** What a length grows by when it warms (kelvin). */
    public Length grows(Length length, double kelvin) {
        return Length.ofMm(length.mm() * expands * 1e-6 * kelvin);
    }
}
