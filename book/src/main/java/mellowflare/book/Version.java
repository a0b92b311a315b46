package mellowflare.book;

import mellowflare.core.reference.ReferenceData;

/** What this program calls itself on everything it writes. */
public final class Version {
    public static final String PROGRAM = "0.1.0";

    private Version() {}

    /** Program and data version, for the foot of a page. */
    public static String stamp(ReferenceData data) {
        return Say.it("version.mellow-flare-data", "program", PROGRAM, "version", data.version());
    }
}
