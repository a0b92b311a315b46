package mellowflare.book.sheet;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.LabelRoom;
import mellowflare.core.geometry.Letters;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.graphics.state.RenderingMode;

/** Paints a drawing onto a page. Only paints: every place and figure comes with the drawing. */
public final class PdfPainter implements Shape.Painter<IOException> {
    private static final float[] INK = {0.13f, 0.16f, 0.17f};
    private static final float[] SOFT = {0.37f, 0.40f, 0.42f};
    private static final float[] PAPER = {1, 1, 1};
    /** So wide round words (pt) lines are kept clear of them. */
    private static final float CLEAR = 2.4f;

    private static final float[] SEAL = {0.89f, 0.44f, 0.11f};
    private static final float[] HALO = {0.98f, 0.85f, 0.70f};
    private static final float[] MEASURED = {0.17f, 0.30f, 0.55f};
    private static final float[] WARN = {0.42f, 0.29f, 0.63f};
    private static final float[] STOP = {0.64f, 0.14f, 0.17f};
    private static final float[] METAL = {0.93f, 0.92f, 0.90f};
    private static final float[] DARK = {0.35f, 0.36f, 0.37f};
    private static final float DIMENSION_STEP = 15;
    /** Size of names (pt). */
    private static final float NAME = 8;

    private final PDPageContentStream out;
    private final SheetFonts fonts;
    private final Drawing drawing;
    private final List<Shape.Label> labels = new ArrayList<>();
    private final float left;
    private final float bottom;
    private final double scale;

    private PdfPainter(
            PDPageContentStream out, SheetFonts fonts, Drawing drawing, float left, float bottom, double scale) {
        this.out = out;
        this.fonts = fonts;
        this.drawing = drawing;
        this.left = left;
        this.bottom = bottom;
        this.scale = scale;
    }

    /**
     * Paints the drawing as large as the width allows.
     *
     * @param top upper edge (pt)
     * @param room height kept above the drawing for dimensions (pt)
     * @return height used (pt)
     */
    public static float paint(
            PDPageContentStream out, SheetFonts fonts, Drawing drawing, float left, float top, float width, float room)
            throws IOException {
        double scale = width / drawing.box().width();
        float height = (float) (drawing.box().height() * scale);
        Drawing settled = LabelRoom.settled(drawing, new Letters(scale, NAME, DIMENSION_STEP));
        PdfPainter painter = new PdfPainter(out, fonts, settled, left, top - room - height, scale);
        painter.all();
        return height + room;
    }

    /** How far words of a drawing of this width go beyond its right edge (pt); zero where none does. */
    static float over(SheetFonts fonts, Drawing drawing, float width) throws IOException {
        double scale = width / drawing.box().width();
        Drawing settled = LabelRoom.settled(drawing, new Letters(scale, NAME, DIMENSION_STEP));
        PdfPainter at = new PdfPainter(null, fonts, settled, 0, 0, scale);
        float most = width;
        for (Shape shape : settled.shapes()) {
            if (shape instanceof Shape.Label l) {
                float wide = Math.max(fonts.width(l.text(), NAME, false), fonts.width(l.under(), 7, false));
                most = Math.max(most, at.x(l.at()) + wide * (1 - share(l.anchor())));
            }
        }
        for (Shape.Dimension d : settled.dimensions()) {
            boolean upright =
                    Math.abs(d.from().x() - d.to().x()) < Math.abs(d.from().y() - d.to().y());
            float figure = fonts.width(d.text(), NAME, false);
            float line = Math.min(at.x(d.from()), at.x(d.to())) - d.rank() * DIMENSION_STEP;
            if (!upright) {
                most = Math.max(most, (at.x(d.from()) + at.x(d.to()) + figure) / 2 + 1);
            } else {
                most = Math.max(most, d.rank() > 0 ? line : line + 2 + figure);
            }
        }
        return most - width;
    }

    private static float share(Shape.Anchor anchor) {
        return switch (anchor) {
            case START -> 0;
            case MIDDLE -> 0.5f;
            case END -> 1;
        };
    }

    private void all() throws IOException {
        for (Shape.Glow glow : drawing.glows()) {
            polyline(glow.points(), HALO, 6, false);
        }
        for (Shape.Dimension d : drawing.dimensions().stream()
                .sorted(Comparator.comparingInt(Shape.Dimension::rank).reversed())
                .toList()) {
            outFrom(d);
        }
        for (Shape shape : drawing.shapes()) {
            shape.paint(this);
        }
        for (Shape.Glow glow : drawing.glows()) {
            polyline(glow.points(), SEAL, 1.8f, false);
        }
        // Over all lines: they are kept clear of words that lie over them.
        for (Shape.Label l : labels) {
            words(l);
        }
    }

    /** What glows is painted under and over everything else. */
    @Override
    public void glow(Shape.Glow g) {}

    /** Dimensions are painted first, the outermost before the others. */
    @Override
    public void dimension(Shape.Dimension d) {}

    @Override
    public void leader(Shape.Leader l) throws IOException {
        polyline(List.of(l.from(), l.to()), SEAL, 0.6f, false);
        text(x(l.from()), y(l.from()) + 2, l.text(), 8, SEAL, 0.5f);
    }

    @Override
    public void path(Shape.Path p) throws IOException {
        float[] fill = fill(p.fill());
        if (fill != null && p.closed()) {
            trace(p.points());
            out.setNonStrokingColor(fill[0], fill[1], fill[2]);
            out.fill();
        }
        if (p.pen() != Pen.NONE) {
            dash(p.pen());
            polyline(p.points(), ink(p.pen()), width(p.pen()), p.closed());
            out.setLineDashPattern(new float[0], 0);
        }
    }

    @Override
    public void disc(Shape.Disc d) throws IOException {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < 24; i++) {
            points.add(
                    d.centre().plus(d.radius() * Math.cos(i * Math.PI / 12), d.radius() * Math.sin(i * Math.PI / 12)));
        }
        path(new Shape.Path(points, true, d.pen(), d.fill()));
    }

    @Override
    public void label(Shape.Label l) {
        labels.add(l);
    }

    private void words(Shape.Label l) throws IOException {
        float anchor = share(l.anchor());
        boolean clear = l.role() == Shape.Role.OVER;
        for (boolean halo : clear ? new boolean[] {true, false} : new boolean[] {false}) {
            if (halo) {
                stroke(PAPER, CLEAR);
                out.setRenderingMode(RenderingMode.STROKE);
            }
            text(x(l.at()), y(l.at()) - 3, l.text(), NAME, INK, anchor);
            text(x(l.at()), y(l.at()) - 12, l.under(), 7, SOFT, anchor);
            out.setRenderingMode(RenderingMode.FILL);
        }
    }

    private void outFrom(Shape.Dimension d) throws IOException {
        float[] colour = d.measured() ? MEASURED : INK;
        boolean upright =
                Math.abs(d.from().x() - d.to().x()) < Math.abs(d.from().y() - d.to().y());
        stroke(colour, 0.4f);
        if (upright) {
            upright(d, colour);
            return;
        }
        boolean above = d.rank() > 0;
        float base = above ? Math.max(y(d.from()), y(d.to())) : Math.min(y(d.from()), y(d.to()));
        float line = base + d.rank() * DIMENSION_STEP;
        float past = above ? 2 : -2;
        float from = x(d.from());
        float to = x(d.to());
        out.moveTo(from, y(d.from()));
        out.lineTo(from, line + past);
        out.moveTo(to, y(d.to()));
        out.lineTo(to, line + past);
        out.moveTo(from, line);
        out.lineTo(to, line);
        out.stroke();
        arrow(from, line, 1, colour);
        arrow(to, line, -1, colour);
        figureOnPaper((from + to) / 2, above ? line + 2.5f : line - 8, d.text(), colour);
    }

    /** A dimension of a height: its line beside, the figure along the left of it. */
    private void upright(Shape.Dimension d, float[] colour) throws IOException {
        float line = Math.min(x(d.from()), x(d.to())) - d.rank() * DIMENSION_STEP;
        float past = d.rank() > 0 ? -2 : 2;
        for (Point p : List.of(d.from(), d.to())) {
            out.moveTo(x(p), y(p));
            out.lineTo(line + past, y(p));
        }
        out.moveTo(line, y(d.from()));
        out.lineTo(line, y(d.to()));
        out.stroke();
        text(
                line + (d.rank() > 0 ? -2 : 2),
                (y(d.from()) + y(d.to())) / 2 - 3,
                d.text(),
                8,
                colour,
                d.rank() > 0 ? 1 : 0);
    }

    /** A figure stands on a patch of paper, so that no extension line runs through it. */
    private void figureOnPaper(float x, float y, String figure, float[] colour) throws IOException {
        float wide = fonts.width(figure, 8, false) + 2;
        out.setNonStrokingColor(1f, 1f, 1f);
        out.addRect(x - wide / 2, y - 1, wide, 8);
        out.fill();
        text(x, y, figure, 8, colour, 0.5f);
    }

    private void arrow(float x, float y, int direction, float[] colour) throws IOException {
        out.setNonStrokingColor(colour[0], colour[1], colour[2]);
        out.moveTo(x, y);
        out.lineTo(x + direction * 4, y + 1.2f);
        out.lineTo(x + direction * 4, y - 1.2f);
        out.closePath();
        out.fill();
    }

    private void polyline(List<Point> points, float[] colour, float width, boolean closed) throws IOException {
        stroke(colour, width);
        trace(points);
        if (closed) {
            out.closeAndStroke();
        } else {
            out.stroke();
        }
    }

    private void trace(List<Point> points) throws IOException {
        out.moveTo(x(points.get(0)), y(points.get(0)));
        for (Point p : points.subList(1, points.size())) {
            out.lineTo(x(p), y(p));
        }
    }

    private void stroke(float[] colour, float width) throws IOException {
        out.setStrokingColor(colour[0], colour[1], colour[2]);
        out.setLineWidth(width);
        out.setLineCapStyle(1);
        out.setLineJoinStyle(1);
    }

    private void text(float x, float y, String text, float size, float[] colour, float anchor) throws IOException {
        float wide = fonts.width(text, size, false);
        out.setNonStrokingColor(colour[0], colour[1], colour[2]);
        fonts.show(out, text, x - wide * anchor, y, size, false);
    }

    private void dash(Pen pen) throws IOException {
        switch (pen) {
            case MEASURED, SELECTED, HIDDEN -> out.setLineDashPattern(new float[] {3, 2}, 0);
            case CENTRE_LINE -> out.setLineDashPattern(new float[] {8, 2, 1, 2}, 0);
            default -> out.setLineDashPattern(new float[0], 0);
        }
    }

    private static float[] ink(Pen pen) {
        return switch (pen) {
            case MEASURED -> MEASURED;
            case WARN -> WARN;
            case STOP -> STOP;
            case FINE, THREAD, CENTRE_LINE, HIDDEN -> SOFT;
            default -> INK;
        };
    }

    private static float width(Pen pen) {
        return pen == Pen.OUTLINE || pen == Pen.STOP ? 0.9f : 0.5f;
    }

    private static float[] fill(Fill fill) {
        return switch (fill) {
            case NONE -> null;
            case PAPER -> new float[] {1, 1, 1};
            case METAL, METAL_CUT, SOFT -> METAL;
            case WIRE, RUBBER -> DARK;
            case BLACK -> new float[] {0, 0, 0};
            case DEEP -> new float[] {0.12f, 0.37f, 0.42f};
            case MIDDLE -> new float[] {0.45f, 0.61f, 0.64f};
            case PALE -> new float[] {0.78f, 0.85f, 0.86f};
            case OVER -> new float[] {0.78f, 0.42f, 0.44f};
        };
    }

    private float x(Point p) {
        return (float) (left + (p.x() - drawing.box().left()) * scale);
    }

    private float y(Point p) {
        return (float) (bottom + (p.y() - drawing.box().bottom()) * scale);
    }
}
