package mellowflare.core.tube.flare;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Needs;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.reference.Source;
import mellowflare.core.tube.end.FlareBand;

/** What is wrong with a flare tried at the bench, as findings: each fault that a look would find. */
public final class FlareFindings {
    private static final RuleText FAULT = new RuleText(
            "flare.fault",
            Severity.WARN,
            "At this setting the flare comes out {fault}: {looks}.",
            "At this setting the flare comes out good: one rim, in its band, {diameter} across.",
            "flare bench with the house figure of the tool, {diameter} across",
            "Check the first flare on scrap: it decides. A flare that really looks like that is cut off and never flared again.",
            Source.house("a model of flaring; the first flare on scrap decides"));
    private static final RuleText SCORED = new RuleText(
            "flare.scored",
            Severity.WARN,
            "The flare is {fault}: {looks}.",
            "The flare is not scored.",
            "flare bench",
            "Polish or renew the cone, and oil it.",
            Source.house("a model of flaring"));
    private static final RuleText BAND = new RuleText(
            "flare.band-known",
            Severity.WARN,
            "",
            "The flare diameter must be {low} to {high}.",
            "{source}",
            "Choose the fluid or the port: without a band the diameter cannot be judged.",
            Source.of("JIS B 8607; MS33584; bore of the thread"));

    private static final RuleText TELLS = new RuleText(
            "flare.calibration",
            Severity.WARN,
            "These {count} flares do not show how the tool works: {why}.",
            "{count} scrap flares show a sink of {sink} for the tool, ± {spread}.",
            "sink {sink}, spread {spread}",
            "Flare three new pieces with the same stick-out, clamp them hard, and measure each across its widest and narrowest.",
            Source.house("three scrap flares tell the sink of a tool"));

    private FlareFindings() {}

    /** Whether scrap flares tell how a tool is. */
    public static Finding of(FlareCalibration c) {
        return Finding.of(
                c.sound(),
                TELLS,
                Subject.TUBE,
                Map.of(
                        "count", Figure.of(Integer.toString(c.flares())),
                        "sink", Figure.of(c.sink()),
                        "spread", Figure.of(c.spread()),
                        "why",
                                Figure.of(
                                        c.agrees()
                                                ? Say.it("flare-findings.no-tool-hides-so")
                                                : Say.it("flare-findings.they-disagree-too-much"))));
    }

    /** The findings on a flare. */
    public static List<Finding> of(FlareMade made, Optional<FlareBand> band) {
        List<Finding> all = new ArrayList<>();
        for (FlareFault f : FlareFault.values()) {
            if (made.faults().contains(f)) {
                all.add(Finding.fail(
                        f == FlareFault.SCORED ? SCORED : FAULT,
                        Subject.TUBE,
                        Map.of(
                                "fault", Figure.of(f.word()),
                                "looks", Figure.of(f.words()),
                                "diameter", Figure.of(made.diameter()))));
            }
        }
        if (band.isEmpty()) {
            all.add(Finding.notChecked(BAND, Subject.TUBE, Needs.FLUID));
        } else if (all.isEmpty()) {
            all.add(Finding.pass(
                    FAULT,
                    Subject.TUBE,
                    Map.of("diameter", Figure.of(made.diameter()), "fault", Figure.of(""), "looks", Figure.of(""))));
        }
        return all;
    }
}
