package mellowflare.core.hose.rules;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.line.HoseNeeds;
import mellowflare.core.measure.Length;
import mellowflare.core.parts.HosePart;
import mellowflare.core.reference.Source;

/** A hose bought whole comes in its own lengths; it is never cut, never spliced, never made up here. */
final class BoughtWhole implements Rule<HoseCase> {
    private static final RuleText TEXT = new RuleText(
            "hose.whole",
            Severity.STOP,
            "{hose} is sold whole in {lengths}: none is {wanted} or a little more.",
            "{hose} is sold whole: use the {taken} one. It is not cut, spliced or fitted here.",
            "{wanted} wanted, sold in {lengths}",
            "Move a port, or ask the maker for the length; a hose a third too long rubs and hangs.",
            Source.house("whole, tested assemblies"));

    @Override
    public List<Finding> check(HoseCase c) {
        if (!c.whole()) {
            return List.of();
        }
        if (c.finished().isEmpty()) {
            return List.of(Finding.notChecked(TEXT, Subject.LENGTH, HoseNeeds.FINISHED));
        }
        HosePart hose = c.hose().orElseThrow();
        Optional<Length> taken = c.wholeLength();
        return List.of(Finding.of(
                taken.isPresent(),
                TEXT,
                Subject.LENGTH,
                Map.of(
                        "hose", Figure.of(hose.part()),
                        "lengths",
                                Figure.of(hose.lengths().stream()
                                        .map(l -> Figure.of(l).text(c.units()))
                                        .collect(Collectors.joining(", "))),
                        "wanted", Figure.of(c.finished().get().value()),
                        "taken", Figure.of(taken.orElse(Length.ZERO)))));
    }
}
