package mellowflare.core.gas.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Need;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.gas.layout.Connector;
import mellowflare.core.gas.layout.HoseSort;
import mellowflare.core.gas.stock.GasCode;
import mellowflare.core.gas.work.GasCase;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.Source;

/** What kinds of hose may be used, how long, and how they come off. */
final class HosesMayBe implements Rule<GasCase> {
    private static final RuleText AIR = new RuleText(
            "gas.hose-air",
            Severity.STOP,
            "{hose} is an air or water hose: gas goes through its wall and hardens it.",
            "No hose is an air or water hose.",
            "marking on the hose",
            "Use hose that is marked for this gas.",
            new Source("NFPA 58 5.9; EN 16436", Confidence.SURE));

    private static final Map<Severity, RuleText> UNMARKED = RuleText.bySeverity(
            "gas.hose-unmarked",
            "{hose} has no marking for gas.",
            "Every hose is marked for gas.",
            "{code}",
            "Use a listed connector, or hose that is marked for this gas, with its date.",
            new Source("NFPA 54 9.6; NFPA 58 5.9", Confidence.SURE));

    private static final Map<Severity, RuleText> MADE = RuleText.bySeverity(
            "gas.hose-made-up",
            "{hose} is made up here, and the code does not simply allow that.",
            "{hose} is made up here, which the code allows.",
            "{code}",
            "Use a factory-made one; where the local code allows made-up hose: its series and ferrules, crimp measured, date and leak test on the tag.",
            new Source("NFPA 54 9.6; local code", Confidence.TYPICAL));

    private static final RuleText LONG = new RuleText(
            "gas.hose-long",
            Severity.WARN,
            "{hose} is {length} long; the code allows {most}.",
            "Every hose is short enough.",
            "{code}",
            "Bring the pipe nearer, and use a shorter connector.",
            new Source("NFPA 54 9.6.1", Confidence.TYPICAL));

    private static final RuleText COUPLER = new RuleText(
            "gas.coupler",
            Severity.WARN,
            "{hose} comes off by a coupler, and no shut-off valve stands before it.",
            "{hose} has a shut-off valve before its coupler.",
            "the layout",
            "Put a valve before the coupler, and use a coupler for gas that shuts by itself.",
            new Source("NFPA 54 9.6.3", Confidence.TYPICAL));

    private static final RuleText HOT = new RuleText(
            "gas.hose-hot",
            Severity.WARN,
            "Hose passes a hot place.",
            "Hose keeps clear of what is hot.",
            "as answered",
            "Lead it another way, or use metal pipe there.",
            new Source("NFPA 54 9.6; trade practice", Confidence.TYPICAL));

    private static final RuleText PULL = new RuleText(
            "gas.pull-out",
            Severity.WARN,
            "What the hose feeds can be pulled out until the hose strains.",
            "A stop keeps the hose from straining.",
            "as answered",
            "Fit a chain or a stop that is shorter than the hose.",
            new Source("NFPA 54 9.6; trade practice", Confidence.TYPICAL));

    @Override
    public List<Finding> check(GasCase c) {
        Map<String, Connector> hoses = c.hoses();
        if (hoses.isEmpty()) {
            return List.of();
        }
        List<Finding> all = new ArrayList<>();
        String code = c.code().map(GasCode::name).orElse("");
        hoses.forEach((name, h) -> one(c, name, h, code, all));
        answered(c.line().site().hot().map(x -> !x), HOT, GasNeeds.HOT, all);
        answered(c.line().site().pullOut(), PULL, GasNeeds.PULL, all);
        return all;
    }

    private static void answered(Optional<Boolean> good, RuleText text, Need need, List<Finding> all) {
        all.add(good.map(g -> Finding.of(g, text, Subject.GAS_JOINTS, Map.of()))
                .orElseGet(() -> Finding.notChecked(text, Subject.GAS_JOINTS, need)));
    }

    private static void one(GasCase c, String name, Connector h, String code, List<Finding> all) {
        Map<String, Figure> figures = Map.of("hose", Figure.of(name), "code", Figure.of(code));
        all.add(Finding.of(h.sort() != HoseSort.AIR, AIR, Subject.GAS_JOINTS, figures));
        if (c.code().isEmpty()) {
            if (h.sort() == HoseSort.MADE_UP || h.sort() == HoseSort.UNMARKED) {
                all.add(Finding.notChecked(MADE.get(Severity.STOP), Subject.GAS_JOINTS, GasNeeds.CODE));
            }
            return;
        }
        GasCode rules = c.code().get();
        if (h.sort() == HoseSort.UNMARKED) {
            all.add(Finding.fail(UNMARKED.get(severity(rules.madeUpHose())), Subject.GAS_JOINTS, figures));
        }
        if (h.sort() == HoseSort.MADE_UP) {
            all.add(Finding.of(
                    rules.madeUpHose() == GasCode.Leave.YES,
                    MADE.get(severity(rules.madeUpHose())),
                    Subject.GAS_JOINTS,
                    figures));
        }
        rules.hose()
                .ifPresent(most -> all.add(Finding.of(
                        h.length().compareTo(most) <= 0,
                        LONG,
                        Subject.GAS_JOINTS,
                        Map.of(
                                "hose", Figure.of(name),
                                "code", Figure.of(code),
                                "length", Figure.of(h.length()),
                                "most", Figure.of(most)))));
        if (h.coupler()) {
            all.add(Finding.of(c.valveBefore(name), COUPLER, Subject.GAS_JOINTS, figures));
        }
    }

    private static Severity severity(GasCode.Leave leave) {
        return leave == GasCode.Leave.NO ? Severity.STOP : Severity.WARN;
    }
}
