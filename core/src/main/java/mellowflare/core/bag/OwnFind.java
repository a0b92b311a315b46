package mellowflare.core.bag;

import java.util.List;

/**
 * A find that the fitter names for a job.
 *
 * @param name as typed
 * @param weight how likely against the others, above 0 and up to 1000
 * @param parts what finishes the job then, as typed; none where nothing carried would
 */
public record OwnFind(String name, double weight, List<String> parts) {
    /** So many finds of one's own, and so many parts of one, are read. */
    public static final int MOST = 40;

    static final double HEAVIEST = 1000;

    public OwnFind {
        parts = List.copyOf(parts);
        if (name.isBlank() || parts.stream().anyMatch(String::isBlank)) {
            throw new IllegalArgumentException("A find and its parts have names");
        }
        if (!(weight > 0 && weight <= HEAVIEST)) {
            throw new IllegalArgumentException("A find weighs above 0 and up to 1000, not " + weight);
        }
        if (parts.size() > MOST) {
            throw new IllegalArgumentException("A find has at most " + MOST + " parts, not " + parts.size());
        }
    }
}
