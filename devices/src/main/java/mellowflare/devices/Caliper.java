package mellowflare.devices;

import mellowflare.core.measure.Length;
import mellowflare.core.measure.Read;

/** A caliper that can be asked for the reading it shows. */
public interface Caliper {

    /** What the display shows, or a sentence why there is no reading. */
    Read<Length> reading();

    /** Its name, for the screen. */
    String name();
}
