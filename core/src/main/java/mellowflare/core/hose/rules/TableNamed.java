package mellowflare.core.hose.rules;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.fluid.PressureBasis;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.line.HoseNeeds;
import mellowflare.core.parts.HosePart;
import mellowflare.core.reference.Source;

/** A standard hose pressure names its table: the older inch tables and the metric ones differ for one and the same hose. */
final class TableNamed implements Rule<HoseCase> {
    private static final RuleText TEXT = new RuleText(
            "hose.pressure-table",
            Severity.NOTE,
            "You asked for metric pressure tables; the catalogue has none for {hose}. Its {working} is by {source}.",
            "{hose} is rated to {working} by {source}{other, select, none {} other {; {other}}}.",
            "{source}",
            "Read what is printed on the hose; the maker's figure for it decides.",
            Source.of("SAE J517; ISO 1436; EN 853"));

    @Override
    public List<Finding> check(HoseCase c) {
        if (c.hose().isEmpty()) {
            return List.of(Finding.notChecked(TEXT, Subject.HOSE, HoseNeeds.HOSE));
        }
        HosePart hose = c.hose().get();
        boolean metric = c.service().basis() == PressureBasis.METRIC;
        boolean held = hose.metric().isPresent();
        String other = held
                ? metric
                        ? Say.it(
                                "table-named.catalogue-s-own-figure",
                                "working",
                                Figure.of(hose.working()).text(c.units()))
                        : Say.it(
                                "table-named.gives",
                                "metricSource",
                                hose.metricSource(),
                                "metric",
                                Figure.of(hose.metric().get()).text(c.units()))
                : "none";
        return List.of(Finding.of(
                !metric || held,
                TEXT,
                Subject.HOSE,
                Map.of(
                        "hose", Figure.of(hose.part()),
                        "working", Figure.of(hose.working(c.service().basis())),
                        "source",
                                Figure.of(
                                        metric && held
                                                ? hose.metricSource()
                                                : hose.source().text()),
                        "other", Figure.of(other))));
    }
}
