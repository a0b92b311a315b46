package mellowflare.core.hose.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Need;
import mellowflare.core.advice.Needs;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.flow.PipeFriction;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.line.HoseNeeds;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.PressureDifference;
import mellowflare.core.reference.Source;

/** What the hose takes off the pressure, by Darcy with the liquid's viscosity at its temperature. */
final class PressureDrop implements Rule<HoseCase> {
    private static final RuleText TEXT = new RuleText(
            "hose.pressure-drop",
            Severity.WARN,
            "The pressure drop in the hose is {drop}; the guide for {duty} lines is {most}.",
            "The pressure drop in the hose is {drop}, {regime}.",
            "{drop} at {speed}, Reynolds number {reynolds}, {regime}; ends and adapters not counted",
            "Use the next larger bore, or a shorter route.",
            Source.of("Darcy; 64/Re, Blasius, Prandtl"));

    @Override
    public List<Finding> check(HoseCase c) {
        if (c.fluid().filter(f -> f.viscosity().isEmpty()).isPresent()) {
            return List.of();
        }
        if (c.friction().isEmpty()) {
            return List.of(Finding.notChecked(TEXT, Subject.HOSE, missing(c)));
        }
        PipeFriction f = c.friction().get();
        PressureDifference most = most(c);
        return List.of(Finding.of(
                f.drop().compareTo(most) <= 0,
                TEXT,
                Subject.HOSE,
                Map.of(
                        "drop", Figure.of(f.drop()),
                        "most", Figure.of(most),
                        "duty", Figure.of(c.service().duty().word()),
                        "speed", new Figure.OfSpeed(f.metresPerSecond()),
                        "reynolds", Figure.of(LengthFormat.decimal(f.reynolds(), 0, 0)),
                        "regime", Figure.of(regime(f)))));
    }

    /** Guide: a twentieth of the working pressure, 2 bar in a return, a tenth of a bar under suction (house). */
    private static PressureDifference most(HoseCase c) {
        return PressureDifference.ofBar(
                switch (c.service().duty()) {
                    case PRESSURE ->
                        Math.max(
                                0.1,
                                0.05 * c.service().working().map(w -> w.bar()).orElse(100.0));
                    case RETURN -> 2;
                    case SUCTION -> 0.1;
                });
    }

    private static String regime(PipeFriction f) {
        return switch (f.regime()) {
            case LAMINAR -> "laminar";
            case TURBULENT -> "turbulent";
            case UNCERTAIN -> Say.it("pressure-drop.between-laminar-turbulent-larger");
        };
    }

    private static Need[] missing(HoseCase c) {
        List<Need> missing = new ArrayList<>();
        if (c.hose().isEmpty()) {
            missing.add(HoseNeeds.HOSE);
        }
        if (c.fluid().isEmpty()) {
            missing.add(Needs.FLUID);
        }
        if (c.service().fluidTemperature().isEmpty()) {
            missing.add(Needs.HOTTEST);
        }
        if (c.service().flow().isEmpty()) {
            missing.add(Needs.FLOW);
        }
        if (c.finished().isEmpty()) {
            missing.add(HoseNeeds.FINISHED);
        }
        return missing.toArray(Need[]::new);
    }
}
