package mellowflare.core.pipe.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.pipe.assemble.Assembly;
import mellowflare.core.pipe.assemble.Blocked;
import mellowflare.core.pipe.assemble.UnionPlace;
import mellowflare.core.pipe.line.PipeCase;
import mellowflare.core.reference.Source;

/** Whether the run can be put together: a union in every ring, and room for what turns. */
final class ComesTogether implements Rule<PipeCase> {
    private static final RuleText UNION = new RuleText(
            "pipe.union",
            Severity.STOP,
            "Nothing comes apart between two fixed ends: “{piece}” cannot be screwed into both.",
            "Every ring of threaded pipe has a union, a flange or a flexible piece in it.",
            "a thread is made up by turning its pipe, and the other end of that pipe would turn out",
            "Put a union in “{piece}” ({price}, catalogue prices), or a flange or flexible piece in the same ring.",
            Source.house("threads are made up by turning"));

    private static final RuleText NOWHERE = new RuleText(
            "pipe.union-nowhere",
            Severity.STOP,
            "Nothing comes apart between two fixed ends, and “{piece}” is too short for a union.",
            "There is room for a union wherever one is needed.",
            "two least pieces and the union between",
            "Lengthen a piece of this ring, or end it in a flange or a flexible piece.",
            Source.house("threads are made up by turning"));

    private static final RuleText SWING = new RuleText(
            "pipe.swing",
            Severity.WARN,
            "“{part}” cannot turn while it is made up: it reaches {swing} and meets {by}.",
            "Everything that turns has room to turn.",
            "reach of the part about the axis of its thread",
            "Put a union so that it is made up from its other side, move it away from {by}, or join it before {by} is there.",
            Source.house("swing of fittings"));

    @Override
    public List<Finding> check(PipeCase c) {
        if (c.laid().isEmpty()) {
            return List.of(Finding.notChecked(UNION, Subject.ASSEMBLY, PipeNeeds.pieces(c)));
        }
        Assembly a = c.assembly();
        List<Finding> all = new ArrayList<>();
        for (UnionPlace u : a.unions()) {
            all.add(Finding.fail(
                    UNION,
                    Subject.ASSEMBLY,
                    Map.of(
                            "piece", Figure.of(u.piece()),
                            "price", Figure.of(LengthFormat.decimal(u.price(), 0, 0)))));
        }
        a.nowhere()
                .forEach(piece -> all.add(Finding.fail(NOWHERE, Subject.ASSEMBLY, Map.of("piece", Figure.of(piece)))));
        if (a.unions().isEmpty() && a.nowhere().isEmpty()) {
            all.add(Finding.pass(UNION, Subject.ASSEMBLY, Map.of()));
        }
        for (Blocked b : a.blocked()) {
            all.add(Finding.fail(
                    SWING,
                    Subject.ASSEMBLY,
                    Map.of(
                            "part",
                            Figure.of(c.laid().map(l -> l.called(b.part())).orElse(b.part())),
                            "by",
                            Figure.of(b.by()),
                            "swing",
                            Figure.of(b.swing()))));
        }
        if (a.blocked().isEmpty()) {
            all.add(Finding.pass(SWING, Subject.ASSEMBLY, Map.of()));
        }
        return all;
    }
}
