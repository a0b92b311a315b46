package mellowflare.core.tube.rules;

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
import mellowflare.core.fluid.FluidGroup;
import mellowflare.core.fluid.HighestPressure;
import mellowflare.core.material.SolderedJoints;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Temperature;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.Source;
import mellowflare.core.tube.end.TubeEndKind;
import mellowflare.core.tube.line.TubeCase;
import mellowflare.core.tube.line.TubeSide;

/** A soldered socket withstands less than its tube, the less the hotter. On drinking water the socket is soldered; on water and air it may be brazed. */
final class SolderHolds implements Rule<TubeCase> {
    private static final Map<Severity, RuleText> TEXTS = RuleText.bySeverity(
            "tube.solder",
            "Soldered sockets on {tube} tube are too weak: rated to {rated} at {hot}, {wanted} needed ({what}).",
            "Soldered sockets on {tube} tube are rated to {rated} at {hot}, enough for {wanted} ({what}).",
            "{rated} at {hot}",
            "Braze the joint where the code allows it, or lower the pressure or the temperature.",
            new Source("EN 1254-1, soft-soldered joints", Confidence.TYPICAL));

    @Override
    public List<Finding> check(TubeCase c) {
        return c.sides().stream()
                .filter(s ->
                        s.traits().filter(t -> t.kind() == TubeEndKind.SWAGE).isPresent())
                .flatMap(s -> check(c, s).stream())
                .toList();
    }

    private static Optional<Finding> check(TubeCase c, TubeSide side) {
        Optional<FluidGroup> group = c.fluid().map(f -> f.group());
        boolean soldered = group.filter(FluidGroup.DRINKING::equals).isPresent();
        boolean maybe =
                group.filter(g -> g == FluidGroup.WATER || g == FluidGroup.AIR).isPresent();
        if (c.tube().isEmpty() || !soldered && !maybe) {
            return Optional.empty();
        }
        RuleText text = TEXTS.get(soldered ? Severity.STOP : Severity.WARN);
        Subject about = side.which().joint();
        Optional<HighestPressure> wanted = HighestPressure.of(c.service());
        Optional<Temperature> hot = c.service().fluidTemperature();
        if (wanted.isEmpty() || hot.isEmpty()) {
            return Optional.of(Finding.notChecked(text, about, wanted.isEmpty() ? Needs.WORKING : Needs.HOTTEST));
        }
        Length outside = c.tube().get().outside();
        Optional<GaugePressure> rated = c.data().get(SolderedJoints.KEY).rated(outside, hot.get());
        return Optional.of(Finding.of(
                rated.filter(b -> b.compareTo(wanted.get().pressure()) >= 0).isPresent(),
                text,
                about,
                Map.of(
                        "tube", Figure.of(outside),
                        "rated", rated.map(Figure::of).orElse(Figure.of(Say.it("solder-holds.no-pressure-that-table"))),
                        "hot", Figure.of(hot.get()),
                        "wanted", Figure.of(wanted.get().pressure()),
                        "what", Figure.of(wanted.get().word()))));
    }
}
