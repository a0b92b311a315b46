package mellowflare.core.testing;

import java.util.Locale;

/** How a finished line is tested. */
public enum TestKind {
    /** Leak fluid on every joint under gas pressure. */
    SOAP(Say.it("test-kind.soap")),
    /** Pumped up with gas, shut off and watched. */
    HOLD(Say.it("test-kind.hold")),
    /** Above the working pressure with liquid. */
    PROOF(Say.it("test-kind.proof")),
    /** Evacuated, shut off and watched. */
    VACUUM(Say.it("test-kind.vacuum")),
    /** It does what it is there for. */
    FUNCTION(Say.it("test-kind.function")),
    /** Wiped dry and looked at again. */
    TISSUE(Say.it("test-kind.tissue"));

    private final String word;

    TestKind(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }

    /** The published word: {@code hold}. */
    public String code() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** Whether its figures are pressures below that of the air around. */
    public boolean evacuates() {
        return this == VACUUM;
    }

    /** Whether somebody looks at joints, or at the whole line. */
    public boolean looks() {
        return this != HOLD && this != VACUUM;
    }

    /** Whether the pressure over the time is what it is about. */
    public boolean watchesPressure() {
        return this == HOLD || this == PROOF;
    }
}
