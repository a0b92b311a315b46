package mellowflare.core.gas.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.gas.line.GasSite;
import mellowflare.core.gas.stock.GasCode;
import mellowflare.core.gas.stock.GasSystem;
import mellowflare.core.gas.work.GasCase;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.Source;

/** How gas pipe is joined and what goes on the joints. */
final class JointsMayBe implements Rule<GasCase> {
    private static final RuleText WATER = new RuleText(
            "gas.water-tape",
            Severity.STOP,
            "Thin water tape is no seal for gas.",
            "Gas threads are sealed with what is rated for gas.",
            "{sealant}",
            "Use paste or tape that is rated for gas, on the male thread only, the first thread bare.",
            new Source("NFPA 54 7.5.1; trade practice", Confidence.SURE));

    private static final RuleText FLARE = new RuleText(
            "gas.tape-on-flare",
            Severity.WARN,
            "{sealant} on flare joints: the cone seals and the thread only pulls; tape takes up the thread, feels tight early and sheds.",
            "Flares go together dry.",
            "the cone seals",
            "Leave the flare dry, with a trace of oil on the thread and the back of the nut.",
            Source.house("why no tape on a flare"));

    private static final Map<Severity, RuleText> JOINT = RuleText.bySeverity(
            "gas.joint",
            "The code does not simply allow {joint} joints on gas.",
            "The code allows {joint} joints on gas.",
            "{code}",
            "Use another joint, or ask what the local code allows for it.",
            new Source("NFPA 54 5.5.7, 5.6.8; EN 1775; local code", Confidence.TYPICAL));

    private static final RuleText SYSTEM = new RuleText(
            "gas.joint-system",
            Severity.WARN,
            "{system} is not joined by {joint} joints.",
            "{system} can be joined by {joint} joints.",
            "kinds of joint in the table",
            "Choose a joint that this pipe takes.",
            new Source("NFPA 54 5.5; EN 1775", Confidence.TYPICAL));

    @Override
    public List<Finding> check(GasCase c) {
        Optional<GasSystem.Joint> joint = c.line().site().joint();
        Optional<GasSite.Sealant> sealant = c.line().site().sealant();
        List<Finding> all = new ArrayList<>();
        if (joint.isEmpty()) {
            all.add(Finding.notChecked(JOINT.get(Severity.STOP), Subject.GAS_JOINTS, GasNeeds.JOINT));
        } else {
            joints(c, joint.get(), all);
        }
        if (sealant.isEmpty()) {
            all.add(Finding.notChecked(WATER, Subject.GAS_JOINTS, GasNeeds.SEALANT));
            return all;
        }
        Map<String, Figure> figures = Map.of("sealant", Figure.of(sealant.get().word()));
        all.add(Finding.of(sealant.get() != GasSite.Sealant.WATER_TAPE, WATER, Subject.GAS_JOINTS, figures));
        if (joint.filter(GasSystem.Joint.FLARE::equals).isPresent()) {
            all.add(Finding.of(sealant.get() == GasSite.Sealant.NONE, FLARE, Subject.GAS_JOINTS, figures));
        }
        return all;
    }

    private static void joints(GasCase c, GasSystem.Joint joint, List<Finding> all) {
        if (c.code().isEmpty()) {
            all.add(Finding.notChecked(JOINT.get(Severity.STOP), Subject.GAS_JOINTS, GasNeeds.CODE));
        } else {
            GasCode.Leave leave = c.code().get().of(joint);
            all.add(Finding.of(
                    leave == GasCode.Leave.YES,
                    JOINT.get(leave == GasCode.Leave.NO ? Severity.STOP : Severity.WARN),
                    Subject.GAS_JOINTS,
                    Map.of(
                            "joint", Figure.of(joint.word()),
                            "code", Figure.of(c.code().get().name()))));
        }
        c.system()
                .filter(s -> joint != GasSystem.Joint.COMPRESSION && joint != GasSystem.Joint.PUSH)
                .ifPresent(s -> all.add(Finding.of(
                        s.joints().contains(joint),
                        SYSTEM,
                        Subject.GAS_JOINTS,
                        Map.of("system", Figure.of(s.name()), "joint", Figure.of(joint.word())))));
    }
}
