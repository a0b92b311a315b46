package mellowflare.core.line;

import java.util.List;
import java.util.Set;
import mellowflare.core.advice.Figure;
import mellowflare.core.flow.fault.Probed;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.PressureDifference;

/** A line in whose network pressures can be read, to find where it is choked or leaks. */
public interface Probing {
    /** What may run while they are read, each by its name. */
    List<String> consumers();

    /**
     * The network while some run.
     *
     * @param running of the consumers
     */
    Probed with(Set<String> running);

    /** How a pressure is said in this trade. */
    Figure pressure(GaugePressure pressure);

    /** How a pressure that is lost is said in this trade. */
    Figure lost(PressureDifference lost);

    /** The unit of a bare figure: bar, mbar. */
    String bare();
}
