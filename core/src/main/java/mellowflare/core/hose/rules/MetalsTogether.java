package mellowflare.core.hose.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.hose.HoseCase;
import mellowflare.core.hose.Side;
import mellowflare.core.material.Compatibility.Verdict;
import mellowflare.core.material.Metal;
import mellowflare.core.material.Metals;
import mellowflare.core.reference.Source;

/** Unlike metals eat each other where water reaches them; a pair that no table holds is said to be unknown. */
final class MetalsTogether implements Rule<HoseCase> {
    private static final RuleText NEVER = new RuleText(
            "joint.metals",
            Severity.WARN,
            "{one} on {other} {where}: one eats the other.",
            "{one} on {other} bear each other {where}.",
            "{source}",
            "Take the part in the metal of the port, or keep water off with grease, tape round the outside or a plated part.",
            Source.house("metals that touch"));
    private static final RuleText LIMITED = new RuleText(
            "joint.metals-limited",
            Severity.NOTE,
            "{one} on {other} {where} need looking after.",
            "{one} on {other} bear each other {where}.",
            "{source}",
            "Plated parts, a smear of grease outside the seal, and a look at every service.",
            Source.house("metals that touch"));

    @Override
    public List<Finding> check(HoseCase c) {
        return c.sides().stream().map(s -> check(c, s)).toList();
    }

    private static Finding check(HoseCase c, Side s) {
        Subject about = s.which().joint();
        Optional<Metal> port = s.presentedMetal();
        Optional<Metal> part = s.part().flatMap(p -> p.metal());
        Optional<Boolean> wet = c.service().around().wet();
        List<String> missing = new ArrayList<>();
        if (port.isEmpty()) {
            missing.add("metal of the port at end " + s.which());
        }
        if (part.isEmpty()) {
            missing.add(s.part().isEmpty() ? "hose end " + s.which() : "metal of hose end " + s.which());
        }
        if (wet.isEmpty()) {
            missing.add("word on whether water reaches it");
        }
        if (!missing.isEmpty()) {
            return Finding.notChecked(NEVER, about, missing.toArray(String[]::new));
        }
        Optional<Metals.Pair> pair = c.data().get(Metals.KEY).of(part.get(), port.get());
        if (pair.isEmpty()) {
            return Finding.notChecked(
                    NEVER,
                    about,
                    "word on " + part.get().word() + " on " + port.get().word() + ", which no table here holds");
        }
        Verdict verdict = wet.get() ? pair.get().wet() : pair.get().dry();
        Map<String, Figure> figures = Map.of(
                "one", Figure.of(part.get().word()),
                "other", Figure.of(port.get().word()),
                "where", Figure.of(wet.get() ? "where water reaches them" : "in the dry"),
                "source", Figure.of(pair.get().source().text()));
        return switch (verdict) {
            case SUITS -> Finding.pass(NEVER, about, figures);
            case LIMITED -> Finding.fail(LIMITED, about, figures);
            case NEVER -> Finding.fail(NEVER, about, figures);
        };
    }
}
