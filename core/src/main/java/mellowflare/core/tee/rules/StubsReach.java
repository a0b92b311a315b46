package mellowflare.core.tee.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Need;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.Source;
import mellowflare.core.tee.work.TeeCase;

/** How much comes out, and whether what stands still reaches. */
final class StubsReach implements Rule<TeeCase> {
    private static final RuleText CUT = new RuleText(
            "tee.cut-out",
            Severity.STOP,
            "The joints take up the whole length of the tee: no tube would be cut out.",
            "Cut {cut} out of the tube.",
            "across the tee {across}, less {goesIn} at each end",
            "Measure the tee again: cone to cone of a flared one, end to end of any other.",
            Source.house("length of the tee less the depth of both joints"));

    private static final RuleText REACH = new RuleText(
            "tee.reach",
            Severity.STOP,
            "The stubs end {short} short, and they can be drawn along {slack}.",
            "The stubs reach: {short} too far apart, and they can be drawn along {slack}.",
            "gap {gap}, cut out {cut}",
            "Measure a union, for a piece with a union beside the tee; or take a longer tee.",
            Source.house("gap less cut-out against slack"));

    private static final Map<Severity, RuleText> PIECE = RuleText.bySeverity(
            "tee.piece",
            "Tee and union leave {piece} for the piece between them; {least} is the shortest that can be joined at both ends.",
            "A piece of {piece} with a union stands beside the tee.",
            "what tee and union leave between the stubs",
            "Cut {more} more away, so that a piece of {least} goes in.",
            new Source("house figure: shortest piece by joint", Confidence.UNCONFIRMED));

    private static final RuleText MORE = new RuleText(
            "tee.more",
            Severity.WARN,
            "Too little is cut away: {more} more must come out.",
            "Enough is cut away.",
            "gap {gap}, cut out {cut}",
            "Cut the rest away from the stub that has more straight tube.",
            Source.house("gap less cut-out"));

    @Override
    public List<Finding> check(TeeCase c) {
        if (c.cutOut().isEmpty()) {
            return List.of(Finding.notChecked(CUT, Subject.TEE, missing(c)));
        }
        double cut = c.cutOut().get();
        List<Finding> all = new ArrayList<>();
        Figure cutOut = Figure.of(Length.ofMm(Math.max(0, cut)));
        all.add(Finding.of(
                cut > 0,
                CUT,
                Subject.TEE,
                Map.of(
                        "cut", cutOut,
                        "across", Figure.of(c.line().across().orElseThrow()),
                        "goesIn", Figure.of(c.goesIn().orElseThrow()))));
        if (cut <= 0) {
            return all;
        }
        c.line().gap().ifPresent(gap -> stands(c, cutOut, Figure.of(gap), all));
        c.spare().ifPresent(spare -> all.add(piece(c, spare)));
        return all;
    }

    private static Need missing(TeeCase c) {
        if (c.method().isEmpty()) {
            return TeeNeeds.METHOD;
        }
        return c.line().across().isEmpty() ? TeeNeeds.ACROSS : TeeNeeds.UNION;
    }

    /** What a tube that is cut already leaves to be done. */
    private static void stands(TeeCase c, Figure cutOut, Figure gap, List<Finding> all) {
        double apart = c.shortBy().orElseThrow();
        all.add(Finding.of(
                apart >= -0.5,
                MORE,
                Subject.TEE,
                Map.of("more", Figure.of(Length.ofMm(Math.max(0, -apart))), "gap", gap, "cut", cutOut)));
        if (c.spare().isEmpty()) {
            all.add(Finding.of(
                    c.reaches().orElseThrow(),
                    REACH,
                    Subject.TEE,
                    Map.of(
                            "short",
                            Figure.of(Length.ofMm(Math.max(0, apart))),
                            "slack",
                            Figure.of(Length.ofMm(c.slack())),
                            "gap",
                            gap,
                            "cut",
                            cutOut)));
        }
    }

    private static Finding piece(TeeCase c, double spare) {
        Length least = c.method().orElseThrow().least();
        return Finding.of(
                c.piece().isPresent(),
                PIECE.get(spare > 0 ? Severity.WARN : Severity.STOP),
                Subject.TEE,
                Map.of(
                        "piece", Figure.of(Length.ofMm(Math.max(0, spare))),
                        "least", Figure.of(least),
                        "more", Figure.of(Length.ofMm(Math.max(0, least.mm() - spare)))));
    }
}
