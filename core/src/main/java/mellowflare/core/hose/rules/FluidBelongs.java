package mellowflare.core.hose.rules;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Needs;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.fluid.FluidGroup;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.line.HoseNeeds;
import mellowflare.core.parts.HoseKind;
import mellowflare.core.parts.HoseKinds;
import mellowflare.core.parts.HosePart;
import mellowflare.core.reference.Source;

/** Every kind of fluid has hose that is made for it. */
final class FluidBelongs implements Rule<HoseCase> {
    private static final RuleText TEXT = new RuleText(
            "line.fluid-belongs",
            Severity.STOP,
            "{hose} is {kind} hose; {fluid} does not belong in it.",
            "{fluid} belongs in {kind} hose.",
            "{why}",
            "Take {instead}.",
            Source.house("kinds of hose by service"));

    @Override
    public List<Finding> check(HoseCase c) {
        if (c.fluid().isEmpty() || c.hose().isEmpty()) {
            return List.of(Finding.notChecked(TEXT, Subject.LINE, c.fluid().isEmpty() ? Needs.FLUID : HoseNeeds.HOSE));
        }
        FluidGroup group = c.fluid().get().group();
        HosePart hose = c.hose().get();
        return List.of(Finding.of(
                c.traits().orElseThrow().groups().contains(group),
                TEXT,
                Subject.LINE,
                Map.of(
                        "hose", Figure.of(hose.part()),
                        "kind", Figure.of(hose.kind().word()),
                        "fluid", Figure.of(c.fluid().get().name()),
                        "why", Figure.of(why(group)),
                        "instead", Figure.of(instead(c, group)))));
    }

    private static String why(FluidGroup group) {
        return switch (group) {
            case OIL, WATER, ESTER -> "kind of fluid";
            case BRAKE -> "brake hoses are whole, tested assemblies";
            case FUEL -> "fuel permeates and needs fuel hose";
            case REFRIGERANT -> "refrigerant creeps through and needs barrier hose";
            case GAS -> "fuel gas needs hose made and marked for it";
            case DRINKING -> "drinking water needs hose approved for it";
            case AIR -> "air blisters the cover of hose that is not made for it";
            case OXIDISER -> "traces of oil burn in an oxidiser";
        };
    }

    private static String instead(HoseCase c, FluidGroup group) {
        String kinds = c.data().get(HoseKinds.KEY).madeFor(group).stream()
                .map(HoseKind::word)
                .collect(Collectors.joining(" or "));
        return switch (group) {
            case BRAKE -> "the whole tested brake hose for this vehicle";
            case OXIDISER -> kinds + " hose, cleaned and listed for it";
            case GAS -> kinds + " hose with its ends made on, as the code asks";
            default -> kinds + " hose and its own ends";
        };
    }
}
