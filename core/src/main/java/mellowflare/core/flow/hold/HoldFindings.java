package mellowflare.core.flow.hold;

import java.util.ArrayList;
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
            "The line leaks {leak} ± {band}; {allowed} is allowed.",
            "The line is tight: {leak} ± {band}; {allowed} is allowed.",
            "{readings} readings over {volume}; mass of air by p V / (R T), straight line fitted",
            "Soap every joint, drain and coupler first. Let the pressure off, remake the joint that leaks, and test again.",
            Source.of("ideal gas law; barometer and temperature counted in"));

    private static final RuleText SETTLED = new RuleText(
            "hold.settled",
            Severity.NOTE,
            "The leak test has not settled: {leak} ± {band}; {allowed} is allowed.",
            "The leak test ran long enough.",
            "{readings} readings over {volume}",
            "Wait longer and read again, with the temperature: twice the time halves the ±.",
            Source.of("ideal gas law; barometer and temperature counted in"));

    private static final RuleText GROWS = new RuleText(
            "hold.grows",
            Severity.WARN,
            "The leak test does not add up: the air in the line seems to grow by {gain}, so something was not measured.",
            "The air in the line does not seem to grow.",
            "{readings} readings over {volume}",
            "Read the pipe temperature and the barometer with every gauge reading, check that no valve lets air in, and test again.",
            Source.of("ideal gas law; barometer and temperature counted in"));

    private static final RuleText COST = new RuleText(
            "hold.cost",
            Severity.NOTE,
            "Under pressure all year this leak costs {price} (catalogue prices).",
            "What still leaks in a year costs {price} (catalogue prices).",
            "{leak} for 8 760 hours, by the energy the compressor uses per cubic metre and the price of a kilowatt-hour",
            "Compare it with an hour of soaping joints.",
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
                "volume", new Figure.OfLitres(test.volume().litres()));
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
        List<Finding> all = new ArrayList<>();
        boolean leaks = r.verdict() == HoldTest.Verdict.LEAKS;
        if (settled) {
            all.add(Finding.of(!leaks, LEAKS, Subject.MAKE, figures));
        }
        all.add(told);
        yearly.filter(y -> settled)
                .ifPresent(y -> all.add(Finding.of(
                        !leaks,
                        COST,
                        Subject.MAKE,
                        Map.of(
                                "price",
                                Figure.of(y < 1 ? Say.it("hold-findings.less-than-1") : LengthFormat.decimal(y, 0, 0)),
                                "leak",
                                Figure.of(r.leak())))));
        return List.copyOf(all);
    }
}
