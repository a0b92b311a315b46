package mellowflare.core.pipe.rules;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Need;
import mellowflare.core.advice.Needs;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.fluid.HighestPressure;
import mellowflare.core.measure.Temperature;
import mellowflare.core.pipe.line.PipeCase;
import mellowflare.core.pipe.makeup.EndKind;
import mellowflare.core.pipe.stock.FittingSystem;
import mellowflare.core.pipe.stock.PipeStock;
import mellowflare.core.reference.Source;

/** Whether fittings and flanges are rated for the pressure at its temperature. */
final class ClassRated implements Rule<PipeCase> {
    private static final RuleText TEXT = new RuleText(
            "pipe.class",
            Severity.STOP,
            "The {part} are rated to {allowed} at {temperature}, {wanted} needed ({what}).",
            "The {part} are rated to {allowed} at {temperature}, enough for {wanted} ({what}).",
            "{source}",
            "Use a higher class, lower the pressure, or damp the surge.",
            Source.house("class against pressure and temperature"));

    private static final RuleText HOT = new RuleText(
            "pipe.class-hot",
            Severity.STOP,
            "The {part} have no rating at {temperature}.",
            "The {part} have a rating at {temperature}.",
            "{source}",
            "Use parts that are rated at this temperature.",
            Source.house("class against pressure and temperature"));

    @Override
    public List<Finding> check(PipeCase c) {
        List<Need> lacks = new ArrayList<>();
        if (c.system().isEmpty()) {
            lacks.add(PipeNeeds.FITTINGS);
        }
        if (c.service().working().isEmpty()) {
            lacks.add(Needs.WORKING);
        }
        if (c.service().fluidTemperature().isEmpty()) {
            lacks.add(Needs.HOTTEST);
        }
        if (!lacks.isEmpty()) {
            return List.of(Finding.notChecked(TEXT, Subject.PIPE, lacks.toArray(Need[]::new)));
        }
        FittingSystem system = c.system().get();
        List<Finding> all = new ArrayList<>();
        system.rating()
                .ifPresent(table -> all.add(
                        finding(c, table, Say.it("class-rated.fittings", "name", system.name()), system.source())));
        if (flanged(c)) {
            all.add(finding(c, PipeStock.FLANGE_150, Say.it("class-rated.flanges"), Source.of("ASME B16.5")));
        }
        return all;
    }

    private static boolean flanged(PipeCase c) {
        return c.laid()
                .map(l -> l.fittings().stream()
                        .anyMatch(f -> f.end().filter(EndKind::flanged).isPresent()))
                .orElse(false);
    }

    private static Finding finding(PipeCase c, String table, String part, Source source) {
        Temperature at = c.service().fluidTemperature().orElseThrow();
        HighestPressure wanted = HighestPressure.of(c.service()).orElseThrow();
        Optional<PipeStock.Allowed> allowed = c.data().get(PipeStock.KEY).allowed(table, at);
        Map<String, Figure> figures = new HashMap<>(Map.of(
                "part", Figure.of(part),
                "temperature", Figure.of(at),
                "wanted", Figure.of(wanted.pressure()),
                "what", Figure.of(wanted.word()),
                "source", Figure.of(allowed.map(a -> a.source().text()).orElse(source.text()))));
        if (allowed.isEmpty()) {
            return Finding.fail(HOT, Subject.PIPE, figures);
        }
        figures.put("allowed", Figure.of(allowed.get().pressure()));
        return Finding.of(wanted.pressure().bar() <= allowed.get().pressure().bar(), TEXT, Subject.PIPE, figures);
    }
}
