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
 * @param form what it shares with its family
 * @param body what it is on its outside
 * @param thread its thread, if it has one
 * @param leftHand whether that thread is cut left-handed
 * @param across where a reading across it should fall ({@link Body#across}); empty where no figure is known
 * @param tube outside diameter of the tube it takes or is
 * @param seats the seats it may have, the usual one first, never empty
 * @param ring for O-ring bosses
 * @param share how common it is beside the others (gentle prior, not a probability)
 * @param source of thread, seat and sealing place
 */
public record End(
        EndId id,
        EndForm form,
        Body body,
        Optional<ThreadSize> thread,
        boolean leftHand,
        Optional<LengthBand> across,
        Optional<Length> tube,
        List<Seat> seats,
        Optional<SealRing> ring,
        double share,
        Source source) {
    public End {
        seats = List.copyOf(seats);
        if (seats.isEmpty() || !(share > 0)) {
            throw new IllegalArgumentException("An end has a seat, even “none”, and a share above zero: " + id);
        }
        if ((body == Body.THREAD) != thread.isPresent() || leftHand && thread.isEmpty()) {
            throw new IllegalArgumentException("A threaded end has a thread, and no other has: " + id);
        }
    }

    public Gender gender() {
        return id.gender();
    }

    /** The family's name in trade words. */
    public String name() {
        return form.name();
    }

    /** The end that it is made to go together with: the same size of its family, or of the family it is made for. */
    public EndId mateId() {
        EndId same = id.mate();
        return form.mate().map(c -> new EndId(c, same.size(), same.gender())).orElse(same);
    }

    public Seat usualSeat() {
        return seats.get(0);
    }

    /** Whether it has a thread that tapers. */
    public boolean tapered() {
        return thread.filter(ThreadSize::tapered).isPresent();
    }

    /** Whether it seals on the thread itself: the only seat it can have is none. */
    public boolean sealsOnThread() {
        return thread.isPresent() && seats.equals(List.of(Seat.NONE));
    }

    /** Dash size for families named by dash. */
    public Optional<DashSize> dash() {
        return id.size().startsWith("-") ? DashSize.read(id.size()) : Optional.empty();
    }

    /** The thread as the trade names it, left-handed if it is; what it is outside where it has none. */
    public String threadName() {
        return thread.map(t -> leftHand ? Say.it("end.left-hand", "thread", t.name()) : t.name())
                .orElse(
                        threadLeftOpen()
                                ? Say.it("end.thread-as-its-maker")
                                : Say.it("end.no-thread", "body", body.words()));
    }

    /** As {@code 37 degree flare, dash 8} or {@code BSPP parallel pipe thread, 1/2}. */
    public String title() {
        return name() + ", "
                + dash().map(d -> Say.it("end.dash", "number", d.number())).orElse(id.size());
    }

    /** As {@code JIC37 -8}. */
    public String brief() {
        return id.code() + " " + id.size();
    }

    /** Whether it has a nut whose thread its standard leaves to the maker: no figure for it can be given. */
    public boolean threadLeftOpen() {
        return thread.isEmpty() && usualSeat() == Seat.FERRULE;
    }

    /** Whether it is a port that should have a ring housing in its mouth. */
    public boolean ringPort() {
        return id.gender() == Gender.FEMALE && usualSeat() == Seat.PORT_ORING;
    }
}
