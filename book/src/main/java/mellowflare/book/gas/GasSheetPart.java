package mellowflare.book.gas;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import mellowflare.book.line.SheetPart;
import mellowflare.book.sheet.SheetPage;
import mellowflare.core.advice.Figure;
import mellowflare.core.gas.GasPlan;
import mellowflare.core.gas.draw.GasDrawing;
import mellowflare.core.gas.work.GasCase;
import mellowflare.core.gas.work.Inlet;
import mellowflare.core.measure.UnitSystem;

/** What the sheet of a gas line shows of it. */
final class GasSheetPart implements SheetPart {
    private static final double TURN = 30;
    private static final double TILT = 28;

    private final GasPlan plan;
    private final GasCase c;
    private final UnitSystem units;

    GasSheetPart(GasPlan plan) {
        this.plan = plan;
        this.c = plan.c();
        this.units = c.units();
    }

    @Override
    public String measuredName() {
        return Say.it("gas-sheet-part.length");
    }

    @Override
    public void pictures(SheetPage page) throws IOException {
        page.drawing(GasDrawing.page(c, plan.findings(), TURN, TILT, Optional.empty()), 10);
        Optional<Inlet> tight = c.tightest();
        page.figures(List.of(
                new String[] {
                    Say.it("gas-sheet-part.load"),
                    c.flows().isPresent() ? Figure.of(c.load()).text(units) : "–",
                    c.flows().isPresent() ? Figure.of(c.total()).text(units) : ""
                },
                new String[] {
                    Say.it("gas-sheet-part.tightest"),
                    tight.flatMap(Inlet::pressure)
                            .map(p -> new Figure.OfGasPressure(p).text(units))
                            .orElse("–"),
                    tight.map(Inlet::name).orElse("")
                },
                new String[] {
                    Say.it("gas-sheet-part.test"),
                    c.testPressure()
                            .map(p -> new Figure.OfGasPressure(p).text(units))
                            .orElse("–"),
                    c.code().map(x -> x.name()).orElse(Say.it("gas-sheet-part.local-code"))
                }));
        page.text(Say.it("gas-sheet-part.licence"), 9, 0, true, 0.13f);
    }
}
