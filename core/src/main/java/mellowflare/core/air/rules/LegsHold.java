package mellowflare.core.air.rules;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.air.water.Water;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.Source;

/** Whether the drip legs hold what comes between two drainings. */
final class LegsHold implements Rule<AirCase> {
    private static final RuleText TEXT = new RuleText(
            "air.leg-fills",
            Severity.WARN,
            "The leg {piece} holds {holds} and fills up in {full}; it is drained every {every}.",
            "The leg that fills first, {piece}, holds {holds} and fills up in {full}; it is drained every {every}.",
            "{litres} collect there on a working day",
            "Drain it more often, or fit a longer or wider leg, or an automatic drain.",
            new Source("Magnus formula on the room's air; cooling along the pipe (house figures)", Confidence.TYPICAL));

    private static final RuleText DAY = new RuleText(
            "air.water",
            Severity.NOTE,
            "",
            "The room air brings {drawn} of water on a working day: {receiver} stay in the receiver, {pipes} condense in the pipes.",
            "average use of the day, {air} and {humid} humidity",
            "",
            new Source("Magnus formula on the room's air; cooling along the pipe (house figures)", Confidence.TYPICAL));

    @Override
    public List<Finding> check(AirCase c) {
        if (c.water().isEmpty() || c.choices().isEmpty() || !c.flows()) {
            return List.of(Finding.notChecked(TEXT, Subject.WATER, AirNeeds.flowing(c)));
        }
        Water w = c.water().get();
        List<Finding> all = new ArrayList<>();
        all.add(Finding.pass(
                DAY,
                Subject.WATER,
                Map.of(
                        "drawn", new Figure.OfLitres(w.drawn()),
                        "receiver", new Figure.OfLitres(w.inReceiver()),
                        "pipes", new Figure.OfLitres(w.inPipes()),
                        "air", Figure.of(c.main().shop().air()),
                        "humid", new Figure.OfShare(c.main().shop().humidity()))));
        int every = c.main().use().drainedEvery();
        List<Water.Leg> filling =
                w.legs().stream().filter(l -> l.daysToFull().isPresent()).toList();
        filling.stream()
                .filter(l -> l.daysToFull().orElseThrow() < every)
                .forEach(l -> all.add(Finding.fail(TEXT, Subject.WATER, figures(l, every))));
        if (all.size() == 1) {
            filling.stream()
                    .min(Comparator.comparingDouble(l -> l.daysToFull().orElseThrow()))
                    .ifPresent(l -> all.add(Finding.pass(TEXT, Subject.WATER, figures(l, every))));
        }
        return all;
    }

    private static Map<String, Figure> figures(Water.Leg l, int every) {
        double days = l.daysToFull().orElseThrow();
        return Map.of(
                "piece", Figure.of(l.run()),
                "holds", new Figure.OfLitres(l.volume().litres()),
                "full",
                        Figure.of(
                                days < 1
                                        ? Say.it("legs-hold.under-day")
                                        : days < 2
                                                ? Say.it("legs-hold.a-day")
                                                : Say.it(
                                                        "legs-hold.days",
                                                        "floor",
                                                        LengthFormat.decimal(Math.floor(days), 0, 0))),
                "every", Figure.of(every == 1 ? Say.it("legs-hold.day") : Say.it("legs-hold.days-2", "every", every)),
                "litres", new Figure.OfLitres(l.litres()));
    }
}
