package mellowflare.devices;

import java.util.Locale;
import java.util.Random;
import mellowflare.core.measure.Instrument;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Read;

/** A simulated caliper on a part of known size: readings scatter as in the shop, and now and then a line comes in damaged. */
public final class PracticeCaliper implements Caliper {
    private static final double DAMAGED = 0.05;

    private final Length part;
    private final Random chance;

    /**
     * @param part the true size of the part it holds
     * @param seed the same seed gives the same readings
     */
    public PracticeCaliper(Length part, long seed) {
        this.part = part;
        this.chance = new Random(seed);
    }

    @Override
    public Read<Length> reading() {
        return CaliperLine.read(line());
    }

    /** The line of text it sends. */
    String line() {
        double shown =
                part.mm() + chance.nextGaussian() * Instrument.CALIPER.scatter().mm() / 2;
        String line = String.format(Locale.ROOT, "+%07.2f mm", Math.max(0, shown));
        return chance.nextDouble() < DAMAGED ? line.substring(0, 4) : line;
    }

    @Override
    public String name() {
        return "practice caliper";
    }
}
