package mellowflare.core.tee.draw;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;
import mellowflare.core.measure.Length;
import mellowflare.core.tee.work.TeeCase;

/** The standing tube with the piece that comes out, over it the tee that goes in: to scale along, as far as the figures are known. */
public final class TeeDrawing {
    private static final double HALF = 150;
    private static final double USUAL_ACROSS = 60;
    private static final double USUAL_IN = 10;
    private static final double TUBE = 6;
    private static final double UP = 52;

    private final TeeCase c;
    private final Map<Subject, Severity> marks;
    private final Drawing.Sheet sheet = new Drawing.Sheet();
    private final double scale;
    private final double across;
    private final double cut;
    private final double open;
    private final double takesIn;
    private final double middle;

    private TeeDrawing(TeeCase c, List<Finding> findings) {
        this.c = c;
        this.marks = Finding.marks(findings);
        double a = c.line().across().map(Length::mm).orElse(USUAL_ACROSS);
        double in = c.goesIn().map(Length::mm).orElse(USUAL_IN);
        double widest = Math.max(a, c.line().gap().map(Length::mm).orElse(0.0));
        scale = 150 / Math.max(20, widest);
        across = a * scale;
        cut = Math.max(4, c.cutOut().orElse(a - 2 * in) * scale);
        open = c.line().gap().map(l -> l.mm() * scale).orElse(cut);
        takesIn = in * scale;
        middle = c.piece().isPresent() ? -open / 2 - takesIn + across / 2 : 0;
    }

    /** The page's picture. */
    public static Drawing page(TeeCase c, List<Finding> findings) {
        return new TeeDrawing(c, findings).draw(true);
    }

    /** The small strip of the band. */
    public static Drawing band(TeeCase c, List<Finding> findings) {
        return new TeeDrawing(c, findings).draw(false);
    }

    private Drawing draw(boolean page) {
        double gap = open;
        boolean known = c.cutOut().isPresent();
        if (page) {
            tube(-HALF, -gap / 2, 0, known);
            tube(gap / 2, HALF, 0, known);
            if (c.line().gap().isEmpty()) {
                sheet.path(
                        Pen.HIDDEN,
                        Fill.NONE,
                        true,
                        List.of(
                                new Point(-cut / 2, -TUBE),
                                new Point(cut / 2, -TUBE),
                                new Point(cut / 2, TUBE),
                                new Point(-cut / 2, TUBE)));
            }
            sheet.line(Pen.CENTRE_LINE, new Point(-HALF, 0), new Point(HALF, 0));
            c.cutOut()
                    .filter(x -> x > 0)
                    .ifPresent(x -> sheet.add(new Shape.Dimension(
                            new Point(-cut / 2, -TUBE),
                            new Point(cut / 2, -TUBE),
                            -1,
                            c.line().gap().isPresent()
                                    ? Say.it(
                                            "tee-drawing.needed",
                                            "cut",
                                            Figure.of(Length.ofMm(x)).text(c.units()))
                                    : Figure.of(Length.ofMm(x)).text(c.units()),
                            false)));
            c.line()
                    .gap()
                    .ifPresent(g -> sheet.add(new Shape.Dimension(
                            new Point(-gap / 2, -TUBE),
                            new Point(gap / 2, -TUBE),
                            -2,
                            Say.it("tee-drawing.gap", "gap", Figure.of(g).text(c.units())),
                            true)));
        }
        double y = page ? UP : 0;
        double end = c.piece().isPresent() ? open / 2 : cut / 2;
        tube(-HALF, -end, y, known);
        tube(end, HALF, y, known);
        c.piece().ifPresent(p -> pieceAndUnion(y, p, page));
        tee(y, known);
        sheet.spot(Subject.TEE, middle - across / 2, y - 14, middle + across / 2, y + 34);
        sheet.mark(marks, Subject.TEE, new Point(middle, y + 8));
        if (page) {
            c.line()
                    .across()
                    .ifPresent(a -> sheet.add(new Shape.Dimension(
                            new Point(middle - across / 2, y + 12),
                            new Point(middle + across / 2, y + 12),
                            2,
                            Figure.of(a).text(c.units()),
                            true)));
            sheet.label(
                    new Point(-HALF, y + 36),
                    Say.it("tee-drawing.end-a"),
                    slack(c.line().slackA().map(Length::mm).orElse(0.0)),
                    Shape.Role.NAME,
                    Shape.Anchor.START);
            sheet.label(
                    new Point(HALF, y + 36),
                    Say.it("tee-drawing.end-b"),
                    slack(c.line().slackB().map(Length::mm).orElse(0.0)),
                    Shape.Role.NAME,
                    Shape.Anchor.END);
            return sheet.done(-HALF - 8, -62, HALF + 8, y + 66);
        }
        sheet.label(
                new Point(-HALF - 8, 2),
                c.line().fluid().map(f -> f.word()).orElse(Say.it("tee-drawing.fluid-not-said")),
                "",
                Shape.Role.NAME,
                Shape.Anchor.END);
        sheet.label(
                new Point(HALF + 8, 2),
                c.method().map(m -> m.name()).orElse(Say.it("tee-drawing.method-not-said")),
                c.cutOut()
                        .filter(x -> x > 0)
                        .map(x -> Say.it(
                                "tee-drawing.cut-out",
                                "cut",
                                Figure.of(Length.ofMm(x)).text(c.units())))
                        .orElse(""),
                Shape.Role.NAME,
                Shape.Anchor.START);
        return sheet.done(-HALF - 130, -20, HALF + 130, 40);
    }

    private String slack(double mm) {
        return mm > 0
                ? Say.it(
                        "tee-drawing.slack", "slack", Figure.of(Length.ofMm(mm)).text(c.units()))
                : "";
    }

    private void tube(double from, double to, double y, boolean known) {
        sheet.rect(known ? Pen.OUTLINE : Pen.SELECTED, Fill.METAL, from, y - TUBE, to, y + TUBE);
    }

    /** The piece out of the tee, and the union between it and the stub at end B. */
    private void pieceAndUnion(double y, Length made, boolean page) {
        double piece = made.mm() * scale;
        double from = middle + across / 2 - takesIn;
        tube(from, from + piece, y, true);
        if (page) {
            sheet.add(new Shape.Dimension(
                    new Point(from, y - TUBE),
                    new Point(from + piece, y - TUBE),
                    -1,
                    Figure.of(made).text(c.units()),
                    false));
        }
        double left = from + piece - takesIn;
        double right = open / 2 + takesIn;
        sheet.rect(Pen.OUTLINE, Fill.PAPER, left, y - 9, right, y + 9);
        double nut = (right - left) / 4;
        sheet.rect(Pen.OUTLINE, Fill.PAPER, left + nut, y - 11, right - nut, y + 11);
        seal(left + takesIn / 2, y);
        seal(right - takesIn / 2, y);
    }

    private void tee(double y, boolean known) {
        Pen pen = known ? Pen.OUTLINE : Pen.SELECTED;
        sheet.rect(pen, Fill.PAPER, middle - across / 2, y - 10, middle + across / 2, y + 10);
        sheet.rect(pen, Fill.PAPER, middle - 10, y + 10, middle + 10, y + 30);
        sheet.line(Pen.CENTRE_LINE, new Point(middle, y - 14), new Point(middle, y + 36));
        double in = Math.min(takesIn, across / 3) / 2;
        seal(middle - across / 2 + in, y);
        seal(middle + across / 2 - in, y);
        sheet.glow(new Point(middle - 8, y + 24), new Point(middle + 8, y + 24));
    }

    private void seal(double x, double y) {
        sheet.glow(new Point(x, y - 8), new Point(x, y + 8));
    }
}
