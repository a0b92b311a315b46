package mellowflare.core.gas.rules;

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
import mellowflare.core.gas.line.GasSource;
import mellowflare.core.gas.work.Boiling;
import mellowflare.core.gas.work.GasCase;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.Source;

/** What the source gives against what burns, and where cylinders stand. */
final class SourceGives implements Rule<GasCase> {
    private static final RuleText BOILS = new RuleText(
            "gas.boils",
            Severity.WARN,
            "At {air} the cylinders give about {gives}; {load} burns.",
            "At {air} the cylinders give about {gives}; {load} burns.",
            "{count} × {cylinder}, {fill} full, drawn {drawn}: heat through the wetted wall, liquid not below {liquid}",
            "Join more cylinders, larger ones, or fill them; the supplier's table decides.",
            new Source("heat through the wetted wall, house figures", Confidence.UNCONFIRMED));

    private static final RuleText FROST = new RuleText(
            "gas.frost",
            Severity.WARN,
            "At {air} the cylinder gives no gas: the liquid would have to be warmer than {liquid} to boil.",
            "At {air} the liquid still boils: the regulator is served down to {liquid}.",
            "pressure over the liquid by Antoine's equation",
            "Use propane, or keep the cylinder where it is warmer, but never in the room.",
            new Source("vapour pressure of the gas", Confidence.TYPICAL));

    private static final RuleText PLACE = new RuleText(
            "gas.cylinder-place",
            Severity.STOP,
            "The cylinder stands {place}: leaking gas gathers there.",
            "The cylinder stands {place}.",
            "this gas is heavier than air",
            "Put it outside in the open, or in a locker that is tight to the room and drains outside, away from drains and cellar windows.",
            new Source("NFPA 58 6.2; local code", Confidence.SURE));

    private static final RuleText METER = new RuleText(
            "gas.meter",
            Severity.WARN,
            "The meter or connection is too small: {load} burns, and it passes {capacity}.",
            "The meter or connection passes {capacity}; {load} burns.",
            "all that burns at once",
            "Ask the supplier for a larger one before anything is added.",
            new Source("the meter's plate", Confidence.TYPICAL));

    @Override
    public List<Finding> check(GasCase c) {
        GasSource s = c.line().source();
        return switch (s.feed()) {
            case UNSAID -> List.of(Finding.notChecked(METER, Subject.SOURCE, GasNeeds.SOURCE));
            case METER ->
                List.of(
                        s.capacity().isEmpty() || c.flows().isEmpty()
                                ? Finding.notChecked(
                                        METER,
                                        Subject.SOURCE,
                                        c.flows().isEmpty() ? GasNeeds.flowing(c) : new Need[] {GasNeeds.METER})
                                : Finding.of(
                                        c.load().compareTo(s.capacity().get()) <= 0,
                                        METER,
                                        Subject.SOURCE,
                                        Map.of(
                                                "load", Figure.of(c.load()),
                                                "capacity",
                                                        Figure.of(s.capacity().get()))));
            case CYLINDER -> cylinders(c, s);
        };
    }

    private static List<Finding> cylinders(GasCase c, GasSource s) {
        List<Finding> all = new ArrayList<>();
        all.add(
                s.stands() == GasSource.Stands.UNSAID
                        ? Finding.notChecked(PLACE, Subject.SOURCE, GasNeeds.STANDS)
                        : Finding.of(
                                s.stands() == GasSource.Stands.OUTSIDE || s.stands() == GasSource.Stands.LOCKER,
                                PLACE,
                                Subject.SOURCE,
                                Map.of("place", Figure.of(s.stands().word()))));
        if (c.boiling().isEmpty()) {
            all.add(Finding.notChecked(BOILS, Subject.SOURCE, GasNeeds.CYLINDER));
            return all;
        }
        Boiling b = c.boiling().get();
        Map<String, Figure> cold = Map.of(
                "air", Figure.of(c.line().site().coldest()),
                "liquid", Figure.of(b.liquid()));
        boolean boils = b.gives().kilowatts() > 0;
        all.add(Finding.of(boils, FROST, Subject.SOURCE, cold));
        if (boils && c.flows().isPresent() && c.cylinder().isPresent()) {
            all.add(Finding.of(
                    c.load().compareTo(b.gives()) <= 0,
                    BOILS,
                    Subject.SOURCE,
                    Map.of(
                            "air", Figure.of(c.line().site().coldest()),
                            "gives", Figure.of(b.gives()),
                            "load", Figure.of(c.load()),
                            "count", Figure.of(Integer.toString(s.count())),
                            "cylinder", Figure.of(c.cylinder().get().name()),
                            "fill", new Figure.OfShare(s.fill()),
                            "drawn", Figure.of(s.drawn().word()),
                            "liquid", Figure.of(b.liquid()))));
        }
        return all;
    }
}
