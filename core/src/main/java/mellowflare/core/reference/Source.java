package mellowflare.core.reference;

import java.util.Locale;
import java.util.Objects;
import mellowflare.core.text.Language;

/**
 * Where a figure or a rule comes from.
 *
 * @param text designation with edition, table or clause where known, or "house rule" / "house catalogue"
 * @param confidence how sure it is
 */
public record Source(String text, Confidence confidence) {
    private static final String HOUSE = "house rule: ";

    public Source {
        Objects.requireNonNull(confidence);
        if (text.isBlank()) {
            throw new IllegalArgumentException("A source must be named");
        }
    }

    /** The text in the language of this run. */
    @Override
    public String text() {
        return Language.chosen().text(textId(), text);
    }

    /** Under this id a translation knows it: the words of the text itself, for a source has no other name. */
    public String textId() {
        return "source/" + text.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
    }

    public static Source of(String text) {
        return new Source(text, Confidence.SURE);
    }

    public static Source house(String text) {
        return new Source(HOUSE + text, Confidence.TYPICAL);
    }

    /** The text with its remark, as printed. */
    public String shown() {
        return confidence == Confidence.SURE
                ? text()
                : Say.it("source.with-remark", "source", text(), "remark", confidence.remark());
    }
}
