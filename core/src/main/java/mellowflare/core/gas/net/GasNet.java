package mellowflare.core.gas.net;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.flow.BuoyantGasLaw;
import mellowflare.core.flow.GasLaw;
import mellowflare.core.gas.fuel.FuelGas;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.GasFlow;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.PressureDifference;
import mellowflare.core.measure.Temperature;

/**
 * Pipes that lead gas from one source to what burns it, with the regulators between. Any list can be built, odd ones too: what is wrong comes out as trouble at the piece, and the rest is worked out.
 *
 * @param gas what runs in it
 * @param source place that is fed
 * @param feed pressure that the source holds there
 * @param pipes each from one place to another, with its fittings as length
 * @param regulators each between two places
 * @param draws what is burned, where
 * @param heights of places over one level; a place that is not named lies at that level
 * @param temperature of gas and air
 * @param barometer pressure of the air around
 */
public record GasNet(
        FuelGas gas,
        String source,
        GaugePressure feed,
        List<Pipe> pipes,
        List<Reduce> regulators,
        List<Draw> draws,
        Map<String, Length> heights,
        Temperature temperature,
        AbsolutePressure barometer) {
    public GasNet {
        pipes = List.copyOf(pipes);
        regulators = List.copyOf(regulators);
        draws = List.copyOf(draws);
        heights = Map.copyOf(heights);
    }

    /**
     * One pipe of one bore.
     *
     * @param name as it is called
     * @param from place, nearer to the source as it was called out
     * @param to place
     * @param length along the pipe, zero or more
     * @param fittings what its fittings take, as length of the same bore
     * @param bore above zero
     * @param rough of its wall
     */
    public record Pipe(String name, String from, String to, Length length, Length fittings, Length bore, Length rough) {
        public Pipe {
            if (length.mm() < 0 || fittings.mm() < 0 || bore.mm() <= 0 || rough.mm() < 0) {
                throw new IllegalArgumentException("A pipe has a bore above zero and no length below zero");
            }
        }

        /** Length that counts for friction: the pipe's own and that of its fittings. */
        public Length counts() {
            return length.plus(fittings);
        }

        /** The same with another bore and what the fittings take then. */
        public Pipe with(Length otherBore, Length otherFittings, Length otherRough) {
            return new Pipe(name, from, to, length, otherFittings, otherBore, otherRough);
        }
    }

    /**
     * A regulator.
     *
     * @param name as it is called
     * @param from place before it
     * @param to place behind it
     * @param out pressure that it holds behind it
     * @param least pressure that it needs before it
     */
    public record Reduce(String name, String from, String to, GaugePressure out, GaugePressure least) {}

    /**
     * What is burned at a place.
     *
     * @param name of the appliance
     * @param flow at its highest setting
     * @param least pressure that it needs; empty while it is not known
     */
    public record Draw(String name, String node, GasFlow flow, Optional<GaugePressure> least) {}

    /** The same with other draws. */
    public GasNet with(List<Draw> others) {
        return new GasNet(gas, source, feed, pipes, regulators, others, heights, temperature, barometer);
    }

    /** The same with other pipes. */
    public GasNet withPipes(List<Pipe> others) {
        return new GasNet(gas, source, feed, others, regulators, draws, heights, temperature, barometer);
    }

    /** How the gas runs near a pressure. */
    BuoyantGasLaw law(GaugePressure about) {
        return new BuoyantGasLaw(
                new GasLaw(gas.gasConstant(), temperature, gas.viscosity(), gas.heatRatio()),
                AbsolutePressure.of(about, barometer),
                barometer,
                temperature);
    }

    /** What a metre of height takes of a gauge's reading near a pressure; below zero where the gas is lighter than air. */
    public PressureDifference perMetre(GaugePressure about) {
        return PressureDifference.ofBar(law(about).pascalPerMetre() / 1e5);
    }

    /** Height of a place. */
    Length height(String node) {
        return heights.getOrDefault(node, Length.ofMm(0));
    }
}
