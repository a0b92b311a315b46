package mellowflare.core.pipe.rules;

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
import mellowflare.core.measure.Length;
import mellowflare.core.pipe.cut.NippleOffer;
import mellowflare.core.pipe.cut.PieceCut;
import mellowflare.core.pipe.line.PipeCase;
import mellowflare.core.pipe.offset.OffsetSum;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.Source;

/** Whether every piece has a length, and can be held and threaded. */
final class PiecesCanBeMade implements Rule<PipeCase> {
    private static final RuleText OVERLAP = new RuleText(
            "pipe.overlap",
            Severity.STOP,
            "Piece {piece} comes out at {length}: its two fittings overlap.",
            "Every piece has a length above zero.",
            "the measure less what both ends take",
            "Move the fittings apart, or check the figures behind this piece.",
            Source.house("lengths of pieces"));

    private static final RuleText SHORT = new RuleText(
            "pipe.too-short",
            Severity.STOP,
            "Piece {piece} is too short to be held and threaded here: {length}, {least} needed.",
            "Every piece is long enough to be held and threaded.",
            "two threads and the grip of the machine",
            "Move the fittings apart, or change the run so that a stock nipple fits.",
            new Source("house list: grip of the machine", Confidence.TYPICAL));

    private static final RuleText NIPPLE = new RuleText(
            "pipe.buy-nipple",
            Severity.WARN,
            "Piece {piece} is too short to be threaded here: {length}. A stock nipple of {nipple} serves.",
            "No piece needs a stock nipple.",
            "within the band of the make-up of its two joints",
            "Buy the nipple, and make its joints up until the centres meet.",
            new Source("ASTM A733; house list: grip of the machine", Confidence.TYPICAL));

    @Override
    public List<Finding> check(PipeCase c) {
        if (c.worked().isEmpty() && !overlapping(c)) {
            return List.of(Finding.notChecked(OVERLAP, Subject.PIECES, PipeNeeds.pieces(c)));
        }
        List<Finding> all = new ArrayList<>();
        for (PieceCut p : c.worked()) {
            if (p.overlaps()) {
                all.add(fail(OVERLAP, p, p.exact().orElseThrow()));
            } else if (p.tooShort()) {
                Optional<NippleOffer> nipple = p.nipple().filter(NippleOffer::serves);
                all.add(fail(
                        nipple.isPresent() ? NIPPLE : SHORT,
                        p,
                        nipple.map(NippleOffer::length).orElse(Length.ZERO)));
            }
        }
        if (overlapping(c)) {
            OffsetSum s = c.sum().orElseThrow();
            s.cutB().filter(b -> b.exact().mm() <= 0).ifPresent(b -> all.add(plain("B", b.exact())));
        }
        if (!all.isEmpty()) {
            return all;
        }
        if (c.worked().stream().anyMatch(p -> p.exact().isEmpty())) {
            return List.of(Finding.notChecked(OVERLAP, Subject.PIECES, PipeNeeds.pieces(c)));
        }
        return List.of(Finding.pass(OVERLAP, Subject.PIECES, Map.of()), Finding.pass(SHORT, Subject.PIECES, Map.of()));
    }

    /** The travel piece is known though the legs are not. */
    private static boolean overlapping(PipeCase c) {
        return c.worked().isEmpty()
                && c.sum()
                        .flatMap(OffsetSum::cutB)
                        .filter(b -> b.exact().mm() <= 0)
                        .isPresent();
    }

    private static Finding fail(RuleText text, PieceCut p, Length nipple) {
        return Finding.fail(
                text,
                Subject.PIECES,
                Map.of(
                        "piece", Figure.of(p.name()),
                        "length", Figure.of(p.exact().orElseThrow()),
                        "least", Figure.of(p.least().orElse(Length.ZERO)),
                        "nipple", Figure.of(nipple)));
    }

    private static Finding plain(String piece, Length length) {
        return Finding.fail(OVERLAP, Subject.PIECES, Map.of("piece", Figure.of(piece), "length", Figure.of(length)));
    }
}
