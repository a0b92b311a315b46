package mellowflare.core.flow.hold;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.measure.FreeAir;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.reference.Source;

/** What a hold test says, as findings: once for every view and command. */
public final class HoldFindings {
    /** It is tight. */
    public static final RuleText LEAKS = new RuleText(
            "hold.leak",
            Severity.WARN,
            "It leaks {leak}, give or take {band}; {allowed} are allowed.{price}",
            "It holds: {leak}, give or take {band}; {allowed} are allowed.",
            "{readings} readings of pressure and temperature over {volume}: mass by p V / (R T), a straight line through it",
            "Soap every joint once more, drains and couplers first; what is found is let off, re-made and held again.",
            Source.of("ideal gas law; barometer and temperature counted in"));

    private static final RuleText SETTLED = new RuleText(
            "hold.settled",
            Severity.NOTE,
            "The hold test does not tell yet: {leak}, give or take {band}, against {allowed}.",
            "The hold test is long enough to tell.",
            "{readings} readings over {volume}",
            "Wait longer and read again, with the temperature: twice the time halves the doubt.",
            Source.of("ideal gas law; barometer and temperature counted in"));

    private static final RuleText GROWS = new RuleText(
            "hold.grows",
            Severity.WARN,
            "The hold test does not tell: the air shut in seems to grow by {gain}, so something was not measured.",
            "The air shut in does not seem to grow.",
            "{readings} readings over {volume}",
            "Read the temperature of the pipe and the barometer with the gauge, look whether a valve lets air in, and hold again.",
            Source.of("ideal gas law; barometer and temperature counted in"));

    private HoldFindings() {}

    /**
     * @param test as taken
     * @param r what came of it
     * @param yearly what the leak costs in a year, in the catalogue's money; empty where nobody knows
     */
    public static List<Finding> of(HoldTest test, HoldTest.Result r, Optional<Double> yearly) {
        Map<String, Figure> figures = Map.of(
                "leak", Figure.of(r.leak()),
                "band", Figure.of(FreeAir.ofLitresPerMinute(r.plusMinus())),
                "allowed", Figure.of(test.allowed()),
                "readings", Figure.of(Integer.toString(test.readings().size())),
                "volume", new Figure.OfLitres(test.volume().litres()),
                "price",
                        Figure.of(yearly.map(x -> " A year of it costs about " + LengthFormat.decimal(x, 0, 0) + ".")
                                .orElse("")));
        if (r.grows()) {
            return List.of(Finding.fail(
                    GROWS,
                    Subject.MAKE,
                    Map.of(
                            "gain", Figure.of(FreeAir.ofLitresPerMinute(-r.litresPerMinute())),
                            "readings", figures.get("readings"),
                            "volume", figures.get("volume"))));
        }
        boolean settled = r.verdict() != HoldTest.Verdict.NOT_SETTLED;
        Finding told = Finding.of(settled, SETTLED, Subject.MAKE, figures);
        return settled
                ? List.of(Finding.of(r.verdict() == HoldTest.Verdict.TIGHT, LEAKS, Subject.MAKE, figures), told)
                : List.of(told);
    }
}
