package mellowflare.core.tube.flare;

import java.util.List;
import java.util.Optional;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.Source;
import mellowflare.core.tube.end.TubeEndKind;

/**
 * A flaring tool as it is for one size of tube.
 *
 * @param id stable name
 * @param name as shown
 * @param kinds what it makes
 * @param upTo largest tube of this row
 * @param sink length of tube below the face of bar or die that also goes on the cone
 * @param step first die step of a folded flare
 * @param slip how far the tube slides when the bar is only just gripped
 * @param hold straight tube behind the flare that bar or die clamps
 * @param clutch whether it stops by itself when the cone is home
 * @param spread how far the scrap flares disagreed that it was calibrated with; empty for a house figure
 * @param source who says so
 */
public record FlareTool(
        String id,
        String name,
        List<TubeEndKind> kinds,
        Length upTo,
        Length sink,
        Optional<Length> step,
        Length slip,
        Length hold,
        boolean clutch,
        Optional<Length> spread,
        Source source) {
    public FlareTool {
        kinds = List.copyOf(kinds);
        if (upTo.mm() <= 0 || sink.mm() < 0 || slip.mm() < 0 || hold.mm() < 0) {
            throw new IllegalArgumentException("A flaring tool has no figure below zero: " + id);
        }
    }

    /** The same tool with the sink that scrap flares told, up to the tube that they were made on. */
    FlareTool calibrated(Length outside, Length told, Length apart, Source who) {
        return new FlareTool(id, name, kinds, outside, told, step, slip, hold, clutch, Optional.of(apart), who);
    }
}
