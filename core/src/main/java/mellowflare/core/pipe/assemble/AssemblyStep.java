package mellowflare.core.pipe.assemble;

import java.util.List;
import mellowflare.core.measure.Length;

/**
 * One move in putting a run together, or in taking it apart.
 *
 * @param parts what is moved as one
 * @param onto what it is joined to, or taken from
 * @param joint how they are joined
 * @param swing how far it reaches from the axis while it turns; zero where nothing turns
 * @param handleOff whether a handle must be off while it turns
 * @param closes what comes together by its own nut or bolts with this move; what is opened first, when it is taken apart
 */
public record AssemblyStep(
        List<String> parts, String onto, Joint joint, Length swing, boolean handleOff, List<String> closes) {
    public AssemblyStep {
        parts = List.copyOf(parts);
        closes = List.copyOf(closes);
    }

    /** How two parts are joined. */
    public enum Joint {
        THREAD,
        WELD,
        UNION,
        FLANGE,
        FLEX
    }
}
