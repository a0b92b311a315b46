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
import mellowflare.core.pipe.layout.Piece;
import mellowflare.core.pipe.line.PipeCase;
import mellowflare.core.pipe.makeup.PipeEnd;
import mellowflare.core.reference.Source;

/** Whether it is known how far the pipe stands back in its flanges. */
final class SetBackKnown implements Rule<PipeCase> {
    private static final RuleText TEXT = new RuleText(
            "pipe.set-back",
            Severity.WARN,
            "It is not known how far the pipe stands back from the face of the {kind}.",
            "It is known how far the pipe stands back at both ends.",
            "wall of the pipe, or length of the flange",
            "Choose pipe and size, or measure the set-back and enter it.",
            Source.of("ASME B31.3 figure 328.5.2B; ASME B16.5"));

    @Override
    public List<Finding> check(PipeCase c) {
        if (c.line().size().isEmpty()) {
            return List.of(Finding.notChecked(TEXT, Subject.PIPE, PipeNeeds.SIZE));
        }
        List<PipeEnd> ends = new ArrayList<>();
        if (c.isOffset()) {
            ends.add(c.line().offset().a());
            ends.add(c.line().offset().c());
        } else {
            ends.add(c.line().run().start());
            c.line().run().pieces().stream()
                    .filter(Piece.End.class::isInstance)
                    .forEach(p -> ends.add(((Piece.End) p).end()));
        }
        return List.of(ends.stream()
                .filter(e -> c.parts().setBack(e, c.line().size().get()).isEmpty())
                .findFirst()
                .map(e -> Finding.fail(
                        TEXT, Subject.PIPE, Map.of("kind", Figure.of(e.kind().word()))))
                .orElseGet(() -> Finding.pass(TEXT, Subject.PIPE, Map.of())));
    }
}
