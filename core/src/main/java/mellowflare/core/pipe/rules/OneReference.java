package mellowflare.core.pipe.rules;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.pipe.line.PipeCase;
import mellowflare.core.pipe.offset.OffsetFigure;
import mellowflare.core.pipe.offset.OffsetWay;
import mellowflare.core.pipe.offset.Taken;
import mellowflare.core.reference.Source;

/** Two readings count from one straight reference. */
final class OneReference implements Rule<PipeCase> {
    private static final RuleText TEXT = new RuleText(
            "pipe.one-reference",
            Severity.WARN,
            "h1 was read from “{one}” and h2 from “{other}”: their difference is no offset.",
            "Both readings count from one reference.",
            "names of the references",
            "Read both from the same straight reference: a post, a string or a laser line.",
            Source.house("one reference for two readings"));

    @Override
    public List<Finding> check(PipeCase c) {
        if (!c.isOffset() || c.line().offset().way() != OffsetWay.READINGS) {
            return List.of();
        }
        Optional<Taken> one = Optional.ofNullable(c.taken().get(OffsetFigure.READING_1));
        Optional<Taken> other = Optional.ofNullable(c.taken().get(OffsetFigure.READING_2));
        if (one.isEmpty() || other.isEmpty()) {
            return List.of();
        }
        String a = one.get().reference();
        String b = other.get().reference();
        boolean same = a.isEmpty() || b.isEmpty() || a.equalsIgnoreCase(b);
        return List.of(Finding.of(same, TEXT, Subject.OFFSET, Map.of("one", Figure.of(a), "other", Figure.of(b))));
    }
}
