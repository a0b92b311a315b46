package mellowflare.core.hose.rules;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Needs;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.line.HoseNeeds;
import mellowflare.core.measure.Length;
import mellowflare.core.parts.Here;
import mellowflare.core.parts.HosePart;
import mellowflare.core.parts.WrenchRoom;
import mellowflare.core.reference.Source;

/** A hole in a panel must let the largest part pass that has to, and its edge must not saw on the hose. */
final class ThroughPanel implements Rule<HoseCase> {
    private static final RuleText HOSE = new RuleText(
            "here.panel",
            Severity.STOP,
            "The hole is too small for the hose: {hole}; the hose is {outside} and needs an edge guard besides.",
            "The hose ({outside}) passes through the hole of {hole}.",
            "{hole} against {outside}",
            "Check the place from both sides before you enlarge the hole, or use a bulkhead adapter with its nut.",
            Source.house("2 mm of room round what passes"));
    private static final RuleText ENDS = new RuleText(
            "here.panel-ends",
            Severity.WARN,
            "No finished end passes through the hole: the smaller, {largest}, needs {needed}; the hole is {hole}.",
            "End {end} passes through the hole of {hole}; it needs {needed}. Push it through from the other side.",
            "{needed} against {hole}, across the corners, elbows with their outlet",
            "Put the hose through before the second end goes on, or enlarge the hole; a finished hose will not go in.",
            Source.house("largest part that must pass"));
    private static final RuleText EDGE = new RuleText(
            "here.panel-edge",
            Severity.WARN,
            "The edge of the hole is bare: it will saw through the cover.",
            "The edge of the hole is guarded.",
            "bare metal on rubber",
            "Fit a grommet or sleeve, clamp the hose on both sides, and fit a stop so that it cannot be pulled through.",
            Source.of("SAE J1273"));

    private record Passing(String which, Length needs) {}

    @Override
    public List<Finding> check(HoseCase c) {
        Optional<Here.Panel> panel = c.here().panel();
        if (panel.isEmpty()) {
            return List.of();
        }
        List<Finding> all = new ArrayList<>();
        Length hole = panel.get().hole();
        Optional<Length> outside = c.hose().map(HosePart::outside);
        all.add(outside.map(o -> Finding.of(
                        hole.compareTo(WrenchRoom.hole(o)) >= 0,
                        HOSE,
                        Subject.HOSE,
                        Map.of("hole", Figure.of(hole), "outside", Figure.of(o))))
                .orElseGet(() -> Finding.notChecked(HOSE, Subject.HOSE, HoseNeeds.HOSE)));
        List<Passing> ends = c.sides().stream()
                .flatMap(s -> s
                        .part()
                        .flatMap(WrenchRoom::passes)
                        .map(n -> new Passing(s.which().name(), WrenchRoom.hole(n)))
                        .stream())
                .sorted(Comparator.comparing(Passing::needs))
                .toList();
        if (ends.isEmpty()) {
            all.add(Finding.notChecked(
                    ENDS, Subject.LINE, Needs.fromMaker("hexes", Say.it("through-panel.ask-maker"), Subject.LINE)));
        } else {
            Passing least = ends.get(0);
            all.add(Finding.of(
                    hole.compareTo(least.needs()) >= 0,
                    ENDS,
                    Subject.LINE,
                    Map.of(
                            "largest", Figure.of(Say.it("through-panel.end", "which", least.which())),
                            "end", Figure.of(least.which()),
                            "needed", Figure.of(least.needs()),
                            "hole", Figure.of(hole))));
        }
        all.add(Finding.of(panel.get().guarded(), EDGE, Subject.HOSE, Map.of()));
        return all;
    }
}
