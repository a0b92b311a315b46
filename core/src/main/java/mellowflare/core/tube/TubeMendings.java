package mellowflare.core.tube;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import mellowflare.core.connection.End;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.fluid.Fluid;
import mellowflare.core.line.Mending;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.tube.end.EndKinds;
import mellowflare.core.tube.line.TubeCase;
import mellowflare.core.tube.line.TubeLine;
import mellowflare.core.tube.line.TubePick;
import mellowflare.core.tube.stock.Bender;
import mellowflare.core.tube.stock.Benders;
import mellowflare.core.tube.stock.Tube;
import mellowflare.core.tube.stock.TubeSize;
import mellowflare.core.tube.stock.TubeSizes;

/** What may be changed about a tube: wall or material of the same outside, how its ends are made, the bender. */
final class TubeMendings {
    /** Tube of one outside diameter is sold with walls and by standards that lie this near (mm). */
    private static final double SAME_MM = 0.05;

    private TubeMendings() {}

    static List<Mending<TubeLine>> of(TubeCase c) {
        List<Mending<TubeLine>> all = new ArrayList<>();
        TubeLine line = c.line();
        c.tube().ifPresent(now -> {
            c.data().get(TubeSizes.KEY).all().stream()
                    .filter(s ->
                            Math.abs(s.tube().outside().mm() - now.outside().mm()) <= SAME_MM)
                    .filter(s -> !s.tube().equals(now))
                    .sorted(Comparator.comparingDouble((TubeSize s) ->
                            Math.abs(s.tube().wall().mm() - now.wall().mm())))
                    .forEach(s -> all.add(new Mending<>(
                            Say.it(
                                    "tube-mendings.tube",
                                    "family",
                                    s.family(),
                                    "size",
                                    s.names(),
                                    "wall",
                                    LengthFormat.figure(s.tube().wall(), c.units())),
                            line.withTube(Optional.of(new TubePick.Listed(s.id()))))));
            benders(c, line, now, all);
        });
        for (LineEnd which : LineEnd.values()) {
            ends(c, line, which, all);
        }
        return all;
    }

    private static void benders(TubeCase c, TubeLine line, Tube now, List<Mending<TubeLine>> all) {
        for (Bender b : c.data().get(Benders.KEY).forTube(now.outside())) {
            if (line.bender().filter(b.id()::equals).isEmpty()) {
                all.add(new Mending<>(
                        Say.it("tube-mendings.bender", "bender", b.name()),
                        line.withBender(Optional.of(b.id())).withRadius(Optional.empty())));
            }
        }
    }

    private static void ends(TubeCase c, TubeLine line, LineEnd which, List<Mending<TubeLine>> all) {
        Optional<End> port = c.setting().port(which);
        if (port.isEmpty()) {
            return;
        }
        c.data().get(EndKinds.KEY).madeFor(port.get().id().code(), c.fluid().map(Fluid::group)).stream()
                .filter(t -> line.end(which).kind().filter(t.kind()::equals).isEmpty())
                .forEach(t -> all.add(new Mending<>(
                        Say.it("tube-mendings.end", "which", which, "end", t.name()),
                        line.withEnd(which, line.end(which).withKind(Optional.of(t.kind()))))));
    }
}
