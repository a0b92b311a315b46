package mellowflare.core.tube.line;

import java.util.Optional;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.connection.Seat;
import mellowflare.core.measure.Length;
import mellowflare.core.tube.end.EndTraits;
import mellowflare.core.tube.end.FlareBand;
import mellowflare.core.tube.end.NutSize;
import mellowflare.core.tube.end.TubeEndKind;
import mellowflare.core.tube.flare.FlareBench;
import mellowflare.core.tube.flare.FlareMade;
import mellowflare.core.tube.flare.FlareSetting;
import mellowflare.core.tube.flare.FlareTool;

/**
 * One side of a tube line with everything looked up.
 *
 * @param port what it goes on
 * @param end as the job keeps it
 * @param traits of its kind
 * @param part the end that nut and flare go on: the port, else the usual one for the tube
 * @param threadBore bore of the thread that the flare must pass
 * @param tool the flaring tool
 * @param band what the flare's diameter must be
 * @param bench for the flare
 * @param middle the stick-out that lands in the middle of the band
 * @param stickOut the stick-out worked with: as set, else by method
 * @param made the flare that comes of it
 * @param nut on the tube
 */
public record TubeSide(
        TubePort port,
        TubeEnd end,
        Optional<EndTraits> traits,
        Optional<End> part,
        Optional<Length> threadBore,
        Optional<FlareTool> tool,
        Optional<FlareBand> band,
        Optional<FlareBench> bench,
        Optional<Length> middle,
        Optional<Length> stickOut,
        Optional<FlareMade> made,
        Optional<NutSize> nut) {

    /** Nobody sets a stick-out finer (house figure). */
    private static final double SETTABLE_MM = 0.05;

    public LineEnd which() {
        return port.which();
    }

    /** Where the joint seals: of the seats that its end may have the one that the tube's end makes. */
    public Optional<Seat> seat() {
        if (part.isEmpty() || traits.isEmpty()) {
            return Optional.empty();
        }
        return part.get().seats().stream()
                .filter(x -> !traits.get().flared() || x.isCone())
                .findFirst()
                .or(() -> Optional.of(part.get().usualSeat()));
    }

    /** The nut that this end gets: a double flare of 45 degrees has a male one in an inverted seat and a female one on a 45 degree body. */
    public EndTraits.Nut nutKind() {
        boolean onBody = part.filter(p -> p.id().code() == EndCode.SAE45).isPresent();
        return traits.map(t -> t.kind() == TubeEndKind.DOUBLE45 && onBody ? EndTraits.Nut.FEMALE : t.nut())
                .orElse(EndTraits.Nut.NONE);
    }

    /** Length of tube that the end takes beyond the measured point: what flaring shortens, and what reaches in. */
    public Length takes() {
        return end.reach().plus(made.map(FlareMade::shortens).orElse(Length.ZERO));
    }

    /** The middle of the band as it can be set with a rule or a leaf gauge. */
    public Optional<Length> settable() {
        return middle.map(m -> Length.ofMm(Math.rint(m.mm() / SETTABLE_MM) * SETTABLE_MM));
    }

    /** The setting that is planned: all well but the stick-out as it is. */
    public Optional<FlareSetting> setting() {
        return stickOut.map(FlareSetting::good);
    }
}
