package mellowflare.core.hose.rules;

import java.util.ArrayList;
import java.util.HashMap;
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
import mellowflare.core.connection.End;
import mellowflare.core.connection.SealRing;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.line.HoseNeeds;
import mellowflare.core.hose.line.Side;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.Source;

/** A ring port must have the ring housing of its standard; one cut with a small lead-in chamfer lets a fitting turn home by hand and works loose. */
final class PortHousing implements Rule<HoseCase> {
    private static final RuleText TEXT = new RuleText(
            "port.housing",
            Severity.STOP,
            "A fitting turns all the way in by hand in the {end} port of {place}: the port has no ring housing.",
            "In the {end} port of {place} the ring meets the port before the shoulder does.",
            "in a sound port the ring touches first and the last turns need a wrench; here the ring has room or shows",
            "Do not use this port. Have the ring housing of the standard machined into it, or replace the part.",
            Source.of("SAE J1926-1; ISO 11926-1; ISO 6149-1"));

    private static final RuleText SHOWS = new RuleText(
            "port.ring-shows",
            Severity.STOP,
            "The ring shows at the {end} port of {place} when the fitting is tight: the port has no ring housing.",
            "The ring does not show at the {end} port of {place} when the fitting is tight.",
            "in a sound port the ring sits fully inside its housing",
            "Do not use this port. Have the ring housing of the standard machined into it, or replace the part.",
            Source.of("SAE J1926-1; ISO 11926-1; ISO 6149-1"));
    private static final RuleText MOUTH = new RuleText(
            "port.mouth",
            Severity.WARN,
            "The mouth of the {end} port of {place} measures {mouth}; the ring housing of its standard is {housing}.",
            "The mouth of the {end} port of {place} measures {mouth}, as its ring housing should ({housing}).",
            "{mouth} against {housing}, measured at the face",
            "Measure again across the edge of the cone. If it stays so, turn a fitting in by hand: if it goes all the way in, the port is bad.",
            new Source("SAE J1926-1, diameter of the housing at the face", Confidence.TYPICAL));
    /** What a caliper and a broken edge make of a sound housing (house figure). */
    private static final double OFF_MM = 0.5;

    @Override
    public List<Finding> check(HoseCase c) {
        return c.sides().stream()
                .filter(s -> s.port().filter(End::ringPort).isPresent())
                .flatMap(s -> check(s).stream())
                .toList();
    }

    private static List<Finding> check(Side s) {
        Subject about = s.which().joint();
        End port = s.port().orElseThrow();
        Map<String, Figure> figures = Map.of(
                "end", Figure.of(port.brief()),
                "place", Figure.of(s.place().isEmpty() ? Say.it("port-housing.end", "which", s.which()) : s.place()));
        List<Finding> all = new ArrayList<>();
        all.add(s.tried()
                .homeByHand()
                .map(home -> Finding.of(!home, TEXT, about, figures))
                .orElseGet(() -> Finding.notChecked(TEXT, about, HoseNeeds.turnsHome(s.which()))));
        s.tried().ringShows().ifPresent(shows -> all.add(Finding.of(!shows, SHOWS, about, figures)));
        s.tried().mouth().ifPresent(m -> all.add(mouth(m, port, about, figures)));
        return all;
    }

    private static Finding mouth(Length measured, End port, Subject about, Map<String, Figure> figures) {
        Optional<Length> housing = port.ring().flatMap(SealRing::housing);
        if (housing.isEmpty()) {
            return Finding.notChecked(
                    MOUTH,
                    about,
                    Needs.fromMaker(
                            "housing-" + port.id().text(),
                            Say.it("port-housing.ask-maker", "port", port.brief()),
                            about));
        }
        Map<String, Figure> more = new HashMap<>(figures);
        more.put("mouth", Figure.of(measured));
        more.put("housing", Figure.of(housing.get()));
        return Finding.of(measured.distanceTo(housing.get()).mm() <= OFF_MM, MOUTH, about, more);
    }
}
