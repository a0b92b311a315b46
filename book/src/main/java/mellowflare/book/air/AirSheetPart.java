package mellowflare.book.air;

import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.book.line.SheetPart;
import mellowflare.book.sheet.SheetPage;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.air.AirPlan;
import mellowflare.core.air.cut.CutWork;
import mellowflare.core.air.draw.MainDrawing;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.cutting.CutFindings;
import mellowflare.core.cutting.CutPlan;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.run.cut.BarStrips;
import mellowflare.core.run.cut.Stretch;

/** What the sheet of a workshop main shows of it. */
final class AirSheetPart implements SheetPart {
    private static final double TURN = 28;
    private static final double TILT = 30;

    private final AirPlan plan;
    private final AirCase c;
    private final UnitSystem units;

    AirSheetPart(AirPlan plan) {
        this.plan = plan;
        this.c = plan.c();
        this.units = c.units();
    }

    @Override
    public String measuredName() {
        return Say.it("air-sheet-part.length");
    }

    @Override
    public void pictures(SheetPage page) throws IOException {
        page.drawing(MainDrawing.page(c, plan.findings(), TURN, TILT, Optional.empty()), 10);
        page.figures(List.of(
                new String[] {
                    Say.it("air-sheet-part.tightest-tool"),
                    c.together()
                            .tight()
                            .flatMap(t -> c.pressure(AirCase.toolAt(t)))
                            .map(p -> Figure.of(p).text(units))
                            .orElse(Say.it("air-sheet-part.open")),
                    c.together().tight().orElse("")
                },
                new String[] {
                    Say.it("air-sheet-part.air-needed"),
                    Figure.of(c.need().needed()).text(units),
                    Say.it(
                            "air-sheet-part.made",
                            "delivered",
                            Figure.of(c.delivered()).text(units))
                },
                new String[] {
                    "pipe",
                    new Figure.OfReach(c.pipeLength()).text(units),
                    c.work()
                            .map(w -> Say.it("air-sheet-part.joints-seal", "joints", w.joints()))
                            .orElse("")
                }));
        page.text(Say.it("air-sheet-part.free-air-by-iso"), 8.5f, 0, false, 0.37f);
    }

    @Override
    public void figures(SheetPage page) throws IOException {
        if (c.work().isEmpty() || c.work().get().stretches().isEmpty()) {
            return;
        }
        CutWork work = c.work().get();
        page.heading(Say.it("air-sheet-part.cut-list"), 12);
        page.text(Say.it("air-sheet-part.bar-by-bar-longest", "inserts", inserts(work)), 9, 0, false, 0.13f);
        Map<String, CutPlan> bars = work.bars(c.main(), c.system().orElseThrow());
        page.drawing(BarStrips.of(bars, units), 10);
        for (CutPlan plan : bars.values()) {
            for (Finding f : CutFindings.of(plan)) {
                if (f.stops()) {
                    page.text(f.says(units), 9, 0, true, 0.13f);
                }
            }
        }
    }

    private String inserts(CutWork work) {
        return work.stretches().stream()
                .map(Stretch::size)
                .distinct()
                .map(z ->
                        Say.it("air-sheet-part.on", "insert", LengthFormat.figure(z.insert(), units), "size", z.size()))
                .reduce((a, b) -> a + ", " + b)
                .orElse("");
    }
}
