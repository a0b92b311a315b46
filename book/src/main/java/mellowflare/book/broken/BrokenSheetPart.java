package mellowflare.book.broken;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import mellowflare.book.line.SheetPart;
import mellowflare.book.sheet.SheetPage;
import mellowflare.core.advice.Figure;
import mellowflare.core.broken.BrokenPlan;
import mellowflare.core.broken.draw.LadderPlot;
import mellowflare.core.broken.work.BrokenCase;
import mellowflare.core.measure.LengthFormat;

/** What the sheet of a stuck or broken part shows of it. */
final class BrokenSheetPart implements SheetPart {
    /** The plot says little that the tables do not (pt). */
    private static final float PLOT_HIGH = 130;

    private final BrokenPlan plan;
    private final BrokenCase c;

    BrokenSheetPart(BrokenPlan plan) {
        this.plan = plan;
        this.c = plan.c();
    }

    @Override
    public String measuredName() {
        return Say.it("broken-sheet-part.length");
    }

    @Override
    public void pictures(SheetPage page) throws IOException {
        page.drawing(LadderPlot.page(c, plan.findings()), 10, PLOT_HIGH);
        boolean known = !c.attempts().isEmpty();
        page.figures(List.of(
                new String[] {
                    Say.it("broken-sheet-part.chance"),
                    known ? new Figure.OfShare(c.chance()).text(c.units()) : "–",
                    Say.it("broken-sheet-part.house-guess")
                },
                new String[] {
                    Say.it("broken-sheet-part.ladder"), known ? minutes(c.ladderMinutes()) : "–", money(c.ladderCost())
                },
                new String[] {Say.it("broken-sheet-part.cut-back"), minutes(c.cutBackMinutes()), money(c.cutBackCost())
                }));
        page.text(Say.it("broken-sheet-part.licence"), 9, 0, true, 0.13f);
    }

    private static String minutes(double minutes) {
        return Say.it("broken-sheet-part.minutes", "minutes", LengthFormat.decimal(minutes, 0, 0));
    }

    private static String money(Optional<Double> cost) {
        return cost.map(x -> Say.it("broken-sheet-part.cost", "cost", LengthFormat.decimal(x, 2, 2)))
                .orElse("");
    }
}
