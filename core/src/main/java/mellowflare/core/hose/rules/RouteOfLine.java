package mellowflare.core.hose.rules;

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
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.line.HoseNeeds;
import mellowflare.core.hose.route.RouteNeeds;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.reference.Source;

/** What the way says of itself, and whether the length that was measured goes with it. The measured length overrules, and is told where it cannot be. */
final class RouteOfLine implements Rule<HoseCase> {
    /** Spare length above this share of the way wants leading and clamping. */
    private static final double SLACK = 0.15;

    private static final RuleText SHORT = new RuleText(
            "length.reaches",
            Severity.STOP,
            "The hose is too short: {finished}; the shortest route that keeps the bend radius is {way}.",
            "The hose is long enough: {finished}; the shortest route is {way}.",
            "{finished} against {way}",
            "Measure both again; if the route is right, make the hose {wanted} or longer.",
            Source.of("the way in space"));
    private static final RuleText PULLS = new RuleText(
            "length.under-pressure",
            Severity.WARN,
            "Under pressure the hose may shorten from {finished} to {shortest} and pull: the route is {way}.",
            "Even shortened to {shortest} under pressure, the hose covers the route of {way}.",
            "{shortest} against {way}",
            "Make it {wanted} or longer, so that it does not pull on its ends.",
            Source.of("SAE J517 length change under pressure; SAE J1273"));
    private static final RuleText SLACKS = new RuleText(
            "length.slack",
            Severity.WARN,
            "The hose is {slack} longer than the route: {finished}. The slack hangs out about {sag}.",
            "The hose has {slack} of slack, which hangs out about {sag}.",
            "{finished} against {way}",
            "Shorten it toward {wanted}, or clamp the slack where nothing rubs.",
            Source.house("spare of more than a seventh of the way"));

    @Override
    public List<Finding> check(HoseCase c) {
        if (c.route().isEmpty()) {
            return List.of();
        }
        List<Finding> all = new ArrayList<>(c.route().get().findings());
        Optional<Length> way = c.route().get().length();
        if (c.finished().isEmpty() || way.isEmpty()) {
            all.add(Finding.notChecked(
                    SHORT, Subject.LENGTH, way.isEmpty() ? RouteNeeds.WITHIN_RADIUS : HoseNeeds.FINISHED));
            return all;
        }
        Length adapters = c.a().adapterLength().plus(c.b().adapterLength());
        Length finished = c.finished().get().value();
        double mm = finished.minus(adapters).mm();
        double needed = way.get().mm();
        double shortest = mm * c.traits().orElseThrow().shortest();
        Map<String, Figure> figures = Map.of(
                "finished", Figure.of(finished),
                "way", Figure.of(way.get()),
                "wanted", Figure.of(LengthFormat.shopUp(c.lengthByRoute().orElseThrow(), c.units())),
                "shortest", Figure.of(Length.ofMm(shortest).plus(adapters)),
                "slack", Figure.of(Length.ofMm(Math.max(0, mm - needed))),
                "sag", Figure.of(Length.ofMm(sag(needed, mm))));
        boolean reaches = mm >= needed - 0.5;
        all.add(Finding.of(reaches, SHORT, Subject.LENGTH, figures));
        if (reaches) {
            all.add(Finding.of(shortest >= needed - 0.5, PULLS, Subject.LENGTH, figures));
            all.add(Finding.of(mm <= needed * (1 + SLACK), SLACKS, Subject.LENGTH, figures));
        }
        return all;
    }

    /** Height of a shallow arc over a chord: slack = 8 h2 / (3 L). */
    private static double sag(double way, double made) {
        return made <= way ? 0 : Math.sqrt(3 * way * (made - way) / 8);
    }
}
