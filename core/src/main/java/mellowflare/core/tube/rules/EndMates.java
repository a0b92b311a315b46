package mellowflare.core.tube.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Needs;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndCode;
import mellowflare.core.fluid.Fluid;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.Source;
import mellowflare.core.tube.end.EndKinds;
import mellowflare.core.tube.end.EndTraits;
import mellowflare.core.tube.line.TubeCase;
import mellowflare.core.tube.line.TubeSide;

/** The end goes on the port, and the tube has the port's size. */
final class EndMates implements Rule<TubeCase> {
    private static final RuleText TEXT = new RuleText(
            "tube-end.mates",
            Severity.STOP,
            "Never use a {kind} on {port}{never, select, yes {: it may go on, or look right, and never seals} other {}}.",
            "A {kind} fits {port}; it seals at the {seals}.",
            "{kind} is made for {codes}",
            "Use a {right}, or another fitting in between.",
            Source.of("SAE J514, J512, J533; ISO 8434; ISO 4038"));
    private static final RuleText SIZE = new RuleText(
            "tube-end.size",
            Severity.STOP,
            "{port} is for {wants} tube; the tube is {tube}.",
            "{port} is for {tube} tube.",
            "tube {tube}, port {wants}",
            "Use the fitting for {tube} tube, or the tube for this port.",
            Source.of("tube sizes of the end's standard"));
    private static final double SAME_MM = 0.11;

    @Override
    public List<Finding> check(TubeCase c) {
        List<Finding> all = new ArrayList<>();
        for (TubeSide s : c.sides()) {
            Subject about = s.which().joint();
            Optional<End> port = s.port().port();
            if (s.traits().filter(t -> t.codes().isEmpty()).isPresent()) {
                // Brazed on to tube: there is no end to mate with.
                continue;
            }
            if (s.traits().isEmpty() || port.isEmpty()) {
                all.add(Finding.notChecked(
                        TEXT, about, port.isEmpty() ? Needs.port(s.which().end()) : TubeNeeds.kind(s.which())));
                continue;
            }
            EndTraits t = s.traits().get();
            EndCode code = port.get().id().code();
            String right = c.data().get(EndKinds.KEY).madeFor(code, c.fluid().map(Fluid::group)).stream()
                    .findFirst()
                    .map(EndTraits::name)
                    .orElse(Say.it("end-mates.end-made-for", "port", port.get().brief()));
            all.add(Finding.of(
                    t.codes().contains(code),
                    TEXT,
                    about,
                    Map.of(
                            "kind", Figure.of(t.name()),
                            "port", Figure.of(port.get().brief()),
                            "seals", Figure.of(t.sealsAt()),
                            "never", Figure.of(t.never().contains(code) ? "yes" : "no"),
                            "right", Figure.of(right),
                            "codes",
                                    Figure.of(t.codes().stream().map(Enum::name).collect(Collectors.joining(", "))))));
            if (t.codes().contains(code)
                    && c.tube().isPresent()
                    && port.get().tube().isPresent()) {
                Length wants = port.get().tube().get();
                Length has = c.tube().get().outside();
                all.add(Finding.of(
                        wants.distanceTo(has).mm() <= SAME_MM,
                        SIZE,
                        about,
                        Map.of(
                                "port", Figure.of(port.get().brief()),
                                "wants", Figure.of(wants),
                                "tube", Figure.of(has))));
            }
        }
        return all;
    }
}
