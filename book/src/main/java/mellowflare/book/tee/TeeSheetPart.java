package mellowflare.book.tee;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import mellowflare.book.line.SheetPart;
import mellowflare.book.sheet.SheetPage;
import mellowflare.core.advice.Figure;
import mellowflare.core.measure.Length;
import mellowflare.core.tee.TeePlan;
import mellowflare.core.tee.draw.TeeDrawing;
import mellowflare.core.tee.line.TeeLine;
import mellowflare.core.tee.work.TeeCase;

/** What the sheet of a tee-in shows of it. */
final class TeeSheetPart implements SheetPart {
    private static final float[] ROW = {0, -1f};

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

    @Override
    public void figures(SheetPage page) throws IOException {
        page.heading(Say.it("tee-sheet-part.measured"), 12);
        TeeLine l = c.line();
        row(page, Say.it("tee-sheet-part.across"), l.across());
        row(page, Say.it("tee-sheet-part.goes-in"), c.goesIn());
        row(page, Say.it("tee-sheet-part.gap"), l.gap());
        row(page, Say.it("tee-sheet-part.slack-a"), l.slackA());
        row(page, Say.it("tee-sheet-part.slack-b"), l.slackB());
        row(page, Say.it("tee-sheet-part.straight-a"), l.straightA());
        row(page, Say.it("tee-sheet-part.straight-b"), l.straightB());
        row(page, Say.it("tee-sheet-part.union"), l.unionAcross());
    }

    private void row(SheetPage page, String name, Optional<Length> length) throws IOException {
        if (length.isPresent()) {
            page.row(ROW, List.of(name, text(length.get())), 9.5f, false);
        }
    }

    private String text(Length length) {
        return Figure.of(length).text(c.units());
    }
}
