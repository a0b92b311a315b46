package mellowflare.core.pipe.stock;

import mellowflare.core.measure.Length;
import mellowflare.core.reference.Source;

/**
 * A steel flange class 150, with the raised face counted in.
 *
 * @param size name of the pipe size
 * @param outside diameter of the flange
 * @param thick thickness
 * @param hub length through the hub of a threaded or slip-on flange
 * @param weldNeck length of a welding neck
 * @param raisedFace diameter of the raised face
 * @param boltCircle diameter of the bolt circle
 * @param bolts how many
 * @param bolt name of the bolt
 * @param hole diameter of a bolt hole
 * @param source standard
 */
public record FlangeSize(
        String size,
        Length outside,
        Length thick,
        Length hub,
        Length weldNeck,
        Length raisedFace,
        Length boltCircle,
        int bolts,
        String bolt,
        Length hole,
        Source source) {}
