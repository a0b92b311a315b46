package mellowflare.core.line;

import java.util.Objects;
import mellowflare.core.cutting.CutTask;

/**
 * What a line has cut out of stock of one kind.
 *
 * @param material what the stock is: cut from it and never from another, for this line and for others
 * @param task its pieces, and the stock as this line knows it
 */
public record Cuts(String material, CutTask task) {
    public Cuts {
        Objects.requireNonNull(material);
        Objects.requireNonNull(task);
    }
}
