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
import mellowflare.core.parts.Attach;
import mellowflare.core.parts.HoseEndPart;
import mellowflare.core.reference.Source;
import mellowflare.core.text.Lists;

/** Each kind of hose takes its ends in its own ways: no barb and clamp on wire hose, no crimp of oil hose on PTFE. */
final class AttachFits implements Rule<HoseCase> {
    private static final RuleText TEXT = new RuleText(
            "line.attach",
            Severity.STOP,
            "{part} is {attach}; {kind} hose takes ends that are {ways}.",
            "{part} is {attach}, which is right for {kind} hose.",
            "{attach} against {ways}",
            "Use an end made for {kind} hose.",
            Source.house("kinds of hose and how their ends go on"));

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
        if (part.attach().isEmpty()) {
            return Finding.notChecked(
                    TEXT,
                    about,
                    Needs.fromMaker(
                            "attach-" + part.part(),
                            Say.it("attach-fits.ask-maker", "part", part.part()),
                            s.which().hoseEnd()));
        }
        Attach attach = part.attach().get();
        var ways = c.traits().orElseThrow().attach();
        return Finding.of(
                ways.contains(attach),
                TEXT,
                about,
                Map.of(
                        "part", Figure.of(part.part()),
                        "attach", Figure.of(attach.word()),
                        "kind", Figure.of(c.hose().get().kind().word()),
                        "ways",
                                Figure.of(
                                        ways.stream().sorted().map(Attach::word).collect(Lists.joinedByOr()))));
    }
}
