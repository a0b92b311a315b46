package mellowflare.core.hose.rules;

import java.util.List;
import java.util.Map;
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
import mellowflare.core.text.Lists;

/** Every kind of fluid has hose that is made for it. */
final class FluidBelongs implements Rule<HoseCase> {
    private static final RuleText TEXT = new RuleText(
            "line.fluid-belongs",
            Severity.STOP,
            "Never use {kind} hose ({hose}) for {fluid}.",
            "{kind} hose is made for {fluid}.",
            "{why}",
            "Use {instead}.",
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
            case OIL, WATER, ESTER -> Say.it("fluid-belongs.kind-fluid");
            case BRAKE -> Say.it("fluid-belongs.brake-hoses-whole-tested");
            case FUEL -> Say.it("fluid-belongs.fuel-permeates-needs-fuel");
            case REFRIGERANT -> Say.it("fluid-belongs.refrigerant-creeps-through-needs");
            case GAS -> Say.it("fluid-belongs.fuel-gas-needs-hose");
            case DRINKING -> Say.it("fluid-belongs.drinking-water-needs-hose");
            case AIR -> Say.it("fluid-belongs.air-blisters-cover-hose");
            case OXIDISER -> Say.it("fluid-belongs.traces-oil-burn-oxidiser");
        };
    }

    private static String instead(HoseCase c, FluidGroup group) {
        String kinds = c.data().get(HoseKinds.KEY).madeFor(group).stream()
                .map(HoseKind::word)
                .collect(Lists.joinedByOr());
        return switch (group) {
            case BRAKE -> Say.it("fluid-belongs.whole-tested-brake-hose");
            case OXIDISER -> Say.it("fluid-belongs.hose-cleaned-listed-for", "kinds", kinds);
            case GAS -> Say.it("fluid-belongs.hose-with-its-ends", "kinds", kinds);
            default -> Say.it("fluid-belongs.hose-its-own-ends", "kinds", kinds);
        };
    }
}
