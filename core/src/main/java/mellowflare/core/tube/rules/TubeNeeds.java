package mellowflare.core.tube.rules;

import mellowflare.core.advice.Need;
import mellowflare.core.advice.Subject;
import mellowflare.core.connection.LineEnd;

/** What a tube is asked for. */
final class TubeNeeds {
    static final Need TUBE = new Need("tube", Say.it("tube-needs.choose-tube"), Subject.TUBE, "tube-called");
    static final Need SHAPE = new Need("shape", Say.it("tube-needs.enter-shape-tube"), Subject.SHAPE, "cell-0-0");
    static final Need SHAPE_AND_RADIUS =
            new Need("shape-radius", Say.it("tube-needs.enter-shape-tube-radius"), Subject.SHAPE, "cell-0-0");
    static final Need BENDER = new Need("bender", Say.it("tube-needs.choose-bender"), Subject.BENDS);
    static final Need BENDER_OR_RADIUS =
            new Need("bender-radius", Say.it("tube-needs.choose-bender-or-enter"), Subject.BENDS, "bender");
    static final Need END_TO_END = new Need("end-to-end", Say.it("tube-needs.measure-distance-end-end"), Subject.SHAPE);
    static final Need TEMPLATE_AGAIN =
            new Need("template-again", Say.it("tube-needs.measure-template-second-time"), Subject.SHAPE, "end-to-end");
    static final Need BURIED = new Need("buried", Say.it("tube-needs.say-whether-any-buried"), Subject.SITE);

    private TubeNeeds() {}

    static Need kind(LineEnd which) {
        return new Need("kind-" + which, Say.it("tube-needs.choose-how-tube-end", "which", which), which.tubeEnd());
    }

    static Need flaringTool(LineEnd which) {
        return new Need("tool-" + which, Say.it("tube-needs.choose-flaring-tool-for", "which", which), which.tubeEnd());
    }

    static Need stickOut(LineEnd which) {
        return new Need("stick-" + which, Say.it("tube-needs.enter-stick-out-at", "which", which), which.tubeEnd());
    }
}
