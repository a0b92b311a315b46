package mellowflare.devices;

import java.io.IOException;
import java.util.Optional;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.Refusal;

/**
 * A caliper that sends what it shows again and again as lines of text. A damaged line is passed over; a reading counts when two whole lines in a
 * row agree, so that neither a lost character nor a moving jaw becomes a figure.
 */
public final class SerialCaliper implements Caliper {
    /** Two readings of one part with the jaws still. */
    private static final double AGREE_MM = 0.06;

    private static final int LINES_WAITED_FOR = 16;
    private final SerialPort port;
    private final PortLines lines;

    public SerialCaliper(SerialPort port) {
        this.port = port;
        this.lines = new PortLines(port);
    }

    @Override
    public synchronized Read<Length> reading() {
        try {
            return steady();
        } catch (IOException e) {
            return Read.refuse(Refusal.EMPTY, Say.it("serial-caliper.the-unplugged-plug-read", "name", name()));
        }
    }

    private Read<Length> steady() throws IOException {
        Optional<Length> before = Optional.empty();
        boolean anything = false;
        for (int i = 0; i < LINES_WAITED_FOR; i++) {
            Optional<String> line = lines.next();
            if (line.isEmpty()) {
                break;
            }
            anything = true;
            Optional<Length> now = CaliperLine.read(line.get()).value();
            if (now.isPresent() && before.isPresent() && agree(now.get(), before.get())) {
                return Read.of(middle(now.get(), before.get()));
            }
            before = now;
        }
        return anything
                ? Read.refuse(Refusal.NOT_A_NUMBER, Say.it("serial-caliper.no-two-readings-agree", "name", name()))
                : Read.refuse(Refusal.EMPTY, Say.it("serial-caliper.the-sends-nothing-switch", "name", name()));
    }

    private static boolean agree(Length a, Length b) {
        return Math.abs(a.mm() - b.mm()) <= AGREE_MM;
    }

    /** The middle of two readings, to a hundredth of a millimetre. */
    private static Length middle(Length a, Length b) {
        return Length.ofMm(
                Double.parseDouble(LengthFormat.decimal(a.plus(b).times(0.5).mm(), 2, 0)));
    }

    @Override
    public String name() {
        return port.name();
    }
}
