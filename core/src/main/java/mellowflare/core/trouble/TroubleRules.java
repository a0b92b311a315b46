package mellowflare.core.trouble;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.fluid.FluidGroup;
import mellowflare.core.reference.Source;

/** What goes for every look at a leak, and what a cause forbids. */
final class TroubleRules {
    private static final RuleText FEEL = new RuleText(
            "trouble.feel",
            Severity.WARN,
            "Never feel for a leak by hand.",
            "",
            "a jet too fine to be seen goes through skin and glove; an injection wound goes to a surgeon at once",
            "Let the pressure off and prove zero at a gauge, or look with a card and a light.",
            Source.of("ISO 4413; SAE J1273"));
    private static final RuleText FLAME = new RuleText(
            "trouble.flame",
            Severity.WARN,
            "Never look for a gas leak with a flame.",
            "",
            "gas burns and explodes",
            "Shut it, air the room, no switch. Soap or a detector; licensed people where the local code wants them.",
            Source.of("NFPA 54 8.1; local code"));
    private static final RuleText OFF = new RuleText(
            "trouble.off-first",
            Severity.WARN,
            "Let the pressure off and prove zero before anything is tightened or opened.",
            "",
            "a joint under pressure gives way while it is turned",
            "Shut it, lock it, let it off, read zero at a gauge or an open tap.",
            Source.of("ISO 4413; ISO 4414; trade practice"));
    private static final RuleText CERTIFIED = new RuleText(
            "trouble.certified",
            Severity.WARN,
            "Only a certified person opens a refrigerant circuit.",
            "",
            "refrigerant freezes eyes and skin, and must not be vented",
            "Have it recovered until the gauges read zero; local law decides who may.",
            Source.of("EN 378-4; local law"));
    private static final RuleText RE_FLARE = new RuleText(
            "trouble.never-re-flare",
            Severity.WARN,
            "Do not tighten a flare further that is tight and leaks, and never flare it again.",
            "",
            "a flare that leaks when it is tight has a fault that force makes worse",
            "Cut it off and make a new one, or replace the fitting.",
            Source.of("SAE J533; ISO 8434-2; trade practice"));
    private static final RuleText UNKNOWN = new RuleText(
            "trouble.unknown",
            Severity.WARN,
            "None of the known causes fits well: {unknown} that it is something else.",
            "",
            "signs against every cause in the tables",
            "Check the signs again. Ask somebody who knows the machine before anything is replaced.",
            Source.house("chance of a cause that is in no table"));

    private static final RuleText MEASURED = new RuleText(
            "trouble.measured",
            Severity.NOTE,
            "What was measured is not weighed here: {measured}.",
            "",
            "what it should be is known on the line's own page, not here",
            "Compare it with the page of the line, and answer the look that it belongs to.",
            Source.house("a figure tells only beside the one it should be"));

    private static final double MUCH = 0.4;
    private static final int FIRST = 3;

    private TroubleRules() {}

    static List<Finding> check(TroubleAsk ask, List<Diagnosis.Suspect> suspects, double unknown) {
        List<Finding> all = new ArrayList<>();
        boolean gas = ask.what() == What.GAS
                || ask.fluid().filter(f -> f.group() == FluidGroup.GAS).isPresent();
        if (gas) {
            all.add(Finding.fail(FLAME, Subject.LINE, Map.of()));
        }
        if (ask.fluid().filter(f -> f.group() == FluidGroup.REFRIGERANT).isPresent()) {
            all.add(Finding.fail(CERTIFIED, Subject.LINE, Map.of()));
        }
        all.add(Finding.fail(OFF, Subject.LINE, Map.of()));
        if (ask.what() != What.VALVE && ask.what() != What.WATER) {
            all.add(Finding.fail(FEEL, Subject.LINE, Map.of()));
        }
        boolean flare = suspects.stream()
                .limit(FIRST)
                .anyMatch(s ->
                        s.cause().needs().contains(Family.FLARE) && s.cause().verdict() != Verdict.TIGHTEN);
        if (flare && unknown < MUCH) {
            all.add(Finding.fail(RE_FLARE, Subject.LINE, Map.of()));
        }
        if (!ask.measured().isEmpty()) {
            all.add(Finding.fail(
                    MEASURED,
                    Subject.LINE,
                    Map.of("measured", Figure.of(String.join(", ", new TreeSet<>(ask.measured()))))));
        }
        if (unknown > MUCH) {
            all.add(Finding.fail(UNKNOWN, Subject.LINE, Map.of("unknown", new Figure.OfShare(unknown))));
        }
        return all;
    }
}
