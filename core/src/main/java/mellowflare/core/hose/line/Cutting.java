package mellowflare.core.hose.line;

import java.util.List;
import java.util.Optional;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.advice.Methods;
import mellowflare.core.fluid.FluidGroup;

/** Which way a line's hose is cut: the shop's method where it suits the kind of hose, else the kind's usual way. */
public final class Cutting {
    private Cutting() {}

    /** The id of the way; empty for a hose bought whole or not chosen. */
    public static Optional<String> way(HoseCase c) {
        String method = c.data()
                .get(Methods.KEY)
                .chosen(MethodTopic.HOSE_CUTTING, c.practice())
                .id();
        if (c.traits().isEmpty()) {
            return Optional.of(method);
        }
        List<String> ways = c.traits().get().cutting();
        if (ways.contains(method)) {
            return Optional.of(method);
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
