package mellowflare.core.hose.rules;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.hose.HoseCase;
import mellowflare.core.reference.Source;

/** Hydraulic hose is not for brakes, and not for fuel. */
final class FluidBelongs implements Rule<HoseCase> {
    private static final RuleText TEXT = new RuleText(
            "line.fluid-belongs",
            Severity.STOP,
            "{hose} is hydraulic hose; {fluid} does not belong in it.",
            "{fluid} belongs in hydraulic hose.",
            "{why}",
            "{instead}",
            Source.house("kinds of hose by service"));

    @Override
    public List<Finding> check(HoseCase c) {
        if (c.fluid().isEmpty() || c.hose().isEmpty()) {
            return List.of(Finding.notChecked(TEXT, Subject.LINE, c.fluid().isEmpty() ? "fluid" : "hose"));
        }
        boolean brake = c.fluid().get().group().equals("brake");
        boolean fuel = c.fluid().get().burnsEasily();
        return List.of(Finding.of(
                !brake && !fuel,
                TEXT,
                Subject.LINE,
                Map.of(
                        "hose", Figure.of(c.hose().get().part()),
                        "fluid", Figure.of(c.fluid().get().name()),
                        "why",
                                Figure.of(
                                        brake
                                                ? "brake hoses are whole, tested assemblies"
                                                : fuel ? "fuel permeates and needs fuel hose" : "kind of fluid"),
                        "instead",
                                Figure.of(
                                        brake
                                                ? "Buy the whole tested brake hose for this vehicle."
                                                : "Take low-permeation fuel hose and its own ends."))));
    }
}
