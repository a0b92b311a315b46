package mellowflare.core.connection;

import java.util.List;
import java.util.Optional;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthBand;
import mellowflare.core.reference.Source;
import mellowflare.core.size.DashSize;
import mellowflare.core.thread.ThreadSize;

/**
 * One end that a fitter may hold.
 *
 * @param id family, size, gender
 * @param name the family's name in trade words
 * @param thread its thread
 * @param seats the seats it may have, the usual one first, never empty
 * @param ring for O-ring bosses
 * @param share how common it is beside the others (gentle prior, not a probability)
 * @param metIn kinds of service it is met in
 * @param aliases other names of the trade
 * @param source of thread, seat and sealing place
 */
public record End(
        EndId id,
        String name,
        ThreadSize thread,
        List<Seat> seats,
        Optional<BossRing> ring,
        double share,
        List<String> metIn,
        List<String> aliases,
        Source source) {

    public End {
        seats = List.copyOf(seats);
        metIn = List.copyOf(metIn);
        aliases = List.copyOf(aliases);
        if (seats.isEmpty() || !(share > 0)) {
            throw new IllegalArgumentException("An end has a seat, even “none”, and a share above zero: " + id);
        }
    }

    public Gender gender() {
        return id.gender();
    }

    /** Where a reading over the crests should fall. */
    public LengthBand crest() {
        return gender() == Gender.MALE ? thread.maleCrest() : thread.femaleCrest();
    }

    public Seat usualSeat() {
        return seats.get(0);
    }

    /** Dash size for families named by dash. */
    public Optional<DashSize> dash() {
        return id.size().startsWith("-") ? DashSize.read(id.size()) : Optional.empty();
    }

    /** Outside diameter of the tube that a flare end takes. */
    public Optional<Length> tubeOutside() {
        return id.code() == EndCode.JIC37 ? dash().map(DashSize::tubeOutside) : Optional.empty();
    }

    /** As {@code 37 degree flare, dash 8} or {@code BSPP parallel pipe thread, 1/2}. */
    public String title() {
        return name + ", " + dash().map(d -> "dash " + d.number()).orElse(id.size());
    }

    /** As {@code JIC37 -8}. */
    public String brief() {
        return id.code() + " " + id.size();
    }
}
