package mellowflare.core.hose.line;

import mellowflare.core.advice.Need;
import mellowflare.core.advice.Subject;
import mellowflare.core.connection.LineEnd;

/** What a hose is asked for. */
public final class HoseNeeds {
    public static final Need HOSE = new Need("hose", Say.it("hose-needs.choose-hose"), Subject.HOSE, "hose-kind");
    public static final Need FINISHED =
            new Need("finished", Say.it("hose-needs.enter-finished-length"), Subject.LENGTH);
    public static final Need SECOND =
            new Need("second", Say.it("hose-needs.measure-length-second-time"), Subject.MAKE, "other-reading");
    public static final Need BEND = new Need("bend", Say.it("hose-needs.measure-tightest-bend-on"), Subject.HOSE);
    public static final Need READ_BACK = new Need("read-back", Say.it("hose-needs.read-cut-figure-back"), Subject.MAKE);

    private HoseNeeds() {}

    public static Need end(LineEnd which) {
        return new Need("parts-" + which, Say.it("hose-needs.choose-hose-end", "which", which), which.hoseEnd());
    }

    public static Need turnsHome(LineEnd which) {
        return new Need(
                "home-by-hand-" + which, Say.it("hose-needs.try-fitting-port-end", "which", which), which.hoseEnd());
    }
}
