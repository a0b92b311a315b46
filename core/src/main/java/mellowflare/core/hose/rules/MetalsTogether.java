package mellowflare.core.hose.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Need;
import mellowflare.core.advice.Needs;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.Subject;
import mellowflare.core.fluid.Hazard;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.line.HoseNeeds;
import mellowflare.core.hose.line.Side;
import mellowflare.core.material.Metal;
import mellowflare.core.material.MetalsTouch;

/** Unlike metals eat each other where water reaches them; a pair that no table holds is said to be unknown. */
final class MetalsTogether implements Rule<HoseCase> {
    @Override
    public List<Finding> check(HoseCase c) {
        return c.sides().stream().map(s -> check(c, s)).toList();
    }

    private static Finding check(HoseCase c, Side s) {
        Subject about = s.which().joint();
        Optional<Metal> port = s.presentedMetal();
        Optional<Metal> part = s.part().flatMap(p -> p.metal());
        Optional<Boolean> wet = c.service().ambient().wet();
        List<Need> missing = new ArrayList<>();
        if (port.isEmpty()) {
            missing.add(Needs.portMetal(s.which().end(), s.which().joint()));
        }
        if (part.isEmpty()) {
            missing.add(
                    s.part().isEmpty()
                            ? HoseNeeds.end(s.which())
                            : Needs.fromMaker(
                                    "metal-" + s.which(),
                                    Say.it("metals-together.ask-maker", "which", s.which()),
                                    s.which().hoseEnd()));
        }
        if (!missing.isEmpty()) {
            return Finding.notChecked(MetalsTouch.TEXT, about, missing.toArray(Need[]::new));
        }
        return MetalsTouch.check(
                part.get(),
                port.get(),
                wet,
                c.fluid().filter(f -> f.hazards().contains(Hazard.RUSTS)).isPresent(),
                about,
                c.data());
    }
}
