package mellowflare.core.air.rules;

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
import mellowflare.core.air.demand.Compressor;
import mellowflare.core.air.main.Plant;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.Source;

/** Siting: noise, heat, air, reach of the drain. */
final class CompressorPlaced implements Rule<AirCase> {
    private static final double LOUD = 80;
    /** What the wall and door of a closet, and a wall to outside, take off (dB; house figures). */
    private static final double CLOSET_WALL = 15;

    private static final double OUTSIDE_WALL = 25;
    private static final RuleText NOISE = new RuleText(
            "air.noise",
            Severity.WARN,
            "{noise} at {ears}: at that level hearing is damaged over a working day.",
            "{noise} at {ears}.",
            "{source} at one metre, 6 dB less for each doubling of the distance; limit 80 dB(A) over a day",
            "Put it in a ventilated closet, build a wall between, move it further away, or wear hearing protection.",
            Source.of("Directive 2003/10/EC: lower action value 80 dB(A); free field"));

    private static final RuleText HEAT = new RuleText(
            "air.heat",
            Severity.WARN,
            "The closet gets {heat} of heat and no cool air: the compressor will overheat and stop, and it draws in warm, wet air.",
            "Cool air reaches the compressor and warm air leaves.",
            "{heat} of heat",
            "Fit a grille low down for cool air and one high up, or a duct, for warm air: about {flow} of room air.",
            new Source("heat of compression leaves as warm air: all of the shaft\u2019s power", Confidence.TYPICAL));

    private static final RuleText DRAIN = new RuleText(
            "air.drain-reach",
            Severity.WARN,
            "The receiver drain cannot be reached: the receiver will rust through from below.",
            "The receiver drain can be reached and led away.",
            "location of the compressor",
            "Leave room to kneel beside it, or lead the drain out with a small tube.",
            new Source("pressure-vessel rules ask for draining and inspection", Confidence.TYPICAL));

    @Override
    public List<Finding> check(AirCase c) {
        Optional<Compressor> k = c.compressor();
        Plant p = c.main().plant();
        if (k.isEmpty() || p.place() == Plant.Place.UNSAID) {
            return List.of(
                    Finding.notChecked(NOISE, Subject.COMPRESSOR, k.isEmpty() ? AirNeeds.COMPRESSOR : AirNeeds.PLACE));
        }
        List<Finding> all = new ArrayList<>();
        double wall = p.place() == Plant.Place.CLOSET ? CLOSET_WALL : 0;
        if (p.place() == Plant.Place.OUTSIDE) {
            wall = OUTSIDE_WALL;
        }
        if (p.toEars().isPresent()) {
            double at = k.get().noise()
                    - wall
                    - 20 * Math.log10(Math.max(1, p.toEars().get().mm() / 1000));
            all.add(Finding.of(
                    at <= LOUD,
                    NOISE,
                    Subject.COMPRESSOR,
                    Map.of(
                            "noise", Figure.of(Say.it("compressor-placed.db-a", "at", LengthFormat.decimal(at, 0, 0))),
                            "source",
                                    Figure.of(Say.it(
                                            "compressor-placed.db-a-2",
                                            "noise",
                                            LengthFormat.decimal(k.get().noise(), 0, 0))),
                            "ears", Figure.of(p.toEars().get()))));
        } else {
            all.add(Finding.notChecked(NOISE, Subject.COMPRESSOR, AirNeeds.EARS));
        }
        Map<String, Figure> heat = Map.of(
                "heat",
                        Figure.of(Say.it(
                                "compressor-placed.kw",
                                "kilowatts",
                                LengthFormat.decimal(k.get().kilowatts(), 1, 0))),
                "flow",
                        Figure.of(
                                LengthFormat.decimal(k.get().kilowatts() * 3600 / (1.2 * 1.005 * 10), 0, 0) + " m³/h"));
        if (p.freshAir().isEmpty()) {
            all.add(Finding.notChecked(HEAT, Subject.COMPRESSOR, AirNeeds.FRESH));
        } else {
            all.add(Finding.of(p.freshAir().get(), HEAT, Subject.COMPRESSOR, heat));
        }
        if (p.drain().isEmpty()) {
            all.add(Finding.notChecked(DRAIN, Subject.COMPRESSOR, AirNeeds.DRAIN));
        } else {
            all.add(Finding.of(p.drain().get(), DRAIN, Subject.COMPRESSOR, Map.of()));
        }
        return all;
    }
}
