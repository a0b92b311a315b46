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
            "A fitting turns home by hand in the {end} port of {place}: the port has no ring housing.",
            "The ring of a fitting meets the {end} port of {place} before its shoulder does.",
            "in a sound port the ring touches first and the last turns take a wrench; here the ring has room or peeps out",
            "Do not use this port. Have its mouth cut to the ring housing of the standard, or replace the part.",
            Source.of("SAE J1926-1; ISO 11926-1; ISO 6149-1"));

    private static final RuleText SHOWS = new RuleText(
            "port.ring-shows",
            Severity.STOP,
            "The ring peeps out at the {end} port of {place} when the fitting is tight: the port has no ring housing.",
            "No ring is to be seen at the {end} port of {place} when the fitting is tight.",
            "in a sound port the ring lies wholly in its housing",
            "Do not use this port. Have its mouth cut to the ring housing of the standard, or replace the part.",
            Source.of("SAE J1926-1; ISO 11926-1; ISO 6149-1"));
    private static final RuleText MOUTH = new RuleText(
            "port.mouth",
            Severity.WARN,
            "The mouth of the {end} port of {place} is {mouth} across; the ring housing of its standard is {housing}.",
            "The mouth of the {end} port of {place} is {mouth} across, as its ring housing should be ({housing}).",
            "{mouth} against {housing}, read at the face",
            "Read it again over the edge of the cone. If it stays so, turn a fitting in by hand: home by hand means a bad port.",
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
                "place", Figure.of(s.place().isEmpty() ? "end " + s.which() : s.place()));
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
            return Finding.notChecked(MOUTH, about, Needs.fromMaker("the ring housing of " + port.brief(), about));
        }
        Map<String, Figure> more = new HashMap<>(figures);
        more.put("mouth", Figure.of(measured));
        more.put("housing", Figure.of(housing.get()));
        return Finding.of(measured.distanceTo(housing.get()).mm() <= OFF_MM, MOUTH, about, more);
    }
}
