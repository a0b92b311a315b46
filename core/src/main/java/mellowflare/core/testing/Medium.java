package mellowflare.core.testing;

import java.util.Locale;

/** What a line is filled with for a test. */
public enum Medium {
    OIL(Say.it("medium.oil"), true),
    WATER(Say.it("medium.water"), true),
    AIR(Say.it("medium.air"), false),
    NITROGEN(Say.it("medium.nitrogen"), false),
    /** What will run in it. */
    OWN(Say.it("medium.own"), false),
    VACUUM(Say.it("medium.vacuum"), false);

    private final String word;
    private final boolean liquid;

    Medium(String word, boolean liquid) {
        this.word = word;
        this.liquid = liquid;
    }

    public String word() {
        return word;
    }

    /** Whether it is a liquid for certain: a liquid stores little energy. */
    public boolean liquid() {
        return liquid;
    }

    /** The published word: {@code nitrogen}. */
    public String code() {
        return name().toLowerCase(Locale.ROOT);
    }
}
