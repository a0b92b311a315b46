package mellowflare.core.tube.rules;

import mellowflare.core.advice.Need;
import mellowflare.core.advice.Subject;
import mellowflare.core.connection.LineEnd;

/** What a tube is asked for. */
final class TubeNeeds {
    static final Need TUBE = new Need("tube", "Choose the tube.", Subject.TUBE, "tube-called");
    static final Need SHAPE = new Need("shape", "Enter the shape of the tube.", Subject.SHAPE, "cell-0-0");
    static final Need SHAPE_AND_RADIUS = new Need(
            "shape-radius", "Enter the shape of the tube and the radius of its bends.", Subject.SHAPE, "cell-0-0");
    static final Need BENDER = new Need("bender", "Choose the bender.", Subject.BENDS);
    static final Need BENDER_OR_RADIUS =
            new Need("bender-radius", "Choose the bender, or enter the radius of its former.", Subject.BENDS, "bender");
    static final Need END_TO_END = new Need("end-to-end", "Measure the distance end to end by itself.", Subject.SHAPE);
    static final Need TEMPLATE_AGAIN =
            new Need("template-again", "Measure the template a second time.", Subject.SHAPE, "end-to-end");
    static final Need BURIED = new Need("buried", "Say whether any of it is buried or walled in.", Subject.SITE);

    private TubeNeeds() {}

    static Need kind(LineEnd which) {
        return new Need("kind-" + which, "Choose how tube end %s is made.".formatted(which), which.tubeEnd());
    }

    static Need flaringTool(LineEnd which) {
        return new Need("tool-" + which, "Choose the flaring tool for end %s.".formatted(which), which.tubeEnd());
    }

    static Need stickOut(LineEnd which) {
        return new Need("stick-" + which, "Enter the stick-out at end %s.".formatted(which), which.tubeEnd());
    }
}
