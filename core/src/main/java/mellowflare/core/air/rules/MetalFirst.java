package mellowflare.core.air.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.air.demand.AirTool;
import mellowflare.core.air.stock.PipeSystem;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.Source;

/** Hot wet air should meet metal early, and hose is for small shops. */
final class MetalFirst implements Rule<AirCase> {
    private static final RuleText METAL = new RuleText(
            "air.metal",
            Severity.NOTE,
            "The air stays warm in {system}, so the water condenses in the tools.",
            "{system} cools the air, so the water condenses in the main.",
            "whether the wall conducts heat",
            "Run a few metres of metal pipe with a drip leg after the compressor, or fit a dryer.",
            new Source("trade practice: hot wet air meets metal early", Confidence.TYPICAL));

    private static final RuleText HOSE = new RuleText(
            "air.hose-main",
            Severity.WARN,
            "Never run a {tool} on a main made of hose: hose hardly cools the air and starves the tool.",
            "A main made of hose will do here: air is drawn only in short bursts.",
            "tools that run continuously",
            "Use pipe for the main, and hose from the outlets.",
            new Source("school of small shops", Confidence.TYPICAL));

    @Override
    public List<Finding> check(AirCase c) {
        if (c.system().isEmpty()) {
            return List.of(Finding.notChecked(METAL, Subject.WATER, AirNeeds.SYSTEM));
        }
        PipeSystem s = c.system().get();
        List<Finding> all = new ArrayList<>();
        if (s.rated()) {
            all.add(Finding.of(s.conducts(), METAL, Subject.WATER, Map.of("system", Figure.of(s.name()))));
        }
        if (s.joint() == PipeSystem.Joint.HOSE) {
            Optional<AirTool> runsOn = c.choices().values().stream()
                    .flatMap(List::stream)
                    .map(x -> x.tool())
                    .filter(t -> t.kind() == AirTool.Kind.CONTINUOUS)
                    .findFirst();
            boolean method = c.method(MethodTopic.AIR_SMALL_SHOP).is("hose");
            all.add(Finding.of(
                    runsOn.isEmpty() && method,
                    HOSE,
                    Subject.MAIN,
                    Map.of(
                            "tool",
                            Figure.of(runsOn.map(t -> t.name()).orElse(Say.it("metal-first.tool-for-more-than"))))));
        }
        return all;
    }
}
