package mellowflare.devices;

import java.io.IOException;
import mellowflare.core.flow.hold.HoldTest;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.Refusal;

/** A pressure logger on a serial line. */
public final class SerialLogger {
    private static final int LINES_TRIED = 5;

    private final PortLines lines;
    private final String name;

    public SerialLogger(SerialPort port) {
        this.lines = new PortLines(port);
        this.name = port.name();
    }

    /** The next whole reading, or a sentence why there is none; a damaged line is passed over. */
    public synchronized Read<HoldTest.Reading> next() {
        try {
            for (int i = 0; i < LINES_TRIED; i++) {
                var line = lines.next();
                if (line.isEmpty()) {
                    return Read.refuse(Refusal.EMPTY, Say.it("serial-logger.silent", "name", name));
                }
                Read<HoldTest.Reading> read = LoggerLine.read(line.get());
                if (read.value().isPresent()) {
                    return read;
                }
            }
            return Read.refuse(Refusal.NOT_A_NUMBER, Say.it("serial-logger.damaged", "name", name));
        } catch (IOException e) {
            return Read.refuse(Refusal.EMPTY, Say.it("serial-logger.unplugged", "name", name));
        }
    }

    public String name() {
        return name;
    }
}
