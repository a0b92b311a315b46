package mellowflare.core.tube.rules;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.material.Metal;
import mellowflare.core.material.Metals;
import mellowflare.core.reference.Source;
import mellowflare.core.tube.TubeCase;
import mellowflare.core.tube.TubeSide;

/** Unlike metals eat each other where water reaches them. */
final class MetalsBear implements Rule<TubeCase> {
    private static final Map<Severity, RuleText> TEXTS = RuleText.bySeverity(
            "tube.metals",
            "{one} tube in a {other} port {where}: one eats the other.",
            "{one} tube and a {other} port bear each other {where}.",
            "{source}",
            "A port in a metal that suits, a plated nut, grease outside the seal, and tape or sleeve where it lies on the other metal.",
            Source.house("metals that touch"));

    @Override
    public List<Finding> check(TubeCase c) {
        return c.sides().stream().map(s -> check(c, s)).toList();
    }

    private static Finding check(TubeCase c, TubeSide s) {
        Subject about = s.which().joint();
        Optional<Boolean> wet = c.service().around().wet();
        if (c.tube().isEmpty() || s.port().metal().isEmpty() || wet.isEmpty()) {
            return Finding.notChecked(
                    TEXTS.get(Severity.WARN),
                    about,
                    c.tube().isEmpty()
                            ? "tube"
                            : wet.isEmpty()
                                    ? "word on whether water reaches it"
                                    : "metal of the port at end " + s.which());
        }
        Metal one = c.tube().get().material().metal();
        Metal other = s.port().metal().get();
        Optional<Metals.Pair> pair = c.data().get(Metals.KEY).of(one, other);
        if (pair.isEmpty()) {
            return Finding.notChecked(
                    TEXTS.get(Severity.WARN),
                    about,
                    "word on " + one.word() + " on " + other.word() + ", which no table here holds");
        }
        Map<String, Figure> figures = Map.of(
                "one", Figure.of(one.word()),
                "other", Figure.of(other.word()),
                "where", Figure.of(wet.get() ? "where water reaches them" : "in the dry"),
                "source", Figure.of(pair.get().source().text()));
        return switch (wet.get() ? pair.get().wet() : pair.get().dry()) {
            case SUITS -> Finding.pass(TEXTS.get(Severity.WARN), about, figures);
            case LIMITED -> Finding.fail(TEXTS.get(Severity.NOTE), about, figures);
            case NEVER -> Finding.fail(TEXTS.get(Severity.WARN), about, figures);
        };
    }
}
