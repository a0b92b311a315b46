package mellowflare.core.pipe;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.core.line.Mending;
import mellowflare.core.pipe.line.PipeCase;
import mellowflare.core.pipe.line.PipeLine;
import mellowflare.core.pipe.stock.FittingSize;
import mellowflare.core.pipe.stock.FittingSystem;
import mellowflare.core.pipe.stock.PipeGrade;
import mellowflare.core.pipe.stock.PipeStock;

/** What may be changed about rigid pipe: the pipe and its wall, the fittings, the size of an offset. */
final class PipeMendings {
    private PipeMendings() {}

    static List<Mending<PipeLine>> of(PipeCase c) {
        List<Mending<PipeLine>> all = new ArrayList<>();
        PipeLine line = c.line();
        PipeStock stock = c.data().get(PipeStock.KEY);
        for (PipeGrade g : stock.grades()) {
            boolean goes = c.system()
                    .map(s -> s.goesWith().contains(g.id()) || s.thread() == g.thread())
                    .orElse(true);
            if (goes && line.grade().filter(g.id()::equals).isEmpty()) {
                all.add(new Mending<>(
                        Say.it("pipe-mendings.pipe", "pipe", g.name()), line.withGrade(Optional.of(g.id()))));
            }
        }
        for (FittingSystem s : stock.systems()) {
            if (line.system().filter(s.id()::equals).isEmpty()) {
                all.add(new Mending<>(
                        Say.it("pipe-mendings.fittings", "fittings", s.name()), line.withSystem(Optional.of(s.id()))));
            }
        }
        c.system().ifPresent(s -> {
            for (FittingSize f : stock.fittings(s)) {
                if (c.isOffset() && line.size().filter(f.size()::equals).isEmpty()) {
                    all.add(new Mending<>(
                            Say.it("pipe-mendings.size", "size", f.size()), line.withSize(Optional.of(f.size()))));
                }
            }
        });
        return all;
    }
}
