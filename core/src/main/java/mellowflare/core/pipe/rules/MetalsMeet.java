package mellowflare.core.pipe.rules;

import java.util.ArrayList;
import java.util.List;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.Subject;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.fluid.Hazard;
import mellowflare.core.material.Metal;
import mellowflare.core.material.MetalsTouch;
import mellowflare.core.pipe.line.PipeCase;
import mellowflare.core.pipe.space.Fitted;

/** Unlike metals corrode each other: pipe on fittings, and on the ports it joins. */
final class MetalsMeet implements Rule<PipeCase> {
    @Override
    public List<Finding> check(PipeCase c) {
        if (c.system().isEmpty() || c.grade().isEmpty()) {
            return List.of(Finding.notChecked(
                    MetalsTouch.TEXT, Subject.PIPE, c.system().isEmpty() ? PipeNeeds.FITTINGS : PipeNeeds.GRADE));
        }
        boolean rusts =
                c.fluid().filter(f -> f.hazards().contains(Hazard.RUSTS)).isPresent();
        Metal pipe = c.grade().get().metal();
        List<Finding> all = new ArrayList<>();
        all.add(MetalsTouch.check(
                pipe, c.system().get().metal(), c.service().ambient().wet(), rusts, Subject.PIPE, c.data()));
        boolean apart = c.laid()
                .map(l -> l.fittings().stream().anyMatch(f -> f.kind() == Fitted.Kind.DIELECTRIC))
                .orElse(false);
        for (LineEnd which : LineEnd.values()) {
            c.setting()
                    .ports()
                    .of(which)
                    .metal()
                    .filter(m -> m != pipe && !apart)
                    .ifPresent(m -> all.add(
                            MetalsTouch.check(pipe, m, c.service().ambient().wet(), rusts, which.joint(), c.data())));
        }
        return all;
    }
}
