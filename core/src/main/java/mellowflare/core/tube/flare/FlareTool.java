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
        Source source) {
    public FlareTool {
        kinds = List.copyOf(kinds);
    }
}
