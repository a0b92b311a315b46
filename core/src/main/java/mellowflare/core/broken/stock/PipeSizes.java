package mellowflare.core.broken.stock;

import java.util.List;

/** Names of pipe sizes, the smallest first. */
public final class PipeSizes {
    public static final List<String> ALL =
            List.of("1/8", "1/4", "3/8", "1/2", "3/4", "1", "1 1/4", "1 1/2", "2", "2 1/2", "3", "4");

    /** The largest that is taken out with an extractor. */
    public static final String EXTRACTOR_TO = "1";

    /** The smallest that a hacksaw blade goes into. */
    public static final String SAW_FROM = "1/2";

    private PipeSizes() {}

    /** Whether a size is at most another; both stand in the list. */
    public static boolean atMost(String size, String other) {
        return ALL.indexOf(size) <= ALL.indexOf(other);
    }
}
