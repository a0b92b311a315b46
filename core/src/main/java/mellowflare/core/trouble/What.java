package mellowflare.core.trouble;

import java.util.Locale;

/** What leaks or does not work. */
public enum What {
    HOSE(Say.it("what.hose")),
    TUBE(Say.it("what.tube")),
    PIPE(Say.it("what.pipe")),
    AIR(Say.it("what.air")),
    GAS(Say.it("what.gas")),
    WATER(Say.it("what.water")),
    VALVE(Say.it("what.valve"));

    private final String word;

    What(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }

    /** The published word: {@code hose}. */
    public String code() {
        return name().toLowerCase(Locale.ROOT);
    }
}
