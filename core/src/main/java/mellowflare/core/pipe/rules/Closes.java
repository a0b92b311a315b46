package mellowflare.core.pipe.rules;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.pipe.chance.Closing;
import mellowflare.core.pipe.line.PipeCase;
import mellowflare.core.reference.Source;

/** How likely it is that the last joint closes without force. */
final class Closes implements Rule<PipeCase> {
    private static final double LIKELY = 0.8;

    private static final RuleText TEXT = new RuleText(
            "pipe.closes",
            Severity.WARN,
            "The last joint closes with a chance of {chance}; most of the doubt comes from {most}.",
            "The last joint closes with a chance of {chance}.",
            "readings, cuts, make-up and squareness added up; {allowed} are taken up at the end",
            "{do}",
            Source.house("scatter of readings, cuts and make-up, first order"));

    @Override
    public List<Finding> check(PipeCase c) {
        if (c.closing().isEmpty()) {
            return List.of();
        }
        if (c.pieces().stream().anyMatch(p -> p.exact().isEmpty())) {
            return List.of(Finding.notChecked(TEXT, Subject.PIECES, PipeNeeds.pieces(c)));
        }
        Closing k = c.closing().get();
        String again = k.again()
                .filter(s -> s.share() > 0.15)
                .map(s -> Say.it("closes.read-again", "what", s.part().cause().says()))
                .orElse(Say.it("closes.in-place"));
        return List.of(Finding.of(
                k.chance() >= LIKELY,
                TEXT,
                Subject.PIECES,
                Map.of(
                        "chance", new Figure.OfShare(k.chance()),
                        "most",
                                Figure.of(
                                        k.shares().isEmpty()
                                                ? ""
                                                : k.shares()
                                                        .get(0)
                                                        .part()
                                                        .cause()
                                                        .says()),
                        "allowed", Figure.of(k.allowed()),
                        "do", Figure.of(again))));
    }
}
