package mellowflare.core.air.rules;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.air.AirCase;
import mellowflare.core.flow.hold.HoldTest;
import mellowflare.core.measure.FreeAir;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.reference.Source;

/** What the hold test says of the finished main. */
final class HeldTight implements Rule<AirCase> {
    private static final RuleText LEAKS = new RuleText(
            "air.held",
            Severity.WARN,
            "The main leaks {leak}, give or take {band}; {allowed} are allowed. A year of it costs about {price}.",
            "The main holds: {leak}, give or take {band}; {allowed} are allowed.",
            "{readings} readings of pressure and temperature over {volume}: mass by p V / (R T), a straight line through it",
            "Soap every joint once more, drains and couplers first; what is found is let off, re-made and held again.",
            Source.of("ideal gas law; barometer and temperature counted in"));

    private static final RuleText SETTLED = new RuleText(
            "air.held-settled",
            Severity.NOTE,
            "The hold test does not tell yet: {leak}, give or take {band}, against {allowed}.",
            "The hold test is long enough to tell.",
            "{readings} readings over {volume}",
            "Wait longer and read again, with the temperature: twice the time halves the doubt.",
            Source.of("ideal gas law; barometer and temperature counted in"));

    @Override
    public List<Finding> check(AirCase c) {
        Optional<HoldTest.Result> held = c.heldResult();
        if (held.isEmpty()) {
            return List.of(Finding.notChecked(LEAKS, Subject.MAKE, "two readings of a hold test"));
        }
        HoldTest.Result r = held.get();
        Map<String, Figure> figures = Map.of(
                "leak", Figure.of(r.leak()),
                "band", Figure.of(FreeAir.ofLitresPerMinute(r.plusMinus())),
                "allowed", Figure.of(c.main().held().allowed()),
                "readings",
                        Figure.of(Integer.toString(c.main().held().readings().size())),
                "volume", new Figure.OfLitres(c.shutIn().litres()),
                "price",
                        Figure.of(c.yearly(r.leak())
                                .map(x -> LengthFormat.decimal(x, 0, 0))
                                .orElse("…")));
        boolean settled = r.verdict() != HoldTest.Verdict.NOT_SETTLED;
        Finding told = Finding.of(settled, SETTLED, Subject.MAKE, figures);
        return settled
                ? List.of(Finding.of(r.verdict() == HoldTest.Verdict.TIGHT, LEAKS, Subject.MAKE, figures), told)
                : List.of(told);
    }
}
