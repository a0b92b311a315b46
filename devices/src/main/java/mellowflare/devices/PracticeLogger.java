package mellowflare.devices;

import java.io.IOException;
import java.util.Random;

/**
 * A simulated pressure logger on a line that was pumped up and shut off. It drifts, scatters, loses characters, feels the day cool down, can leak and be unplugged, and its clock can be set back. The same seed gives the same readings.
 */
public final class PracticeLogger implements SerialPort {
    private static final double SCATTER_BAR = 0.0015;
    private static final double DRIFT_BAR_PER_HOUR = 0.0008;
    private static final double LOSES_A_CHARACTER = 0.03;
    private static final double COOLS_C_PER_HOUR = 0.6;
    private static final double WARM_C = 19;
    private static final double KELVIN = 273.15;
    private static final double AROUND_BAR = 1.01325;
    private static final double HOUR = 3600;

    private final Random chance;
    private final double seconds;
    private final double litres;
    private double bar;
    private double leak;
    private double at;
    private boolean plugged = true;
    private String waiting = "";
    private int sent;

    /**
     * @param bar gauge pressure at the beginning (bar)
     * @param litres what is shut in (L), above zero
     * @param leak the leak (L/min of free air)
     * @param seconds between two readings (s), a second at least
     * @param seed the same seed gives the same readings
     */
    public PracticeLogger(double bar, double litres, double leak, double seconds, long seed) {
        if (!(litres > 0) || !(seconds >= 1)) {
            throw new IllegalArgumentException("Something is shut in, and readings are a second apart at least");
        }
        this.chance = new Random(seed);
        this.bar = bar;
        this.litres = litres;
        this.leak = leak;
        this.seconds = seconds;
    }

    @Override
    public synchronized int read() throws IOException {
        if (!plugged) {
            throw new IOException("the plug is out");
        }
        if (sent >= waiting.length()) {
            waiting = disturbed(line());
            sent = 0;
        }
        return waiting.charAt(sent++);
    }

    /** Mass goes out through the leak; what is left shows its pressure at the temperature of the moment. */
    private String line() {
        double celsius = WARM_C - COOLS_C_PER_HOUR * at / HOUR;
        double shown = (bar + AROUND_BAR) * (celsius + KELVIN) / (WARM_C + KELVIN) - AROUND_BAR;
        String line = LoggerLine.write(
                at,
                shown + DRIFT_BAR_PER_HOUR * at / HOUR + chance.nextGaussian() * SCATTER_BAR,
                celsius + chance.nextGaussian() * 0.05);
        at += seconds;
        // A litre of free air at 20 C and 1 bar is a bar litre: near enough for an instrument that is not there.
        bar = Math.max(0, bar - leak * seconds / 60 / litres);
        return line;
    }

    private String disturbed(String line) {
        if (chance.nextDouble() < LOSES_A_CHARACTER) {
            return new StringBuilder(line)
                    .deleteCharAt(chance.nextInt(line.length() - 2))
                    .toString();
        }
        return line;
    }

    /** A joint gives way, or is made tight. */
    public synchronized void leaks(double litresPerMinute) {
        leak = litresPerMinute;
    }

    /** Sets its clock back. */
    public synchronized void clockBack(double by) {
        at = Math.max(0, at - by);
    }

    /** Pulls the plug or puts it back. */
    public synchronized void plug(boolean in) {
        plugged = in;
        waiting = "";
        sent = 0;
    }

    public synchronized boolean isPlugged() {
        return plugged;
    }

    @Override
    public String name() {
        return Say.it("practice-logger.name");
    }
}
