package mellowflare.core.air.rules;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.air.work.SpeedGuide;
import mellowflare.core.flow.network.NetworkFlow;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.Source;
import mellowflare.core.run.walk.Sized;
import mellowflare.core.run.walk.Walked;

/** Speed of the air: noise, and water carried along. */
final class SpeedInPipes implements Rule<AirCase> {
    private static final RuleText TEXT = new RuleText(
            "air.speed",
            Severity.WARN,
            "The air is too fast in {piece}: {speed}; the guide is {guide}.",
            "Fastest in {piece}: {speed}; the guide there is {guide}.",
            "{speed} against {guide}",
            "Use one size larger there: above the guide, air carries water along and whistles.",
            new Source("guides of speed: 9 m/s in mains, 15 m/s in drops", Confidence.TYPICAL));

    @Override
    public List<Finding> check(AirCase c) {
        if (!c.flows() || c.choices().isEmpty()) {
            return List.of(Finding.notChecked(TEXT, Subject.MAIN, AirNeeds.flowing(c)));
        }
        Map<String, Walked.Run> rigid = new HashMap<>();
        for (Sized s : c.sized()) {
            if (s.run().kind() != Walked.Kind.LEG && s.run().kind() != Walked.Kind.HOSE) {
                rigid.put(s.name(), s.run());
            }
        }
        NetworkFlow.InPipe worst = null;
        double most = 0;
        for (NetworkFlow.InPipe p : c.together().flow().pipes()) {
            Walked.Run run = rigid.get(p.pipe().name());
            double share = run == null ? 0 : p.metresPerSecond() / SpeedGuide.metresPerSecond(run);
            if (share > most) {
                most = share;
                worst = p;
            }
        }
        if (worst == null) {
            return List.of(Finding.notChecked(TEXT, Subject.MAIN, AirNeeds.tools(c)));
        }
        String piece = worst.pipe().name();
        return List.of(Finding.of(
                most <= 1,
                TEXT,
                Subject.MAIN,
                Map.of(
                        "piece", Figure.of(piece),
                        "speed", new Figure.OfSpeed(worst.metresPerSecond()),
                        "guide", new Figure.OfSpeed(SpeedGuide.metresPerSecond(rigid.get(piece))))));
    }
}
