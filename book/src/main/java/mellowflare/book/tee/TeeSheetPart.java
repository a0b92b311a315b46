package mellowflare.book.tee;

import java.io.IOException;
import java.util.List;
import mellowflare.book.line.SheetPart;
import mellowflare.book.sheet.SheetPage;
import mellowflare.core.advice.Figure;
import mellowflare.core.measure.Length;
import mellowflare.core.tee.TeePlan;
import mellowflare.core.tee.draw.TeeDrawing;
import mellowflare.core.tee.work.TeeCase;

/** What the sheet of a tee-in shows of it. */
final class TeeSheetPart implements SheetPart {
    private final TeePlan plan;
    private final TeeCase c;

    TeeSheetPart(TeePlan plan) {
        this.plan = plan;
        this.c = plan.c();
    }

    @Override
    public String measuredName() {
        return Say.it("tee-sheet-part.length");
    }

    @Override
    public void pictures(SheetPage page) throws IOException {
        page.drawing(TeeDrawing.page(c, plan.findings()), 10);
        page.figures(List.of(
                new String[] {
                    Say.it("tee-sheet-part.cut-out"),
                    c.cutOut().filter(x -> x > 0).map(x -> text(Length.ofMm(x))).orElse("–"),
                    c.method().map(m -> m.name()).orElse("")
                },
                new String[] {
                    Say.it("tee-sheet-part.piece"),
                    c.piece().map(this::text).orElse("–"),
                    c.piece().map(p -> Say.it("tee-sheet-part.with-union")).orElse("")
                },
                new String[] {
                    Say.it("tee-sheet-part.carries"),
                    c.line().fluid().map(f -> f.word()).orElse("–"),
                    c.line().tube().map(this::text).orElse("")
                }));
        page.text(Say.it("tee-sheet-part.licence"), 9, 0, true, 0.13f);
    }

    private String text(Length length) {
        return Figure.of(length).text(c.units());
    }
}
