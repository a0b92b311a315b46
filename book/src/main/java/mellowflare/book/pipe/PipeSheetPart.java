package mellowflare.book.pipe;

import java.io.IOException;
import java.util.List;
import mellowflare.book.line.SheetPart;
import mellowflare.book.sheet.SheetPage;
import mellowflare.core.advice.Figure;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.pipe.PipePlan;
import mellowflare.core.pipe.cut.RunCuts;
import mellowflare.core.pipe.line.PipeCase;

/** What the sheet of a line of rigid pipe shows of it. */
final class PipeSheetPart implements SheetPart {
    private final PipePlan plan;
    private final PipeCase c;
    private final UnitSystem units;

    PipeSheetPart(PipePlan plan) {
        this.plan = plan;
        this.c = plan.c();
        this.units = c.units();
    }

    @Override
    public String measuredName() {
        return Say.it("pipe-sheet-part.overall");
    }

    @Override
    public void pictures(SheetPage page) throws IOException {
        page.figures(List.of(
                new String[] {
                    Say.it("pipe-sheet-part.pieces"),
                    Integer.toString(c.pieces().size()),
                    new Figure.OfReach(plan.length()).text(units)
                },
                new String[] {
                    Say.it("pipe-sheet-part.far-end"),
                    c.cuts()
                            .map(RunCuts::out)
                            .map(out -> Figure.of(Length.ofMm(out.stream()
                                            .mapToDouble(Vector::length)
                                            .max()
                                            .orElse(0)))
                                    .text(units))
                            .orElse("–"),
                    Say.it("pipe-sheet-part.by-rounding")
                },
                new String[] {
                    Say.it("pipe-sheet-part.closes"),
                    c.closing()
                            .map(k -> new Figure.OfShare(k.chance()).text(units))
                            .orElse("–"),
                    Say.it("pipe-sheet-part.without-force")
                }));
        new SumSheetPdf(plan).write(page);
    }
}
