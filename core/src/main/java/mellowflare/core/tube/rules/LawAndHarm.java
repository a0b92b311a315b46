package mellowflare.core.tube.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.fluid.FluidLaw;
import mellowflare.core.reference.Source;
import mellowflare.core.tube.end.EndTraits;
import mellowflare.core.tube.line.TubeCase;
import mellowflare.core.tube.line.TubeSide;

/** What can hurt and who decides, by what runs in the line; and joints that nobody can reach. */
final class LawAndHarm implements Rule<TubeCase> {
    private static final RuleText BURIED = new RuleText(
            "law.buried",
            Severity.STOP,
            "Never bury a {kind} or close it up in a wall or floor.",
            "The {kind} can be reached, or may be buried under the code.",
            "{because}",
            "Run the tube in one piece and bring its joints out where they can be reached; braze only where the code allows it. If your local code allows this joint there, choose that method under Methods of this shop.",
            Source.of("EN 1775; EN 806; NFPA 54; local code"));

    private static final RuleText BY_CODE = new RuleText(
            "law.buried-by-code",
            Severity.WARN,
            "A {kind} in ground, wall or floor is allowed only by the local code.",
            "No {kind} depends on the local code alone.",
            "{because}",
            "Write the clause and the part's approval in the note of the job, and test it before it is covered.",
            Source.of("EN 1775; EN 806; NFPA 54; local code"));

    @Override
    public List<Finding> check(TubeCase c) {
        List<Finding> all = new ArrayList<>(FluidLaw.check(c.fluid(), c.data()));
        if (c.line().buried().isEmpty()) {
            all.add(Finding.notChecked(BURIED, Subject.LINE, TubeNeeds.BURIED));
        } else {
            for (TubeSide s : c.sides()) {
                s.traits()
                        .ifPresent(t -> all.add(Finding.of(
                                !c.line().buried().get() || t.made() == EndTraits.Made.BRAZED,
                                c.method(MethodTopic.BURIED_JOINTS).is("code") ? BY_CODE : BURIED,
                                s.which().joint(),
                                Map.of(
                                        "kind", Figure.of(t.name()),
                                        "because",
                                                Figure.of(
                                                        t.made() == EndTraits.Made.RINGED
                                                                ? Say.it("law-and-harm.sleeve-loosens-unseen")
                                                                : Say.it("law-and-harm.joint-that-opens-must"))))));
            }
        }
        return all;
    }
}
