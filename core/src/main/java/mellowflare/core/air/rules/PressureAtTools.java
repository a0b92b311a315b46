package mellowflare.core.air.rules;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Need;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.air.demand.AirTool;
import mellowflare.core.air.demand.Compressor;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.PressureDifference;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.Source;

/** Pressure at every tool in the worst that may run together. */
final class PressureAtTools implements Rule<AirCase> {
    private static final Source RESTS_ON =
            new Source("ISO 8778 flow of the house list of tools; Darcy and Colebrook", Confidence.TYPICAL);

    private static final RuleText TEXT = new RuleText(
            "air.tool-pressure",
            Severity.STOP,
            "The {tool} at {piece} gets too little: {pressure}, {need} needed.",
            "Lowest is the {tool} at {piece}: {pressure}, {need} needed.",
            "{pressure} against {need} at the tool, with the worst tools running together, {reserve}",
            "Fit a larger pipe where most is lost, a shorter or wider hose, or close a loop. Sizes shows what each one gains.",
            RESTS_ON);

    private static final RuleText NEAR = new RuleText(
            "air.tool-pressure-near",
            Severity.WARN,
            "The {tool} at {piece} gets {pressure}, {need} needed: {short} short, less than a gauge can show.",
            "No tool is short by less than a gauge can show.",
            "a class 1.6 gauge reading to {scale} is accurate to {error}; {reserve}",
            "Measure at the running tool before you change anything.",
            new Source("EN 837-1 class 1.6; ISO 8778 flow of the house list of tools", Confidence.TYPICAL));

    private static final RuleText CUT_IN = new RuleText(
            "air.cut-in",
            Severity.STOP,
            "The compressor cuts in too low: {cutIn} leaves {supply} for the main, and the {tool} at {piece} needs {need}. No larger pipe helps.",
            "The compressor cuts in high enough for every tool: {supply} for the main, {need} needed.",
            "cut-in less the drop of dryer and filters, before the pipe takes anything; {reserve}",
            "Raise the cut-in to at least {raised} if compressor and relief valve allow it, or use a tool that needs less.",
            RESTS_ON);

    /** Ends of the scales of gauges (bar). */
    private static final List<Double> SCALES = List.of(6.0, 10.0, 16.0, 25.0, 40.0);

    private static final double CLASS = 0.016;

    @Override
    public List<Finding> check(AirCase c) {
        if (c.choices().isEmpty() || !c.flows()) {
            Need missing = c.choices().isEmpty()
                    ? AirNeeds.tools(c)
                    : c.feeds().isEmpty() ? AirNeeds.COMPRESSOR : AirNeeds.size(c);
            return Stream.of(TEXT, NEAR, CUT_IN)
                    .map(t -> Finding.notChecked(t, Subject.OUTLET, missing))
                    .toList();
        }
        List<Finding> all = new ArrayList<>();
        c.together().scenario().running().entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .forEach(e -> lacks(c, e.getKey(), e.getValue()).ifPresent(all::add));
        c.together().tight().ifPresent(tight -> {
            AirTool tool = c.together().scenario().running().get(tight);
            for (RuleText t : List.of(TEXT, NEAR, CUT_IN)) {
                if (all.stream().noneMatch(f -> f.rule().equals(t)) && (t != TEXT || all.isEmpty())) {
                    all.add(Finding.pass(t, Subject.OUTLET, figures(c, tight, tool)));
                }
            }
        });
        return all;
    }

    /** What a tool lacks, and which of the three is the cure. */
    private static Optional<Finding> lacks(AirCase c, String outlet, AirTool tool) {
        Optional<GaugePressure> gets = c.pressure(AirCase.toolAt(outlet));
        if (gets.isEmpty() || gets.get().compareTo(tool.need()) >= 0) {
            return Optional.empty();
        }
        RuleText text = supply(c).compareTo(tool.need()) < 0
                ? CUT_IN
                : tool.need().bar() - gets.get().bar() <= CLASS * scale(c) ? NEAR : TEXT;
        return Optional.of(Finding.fail(text, Subject.OUTLET, figures(c, outlet, tool)));
    }

    /** The most that a compressor still gives when it starts again, dryer and filters taken off. */
    private static GaugePressure supply(AirCase c) {
        return GaugePressure.ofBar(
                strongest(c).cutIn().bar() - c.main().plant().lost().bar());
    }

    private static Compressor strongest(AirCase c) {
        return c.feeds().values().stream()
                .max(Comparator.comparing(Compressor::cutIn))
                .orElseThrow();
    }

    private static double scale(AirCase c) {
        double most = strongest(c).cutOut().bar();
        return SCALES.stream().filter(s -> s > most).findFirst().orElse(SCALES.get(SCALES.size() - 1));
    }

    private static Map<String, Figure> figures(AirCase c, String outlet, AirTool tool) {
        GaugePressure gets = c.pressure(AirCase.toolAt(outlet)).orElse(GaugePressure.ofBar(0));
        double lacks = Math.max(0, tool.need().bar() - gets.bar());
        GaugePressure cutIn = strongest(c).cutIn();
        return Map.ofEntries(
                Map.entry("piece", Figure.of(outlet)),
                Map.entry("tool", Figure.of(tool.name())),
                Map.entry("pressure", Figure.of(gets)),
                Map.entry("need", Figure.of(tool.need())),
                Map.entry("short", Figure.of(PressureDifference.ofBar(lacks))),
                Map.entry("scale", Figure.of(GaugePressure.ofBar(scale(c)))),
                Map.entry("error", Figure.of(PressureDifference.ofBar(CLASS * scale(c)))),
                Map.entry("cutIn", Figure.of(cutIn)),
                Map.entry("supply", Figure.of(supply(c))),
                Map.entry("raised", Figure.of(GaugePressure.ofBar(Math.ceil((cutIn.bar() + lacks) * 10 - 1e-6) / 10))),
                Map.entry(
                        "reserve",
                        Figure.of(Say.it(
                                "pressure-at-tools.leaks-growth-counted",
                                "percent",
                                percent(c.main().use().leak()),
                                "percentB",
                                percent(c.main().use().growth())))));
    }

    private static String percent(double share) {
        return LengthFormat.decimal(share * 100, 0, 0) + " %";
    }
}
