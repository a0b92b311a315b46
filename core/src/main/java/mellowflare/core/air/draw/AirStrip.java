package mellowflare.core.air.draw;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.air.demand.Compressor;
import mellowflare.core.air.layout.Piece;
import mellowflare.core.air.stock.PipeSystem;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;

/** The main as a strip: compressor, hose, main, the tightest outlet. Not to scale; where it seals it glows, what is not settled stands open. */
public final class AirStrip {
    private static final double WIDTH = 420;
    private static final double HALF = 19;
    private static final double PIPE = 5;

    private final AirCase c;
    private final Map<Subject, Severity> marks;
    private final Drawing.Sheet sheet = new Drawing.Sheet();

    private AirStrip(AirCase c, List<Finding> findings) {
        this.c = c;
        this.marks = Finding.marks(findings);
    }

    /** The small strip of the band. */
    public static Drawing band(AirCase c, List<Finding> findings) {
        return new AirStrip(c, findings).draw();
    }

    private Drawing draw() {
        compressor();
        main();
        outlet();
        return sheet.done(-168, -30, WIDTH + 150, 30);
    }

    private void compressor() {
        Optional<Compressor> k = c.compressor();
        Pen pen = k.isPresent() ? Pen.OUTLINE : Pen.SELECTED;
        sheet.rect(pen, k.isPresent() ? Fill.METAL : Fill.PAPER, 0, -HALF, 34, HALF * 0.4);
        sheet.add(new Shape.Disc(new Point(17, HALF * 0.5), 8, pen, k.isPresent() ? Fill.METAL : Fill.PAPER));
        if (k.isEmpty()) {
            sheet.label(new Point(17, -8), "?", "", Shape.Role.OPEN, Shape.Anchor.MIDDLE);
        }
        sheet.label(
                new Point(-6, 9),
                k.map(Compressor::name).orElse(Say.it("air-strip.compressor")),
                k.map(x -> Figure.of(x.delivers()).text(c.units())).orElse(Say.it("air-strip.not-chosen")),
                Shape.Role.NAME,
                Shape.Anchor.END);
        sheet.spot(Subject.COMPRESSOR, 0, -HALF, 34, HALF);
        sheet.mark(marks, Subject.COMPRESSOR, new Point(17, HALF + 6));
        boolean hose = c.main().pieces().stream()
                .findFirst()
                .filter(Piece.Hose.class::isInstance)
                .isPresent();
        sheet.rect(Pen.OUTLINE, hose ? Fill.RUBBER : Fill.METAL, 34, -PIPE * 0.8, 70, PIPE * 0.8);
        sheet.glow(new Point(36, PIPE), new Point(36, -PIPE));
        sheet.glow(new Point(70, PIPE), new Point(70, -PIPE));
    }

    private void main() {
        boolean known = c.system().filter(PipeSystem::rated).isPresent()
                && c.main().size().isPresent();
        sheet.rect(known ? Pen.OUTLINE : Pen.SELECTED, known ? Fill.METAL : Fill.PAPER, 70, -PIPE, WIDTH - 40, PIPE);
        sheet.line(Pen.CENTRE_LINE, new Point(70, 0), new Point(WIDTH - 40, 0));
        long drops =
                c.main().pieces().stream().filter(Piece.Drop.class::isInstance).count();
        for (int i = 0; i < Math.min(drops, 6); i++) {
            double x = 110 + i * 44;
            sheet.rect(Pen.OUTLINE, Fill.METAL, x - 2.5, -PIPE - 12, x + 2.5, -PIPE);
        }
        sheet.label(
                new Point((30 + WIDTH) / 2, 17),
                c.system().map(PipeSystem::name).orElse(Say.it("air-strip.pipe-not-chosen"))
                        + c.main().size().map(z -> ", " + z).orElse(""),
                "",
                Shape.Role.NAME,
                Shape.Anchor.MIDDLE);
        sheet.spot(Subject.MAIN, 80, -16, WIDTH - 50, 16);
        sheet.mark(marks, Subject.MAIN, new Point(90, 18));
        sheet.mark(marks, Subject.WATER, new Point(WIDTH - 70, 18));
    }

    private void outlet() {
        sheet.rect(Pen.OUTLINE, Fill.METAL, WIDTH - 40, -9, WIDTH - 12, 9);
        sheet.add(new Shape.Disc(new Point(WIDTH - 4, 0), 8, Pen.OUTLINE, Fill.PAPER));
        sheet.glow(new Point(WIDTH - 40, 7), new Point(WIDTH - 40, -7));
        Optional<String> tight = c.together().tight();
        sheet.label(
                new Point(WIDTH + 8, 9),
                tight.orElse(Say.it("air-strip.no-tool-yet")),
                tight.flatMap(t -> c.pressure(AirCase.toolAt(t)))
                        .map(p -> Figure.of(p).text(c.units()))
                        .orElse(""),
                Shape.Role.NAME,
                Shape.Anchor.START);
        sheet.spot(Subject.OUTLET, WIDTH - 40, -12, WIDTH + 4, 12);
        sheet.mark(marks, Subject.OUTLET, new Point(WIDTH - 20, 18));
    }
}
