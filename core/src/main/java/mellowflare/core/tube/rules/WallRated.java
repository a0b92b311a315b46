package mellowflare.core.tube.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Needs;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.fluid.HighestPressure;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.Temperature;
import mellowflare.core.reference.Source;
import mellowflare.core.tube.line.TubeCase;
import mellowflare.core.tube.line.TubeRating;
import mellowflare.core.tube.stock.Tube;
import mellowflare.core.tube.stock.TubeMaterials;
import mellowflare.core.tube.stock.TubePressure;

/** The wall withstands the pressure, at the outside of the bends too, and a surge. */
final class WallRated implements Rule<TubeCase> {
    private static final RuleText TEXT = new RuleText(
            "tube.pressure",
            Severity.STOP,
            "The tube is too weak: rated to {rated}, {wanted} needed ({what}).",
            "The tube is rated to {rated}, enough for {wanted} ({what}).",
            "{criterion}, wall {wall} {where}, stress {stress}, design factor {factor}{yield, select, yes {, held down to two thirds of yield} other {}}",
            "Use a thicker wall, a smaller tube or a stronger material.",
            Source.of("Barlow on the outside diameter; greatest shear for thick walls"));
    private static final RuleText HOT = new RuleText(
            "tube.heat",
            Severity.STOP,
            "{material} is too hot: {hot}, and its table ends at {limit}.",
            "{material} at {hot} keeps {share} of its strength.",
            "heat table of the material",
            "Use a material rated for the heat, or keep the heat away.",
            Source.of("ASME B31 allowable stresses; house table"));

    @Override
    public List<Finding> check(TubeCase c) {
        if (c.tube().isEmpty()) {
            return List.of(Finding.notChecked(TEXT, Subject.TUBE, TubeNeeds.TUBE));
        }
        Tube tube = c.tube().get();
        TubeMaterials materials = c.data().get(TubeMaterials.KEY);
        Optional<Temperature> hot = c.service().fluidTemperature();
        List<Finding> all = new ArrayList<>();
        if (hot.isEmpty()) {
            all.add(Finding.notChecked(HOT, Subject.TUBE, Needs.HOTTEST));
        } else {
            Optional<Double> share = materials.share(tube.material(), hot.get());
            all.add(Finding.of(
                    share.isPresent(),
                    HOT,
                    Subject.TUBE,
                    Map.of(
                            "material", Figure.of(tube.material().name()),
                            "hot", Figure.of(hot.get()),
                            "limit",
                                    materials
                                            .hottest(tube.material())
                                            .map(Figure::of)
                                            .orElse(Figure.of(Say.it("wall-rated.no-row"))),
                            "share", new Figure.OfShare(share.orElse(0.0)))));
        }
        Optional<HighestPressure> wanted = HighestPressure.of(c.service());
        if (wanted.isEmpty()) {
            all.add(Finding.notChecked(TEXT, Subject.TUBE, Needs.WORKING));
            return all;
        }
        Optional<TubePressure> rated = TubeRating.of(c);
        if (rated.isEmpty()) {
            return all;
        }
        TubePressure p = rated.get();
        all.add(Finding.of(
                p.rated().compareTo(wanted.get().pressure()) >= 0,
                TEXT,
                Subject.TUBE,
                Map.of(
                        "rated", Figure.of(p.rated()),
                        "wanted", Figure.of(wanted.get().pressure()),
                        "what", Figure.of(wanted.get().word()),
                        "criterion", Figure.of(p.criterion()),
                        "wall", Figure.of(TubeRating.wall(c)),
                        "where",
                                Figure.of(
                                        c.path()
                                                        .filter(x -> !x.bends().isEmpty())
                                                        .isPresent()
                                                ? Say.it("wall-rated.left-outside-bends-least")
                                                : Say.it("wall-rated.at-its-least")),
                        "stress",
                                Figure.of(Say.it(
                                        "wall-rated.mpa", "stressMpa", LengthFormat.decimal(p.stressMpa(), 0, 0))),
                        "factor", Figure.of(LengthFormat.decimal(p.factor(), 1, 0)),
                        "yield", Figure.of(p.byYield() ? "yes" : "no"))));
        return all;
    }
}
