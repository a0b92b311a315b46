package mellowflare.core.tee.stock;

import java.util.List;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.Source;

/**
 * How a tee goes into tube, hose or pipe.
 *
 * @param name as shown
 * @param straight sound straight tube that each stub needs
 * @param goesIn what a joint takes in of the tube, while the part at hand was not measured
 * @param least shortest piece that can be joined at both ends
 * @param minutes for one joint
 * @param union whether neither stub turns nor gives, so that a piece and a union always stand beside the tee
 * @param tools names
 * @param source of the figures
 */
public record TeeMethod(
        Id id,
        String name,
        Length straight,
        Length goesIn,
        Length least,
        double minutes,
        boolean union,
        List<String> tools,
        Source source) {
    public TeeMethod {
        tools = List.copyOf(tools);
    }

    /** The ways. */
    public enum Id {
        FLARE,
        BRAZE,
        SOLDER,
        COMPRESSION,
        PUSH,
        BARB,
        THREAD
    }

    static TeeMethod read(CsvTable.Row r) {
        return new TeeMethod(
                r.word("id", Id.class),
                r.said("name"),
                r.length("straight_mm"),
                r.length("goes_in_mm"),
                r.length("least_mm"),
                r.number("minutes"),
                r.yes("union"),
                r.saidList("tools"),
                r.source());
    }
}
