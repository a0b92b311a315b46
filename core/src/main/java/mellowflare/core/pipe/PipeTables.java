package mellowflare.core.pipe;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import mellowflare.core.cutting.CutPlan;
import mellowflare.core.line.BarTable;
import mellowflare.core.line.ListTable;
import mellowflare.core.line.PartsTable;
import mellowflare.core.pipe.assemble.AssemblyWords;
import mellowflare.core.pipe.layout.RunText;
import mellowflare.core.pipe.line.PipeBars;
import mellowflare.core.pipe.line.PipeCase;
import mellowflare.core.pipe.line.PipePart;
import mellowflare.core.table.FigureTable;

/** The figures of a line of rigid pipe: its bars and its parts, its pieces as they were called out and in which order they go together. */
final class PipeTables {
    private PipeTables() {}

    static List<FigureTable> of(PipeCase c) {
        List<FigureTable> all = new ArrayList<>();
        Map<String, CutPlan> bars = new LinkedHashMap<>();
        PipeBars.of(List.of(PipeBars.Marked.alone(c))).forEach((kind, plan) -> bars.put(kind.words(), plan));
        if (!bars.isEmpty()) {
            all.add(BarTable.of(bars, c.units()));
        }
        if (!c.partsList().isEmpty()) {
            all.add(parts(c.partsList()));
        }
        if (!c.isOffset() && !c.line().run().pieces().isEmpty()) {
            all.add(ListTable.walk(c.line().run().pieces().stream()
                    .map(p -> RunText.write(p, c.units()))
                    .toList()));
        }
        if (!c.assembly().steps().isEmpty()) {
            all.add(ListTable.order(c.assembly().steps().stream()
                    .map(s -> AssemblyWords.of(s, c.laid().orElseThrow(), c.units()))
                    .toList()));
        }
        return all;
    }

    private static FigureTable parts(List<PipePart> parts) {
        return PartsTable.of(parts.stream()
                .map(p -> new PartsTable.Part(p.name(), p.count(), p.metres(), p.each()))
                .toList());
    }
}
