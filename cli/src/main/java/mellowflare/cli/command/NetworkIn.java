package mellowflare.cli.command;

import java.util.Optional;
import mellowflare.cli.input.Fields;
import mellowflare.cli.input.Refused;
import mellowflare.core.flow.fault.Probed;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.reference.ReferenceData;

/** A network of one trade as its own command reads it, to find in it what is choked or leaks. */
public interface NetworkIn {
    /** The trade, as a word of the command. */
    String what();

    /** The network of an object. */
    Probed of(Fields f, ReferenceData data) throws Refused;

    /** A pressure by its place; a bare figure is in the unit of the trade. */
    Optional<GaugePressure> pressure(Fields f, String place) throws Refused;
}
