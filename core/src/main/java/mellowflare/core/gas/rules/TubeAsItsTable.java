package mellowflare.core.gas.rules;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.gas.stock.CorrugatedTube;
import mellowflare.core.gas.stock.GasSize;
import mellowflare.core.gas.work.GasCase;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.Source;

/** Corrugated tube goes by its maker's table and by nothing else. */
final class TubeAsItsTable implements Rule<GasCase> {
    private static final Source BY = new Source("NFPA 54 6.2, 7.2.7: capacity by the maker's table", Confidence.SURE);

    private static final RuleText NONE = new RuleText(
            "gas.tube-table",
            Severity.WARN,
            "No size of corrugated tube is known here: what it lets through stands in its maker's table and nowhere else.",
            "The maker's table of the corrugated tube is known here.",
            "sizes of corrugated tube that were brought in",
            "Import one line of that table for each size (a file gastube), or run rigid pipe.",
            BY);

    private static final RuleText NEAR = new RuleText(
            "gas.tube-near",
            Severity.NOTE,
            "Corrugated tube counts here as smooth pipe that agrees with one line of its maker's table ({sizes}); at other lengths and flows it is near, not exact.",
            "No corrugated tube is counted as smooth pipe.",
            "the line of the maker's table",
            "Look the final sizes up in the maker's table; that table decides.",
            BY);

    @Override
    public List<Finding> check(GasCase c) {
        if (c.system().filter(s -> s.id().equals(CorrugatedTube.SYSTEM)).isEmpty()) {
            return List.of();
        }
        List<GasSize> sizes = c.stock().sizes(CorrugatedTube.SYSTEM);
        if (sizes.isEmpty()) {
            return List.of(Finding.fail(NONE, Subject.SIZES, Map.of()));
        }
        return List.of(
                Finding.pass(NONE, Subject.SIZES, Map.of()),
                Finding.fail(
                        NEAR,
                        Subject.SIZES,
                        Map.of(
                                "sizes",
                                Figure.of(String.join(
                                        ", ", sizes.stream().map(GasSize::size).toList())))));
    }
}
