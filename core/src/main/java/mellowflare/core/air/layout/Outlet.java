package mellowflare.core.air.layout;

import java.util.List;
import java.util.Optional;
import mellowflare.core.measure.Length;

/**
 * Where tools are put on.
 *
 * @param tools ids of what is used there, one at a time
 * @param who uses it; outlets of the same person never run together
 * @param hose length of the hose to the tool; empty for none
 * @param hoseBore its bore; empty for the tool's own
 * @param treatment whether filter and regulator stand at the outlet
 */
public record Outlet(
        List<String> tools, Optional<String> who, Optional<Length> hose, Optional<Length> hoseBore, boolean treatment) {
    public static final Outlet BARE =
            new Outlet(List.of(), Optional.empty(), Optional.empty(), Optional.empty(), false);

    public Outlet {
        tools = List.copyOf(tools);
        if (hose.filter(h -> h.mm() <= 0 || h.compareTo(Piece.LONGEST) > 0).isPresent()
                || hoseBore.filter(b -> !Piece.canBe(b)).isPresent()) {
            throw new IllegalArgumentException(
                    "A hose is up to a kilometre long, above zero, and 1 to 1000 mm in the bore");
        }
    }

    public Outlet withTools(List<String> t) {
        return new Outlet(t, who, hose, hoseBore, treatment);
    }

    public Outlet withWho(Optional<String> w) {
        return new Outlet(tools, w, hose, hoseBore, treatment);
    }

    public Outlet withHose(Optional<Length> h) {
        return new Outlet(tools, who, h, hoseBore, treatment);
    }

    public Outlet withHoseBore(Optional<Length> b) {
        return new Outlet(tools, who, hose, b, treatment);
    }

    public Outlet withTreatment(boolean t) {
        return new Outlet(tools, who, hose, hoseBore, t);
    }
}
