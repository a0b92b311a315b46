package mellowflare.core.tube.rules;

import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Needs;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.tube.end.Use;

/** Turns a verdict of the tables into a finding. */
final class Verdicts {
    private Verdicts() {}

    static Finding finding(
            Map<Severity, RuleText> texts, Subject about, Optional<Use> use, String what, String place, String fluid) {
        if (use.isEmpty()) {
            return Finding.notChecked(
                    texts.get(Severity.STOP),
                    about,
                    Needs.fromMaker(
                            "fluid-" + what, Say.it("verdicts.ask-maker", "what", what, "fluid", fluid), about));
        }
        Map<String, Figure> figures = Map.of(
                place,
                Figure.of(what),
                "fluid",
                Figure.of(fluid),
                "because",
                Figure.of(use.get().because()),
                "source",
                Figure.of(use.get().source().shown()));
        return switch (use.get().verdict()) {
            case USUAL, ALLOWED -> Finding.pass(texts.get(Severity.STOP), about, figures);
            case WARN -> Finding.fail(texts.get(Severity.WARN), about, figures);
            case NEVER -> Finding.fail(texts.get(Severity.STOP), about, figures);
        };
    }
}
