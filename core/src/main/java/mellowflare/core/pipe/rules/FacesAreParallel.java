package mellowflare.core.pipe.rules;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.measure.Length;
import mellowflare.core.pipe.line.PipeCase;
import mellowflare.core.pipe.offset.OffsetAsk;
import mellowflare.core.pipe.stock.FlangeSize;
import mellowflare.core.pipe.stock.PipeStock;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.Source;

/** Two flange faces that a line joins lie parallel: four readings round them tell. */
final class FacesAreParallel implements Rule<PipeCase> {
    /** 1 mm in 200 mm across any diameter. */
    private static final double ALLOWED = 1.0 / 200;

    private static final RuleText TEXT = new RuleText(
            "pipe.faces-parallel",
            Severity.WARN,
            "The two faces are {out} out of parallel {across}, {allowed} allowed.",
            "The two faces are parallel within {out}, {allowed} allowed.",
            "readings across a flange of {outside}: 1 mm in 200 mm",
            "Set the loose flange to what stands before it is tacked. Bolts that pull a joint together make it leak later.",
            new Source("ASME B31.3 335.1.1", Confidence.TYPICAL));

    @Override
    public List<Finding> check(PipeCase c) {
        OffsetAsk o = c.line().offset();
        if (!c.isOffset() || !o.a().kind().flanged() || !o.c().kind().flanged()) {
            return List.of();
        }
        if (c.line().size().isEmpty()) {
            return List.of(Finding.notChecked(TEXT, Subject.FACES, PipeNeeds.SIZE));
        }
        if (o.faces().isEmpty()) {
            return List.of(Finding.notChecked(TEXT, Subject.FACES, PipeNeeds.FACES));
        }
        Optional<FlangeSize> flange =
                c.data().get(PipeStock.KEY).flange(c.line().size().get());
        return flange.map(f -> List.of(finding(o.faces(), f))).orElse(List.of());
    }

    private static Finding finding(List<Length> round, FlangeSize flange) {
        Length upright = round.get(0).distanceTo(round.get(2));
        Length level = round.get(1).distanceTo(round.get(3));
        boolean more = upright.compareTo(level) >= 0;
        Length out = more ? upright : level;
        Length allowed = flange.outside().times(ALLOWED);
        return Finding.of(
                out.compareTo(allowed) <= 0,
                TEXT,
                Subject.FACES,
                Map.of(
                        "out", Figure.of(out),
                        "across", Figure.of(Say.it("faces-are-parallel.across", "upright", more ? "yes" : "no")),
                        "allowed", Figure.of(allowed),
                        "outside", Figure.of(flange.outside())));
    }
}
