package mellowflare.book.exchange;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.LabelRoom;
import mellowflare.core.geometry.Letters;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;

/** A drawing as SVG 1.1, one unit a millimetre of the drawing. */
public final class DrawingSvg implements Shape.Painter<RuntimeException> {
    /** Room above for dimensions, and the height of a text (mm of the drawing). */
    private static final double ROOM = 46;

    private static final double TEXT = 7;
    private static final double STEP = 11;
    private final StringBuilder out = new StringBuilder();
    private final List<Shape.Label> labels = new ArrayList<>();

    private DrawingSvg() {}

    public static String of(Drawing d, String title) {
        DrawingSvg svg = new DrawingSvg();
        svg.write(LabelRoom.settled(d, new Letters(1, TEXT, STEP)), title);
        return svg.out.toString();
    }

    private void write(Drawing d, String title) {
        double w = d.box().width();
        double h = d.box().height() + ROOM;
        out.append(String.format(
                Locale.ROOT,
                "<?xml version=\"1.0\" encoding=\"UTF-8\"?>%n<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%.1fmm\" height=\"%.1fmm\" viewBox=\"%.2f %.2f %.2f %.2f\">%n",
                w,
                h,
                d.box().left(),
                -d.box().top() - ROOM,
                w,
                h));
        out.append("<title>").append(escaped(title)).append("</title>\n");
        for (Shape.Glow g : d.glows()) {
            line(g.points(), "#f6b26b", 3.2, "", false, "none");
        }
        for (Shape s : d.shapes()) {
            s.paint(this);
        }
        for (Shape.Glow g : d.glows()) {
            line(g.points(), "#e2711d", 1.2, "", false, "none");
        }
        labels.forEach(this::words);
        out.append("</svg>\n");
    }

    @Override
    public void path(Shape.Path p) {
        line(
                p.points(),
                p.pen() == Pen.NONE ? "none" : ink(p.pen()),
                width(p.pen()),
                dash(p.pen()),
                p.closed(),
                fill(p.fill()));
    }

    @Override
    public void disc(Shape.Disc c) {
        out.append(String.format(
                Locale.ROOT,
                "<circle cx=\"%.2f\" cy=\"%.2f\" r=\"%.2f\" fill=\"%s\" stroke=\"%s\" stroke-width=\"%.2f\"/>%n",
                c.centre().x(),
                -c.centre().y(),
                c.radius(),
                fill(c.fill()),
                ink(c.pen()),
                width(c.pen())));
    }

    /** What glows is painted under and over everything else. */
    @Override
    public void glow(Shape.Glow g) {}

    @Override
    public void label(Shape.Label l) {
        labels.add(l);
    }

    /** Over all lines, which are kept clear of words that lie over them. */
    private void words(Shape.Label l) {
        // Twice, as SVG 1.1 knows no order of painting a text's edge and its inside.
        if (l.role() == Shape.Role.OVER) {
            words(l, " stroke=\"#ffffff\" stroke-width=\"2\" stroke-linejoin=\"round\"");
        }
        words(l, "");
    }

    private void words(Shape.Label l, String halo) {
        text(l.at(), l.text(), anchor(l.anchor()), 0, halo);
        text(l.at(), l.under(), anchor(l.anchor()), TEXT * 1.15, halo);
    }

    @Override
    public void leader(Shape.Leader l) {
        line(List.of(l.from(), l.to()), "#e2711d", 0.3, "", false, "none");
        text(l.from(), l.text(), "middle", -1);
    }

    @Override
    public void dimension(Shape.Dimension m) {
        String colour = m.measured() ? "#2b4c8c" : "#22282b";
        if (Math.abs(m.from().x() - m.to().x()) < Math.abs(m.from().y() - m.to().y())) {
            double x = Math.min(m.from().x(), m.to().x()) - m.rank() * STEP;
            line(List.of(m.from(), new Point(x, m.from().y())), colour, 0.25, "", false, "none");
            line(List.of(m.to(), new Point(x, m.to().y())), colour, 0.25, "", false, "none");
            line(List.of(new Point(x, m.from().y()), new Point(x, m.to().y())), colour, 0.25, "", false, "none");
            boolean left = m.rank() > 0;
            text(
                    new Point(x + (left ? -1.5 : 1.5), (m.from().y() + m.to().y()) / 2 - TEXT / 3),
                    m.text(),
                    left ? "end" : "start",
                    0);
            return;
        }
        boolean above = m.rank() > 0;
        double base = above
                ? Math.max(m.from().y(), m.to().y()) + 4
                : Math.min(m.from().y(), m.to().y()) - 4;
        double y = base + m.rank() * STEP;
        double past = above ? 1 : -1;
        line(List.of(m.from(), new Point(m.from().x(), y + past)), colour, 0.25, "", false, "none");
        line(List.of(m.to(), new Point(m.to().x(), y + past)), colour, 0.25, "", false, "none");
        line(List.of(new Point(m.from().x(), y), new Point(m.to().x(), y)), colour, 0.25, "", false, "none");
        text(new Point((m.from().x() + m.to().x()) / 2, above ? y + 1.5 : y - TEXT), m.text(), "middle", 0);
    }

    private void line(List<Point> points, String stroke, double width, String dash, boolean closed, String fill) {
        String d = points.stream()
                .map(p -> String.format(Locale.ROOT, "%.2f,%.2f", p.x(), -p.y()))
                .collect(Collectors.joining(" "));
        out.append(String.format(
                Locale.ROOT,
                "<%s points=\"%s\" fill=\"%s\" stroke=\"%s\" stroke-width=\"%.2f\"%s stroke-linecap=\"round\" stroke-linejoin=\"round\"/>%n",
                closed ? "polygon" : "polyline",
                d,
                closed ? fill : "none",
                stroke,
                width,
                dash.isEmpty() ? "" : " stroke-dasharray=\"" + dash + "\""));
    }

    private void text(Point at, String text, String anchor, double down) {
        text(at, text, anchor, down, "");
    }

    private void text(Point at, String text, String anchor, double down, String more) {
        if (!text.isEmpty()) {
            out.append(String.format(
                    Locale.ROOT,
                    "<text x=\"%.2f\" y=\"%.2f\" font-size=\"%.1f\" font-family=\"sans-serif\" fill=\"#22282b\" text-anchor=\"%s\"%s>%s</text>%n",
                    at.x(),
                    -at.y() + down,
                    TEXT,
                    anchor,
                    more,
                    escaped(text)));
        }
    }

    private static String anchor(Shape.Anchor a) {
        return switch (a) {
            case START -> "start";
            case MIDDLE -> "middle";
            case END -> "end";
        };
    }

    private static String ink(Pen pen) {
        return switch (pen) {
            case MEASURED -> "#2b4c8c";
            case WARN -> "#6b4aa0";
            case STOP -> "#a3242b";
            case FINE, THREAD, CENTRE_LINE, HIDDEN -> "#5e676b";
            default -> "#22282b";
        };
    }

    private static double width(Pen pen) {
        return pen == Pen.OUTLINE || pen == Pen.STOP ? 0.8 : 0.4;
    }

    private static String dash(Pen pen) {
        return switch (pen) {
            case MEASURED, SELECTED, HIDDEN -> "3 2";
            case CENTRE_LINE -> "8 2 1 2";
            default -> "";
        };
    }

    private static String fill(Fill fill) {
        return switch (fill) {
            case NONE -> "none";
            case PAPER -> "#ffffff";
            case METAL, METAL_CUT, SOFT -> "#edebe6";
            case WIRE, RUBBER -> "#595c5e";
            case BLACK -> "#000000";
            case DEEP -> "#1f5e6b";
            case MIDDLE -> "#739ca3";
            case PALE -> "#c7d9db";
            case OVER -> "#c76b70";
        };
    }

    /** Text for XML; what XML cannot hold at all is left out. */
    private static String escaped(String text) {
        StringBuilder safe = new StringBuilder();
        text.codePoints().forEach(c -> {
            switch (c) {
                case '&' -> safe.append("&amp;");
                case '<' -> safe.append("&lt;");
                case '>' -> safe.append("&gt;");
                case '"' -> safe.append("&quot;");
                default -> {
                    boolean allowed = c == 0x9
                            || c == 0xA
                            || c == 0xD
                            || c >= 0x20 && c <= 0xD7FF
                            || c >= 0xE000 && c != 0xFFFE && c != 0xFFFF;
                    if (allowed) {
                        safe.appendCodePoint(c);
                    }
                }
            }
        });
        return safe.toString();
    }
}
