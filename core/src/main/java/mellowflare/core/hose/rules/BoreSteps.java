package mellowflare.core.hose.rules;

import java.util.ArrayList;
import java.util.Comparator;
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
import mellowflare.core.flow.PipeVelocity;
import mellowflare.core.hose.line.Fitted;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.line.HoseNeeds;
import mellowflare.core.hose.line.Side;
import mellowflare.core.measure.Length;
import mellowflare.core.parts.HoseEndPart;
import mellowflare.core.reference.Source;

/** A narrow end or adapter in a wide hose chokes it: the narrowest place is named, with the speed there where the flow is known. */
final class BoreSteps implements Rule<HoseCase> {
    /** Narrower than this share of the hose's bore is a step worth a word; ends of a matched series lie above it. */
    private static final double NARROW = 0.6;

    private static final RuleText TEXT = new RuleText(
            "line.bore-step",
            Severity.WARN,
            "{part} chokes the line: its bore is {narrow}, the hose has {bore}{speed, select, none {} other {; {speed} in the narrow part}}.",
            "The narrowest bore is {narrow} at {part}; the hose has {bore}{speed, select, none {} other {; {speed} in the narrow part}}.",
            "{narrow} against {bore}",
            "Use the part in the hose's own size, or a hose in the size the port allows.",
            Source.house("bores below six tenths of the hose's"));

    private record Narrow(String part, Length bore) {}

    @Override
    public List<Finding> check(HoseCase c) {
        if (c.hose().isEmpty() || c.a().part().isEmpty() || c.b().part().isEmpty()) {
            List<Need> missing = new ArrayList<>();
            if (c.hose().isEmpty()) {
                missing.add(HoseNeeds.HOSE);
            }
            missing.addAll(List.of(Missing.ends(c)));
            return List.of(Finding.notChecked(TEXT, Subject.LINE, missing.toArray(Need[]::new)));
        }
        List<Narrow> all = new ArrayList<>();
        for (Side s : c.sides()) {
            HoseEndPart part = s.part().orElseThrow();
            if (part.bore().isEmpty()) {
                return List.of(Finding.notChecked(
                        TEXT,
                        Subject.LINE,
                        Needs.fromMaker(
                                "bore-" + part.part(),
                                Say.it("bore-steps.ask-maker", "part", part.part()),
                                s.which().hoseEnd())));
            }
            all.add(new Narrow(part.part(), part.bore().get()));
            for (Fitted f : s.adapters()) {
                all.add(new Narrow(f.part().part(), f.part().bore()));
            }
        }
        Narrow least = all.stream().min(Comparator.comparing(Narrow::bore)).orElseThrow();
        Length bore = c.hose().get().bore();
        String speed = c.service()
                .flow()
                .map(q -> new Figure.OfSpeed(PipeVelocity.metresPerSecond(q, least.bore())).text(c.units()))
                .orElse("none");
        return List.of(Finding.of(
                least.bore().mm() >= NARROW * bore.mm(),
                TEXT,
                Subject.LINE,
                Map.of(
                        "part", Figure.of(least.part()),
                        "narrow", Figure.of(least.bore()),
                        "bore", Figure.of(bore),
                        "speed", Figure.of(speed))));
    }
}
