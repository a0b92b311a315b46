package mellowflare.core.hose.line;

import mellowflare.core.advice.Need;
import mellowflare.core.advice.Subject;
import mellowflare.core.connection.LineEnd;

/** What a hose is asked for. */
public final class HoseNeeds {
    public static final Need HOSE = new Need("hose", "Choose the hose.", Subject.HOSE, "hose-kind");
    public static final Need FINISHED = new Need("finished", "Enter the finished length.", Subject.LENGTH);
    public static final Need SECOND =
            new Need("second", "Measure the length a second time.", Subject.MAKE, "other-reading");
    public static final Need BEND = new Need("bend", "Measure the tightest bend on the job.", Subject.HOSE);
    public static final Need READ_BACK = new Need("read-back", "Read the cut figure back.", Subject.MAKE);

    private HoseNeeds() {}

    public static Need end(LineEnd which) {
        return new Need("parts-" + which, "Choose hose end %s.".formatted(which), which.hoseEnd());
    }

    public static Need turnsHome(LineEnd which) {
        return new Need(
                "home-by-hand-" + which,
                "Try a fitting in the port of end %s: does it turn home by hand? Say yes or no.".formatted(which),
                which.hoseEnd());
    }
}
