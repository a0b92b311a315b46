package mellowflare.core.air.work;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.flow.network.Network;
import mellowflare.core.flow.network.NetworkFlow;
import mellowflare.core.reference.Source;

/** What is wrong with a network, as findings: once for every view and command. */
public final class NetworkFindings {
    /** Air gets everywhere that it is asked for. */
    public static final RuleText ARRIVES = new RuleText(
            "air.arrives",
            Severity.STOP,
            "“{piece}”: {trouble}",
            "Air reaches every place that needs it.",
            "how pipes and supplies are connected",
            "Check this piece first: everything after it depends on it.",
            Source.of("conservation of mass; Darcy and Colebrook"));

    private static final RuleText ODD = new RuleText(
            "air.network-odd",
            Severity.WARN,
            "“{piece}”: {trouble}",
            "The network has no mistakes in it.",
            "the network as given",
            "Correct it, so that everyone reads it the same way.",
            Source.house("networks"));

    private static final RuleText RANGE = new RuleText(
            "air.law",
            Severity.WARN,
            "In {piece} the air loses {share} of its pressure, or flows faster than 0.3 of the speed of sound: the friction formula does not hold there.",
            "The friction formula holds in every pipe.",
            "isothermal flow: below 0.3 of the speed of sound and 40 % loss",
            "Use a larger pipe or hose there; until then the figure is a guess.",
            Source.of("isothermal Darcy-Weisbach"));

    private NetworkFindings() {}

    /** Troubles and pipes beyond the law; passes where there are none. */
    public static List<Finding> of(NetworkFlow flow) {
        List<Finding> all = new ArrayList<>();
        for (Network.Trouble t : flow.troubles()) {
            all.add(Finding.fail(
                    stops(t.kind()) ? ARRIVES : ODD,
                    Subject.MAIN,
                    Map.of(
                            "piece", Figure.of(t.piece()),
                            "trouble", Figure.of(t.kind().says()))));
        }
        if (all.stream().noneMatch(Finding::stops)) {
            all.add(Finding.pass(ARRIVES, Subject.MAIN, Map.of()));
        }
        List<Finding> fast = flow.pipes().stream()
                .filter(NetworkFlow.InPipe::beyondTheLaw)
                .map(p -> Finding.fail(
                        RANGE,
                        Subject.MAIN,
                        Map.of("piece", Figure.of(p.pipe().name()), "share", new Figure.OfShare(p.share()))))
                .toList();
        all.addAll(fast.isEmpty() ? List.of(Finding.pass(RANGE, Subject.MAIN, Map.of())) : fast);
        return all;
    }

    private static boolean stops(Network.Trouble.Kind kind) {
        return switch (kind) {
            case ISLAND, STARVED, CHOKED, UNSETTLED, NO_PLACE -> true;
            case NO_LENGTH, TO_ITSELF, TWICE, TWO_PRESSURES -> false;
        };
    }
}
