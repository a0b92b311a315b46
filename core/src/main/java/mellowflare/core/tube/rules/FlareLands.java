package mellowflare.core.tube.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Need;
import mellowflare.core.advice.Needs;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.connection.End;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.reference.Source;
import mellowflare.core.tube.end.EndTraits;
import mellowflare.core.tube.flare.FlareFault;
import mellowflare.core.tube.flare.FlareMade;
import mellowflare.core.tube.line.TubeCase;
import mellowflare.core.tube.line.TubeSide;

/** The flare that is planned: in its band, through its nut, whole. */
final class FlareLands implements Rule<TubeCase> {
    private static final RuleText BAND = new RuleText(
            "flare.band",
            Severity.WARN,
            "The flare comes out at {diameter}, but {low} to {high} is needed ({stick} stick-out, house figure of the tool).",
            "The flare comes out at {diameter}, within {low} to {high} ({stick} stick-out, house figure of the tool).",
            "flare bench: {tool}; band of {source}",
            "Set {middle} of stick-out with this tool and measure the first flare on scrap: it decides.",
            Source.house("the outer surface keeps its length on the cone"));
    private static final RuleText SPLIT = new RuleText(
            "flare.split",
            Severity.WARN,
            "The rim may split: it stretches {strain}, and this edge can take {limit}.",
            "The rim stretches {strain}; this edge can take {limit}.",
            "flare bench, chance of splitting {risk}",
            "Ream and oil, use softer tube or a double flare, or the band of another standard.",
            Source.house("stretch that edges bear, by material"));
    private static final RuleText PASSES = new RuleText(
            "flare.passes",
            Severity.WARN,
            "The flare may not go through the thread of {part}: {diameter} by the house figure of the tool, bore {bore}.",
            "The flare of {diameter} goes through the thread of {part}, bore {bore}.",
            "{diameter} against {bore}",
            "Set {middle} of stick-out with this tool and try the first flare on scrap in the thread.",
            Source.of("minor diameter of the thread"));

    @Override
    public List<Finding> check(TubeCase c) {
        List<Finding> all = new ArrayList<>();
        for (TubeSide s : c.sides()) {
            if (s.traits().filter(EndTraits::flared).isEmpty()) {
                continue;
            }
            Subject about = s.which().tubeEnd();
            if (s.made().isEmpty()) {
                all.add(Finding.notChecked(BAND, about, missing(c, s)));
                continue;
            }
            FlareMade made = s.made().get();
            Figure middle = s.middle().map(Figure::of).orElse(Figure.of(Say.it("flare-lands.none")));
            if (s.band().isPresent()) {
                all.add(Finding.of(
                        s.band().get().holds(made.diameter()),
                        BAND,
                        about,
                        Map.of(
                                "stick", Figure.of(s.stickOut().orElseThrow()),
                                "diameter", Figure.of(made.diameter()),
                                "low", Figure.of(s.band().get().low()),
                                "high", Figure.of(s.band().get().high()),
                                "middle", middle,
                                "tool", Figure.of(s.tool().orElseThrow().name()),
                                "source", Figure.of(s.band().get().source().shown()))));
            } else {
                all.add(Finding.notChecked(BAND, about, Needs.port(s.which().end())));
            }
            all.add(Finding.of(
                    made.crackRisk() < SPLITS,
                    SPLIT,
                    about,
                    Map.of(
                            "strain", new Figure.OfShare(made.strainUsed()),
                            "limit",
                                    Figure.of(Say.it(
                                            "flare-lands.stretch",
                                            "strainLimit",
                                            LengthFormat.decimal(made.strainLimit(), 2, 2))),
                            "risk", new Figure.OfShare(made.crackRisk()))));
            s.threadBore()
                    .ifPresent(bore -> all.add(Finding.of(
                            !made.faults().contains(FlareFault.NUT_STUCK),
                            PASSES,
                            about,
                            Map.of(
                                    "diameter", Figure.of(made.diameter()),
                                    "part", Figure.of(s.part().map(End::brief).orElse("")),
                                    "middle", middle,
                                    "bore", Figure.of(bore)))));
        }
        return all;
    }

    private static final double SPLITS = 0.2;

    private static Need missing(TubeCase c, TubeSide s) {
        if (c.tube().isEmpty()) {
            return TubeNeeds.TUBE;
        }
        return s.tool().isEmpty() ? TubeNeeds.flaringTool(s.which()) : TubeNeeds.stickOut(s.which());
    }
}
