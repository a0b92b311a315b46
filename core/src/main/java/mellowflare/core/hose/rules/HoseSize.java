package mellowflare.core.hose.rules;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Needs;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.line.Side;
import mellowflare.core.parts.HoseEndPart;
import mellowflare.core.parts.HosePart;
import mellowflare.core.reference.Source;
import mellowflare.core.size.DashSize;

/** An end fits one hose size only. */
final class HoseSize implements Rule<HoseCase> {
    private static final RuleText TEXT = new RuleText(
            "line.size",
            Severity.STOP,
            "{part} is for hose size {endDash}; the hose is {hoseDash}.",
            "{part} fits hose size {hoseDash}.",
            "{endDash} against {hoseDash}",
            "Use the end for hose size {hoseDash}, or hose of size {endDash}.",
            Source.of("SAE J517; house catalogue"));

    @Override
    public List<Finding> check(HoseCase c) {
        return c.sides().stream().map(s -> check(c, s)).toList();
    }

    private static Finding check(HoseCase c, Side s) {
        Subject about = s.which().hoseEnd();
        if (c.hose().isEmpty() || s.part().isEmpty()) {
            return Finding.notChecked(TEXT, about, Missing.hoseAndEnd(c, s));
        }
        HoseEndPart part = s.part().get();
        HosePart hose = c.hose().get();
        if (part.hoseDash().isEmpty()) {
            return Finding.notChecked(
                    TEXT,
                    about,
                    Needs.fromMaker(
                            "hose-size-" + part.part(),
                            Say.it("hose-size.ask-maker", "part", part.part()),
                            s.which().hoseEnd()));
        }
        DashSize fits = part.hoseDash().get();
        return Finding.of(
                fits.equals(hose.dash()),
                TEXT,
                about,
                Map.of(
                        "part", Figure.of(part.part()),
                        "endDash", Figure.of(fits.text()),
                        "hoseDash", Figure.of(hose.dash().text())));
    }
}
