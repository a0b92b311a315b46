package mellowflare.devices;

import java.io.IOException;
import java.util.Optional;

/** The lines of text that come in on a port. */
final class PortLines {
    private static final int LONGEST_LINE = 60;
    private final SerialPort port;

    PortLines(SerialPort port) {
        this.port = port;
    }

    /** The next whole line; empty when nothing more comes. Too long a line is noise and is cut off. */
    Optional<String> next() throws IOException {
        StringBuilder line = new StringBuilder();
        while (true) {
            int b = port.read();
            if (b < 0) {
                return Optional.empty();
            }
            if (b == '\n' || line.length() >= LONGEST_LINE) {
                return Optional.of(line.toString());
            }
            line.append((char) b);
        }
    }
}
