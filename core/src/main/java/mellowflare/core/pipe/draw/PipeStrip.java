package mellowflare.core.pipe.draw;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;
import mellowflare.core.pipe.line.PipeCase;
import mellowflare.core.pipe.makeup.EndKind;
import mellowflare.core.pipe.space.Fitted;
import mellowflare.core.pipe.stock.PipeGrade;

/** Rigid pipe as a strip: its ends, legs and fittings, not to scale; where it seals it glows, what is not settled stands open. */
public final class PipeStrip {
    private static final double WIDTH = 420;
    private static final double PIPE = 6;
    private static final double DROP = 16;
    private static final int MOST = 7;

    private final PipeCase c;
    private final Map<Subject, Severity> marks;
    private final boolean known;
    private final Drawing.Sheet sheet = new Drawing.Sheet();

    private PipeStrip(PipeCase c, List<Finding> findings) {
        this.c = c;
        this.marks = Finding.marks(findings);
        this.known = c.grade().isPresent() && c.line().size().isPresent();
    }

    /** The small strip of the band. */
    public static Drawing band(PipeCase c, List<Finding> findings) {
        return new PipeStrip(c, findings).draw();
    }

    private Drawing draw() {
        if (c.isOffset()) {
            offset();
        } else {
            run();
        }
        sheet.label(
                new Point(WIDTH / 2, 21),
                c.grade().map(PipeGrade::name).orElse(Say.it("pipe-strip.not-chosen")),
                "",
                Shape.Role.NAME,
                Shape.Anchor.MIDDLE);
        sheet.spot(Subject.PIPE, 120, 12, WIDTH - 120, 30);
        sheet.mark(marks, Subject.PIPE, new Point(WIDTH / 2 - 110, 24));
        return sheet.done(-168, -30, WIDTH + 150, 30);
    }

    private void offset() {
        double first = WIDTH * 0.36;
        double second = WIDTH * 0.64;
        end(0, 0, c.line().offset().a().kind(), -1);
        end(WIDTH, -DROP, c.line().offset().c().kind(), 1);
        pipe(0, 0, first, 0);
        pipe(first, 0, second, -DROP);
        pipe(second, -DROP, WIDTH, -DROP);
        fitting(first, 0);
        fitting(second, -DROP);
        sheet.spot(Subject.OFFSET, first - 14, -DROP - 12, second + 14, 12);
        sheet.mark(marks, Subject.OFFSET, new Point((first + second) / 2, 4));
        sheet.spot(Subject.FACES, WIDTH - 12, -DROP - 12, WIDTH + 8, -DROP + 12);
        sheet.mark(marks, Subject.FACES, new Point(WIDTH - 6, -DROP + 16));
        sheet.spot(Subject.PIECES, 20, -8, first - 20, 8);
        sheet.mark(marks, Subject.PIECES, new Point(first / 2, 12));
        sheet.spot(Subject.ASSEMBLY, second + 20, -DROP - 8, WIDTH - 20, -DROP + 8);
        sheet.mark(marks, Subject.ASSEMBLY, new Point((second + WIDTH) / 2, -2));
    }

    /** The run drawn straight: a knot for each fitting, as far as there is room. */
    private void run() {
        List<Fitted> all = c.laid().map(l -> l.fittings()).orElse(List.of());
        Optional<Fitted> last = all.stream()
                .skip(1)
                .filter(f -> f.kind() == Fitted.Kind.END)
                .reduce((a, b) -> b.fixed() || !a.fixed() ? b : a);
        List<Fitted> between = all.stream()
                .filter(f -> f.kind() != Fitted.Kind.END)
                .limit(MOST)
                .toList();
        end(0, -6, c.line().run().start().kind(), -1);
        pipe(0, -6, WIDTH, -6);
        for (int i = 0; i < between.size(); i++) {
            double x = WIDTH * (i + 1) / (between.size() + 1);
            if (between.get(i).kind().opens()) {
                sheet.rect(Pen.OUTLINE, Fill.METAL, x - 7, -16, x + 7, 4);
                sheet.glow(new Point(x, -15), new Point(x, 3));
            } else {
                fitting(x, -6);
            }
        }
        if (last.isPresent()) {
            end(WIDTH, -6, last.get().end().orElseThrow(), 1);
        } else {
            sheet.label(new Point(WIDTH + 8, -8), "?", "", Shape.Role.OPEN, Shape.Anchor.START);
        }
        sheet.spot(Subject.RUN, 0, -18, WIDTH, 8);
        sheet.mark(marks, Subject.RUN, new Point(WIDTH * 0.2, 8));
        sheet.mark(marks, Subject.PIECES, new Point(WIDTH * 0.4, 8));
        sheet.mark(marks, Subject.ASSEMBLY, new Point(WIDTH * 0.6, 8));
    }

    private void pipe(double x0, double y0, double x1, double y1) {
        double n = Math.hypot(x1 - x0, y1 - y0);
        double dx = -(y1 - y0) / n * PIPE;
        double dy = (x1 - x0) / n * PIPE;
        sheet.path(
                known ? Pen.OUTLINE : Pen.SELECTED,
                known ? Fill.METAL : Fill.PAPER,
                true,
                List.of(
                        new Point(x0 + dx, y0 + dy),
                        new Point(x1 + dx, y1 + dy),
                        new Point(x1 - dx, y1 - dy),
                        new Point(x0 - dx, y0 - dy)));
    }

    private void fitting(double x, double y) {
        sheet.add(new Shape.Disc(
                new Point(x, y),
                10,
                c.system().isPresent() ? Pen.OUTLINE : Pen.SELECTED,
                c.system().isPresent() ? Fill.METAL : Fill.PAPER));
        sheet.glow(new Point(x - 9, y - 6), new Point(x - 9, y + 6));
        sheet.glow(new Point(x + 9, y - 6), new Point(x + 9, y + 6));
    }

    private void end(double x, double y, EndKind kind, int side) {
        if (kind == EndKind.OPEN) {
            sheet.line(Pen.HIDDEN, new Point(x, y - 10), new Point(x, y + 10));
        } else {
            sheet.rect(
                    Pen.OUTLINE, Fill.METAL_CUT, Math.min(x, x + side * 9), y - 13, Math.max(x, x + side * 9), y + 13);
            sheet.glow(new Point(x, y - 8), new Point(x, y + 8));
        }
        sheet.label(
                new Point(x + side * 16, y + 5),
                side < 0 ? Say.it("pipe-strip.start") : Say.it("pipe-strip.end"),
                kind.word(),
                Shape.Role.NAME,
                side < 0 ? Shape.Anchor.END : Shape.Anchor.START);
    }
}
