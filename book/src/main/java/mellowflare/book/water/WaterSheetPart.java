package mellowflare.book.water;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import mellowflare.book.line.SheetPart;
import mellowflare.book.sheet.SheetPage;
import mellowflare.core.advice.Figure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.water.WaterPlan;
import mellowflare.core.water.choose.WaterSet;
import mellowflare.core.water.draw.WaterDrawing;
import mellowflare.core.water.work.WaterCase;

/** What the sheet of a water point shows of it. */
final class WaterSheetPart implements SheetPart {
    private final WaterPlan plan;
    private final WaterCase c;
    private final UnitSystem units;

    WaterSheetPart(WaterPlan plan) {
        this.plan = plan;
        this.c = plan.c();
        this.units = c.units();
    }

    @Override
    public String measuredName() {
        return Say.it("water-sheet-part.length");
    }

    @Override
    public void pictures(SheetPage page) throws IOException {
        page.drawing(WaterDrawing.page(c, plan.findings()), 10);
        Optional<WaterSet> set = c.set();
        page.figures(List.of(
                new String[] {
                    Say.it("water-sheet-part.nipple"),
                    c.nipple()
                            .flatMap(n -> n.stock())
                            .map(s -> LengthFormat.shop(s.length(), UnitSystem.INCH))
                            .orElse("–"),
                    c.nipple()
                            .flatMap(n -> n.stock())
                            .map(s -> Say.it(
                                    "water-sheet-part.gap",
                                    "gap",
                                    Figure.of(Length.ofMm(s.gap())).text(units)))
                            .orElse("")
                },
                new String[] {
                    Say.it("water-sheet-part.connector"),
                    set.flatMap(WaterSet::connector)
                            .map(l -> LengthFormat.shop(l, UnitSystem.INCH))
                            .orElse("–"),
                    set.map(s -> s.link().name()).orElse("")
                },
                new String[] {
                    Say.it("water-sheet-part.bag"),
                    c.bag().map(b -> Integer.toString(b.parts().size())).orElse("–"),
                    c.bag()
                            .map(b -> new Figure.OfShare(c.packed().chance(b)).text(units))
                            .orElse("")
                }));
        page.text(Say.it("water-sheet-part.licence"), 9, 0, true, 0.13f);
    }
}
