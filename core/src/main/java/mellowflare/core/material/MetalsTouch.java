package mellowflare.core.material;

import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Needs;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.reference.Source;

/** Unlike metals eat each other where water reaches them, and faster where fresh water runs through the joint. Stated once for hose and tube. */
public final class MetalsTouch {
    /** What is asked while something is not known. */
    public static final RuleText TEXT = text(
            "joint.metals",
            Severity.WARN,
            "{one} and {other} corrode each other {where}.",
            "Use a part of the same metal as the port, or keep water off with grease, tape round the outside, or a plated part.");

    private static final RuleText LIMITED = text(
            "joint.metals-limited",
            Severity.NOTE,
            "{one} on {other} {where} need looking after.",
            "Use plated parts, a smear of grease outside the seal, and check it at every service.");
    private static final RuleText INSIDE = text(
            "joint.metals-inside",
            Severity.STOP,
            "{one} and {other} corrode each other from inside where fresh water runs through.",
            "Put a dielectric union or a brass nipple between them as the local code requires, and enter its metal as the port's.");

    private MetalsTouch() {}

    private static RuleText text(String id, Severity severity, String fails, String remedy) {
        return new RuleText(
                id,
                severity,
                fails,
                "{one} and {other} are compatible {where}.",
                "{source}",
                remedy,
                Source.house("metals that touch"));
    }

    /**
     * @param one metal of the part
     * @param other metal of what it goes on
     * @param wet whether water reaches the joint from outside; empty while nobody said
     * @param inside whether fresh water runs through it
     * @param about which joint
     * @param data must hold {@link Metals#KEY}
     */
    public static Finding check(
            Metal one, Metal other, Optional<Boolean> wet, boolean inside, Subject about, ReferenceData data) {
        Optional<Metals.Pair> pair = data.get(Metals.KEY).of(one, other);
        if (pair.isEmpty()) {
            return Finding.notChecked(
                    TEXT,
                    about,
                    Needs.fromMaker(
                            "metals-" + one + "-" + other,
                            Say.it("metals-touch.ask-maker", "one", one.word(), "other", other.word()),
                            about));
        }
        if (inside && pair.get().inside() == Compatibility.Verdict.NEVER) {
            return Finding.fail(
                    INSIDE, about, figures(pair.get(), one, other, Say.it("metals-touch.where-fresh-water-runs")));
        }
        if (wet.isEmpty()) {
            return Finding.notChecked(TEXT, about, Needs.WET);
        }
        Compatibility.Verdict outside =
                wet.get() ? pair.get().wet() : pair.get().dry();
        boolean worseInside = inside && pair.get().inside().compareTo(outside) > 0;
        Map<String, Figure> figures = figures(
                pair.get(),
                one,
                other,
                worseInside
                        ? Say.it("metals-touch.where-fresh-water-runs")
                        : wet.get() ? Say.it("metals-touch.where-water-reaches-them") : Say.it("metals-touch.dry"));
        return switch (worseInside ? pair.get().inside() : outside) {
            case SUITS -> Finding.pass(TEXT, about, figures);
            case LIMITED -> Finding.fail(LIMITED, about, figures);
            case NEVER -> Finding.fail(TEXT, about, figures);
        };
    }

    private static Map<String, Figure> figures(Metals.Pair pair, Metal one, Metal other, String where) {
        return Map.of(
                "one", Figure.of(one.word()),
                "other", Figure.of(other.word()),
                "where", Figure.of(where),
                "source", Figure.of(pair.source().text()));
    }
}
