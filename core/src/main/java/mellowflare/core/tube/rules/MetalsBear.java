package mellowflare.core.tube.rules;

import java.util.List;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Needs;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.Subject;
import mellowflare.core.fluid.Hazard;
import mellowflare.core.material.MetalsTouch;
import mellowflare.core.tube.line.TubeCase;
import mellowflare.core.tube.line.TubeSide;

/** Unlike metals eat each other where water reaches them. */
final class MetalsBear implements Rule<TubeCase> {
    @Override
    public List<Finding> check(TubeCase c) {
        return c.sides().stream().map(s -> check(c, s)).toList();
    }

    private static Finding check(TubeCase c, TubeSide s) {
        Subject about = s.which().joint();
        if (c.tube().isEmpty() || s.port().metal().isEmpty()) {
            return Finding.notChecked(
                    MetalsTouch.TEXT,
                    about,
                    c.tube().isEmpty()
                            ? TubeNeeds.TUBE
                            : Needs.portMetal(s.which().end(), s.which().joint()));
        }
        return MetalsTouch.check(
                c.tube().get().material().metal(),
                s.port().metal().get(),
                c.service().ambient().wet(),
                c.fluid().filter(f -> f.hazards().contains(Hazard.RUSTS)).isPresent(),
                about,
                c.data());
    }
}
