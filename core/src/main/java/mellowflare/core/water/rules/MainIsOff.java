package mellowflare.core.water.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Need;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.Source;
import mellowflare.core.water.work.WaterCase;

/** Whether the water can be shut off and the branch held, and who may do it. */
final class MainIsOff implements Rule<WaterCase> {
    private static final RuleText MAIN = new RuleText(
            "water.main",
            Severity.STOP,
            "The main shut-off does not hold: do not open the line.",
            "The main shut-off holds.",
            "as answered",
            "Have the street valve shut, or freeze the pipe by someone who may, before anything is opened.",
            new Source("trade practice", Confidence.SURE));

    private static final RuleText BRANCH = new RuleText(
            "water.branch",
            Severity.STOP,
            "The branch in the wall moves: what turns outside breaks inside.",
            "The branch in the wall stays still when it is held.",
            "as answered",
            "Open the wall far enough to hold the fitting with a second wrench.",
            new Source("trade practice", Confidence.SURE));

    private static final RuleText LICENCE = new RuleText(
            "water.licence",
            Severity.WARN,
            "No one here may do this work by the local code.",
            "Someone who may do the work is at hand.",
            "as answered",
            "Ask what the local code lets an owner do, or call a licensed plumber.",
            new Source("local code", Confidence.SURE));

    private static final RuleText APPROVED = new RuleText(
            "water.approved",
            Severity.WARN,
            "Some parts are not approved for drinking water.",
            "All parts are approved for drinking water.",
            "marking on valve, connector and sealant",
            "Use parts that carry the marking for drinking water.",
            new Source("NSF/ANSI 61; local code", Confidence.SURE));

    @Override
    public List<Finding> check(WaterCase c) {
        List<Finding> all = new ArrayList<>();
        all.add(answered(c.line().mainHolds(), MAIN, Subject.SITE, WaterNeeds.MAIN));
        if (c.line().hidden()) {
            all.add(answered(c.line().branchFirm(), BRANCH, Subject.HOUSE_PIPE, WaterNeeds.BRANCH));
        }
        all.add(answered(c.line().licensed(), LICENCE, Subject.SITE, WaterNeeds.LICENSED));
        all.add(answered(c.line().approved(), APPROVED, Subject.WATER_SET, WaterNeeds.APPROVED));
        return all;
    }

    private static Finding answered(Optional<Boolean> good, RuleText text, Subject about, Need need) {
        return good.map(g -> Finding.of(g, text, about, Map.of()))
                .orElseGet(() -> Finding.notChecked(text, about, need));
    }
}
