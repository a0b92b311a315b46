package mellowflare.core.trouble;

import java.util.Locale;

/** What becomes of the joint. */
public enum Verdict {
    TIGHTEN(Say.it("verdict.tighten")),
    RE_MAKE(Say.it("verdict.re-make")),
    REPLACE(Say.it("verdict.replace"));

    private final String word;

    Verdict(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }

    /** The published word: {@code re-make}. */
    public String code() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
