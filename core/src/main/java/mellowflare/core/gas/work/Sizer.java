package mellowflare.core.gas.work;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.gas.layout.Piece;
import mellowflare.core.gas.net.CheapestSizes;
import mellowflare.core.gas.net.GasNet;
import mellowflare.core.gas.stock.GasSize;
import mellowflare.core.gas.stock.GasSystem;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.run.walk.Walked;

/** Asks for the cheapest sizes of a gas line: standing pipe costs nothing as it is and its full price in another size, every inlet keeps its least pressure and the allowed drop. */
final class Sizer {
    private Sizer() {}

    static Optional<CheapestSizes.Found> of(GasCase c, GasNet net, GasSystem system) {
        NetBuilder builder = new NetBuilder(c.walk(), c.joints(), c.stock(), Optional.of(system.rough()));
        // Stretches without a size lie in the network with the widest one.
        List<GasSize> sizes = c.stock().sizes(system.id());
        if (sizes.isEmpty()) {
            return Optional.empty();
        }
        GasSize widest = sizes.get(sizes.size() - 1);
        Map<String, List<CheapestSizes.Choice>> choices = new LinkedHashMap<>();
        List<GasRun> whole = new ArrayList<>();
        for (GasRun r : c.runs()) {
            boolean standing = r.run().piece() instanceof Piece.Pipe p && p.standing();
            boolean hose = r.run().kind() == Walked.Kind.HOSE;
            GasRun with = r.bore().isPresent() ? r : new GasRun(r.run(), Optional.of(widest));
            whole.add(with);
            if (!hose) {
                int fittings = 1 + builder.met(r.run()).size();
                choices.put(
                        r.name(),
                        sizes.stream()
                                .map(z -> new CheapestSizes.Choice(
                                        z.size(),
                                        builder.pipe(r, z.bore()),
                                        standing && r.size().filter(z::equals).isPresent()
                                                ? 0
                                                : z.metre() * r.run().length().mm() / 1000 + z.fitting() * fittings))
                                .toList());
            }
        }
        GasNet all = builder.net(net.gas(), net.feed(), whole, limited(c, net), net.temperature(), net.barometer());
        return CheapestSizes.of(all, choices);
    }

    /** Every draw with the least pressure that it may have: its own, and what the allowed drop leaves. */
    private static List<GasNet.Draw> limited(GasCase c, GasNet net) {
        List<GasNet.Draw> draws = new ArrayList<>();
        for (GasNet.Draw d : net.draws()) {
            Optional<GaugePressure> byDrop = c.inlet(d.name())
                    .flatMap(Inlet::stage)
                    .or(c::feed)
                    .flatMap(s -> c.allowedDrop().map(s::less));
            Optional<GaugePressure> least = d.least()
                    .map(l -> byDrop.filter(b -> b.compareTo(l) > 0).orElse(l))
                    .or(() -> byDrop);
            draws.add(new GasNet.Draw(d.name(), d.node(), d.flow(), least));
        }
        return draws;
    }
}
