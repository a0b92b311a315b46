package mellowflare.core.fluid;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Needs;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.reference.Source;

/** A line is built only for a fluid that the tables know: oxygen and its like are refused, an unknown name is never taken as “not said”. */
public final class FluidServed {
    private static final RuleText TEXT = new RuleText(
            "line.fluid-served",
            Severity.STOP,
            "{says}",
            "The program covers lines for {fluid}.",
            "{source}",
            "Do not build this line with this program.",
            Source.house("fluids and fluids that are refused"));

    private FluidServed() {}

    /** Whether an order of work may be written: no fluid is named yet, or a known one. */
    public static boolean serves(Service service, ReferenceData data) {
        return service.fluid()
                .map(id -> data.get(FluidTable.KEY).find(id).isPresent())
                .orElse(true);
    }

    /** The finding on the fluid of a service. */
    public static List<Finding> check(Service service, ReferenceData data) {
        FluidTable fluids = data.get(FluidTable.KEY);
        if (service.fluid().isEmpty()) {
            return List.of(Finding.notChecked(TEXT, Subject.LINE, Needs.FLUID));
        }
        String id = service.fluid().get();
        Optional<Fluid> known = fluids.find(id);
        if (known.isPresent()) {
            return List.of(Finding.pass(
                    TEXT,
                    Subject.LINE,
                    Map.of(
                            "fluid", Figure.of(known.get().name()),
                            "source", Figure.of(known.get().source().text()))));
        }
        Optional<FluidTable.Refused> refused = fluids.refused(id);
        return List.of(Finding.fail(
                TEXT,
                Subject.LINE,
                Map.of(
                        "says",
                        Figure.of(refused.map(FluidTable.Refused::says)
                                .orElse(Say.it("fluid-served.the-fluid-not-known", "id", id))),
                        "source",
                        Figure.of(refused.map(r -> r.source().text())
                                .orElse(Say.it("fluid-served.lubricant-metals-rings-tests"))))));
    }
}
