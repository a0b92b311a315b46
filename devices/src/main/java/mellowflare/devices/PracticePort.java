package mellowflare.devices;

import java.io.IOException;
import java.util.Locale;
import java.util.Random;
import mellowflare.core.measure.Instrument;
import mellowflare.core.measure.Length;

/**
 * A simulated serial caliper on a part of known size. It scatters as in the shop, loses characters, picks up noise, can be switched between
 * millimetres and inches, and can be unplugged. The same seed gives the same line.
 */
public final class PracticePort implements SerialPort {
    private static final double LOSES_A_CHARACTER = 0.08;
    private static final double PICKS_UP_NOISE = 0.05;
    private final Random chance;
    private Length part;
    private boolean inches;
    private boolean plugged = true;
    private String waiting = "";
    private int at;

    /**
     * @param part the true size of the part it holds
     * @param seed the same seed gives the same readings
     */
    public PracticePort(Length part, long seed) {
        this.part = part;
        this.chance = new Random(seed);
    }

    @Override
    public synchronized int read() throws IOException {
        if (!plugged) {
            throw new IOException("the plug is out");
        }
        if (at >= waiting.length()) {
            waiting = disturbed(shown());
            at = 0;
        }
        return waiting.charAt(at++);
    }

    private String shown() {
        double mm = Math.max(
                0,
                part.mm() + chance.nextGaussian() * Instrument.CALIPER.scatter().mm() / 3);
        return inches
                ? String.format(Locale.ROOT, "+%07.4f in\r\n", mm / Length.MM_PER_INCH)
                : String.format(Locale.ROOT, "+%07.2f mm\r\n", mm);
    }

    private String disturbed(String line) {
        StringBuilder sent = new StringBuilder(line);
        if (chance.nextDouble() < LOSES_A_CHARACTER) {
            sent.deleteCharAt(chance.nextInt(sent.length()));
        }
        if (chance.nextDouble() < PICKS_UP_NOISE) {
            sent.insert(chance.nextInt(sent.length()), (char) (33 + chance.nextInt(90)));
        }
        return sent.toString();
    }

    /** Puts another part between the jaws. */
    public synchronized void hold(Length other) {
        part = other;
    }

    /** Presses its unit key. */
    public synchronized void switchUnit() {
        inches = !inches;
    }

    public synchronized boolean showsInches() {
        return inches;
    }

    /** Pulls the plug or puts it back. */
    public synchronized void plug(boolean in) {
        plugged = in;
        waiting = "";
        at = 0;
    }

    public synchronized boolean isPlugged() {
        return plugged;
    }

    @Override
    public String name() {
        return Say.it("practice-port.practice-caliper");
    }
}
