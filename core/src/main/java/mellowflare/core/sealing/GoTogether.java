package mellowflare.core.sealing;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.connection.End;
import mellowflare.core.connection.Together;
import mellowflare.core.reference.Source;

/** What must be known of two ends that seal on each other without being made for each other. */
public final class GoTogether {
    private static final RuleText LESSER = new RuleText(
            "joint.lesser",
            Severity.NOTE,
            "{one} and {other} have the same thread and the same seat: they go together and seal.",
            "{one} and {other} are made for each other.",
            "same thread, same seat",
            "Rate the joint by the weaker part. Where a code names one of them, use that one.",
            Source.of("the end tables"));
    private static final RuleText ON_CONDITION = new RuleText(
            "joint.on-condition",
            Severity.WARN,
            "{one} seals on {other} only where {condition}.",
            "{one} and {other} are made for each other.",
            "{one} against {other}",
            "Check that before you tighten. If it is not so, use a part made for it.",
            Source.of("the end tables"));

    private GoTogether() {}

    /**
     * @param one either end
     * @param other the end it goes on; the two seal on each other
     * @param about which joint
     * @return nothing for two that are made for each other
     */
    public static List<Finding> check(End one, End other, Subject about) {
        Optional<Together> together = Together.of(one, other);
        return together
                .filter(t -> t.how() != Together.How.MADE_FOR)
                .map(t -> Finding.fail(
                        t.how() == Together.How.ON_CONDITION ? ON_CONDITION : LESSER,
                        about,
                        Map.of(
                                "one", Figure.of(one.id().text()),
                                "other", Figure.of(other.id().text()),
                                "condition", Figure.of(t.onlyIf().orElse("")))))
                .stream()
                .toList();
    }
}
