package mellowflare.core.hose.rules;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Needs;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.line.Side;
import mellowflare.core.parts.HoseEndPart;
import mellowflare.core.parts.HosePart;
import mellowflare.core.reference.Source;

/** Hose, end and ferrule must come from one matched series. */
final class MatchedSeries implements Rule<HoseCase> {
    private static final RuleText TEXT = new RuleText(
            "line.matched-series",
            Severity.STOP,
            "{part} is series {endSeries} and the hose {hose} is series {hoseSeries}: never mix them.",
            "{part} and the hose {hose} are the same series ({hoseSeries}).",
            "series {endSeries} against {hoseSeries}",
            "Use an end of series {hoseSeries}.",
            Source.of("SAE J1273"));

    @Override
    public List<Finding> check(HoseCase c) {
        return c.sides().stream().map(s -> check(c, s)).toList();
    }

    private static Finding check(HoseCase c, Side s) {
        Subject about = s.which().hoseEnd();
        if (c.hose().isEmpty() || s.part().isEmpty()) {
            return Finding.notChecked(TEXT, about, Missing.hoseAndEnd(c, s));
        }
        HoseEndPart part = s.part().get();
        HosePart hose = c.hose().get();
        if (part.series().isEmpty()) {
            return Finding.notChecked(
                    TEXT,
                    about,
                    Needs.fromMaker(
                            "series-" + part.part(),
                            Say.it("matched-series.ask-maker", "part", part.part()),
                            s.which().hoseEnd()));
        }
        String series = part.series().get();
        return Finding.of(
                series.equals(hose.series()),
                TEXT,
                about,
                Map.of(
                        "part", Figure.of(part.part()),
                        "endSeries", Figure.of(series),
                        "hose", Figure.of(hose.part()),
                        "hoseSeries", Figure.of(hose.series())));
    }
}
