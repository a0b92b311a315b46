package mellowflare.core.trouble;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import mellowflare.core.connection.End;
import mellowflare.core.connection.Seat;
import mellowflare.core.fluid.Fluid;
import mellowflare.core.fluid.FluidGroup;
import mellowflare.core.parts.Attach;

/** What a line or joint has that can fail in its own way. */
public enum Family {
    BOSS,
    FACE,
    FLARE,
    TAPER,
    WASHER,
    REUSABLE,
    CRIMPED,
    HOSE,
    VALVE,
    WATER,
    AIRCON,
    AIR,
    GAS;

    private static final Set<Family> JOINTS = EnumSet.of(BOSS, FACE, FLARE, TAPER, WASHER);
    private static final Set<Family> FIXINGS = EnumSet.of(REUSABLE, CRIMPED);

    /**
     * What may be there: everything that such a line can have, less what joint and fixing rule out.
     *
     * @param joint the end that leaks, if it is known
     * @param attach how the hose end is fixed, if that is known
     */
    static Set<Family> of(What what, Optional<End> joint, Optional<Attach> attach, Optional<Fluid> fluid) {
        EnumSet<Family> all = switch (what) {
            case HOSE -> EnumSet.of(BOSS, FACE, FLARE, TAPER, WASHER, REUSABLE, CRIMPED, HOSE);
            case TUBE -> EnumSet.of(BOSS, FACE, FLARE, TAPER);
            case PIPE -> EnumSet.of(TAPER);
            case AIR -> EnumSet.of(TAPER, FLARE, AIR);
            case GAS -> EnumSet.of(TAPER, FLARE, WASHER, GAS);
            case WATER -> EnumSet.of(TAPER, WASHER, WATER);
            case VALVE -> EnumSet.of(VALVE);
        };
        joint.ifPresent(e -> {
            all.removeAll(JOINTS);
            all.add(of(e));
        });
        attach.ifPresent(a -> {
            all.removeAll(FIXINGS);
            of(a).ifPresent(all::add);
        });
        if (fluid.filter(f -> f.group() == FluidGroup.REFRIGERANT).isPresent()
                && (what == What.HOSE || what == What.TUBE)) {
            all.add(AIRCON);
        }
        return all;
    }

    private static Family of(End e) {
        if (e.tapered() && e.usualSeat() == Seat.NONE) {
            return TAPER;
        }
        return switch (e.usualSeat().sealPlace()) {
            case RING_IN_HOUSING, RING_AROUND_TUBE -> BOSS;
            case RING_IN_FACE, RING_ON_PILOT -> FACE;
            case CONE, SLEEVE -> FLARE;
            case WASHER -> WASHER;
            case THREAD_FLANKS, BARBS -> TAPER;
        };
    }

    private static Optional<Family> of(Attach a) {
        return switch (a) {
            case CRIMPED, BARRIER_CRIMP, FACTORY -> Optional.of(CRIMPED);
            case REUSABLE, BRAID_REUSABLE, OLIVE -> Optional.of(REUSABLE);
            case BARB_CLAMP, PUSH_CONNECT -> Optional.empty();
        };
    }
}
