package mellowflare.core.flow.fault;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.MassFlow;
import mellowflare.core.measure.PressureDifference;

/** A network in which pressures can be read, with what runs in it while they are. */
public interface Probed {
    /**
     * A pipe of it.
     *
     * @param name as it is called
     * @param from place
     * @param to place
     * @param bore above zero
     */
    record Stretch(String name, String from, String to, Length bore) {}

    /** Its pipes. */
    List<Stretch> stretches();

    /** Places at which a gauge can be put, in the order in which one walks along them. */
    List<String> places();

    /** Places that are fed: what stands there has to be read, because it moves. */
    List<String> fed();

    /** The same with what was read at the places that are fed. */
    Probed at(Map<String, GaugePressure> read);

    /** What a gauge would show at each place that the network reaches, with something wrong or nothing; places that run empty may be missing. */
    Map<String, GaugePressure> pressures(Optional<Fault> fault);

    /** More than this leaks nowhere: all that the network is fed. */
    MassFlow mostLeak();

    /** What a reading of such a network may be off, as a standard deviation; above zero. */
    PressureDifference scatter();

    /** A flow as it is said in this trade. */
    Figure flow(MassFlow flow);
}
