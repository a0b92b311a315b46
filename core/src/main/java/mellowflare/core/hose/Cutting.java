package mellowflare.core.hose;

import java.util.List;
import java.util.Optional;
import mellowflare.core.advice.SchoolTopic;
import mellowflare.core.advice.Schools;
import mellowflare.core.fluid.FluidGroup;

/** Which way a line's hose is cut: the shop's school where it suits the kind of hose, else the kind's usual way. */
public final class Cutting {
    private Cutting() {}

    /** The id of the way; empty for a hose bought whole or not chosen. */
    static Optional<String> way(HoseCase c) {
        String school = c.data()
                .get(Schools.KEY)
                .chosen(SchoolTopic.HOSE_CUTTING, c.practice())
                .id();
        if (c.traits().isEmpty()) {
            return Optional.of(school);
        }
        List<String> ways = c.traits().get().cutting();
        if (ways.contains(school)) {
            return Optional.of(school);
        }
        return ways.stream().findFirst();
    }

    /** Whether sparks of the cut would be near something that burns. */
    public static boolean sparksNearFuel(HoseCase c) {
        return way(c).filter("wheel"::equals).isPresent()
                && c.fluid()
                        .filter(f -> f.group() == FluidGroup.FUEL || f.group() == FluidGroup.GAS)
                        .isPresent();
    }
}
