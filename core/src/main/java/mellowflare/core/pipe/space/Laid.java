package mellowflare.core.pipe.space;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.geometry.Vector;

/**
 * A run as it lies in space.
 *
 * @param fittings in the order in which they were met; the first is where it begins
 * @param spools in the order in which they were met
 * @param attached what sits in a mouth without pipe
 * @param places number of the fitting at which each piece stands or ends
 * @param odd what could not be followed
 */
public record Laid(
        List<Fitted> fittings,
        List<Spool> spools,
        List<Attached> attached,
        Map<String, Integer> places,
        List<Odd> odd) {
    public Laid {
        fittings = List.copyOf(fittings);
        spools = List.copyOf(spools);
        attached = List.copyOf(attached);
        places = Map.copyOf(places);
        odd = List.copyOf(odd);
    }

    /** The fitting at which a piece stands or ends. */
    public Optional<Fitted> at(String piece) {
        return Optional.ofNullable(places.get(piece)).map(fittings::get);
    }

    /** A part as it is called in a sentence. */
    public String called(String part) {
        return fitting(part).map(Fitted::called).orElse(part);
    }

    /** The fitting of a name. */
    public Optional<Fitted> fitting(String name) {
        return fittings.stream().filter(f -> f.name().equals(name)).findFirst();
    }

    /** The pipe of a name. */
    public Optional<Spool> spool(String name) {
        return spools.stream().filter(s -> s.name().equals(name)).findFirst();
    }

    public Fitted from(Spool s) {
        return fittings.get(s.from());
    }

    public Fitted to(Spool s) {
        return fittings.get(s.to());
    }

    /** Where the pipe itself begins: in its first fitting. */
    public Vector begins(Spool s) {
        double off = from(s).mouths()
                .get(s.fromMouth())
                .off()
                .map(o -> o.length().mm())
                .orElse(0.0);
        return from(s).at().plus(s.direction().times(off));
    }

    /** Where the pipe itself ends: in its second fitting. */
    public Vector ends(Spool s) {
        double off =
                to(s).mouths().get(s.toMouth()).off().map(o -> o.length().mm()).orElse(0.0);
        return to(s).at().minus(s.direction().times(off));
    }
}
