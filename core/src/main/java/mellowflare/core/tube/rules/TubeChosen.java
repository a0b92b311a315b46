package mellowflare.core.tube.rules;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.reference.Source;
import mellowflare.core.tube.line.TubeCase;
import mellowflare.core.tube.stock.TubeSize;

/** Which tube, and which of the two tubes that go by one name. */
final class TubeChosen implements Rule<TubeCase> {
    private static final RuleText TEXT = new RuleText(
            "tube.named",
            Severity.NOTE,
            "{name} is a bore size, {called} outside: flare bar, nut and bender go by the outside diameter, {outside}.",
            "{tube} is named by its outside diameter, {outside}.",
            "plumbing names copper by bore, refrigeration and the rest by outside diameter",
            "Ask for it by outside diameter and wall, and measure what you are handed.",
            Source.of("ASTM B88; ASTM B280"));

    @Override
    public List<Finding> check(TubeCase c) {
        if (c.tube().isEmpty()) {
            return List.of(Finding.notChecked(TEXT, Subject.TUBE, TubeNeeds.TUBE));
        }
        Optional<TubeSize> size = c.size();
        Optional<String> bore = size.flatMap(TubeSize::bore);
        return List.of(Finding.of(
                bore.isEmpty(),
                TEXT,
                Subject.TUBE,
                Map.of(
                        "name", Figure.of(bore.orElse("")),
                        "called", Figure.of(size.map(TubeSize::called).orElse("")),
                        "tube", Figure.of(c.tube().get().name()),
                        "outside", Figure.of(c.tube().get().outside()))));
    }
}
