package mellowflare.core.gas.draw;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.gas.fuel.FuelGas;
import mellowflare.core.gas.line.GasSource;
import mellowflare.core.gas.stock.GasSystem;
import mellowflare.core.gas.work.GasCase;
import mellowflare.core.gas.work.Inlet;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;

/** A gas line as a strip: source, pipe, the appliance with least to spare. Not to scale; where it seals it glows, what is not settled stands open. */
public final class GasStrip {
    private static final double WIDTH = 420;
    private static final double PIPE = 4;

    private final GasCase c;
    private final Map<Subject, Severity> marks;
    private final Drawing.Sheet sheet = new Drawing.Sheet();

    private GasStrip(GasCase c, List<Finding> findings) {
        this.c = c;
        this.marks = Finding.marks(findings);
    }

    /** The small strip of the band. */
    public static Drawing band(GasCase c, List<Finding> findings) {
        return new GasStrip(c, findings).draw();
    }

    private Drawing draw() {
        source();
        pipe();
        appliance();
        return sheet.done(-168, -30, WIDTH + 150, 30);
    }

    private void source() {
        boolean known = c.feed().isPresent();
        Pen pen = known ? Pen.OUTLINE : Pen.SELECTED;
        Fill fill = known ? Fill.METAL : Fill.PAPER;
        if (c.line().source().feed() == GasSource.Feed.CYLINDER) {
            GasFigures.cylinder(sheet, new Point(15, -19), 22, 30, pen, fill);
        } else {
            sheet.rect(pen, fill, 0, -14, 32, 14);
            sheet.add(new Shape.Disc(new Point(16, 3), 7, pen, Fill.PAPER));
        }
        if (!known) {
            sheet.label(new Point(15, -9), "?", "", Shape.Role.OPEN, Shape.Anchor.MIDDLE);
        }
        sheet.label(
                new Point(-6, 9),
                c.gas().map(FuelGas::name).orElse(Say.it("gas-strip.gas-not-said")),
                c.feed()
                        .map(p -> new Figure.OfGasPressure(p).text(c.units()))
                        .orElse(Say.it("gas-strip.source-not-said")),
                Shape.Role.NAME,
                Shape.Anchor.END);
        sheet.spot(Subject.SOURCE, -2, -20, 34, 20);
        sheet.mark(marks, Subject.SOURCE, new Point(17, 24));
        sheet.rect(Pen.OUTLINE, Fill.METAL, 34, -PIPE - 2, 48, PIPE + 2);
        sheet.glow(new Point(34, PIPE + 2), new Point(34, -PIPE - 2));
        sheet.glow(new Point(48, PIPE + 2), new Point(48, -PIPE - 2));
    }

    private void pipe() {
        boolean known = c.system().isPresent()
                && c.runs().stream().anyMatch(r -> r.size().isPresent());
        sheet.rect(known ? Pen.OUTLINE : Pen.SELECTED, known ? Fill.METAL : Fill.PAPER, 48, -PIPE, WIDTH - 30, PIPE);
        sheet.line(Pen.CENTRE_LINE, new Point(48, 0), new Point(WIDTH - 30, 0));
        int branches = Math.min(6, Math.max(0, c.inlets().size() - 1));
        for (int i = 0; i < branches; i++) {
            double x = 110 + i * 44;
            sheet.rect(Pen.OUTLINE, Fill.METAL, x - 2, -PIPE - 11, x + 2, -PIPE);
        }
        sheet.label(
                new Point((20 + WIDTH) / 2, 17),
                c.system().map(GasSystem::name).orElse(Say.it("gas-strip.pipe-not-chosen"))
                        + c.line().size().map(z -> ", " + z).orElse(""),
                "",
                Shape.Role.NAME,
                Shape.Anchor.MIDDLE);
        sheet.spot(Subject.SIZES, 80, -16, WIDTH - 50, 16);
        sheet.mark(marks, Subject.GAS_LAYOUT, new Point(90, 18));
        sheet.mark(marks, Subject.SIZES, new Point(WIDTH - 60, 18));
    }

    private void appliance() {
        Optional<Inlet> tight = c.tightest();
        Pen pen = tight.isPresent() ? Pen.OUTLINE : Pen.SELECTED;
        sheet.rect(pen, tight.isPresent() ? Fill.METAL : Fill.PAPER, WIDTH - 30, -13, WIDTH, 13);
        GasFigures.flame(sheet, new Point(WIDTH - 15, -8), 9);
        sheet.glow(new Point(WIDTH - 30, PIPE + 3), new Point(WIDTH - 30, -PIPE - 3));
        sheet.label(
                new Point(WIDTH + 8, 9),
                tight.map(Inlet::name).orElse(Say.it("gas-strip.no-appliance-yet")),
                tight.flatMap(Inlet::pressure)
                        .map(p -> new Figure.OfGasPressure(p).text(c.units()))
                        .orElse(""),
                Shape.Role.NAME,
                Shape.Anchor.START);
        sheet.spot(Subject.INLETS, WIDTH - 30, -14, WIDTH + 4, 14);
        sheet.mark(marks, Subject.INLETS, new Point(WIDTH - 15, 20));
    }
}
