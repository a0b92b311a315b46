package mellowflare.devices;

import java.io.IOException;

/** A serial line that an instrument talks on. A driver for a real plug and the practice port stand behind it alike. */
public interface SerialPort {
    /**
     * The next byte that came in.
     *
     * @return 0 to 255, or -1 when nothing came within the port's waiting time
     * @throws IOException when the plug is out
     */
    int read() throws IOException;

    /** Its name, for the screen. */
    String name();
}
