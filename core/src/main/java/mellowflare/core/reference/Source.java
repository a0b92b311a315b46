package mellowflare.core.reference;

import java.util.Objects;

/**
 * Where a figure or a rule comes from.
 *
 * @param text designation with edition, table or clause where known, or "house rule" / "house catalogue"
 * @param confidence how sure it is
 */
public record Source(String text, Confidence confidence) {
    public Source {
        Objects.requireNonNull(confidence);
        if (text.isBlank()) {
            throw new IllegalArgumentException("A source must be named");
        }
    }

    public static Source of(String text) {
        return new Source(text, Confidence.SURE);
    }

    public static Source house(String text) {
        return new Source("house rule: " + text, Confidence.TYPICAL);
    }

    /** The text with its remark, as printed. */
    public String shown() {
        return confidence == Confidence.SURE ? text : text + " (" + confidence.remark() + ")";
    }
}
