package mellowflare.app.paint;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.shape.StrokeLineJoin;
import javafx.scene.text.Font;
import javafx.scene.text.Text;
import javafx.scene.text.TextAlignment;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;

/** Paints a core drawing on a canvas: only places, pens and colours, no figures of its own. */
final class CanvasPainter {
    static final double DIMENSION_STEP = 30;
    private static final double ARROW = 7;

    private final GraphicsContext g;
    private final Ink ink;
    private final View view;
    /** So wide (px) lines are kept away from words that lie over them. */
    private static final double CLEAR = 3.5;

    private final Font text;
    private final Font small;
    private final Font figure;
    private final Font open;
    private final List<Color> haloSteps;

    /** How a drawing lies on the canvas. */
    record View(Drawing drawing, double left, double bottom, double scale) {
        double x(Point p) {
            return left + (p.x() - drawing.box().left()) * scale;
        }

        double y(Point p) {
            return bottom - (p.y() - drawing.box().bottom()) * scale;
        }

        Point back(double x, double y) {
            return new Point(
                    drawing.box().left() + (x - left) / scale, drawing.box().bottom() + (bottom - y) / scale);
        }
    }

    CanvasPainter(GraphicsContext g, Ink ink, View view, double textSize) {
        this.g = g;
        this.ink = ink;
        this.view = view;
        this.text = Font.font("Source Sans 3", textSize);
        this.small = Font.font("Source Sans 3", textSize - 2);
        this.figure = Font.font("B612", textSize + 3);
        this.open = Font.font("Source Sans 3 SemiBold", textSize + 8);
        this.haloSteps = List.of(
                ink.halo().deriveColor(0, 1, 1, 0.10),
                ink.halo().deriveColor(0, 1, 1, 0.16),
                ink.halo().deriveColor(0, 1, 1, 0.26),
                ink.halo().deriveColor(0, 1, 1, 0.42));
    }

    void paint() {
        g.setLineCap(StrokeLineCap.ROUND);
        g.setLineJoin(StrokeLineJoin.ROUND);
        view.drawing().shapes().forEach(s -> s.paint(new Bodies()));
        view.drawing().glows().forEach(this::halo);
        view.drawing().shapes().forEach(s -> s.paint(new Words()));
        view.drawing().dimensions().stream()
                .sorted(Comparator.comparingInt(Shape.Dimension::rank).reversed())
                .forEach(this::dimension);
    }

    /** What lies below: bodies and lines. */
    private final class Bodies implements Shape.Painter<RuntimeException> {
        @Override
        public void path(Shape.Path p) {
            outline(p);
        }

        @Override
        public void disc(Shape.Disc d) {
            round(d);
        }

        @Override
        public void glow(Shape.Glow g) {}

        @Override
        public void label(Shape.Label l) {}

        @Override
        public void dimension(Shape.Dimension d) {}

        @Override
        public void leader(Shape.Leader l) {}
    }

    /** What lies above the glow: names and leaders. Dimensions come last, the outermost first. */
    private final class Words implements Shape.Painter<RuntimeException> {
        @Override
        public void path(Shape.Path p) {}

        @Override
        public void disc(Shape.Disc d) {}

        @Override
        public void glow(Shape.Glow g) {}

        @Override
        public void label(Shape.Label l) {
            name(l);
        }

        @Override
        public void dimension(Shape.Dimension d) {}

        @Override
        public void leader(Shape.Leader l) {
            pointer(l);
        }
    }

    private void outline(Shape.Path p) {
        int n = p.points().size();
        double[] xs = new double[n];
        double[] ys = new double[n];
        for (int i = 0; i < n; i++) {
            xs[i] = view.x(p.points().get(i));
            ys[i] = view.y(p.points().get(i));
        }
        if (p.closed() && p.fill() != Fill.NONE) {
            g.setFill(surface(p.fill()));
            g.fillPolygon(xs, ys, xs.length);
            if (p.fill() == Fill.METAL_CUT) {
                hatch(xs, ys, 7);
            } else if (p.fill() == Fill.WIRE) {
                braid(p.points());
            }
        }
        pen(p.pen());
        if (p.pen() != Pen.NONE) {
            if (p.closed()) {
                g.strokePolygon(xs, ys, xs.length);
            } else {
                g.strokePolyline(xs, ys, xs.length);
            }
        }
        g.setLineDashes();
    }

    private void round(Shape.Disc d) {
        double r = d.radius() * view.scale();
        double x = view.x(d.centre()) - r;
        double y = view.y(d.centre()) - r;
        if (d.fill() != Fill.NONE) {
            g.setFill(surface(d.fill()));
            g.fillOval(x, y, 2 * r, 2 * r);
        }
        pen(d.pen());
        g.strokeOval(x, y, 2 * r, 2 * r);
        g.setLineDashes();
    }

    private Color surface(Fill fill) {
        return switch (fill) {
            case METAL -> ink.hairline().interpolate(ink.raised(), 0.62);
            case METAL_CUT, PAPER, NONE, SOFT -> ink.raised();
            case RUBBER -> ink.rubber();
            case BLACK -> ink.ink();
            case WIRE -> ink.hairline().interpolate(ink.raised(), 0.35);
            case DEEP -> ink.working();
            case MIDDLE -> ink.working().interpolate(ink.raised(), 0.4);
            case PALE -> ink.working().interpolate(ink.raised(), 0.75);
            case OVER -> ink.stop().interpolate(ink.raised(), 0.35);
        };
    }

    /**
     * Hatch at 45 degrees inside the outline. Each line is cut to the outline by itself, as a clip of the canvas costs many times more, and
     * all are stroked in one go.
     */
    private void hatch(double[] xs, double[] ys, double step) {
        g.setStroke(ink.soft().deriveColor(0, 1, 1, 0.45));
        g.setLineWidth(0.6);
        g.beginPath();
        double first = Double.MAX_VALUE;
        double last = -Double.MAX_VALUE;
        for (int i = 0; i < xs.length; i++) {
            first = Math.min(first, xs[i] + ys[i]);
            last = Math.max(last, xs[i] + ys[i]);
        }
        double[] crossings = new double[xs.length];
        for (double sum = first + step / 2; sum < last; sum += step) {
            int found = crossings(xs, ys, sum, crossings);
            for (int i = 0; i + 1 < found; i += 2) {
                g.moveTo(crossings[i], sum - crossings[i]);
                g.lineTo(crossings[i + 1], sum - crossings[i + 1]);
            }
        }
        g.stroke();
    }

    /** Where the line x + y = sum crosses the outline, from left to right; an even number. */
    private static int crossings(double[] xs, double[] ys, double sum, double[] into) {
        int found = 0;
        for (int i = 0; i < xs.length; i++) {
            int j = (i + 1) % xs.length;
            double here = xs[i] + ys[i] - sum;
            double there = xs[j] + ys[j] - sum;
            if (here < 0 != there < 0) {
                into[found] = xs[i] + (xs[j] - xs[i]) * here / (here - there);
                found++;
            }
        }
        Arrays.sort(into, 0, found);
        return found;
    }

    /** The wires of a braided hose: short slanted strokes between the two long sides of the outline. */
    private void braid(List<Point> outline) {
        int half = outline.size() / 2;
        g.setStroke(ink.soft().deriveColor(0, 1, 1, 0.7));
        g.setLineWidth(0.8);
        int parts = 3;
        g.beginPath();
        for (int i = 0; i < half - 1; i++) {
            Point up = outline.get(i);
            Point upNext = outline.get(i + 1);
            Point low = outline.get(outline.size() - 1 - i);
            Point lowNext = outline.get(outline.size() - 2 - i);
            for (int k = 0; k < parts; k++) {
                double t = (double) k / parts;
                double u = (k + 1.0) / parts;
                g.moveTo(between(up, upNext, t, true), between(up, upNext, t, false));
                g.lineTo(between(low, lowNext, u, true), between(low, lowNext, u, false));
            }
        }
        g.stroke();
    }

    private double between(Point a, Point b, double t, boolean x) {
        return x ? view.x(a) + (view.x(b) - view.x(a)) * t : view.y(a) + (view.y(b) - view.y(a)) * t;
    }

    /** A soft halo of widening strokes and a firm core. */
    private void halo(Shape.Glow glow) {
        double[] xs = glow.points().stream().mapToDouble(view::x).toArray();
        double[] ys = glow.points().stream().mapToDouble(view::y).toArray();
        double width = 22;
        for (Color step : haloSteps) {
            g.setStroke(step);
            g.setLineWidth(width);
            g.strokePolyline(xs, ys, xs.length);
            width -= 4.6;
        }
        g.setStroke(ink.seal());
        g.setLineWidth(3);
        g.strokePolyline(xs, ys, xs.length);
    }

    private void name(Shape.Label l) {
        g.setTextBaseline(VPos.CENTER);
        g.setTextAlign(
                switch (l.anchor()) {
                    case START -> TextAlignment.LEFT;
                    case MIDDLE -> TextAlignment.CENTER;
                    case END -> TextAlignment.RIGHT;
                });
        if (l.role() == Shape.Role.OPEN) {
            words(open, ink.working());
        } else {
            words(text, ink.ink());
        }
        write(l.text(), view.x(l.at()), view.y(l.at()), l.role());
        if (!l.under().isEmpty()) {
            words(small, ink.soft());
            write(l.under(), view.x(l.at()), view.y(l.at()) + text.getSize() * 1.15, l.role());
        }
    }

    private void write(String words, double x, double y, Shape.Role role) {
        if (role == Shape.Role.OVER) {
            g.setStroke(ink.raised());
            g.setLineWidth(CLEAR);
            g.strokeText(words, x, y);
        }
        g.fillText(words, x, y);
    }

    private void words(Font font, Color colour) {
        g.setFont(font);
        g.setFill(colour);
    }

    private void pointer(Shape.Leader l) {
        double x = view.x(l.from());
        double y = view.y(l.from());
        g.setStroke(ink.seal());
        g.setLineWidth(1);
        g.strokeLine(x, y + 4, view.x(l.to()), view.y(l.to()));
        words(text, ink.seal());
        g.setTextAlign(TextAlignment.LEFT);
        g.setTextBaseline(VPos.BOTTOM);
        Text measure = new Text(l.text());
        measure.setFont(g.getFont());
        double most = g.getCanvas().getWidth() - measure.getLayoutBounds().getWidth() - 6;
        g.fillText(l.text(), Math.max(4, Math.min(x - 4, most)), y);
    }

    private void dimension(Shape.Dimension d) {
        boolean upright =
                Math.abs(d.from().x() - d.to().x()) < Math.abs(d.from().y() - d.to().y());
        Color colour = d.measured() ? ink.measured() : ink.ink();
        g.setStroke(colour);
        g.setFill(colour);
        g.setLineWidth(0.9);
        g.setFont(figure);
        double x1 = view.x(d.from());
        double y1 = view.y(d.from());
        double x2 = view.x(d.to());
        double y2 = view.y(d.to());
        if (upright) {
            double x = Math.min(x1, x2) - d.rank() * DIMENSION_STEP;
            g.strokeLine(x1 - 3, y1, x - 4, y1);
            g.strokeLine(x2 - 3, y2, x - 4, y2);
            g.strokeLine(x, y1, x, y2);
            arrow(x, Math.min(y1, y2), 0, 1);
            arrow(x, Math.max(y1, y2), 0, -1);
            g.save();
            g.translate(x - 6, (y1 + y2) / 2);
            g.rotate(-90);
            g.setTextAlign(TextAlignment.CENTER);
            g.setTextBaseline(VPos.BOTTOM);
            g.fillText(d.text(), 0, 0);
            g.restore();
        } else {
            boolean above = d.rank() > 0;
            double y = (above ? Math.min(y1, y2) : Math.max(y1, y2)) - d.rank() * DIMENSION_STEP;
            double over = above ? -4 : 4;
            g.strokeLine(x1, y1 + over, x1, y + over);
            g.strokeLine(x2, y2 + over, x2, y + over);
            boolean tight = Math.abs(x2 - x1) < 26;
            double out = tight ? 14 : 0;
            g.strokeLine(Math.min(x1, x2) - out, y, Math.max(x1, x2) + out, y);
            arrow(Math.min(x1, x2), y, tight ? -1 : 1, 0);
            arrow(Math.max(x1, x2), y, tight ? 1 : -1, 0);
            figureOnPaper(d.text(), (x1 + x2) / 2, above ? y - 3 : y + 5, above, colour);
        }
    }

    /** A figure stands on a patch of paper, so that no extension line runs through it. */
    private void figureOnPaper(String words, double x, double y, boolean above, Color colour) {
        Text measure = new Text(words);
        measure.setFont(figure);
        double wide = measure.getLayoutBounds().getWidth() + 4;
        double high = figure.getSize() * 1.05;
        g.setFill(ink.paper().interpolate(ink.raised(), 0.5));
        g.fillRect(x - wide / 2, above ? y - high : y, wide, high);
        g.setFill(colour);
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(above ? VPos.BOTTOM : VPos.TOP);
        g.fillText(words, x, y);
    }

    /** A filled arrow head with its point at (x, y), its body toward (dx, dy). */
    private void arrow(double x, double y, int dx, int dy) {
        g.fillPolygon(
                new double[] {x, x + dx * ARROW - dy * 2.4, x + dx * ARROW + dy * 2.4},
                new double[] {y, y + dy * ARROW - dx * 2.4, y + dy * ARROW + dx * 2.4},
                3);
    }

    private void pen(Pen pen) {
        switch (pen) {
            case OUTLINE -> stroke(ink.ink(), 1.6);
            case THREAD -> stroke(ink.soft(), 0.9);
            case FINE -> stroke(ink.soft(), 0.8);
            case CENTRE_LINE -> stroke(ink.soft(), 0.9, 14, 4, 2, 4);
            case HIDDEN -> stroke(ink.soft(), 0.9, 5, 4);
            case MEASURED -> stroke(ink.measured(), 1.4, 7, 5);
            case SELECTED -> stroke(ink.working(), 1.8, 5, 4);
            case WARN -> stroke(ink.warn(), 1.8);
            case STOP -> stroke(ink.stop(), 2);
            case NONE -> stroke(Color.TRANSPARENT, 0);
        }
    }

    private void stroke(Color colour, double width, double... dashes) {
        g.setStroke(colour);
        g.setLineWidth(width);
        g.setLineDashes(dashes);
    }
}
