package mellowflare.core.pipe.rules;

import java.util.ArrayList;
import java.util.HashMap;
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
import mellowflare.core.pipe.cut.PieceCut;
import mellowflare.core.pipe.line.PipeCase;
import mellowflare.core.pipe.offset.OffsetSum;
import mellowflare.core.reference.Source;

/** What is marked on the pipe is what was worked out; a travel piece marked by the offset is the dear slip. */
final class MarkedAsWorked implements Rule<PipeCase> {
    private static final Length HAIR = Length.ofMm(1.5);

    private static final RuleText TEXT = new RuleText(
            "pipe.marked",
            Severity.STOP,
            "Piece {piece} is marked at {marked}, and the sum gives {shop}.",
            "Piece {piece} is marked as worked out: {shop}.",
            "as read off the pipe",
            "Do not cut. Find out which of the two is wrong.",
            Source.house("marks are read back before the cut"));

    private static final RuleText SLIP = new RuleText(
            "pipe.offset-for-travel",
            Severity.STOP,
            "Piece B is marked at {marked}: that is the offset {offset} less two take-offs, and not the travel {travel}.",
            "Piece B is marked from the travel.",
            "cut B = T − 2 t",
            "Do not cut. The travel is longer than the offset: mark {shop}.",
            Source.house("marks are read back before the cut"));

    @Override
    public List<Finding> check(PipeCase c) {
        List<Finding> all = new ArrayList<>();
        for (PieceCut p : c.worked()) {
            Optional<Length> marked = c.line().state(p.name()).marked();
            if (marked.isPresent() && p.shop().isPresent()) {
                all.add(finding(c, p, marked.get(), p.shop().get()));
            }
        }
        return all;
    }

    private static Finding finding(PipeCase c, PieceCut p, Length marked, Length shop) {
        boolean same = marked.distanceTo(shop).compareTo(HAIR) <= 0;
        Optional<Length> slip =
                c.sum().flatMap(OffsetSum::slipB).filter(s -> p.name().equals("B"));
        Map<String, Figure> figures = new HashMap<>(Map.of(
                "piece", Figure.of(p.name()),
                "marked", Figure.of(marked),
                "shop", Figure.of(shop)));
        if (!same && slip.filter(s -> s.distanceTo(marked).mm() <= 4).isPresent()) {
            figures.put("offset", Figure.of(c.sum().get().offset().orElseThrow()));
            figures.put("travel", Figure.of(c.sum().get().travel().orElseThrow()));
            return Finding.fail(SLIP, Subject.PIECES, figures);
        }
        return Finding.of(same, TEXT, Subject.PIECES, figures);
    }
}
