package mellowflare.core.hose.rules;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.fluid.FluidGroup;
import mellowflare.core.hose.HoseCase;
import mellowflare.core.reference.Source;

/** Hydraulic hose is for oil, water mixtures and esters; every other kind of fluid has hose of its own. */
final class FluidBelongs implements Rule<HoseCase> {
    private static final Set<FluidGroup> HYDRAULIC = EnumSet.of(FluidGroup.OIL, FluidGroup.WATER, FluidGroup.ESTER);
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
        FluidGroup group = c.fluid().get().group();
        return List.of(Finding.of(
                HYDRAULIC.contains(group),
                TEXT,
                Subject.LINE,
                Map.of(
                        "hose", Figure.of(c.hose().get().part()),
                        "fluid", Figure.of(c.fluid().get().name()),
                        "why", Figure.of(why(group)),
                        "instead", Figure.of(instead(group)))));
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

    private static String instead(FluidGroup group) {
        return switch (group) {
            case OIL, WATER, ESTER -> "Nothing.";
            case BRAKE -> "Buy the whole tested brake hose for this vehicle.";
            case FUEL -> "Take low-permeation fuel hose and its own ends.";
            case REFRIGERANT -> "Take refrigerant barrier hose and its own crimped ends.";
            case GAS -> "Take a gas hose with its ends made on, as the code asks.";
            case DRINKING -> "Take hose and ends approved for drinking water.";
            case AIR -> "Take air hose, or hydraulic hose with a pricked cover by its maker's word.";
            case OXIDISER -> "Take parts cleaned and listed for it.";
        };
    }
}
