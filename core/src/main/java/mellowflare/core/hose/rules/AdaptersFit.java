package mellowflare.core.hose.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.connection.SealPlace;
import mellowflare.core.hose.line.Fitted;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.line.Side;
import mellowflare.core.reference.Source;
import mellowflare.core.sealing.GoTogether;
import mellowflare.core.sealing.JointCase;
import mellowflare.core.sealing.JointRules;

/** Adapters in the line: each goes on what stands before it, seals there, and only one taper may stand where direction matters. */
final class AdaptersFit implements Rule<HoseCase> {
    private static final RuleText FITS = new RuleText(
            "adapter.mates",
            Severity.STOP,
            "{part} does not fit {on}.",
            "{part} fits {on} and gives {outer}.",
            "{inner} against {on}",
            "Remove the adapter or use another: the list under the port shows those that fit.",
            Source.of("the end tables"));
    private static final RuleText TAPERS = new RuleText(
            "adapter.two-tapers",
            Severity.WARN,
            "End {which} has {count} taper joints in a row: what follows them cannot be turned to point the right way.",
            "End {which} has no two taper joints in a row.",
            "{count} taper joints",
            "Use an adapter with a swivel or a ring joint where direction matters.",
            Source.house("no two tapers in a row where direction matters"));

    @Override
    public List<Finding> check(HoseCase c) {
        List<Finding> all = new ArrayList<>();
        for (Side s : c.sides()) {
            for (Fitted f : s.adapters()) {
                all.add(Finding.of(
                        f.mates(),
                        FITS,
                        s.which().joint(),
                        Map.of(
                                "part", Figure.of(f.part().part()),
                                "on", Figure.of(f.on().id().text()),
                                "inner", Figure.of(f.inner().id().text()),
                                "outer", Figure.of(f.outer().id().text()))));
                if (f.mates()) {
                    all.addAll(GoTogether.check(f.inner(), f.on(), s.which().joint()));
                }
                f.seat()
                        .ifPresent(seat -> all.addAll(JointRules.check(
                                new JointCase(f.on(), seat, c.fluid(), s.which().joint(), c.data()))));
            }
            if (!s.adapters().isEmpty()) {
                long tapers = s.adapters().stream()
                                .flatMap(f -> f.seat().stream())
                                .filter(x -> x.sealPlace() == SealPlace.THREAD_FLANKS)
                                .count()
                        + s.seat().filter(x -> x.sealPlace() == SealPlace.THREAD_FLANKS).stream()
                                .count();
                all.add(Finding.of(
                        tapers < 2,
                        TAPERS,
                        s.which().joint(),
                        Map.of(
                                "which", Figure.of(s.which().name()),
                                "count", Figure.of(Long.toString(tapers)))));
            }
        }
        return all;
    }
}
