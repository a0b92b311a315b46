package mellowflare.core.tube.rules;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Needs;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.flow.PipeVelocity;
import mellowflare.core.flow.WaterSpeeds;
import mellowflare.core.fluid.Duty;
import mellowflare.core.fluid.Fluid;
import mellowflare.core.fluid.FluidGroup;
import mellowflare.core.material.Metal;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.Source;
import mellowflare.core.tube.line.TubeCase;

/** Flow against bore: a guide for each duty of a line. */
final class FlowRuns implements Rule<TubeCase> {
    private static final RuleText TEXT = new RuleText(
            "tube.velocity",
            Severity.WARN,
            "The flow is too fast: {speed} for {flow} through a bore of {bore}; the guide for {duty} lines is {guide}.",
            "{flow} through a bore of {bore} flows at {speed}, within the guide of {guide} for {duty} lines.",
            "{speed} against {guide}",
            "Use the next larger tube, or accept heat and pressure drop.",
            Source.house("common velocity guides for pressure, return and suction lines"));

    private static final RuleText WATER = new RuleText(
            "tube.water-velocity",
            Severity.WARN,
            "The water is too fast: {speed} for {flow} through a bore of {bore}; the limit for water in copper is {guide}.",
            "{flow} through a bore of {bore} flows at {speed}, within the {guide} limit for water in copper.",
            "{speed} against {guide} at this temperature",
            "Use the next larger tube: faster water wears the wall away and hammers.",
            Source.of("copper tube handbook: 2.4 m/s cold, 1.5 m/s hot, 0.9 m/s above 60 C"));

    @Override
    public List<Finding> check(TubeCase c) {
        boolean water = copper(c) && c.fluid().filter(FlowRuns::plainWater).isPresent();
        RuleText rule = water ? WATER : TEXT;
        if (c.tube().isEmpty() || c.service().flow().isEmpty()) {
            return List.of(Finding.notChecked(rule, Subject.TUBE, c.tube().isEmpty() ? TubeNeeds.TUBE : Needs.FLOW));
        }
        Length bore = c.tube().get().bore();
        Duty duty = c.service().duty();
        double speed = PipeVelocity.metresPerSecond(c.service().flow().get(), bore);
        double guide = water
                ? c.data().get(WaterSpeeds.KEY).most(c.service().fluidTemperature())
                : duty.guideMetresPerSecond();
        return List.of(Finding.of(
                speed <= guide,
                rule,
                Subject.TUBE,
                Map.of(
                        "flow", Figure.of(c.service().flow().get()),
                        "bore", Figure.of(bore),
                        "speed", new Figure.OfSpeed(speed),
                        "guide", new Figure.OfSpeed(guide),
                        "duty", Figure.of(duty.word()))));
    }

    private static boolean copper(TubeCase c) {
        return c.tube().filter(t -> t.material().metal() == Metal.COPPER).isPresent();
    }

    /** Water that wears copper: not what has glycol or an inhibitor in it. */
    private static boolean plainWater(Fluid fluid) {
        return fluid.group() == FluidGroup.DRINKING || fluid.id().equals("water");
    }
}
