package mellowflare.core.geometry;

import java.util.ArrayList;
import java.util.List;

/**
 * Moves words that would lie over other words or over lines to the nearest place where fewer do. A label that lies free stays where it is, so that nothing jumps while a drawing changes elsewhere.
 * Lines are kept clear of what finds no free place. Where names would lie over each other all the same, what stands smaller under them is left out.
 */
public final class LabelRoom {
    /** Words over words cannot be read at all, over a line they can. */
    private static final double OVER_WORDS = 5;

    /** Fine lines may be written over sooner than bodies. */
    private static final double OVER_FINE = 0.5;

    /** A label is not moved for less than this, counted in lines crossed. */
    private static final double WORTH = 0.4;

    /** What a shift of one size of type costs, in lines crossed. */
    private static final double FAR = 0.12;

    /** Words may stand so far outside of the drawing's box, in sizes of type. */
    private static final double MARGIN = 1.6;

    /** How far from its place words are tried, in sizes of type, in every direction. */
    private static final double[] RINGS = {0.6, 1.1, 1.7, 2.4, 3.2, 4};

    private static final int DIRECTIONS = 12;
    private static final double[][] SHIFTS = shifts(RINGS);
    private static final double REACH = 4.2;

    /** Words that would lie over others all the same go farther. */
    private static final double[][] FARTHER = shifts(new double[] {5, 6.3, 7.8, 9.5});

    private static final double FARTHER_REACH = 9.7;
    private static final int ROUNDS = 2;

    private final Drawing drawing;
    private final Letters letters;
    private final List<Stroke> strokes = new ArrayList<>();
    private final List<Field> fixed = new ArrayList<>();
    private final List<Shape.Label> labels = new ArrayList<>();
    private final List<Field> fields = new ArrayList<>();
    private final Field page;

    /** A drawn line, in units of the medium, the axis up. */
    private record Stroke(double ax, double ay, double bx, double by, double weight) {}

    /** A field that words take. */
    private record Field(double left, double bottom, double right, double top) {
        boolean over(Field o) {
            return left < o.right && o.left < right && bottom < o.top && o.bottom < top;
        }

        boolean under(Stroke s) {
            return Clip.passes(s.ax, s.ay, s.bx, s.by, left, bottom, right, top);
        }

        Field moved(double dx, double dy) {
            return new Field(left + dx, bottom + dy, right + dx, top + dy);
        }

        Field grown(double by) {
            return new Field(left - by, bottom - by, right + by, top + by);
        }

        boolean inside(Field o) {
            return left >= o.left && right <= o.right && bottom >= o.bottom && top <= o.top;
        }
    }

    private LabelRoom(Drawing drawing, Letters letters) {
        this.drawing = drawing;
        this.letters = letters;
        Drawing.Box b = drawing.box();
        double k = letters.scale();
        this.page = new Field(b.left() * k, b.bottom() * k, b.right() * k, b.top() * k).grown(MARGIN * letters.size());
        drawing.shapes().forEach(s -> s.paint(new Gather()));
    }

    /**
     * A drawing whose labels lie as free as they can.
     *
     * @param letters how words stand on the medium that it is for
     */
    public static Drawing settled(Drawing drawing, Letters letters) {
        LabelRoom room = new LabelRoom(drawing, letters);
        if (room.labels.isEmpty()) {
            return drawing;
        }
        Drawing settled = room.settle();
        int over = room.overEachOther();
        if (over == 0 || room.labels.stream().allMatch(l -> l.under().isEmpty())) {
            return settled;
        }
        LabelRoom names = new LabelRoom(drawing.brief(), letters);
        Drawing brief = names.settle();
        return names.overEachOther() < over ? brief : settled;
    }

    /** Pairs of words over each other, as they stand now. */
    private int overEachOther() {
        int words = 0;
        for (int i = 0; i < fields.size(); i++) {
            Field f = fields.get(i);
            for (int j = i + 1; j < fields.size(); j++) {
                words += f.over(fields.get(j)) ? 1 : 0;
            }
            words += (int) fixed.stream().filter(f::over).count();
        }
        return words;
    }

    /**
     * Words of a drawing that lie over other words, and over lines.
     *
     * @param words pairs of labels that lie over each other
     * @param lines labels that lie over a line
     * @param through those of them that the line is not kept clear of
     * @param labels all of them
     */
    public record Crossed(int words, int lines, int through, int labels) {}

    /** Counts what lies over what. */
    public static Crossed crossed(Drawing drawing, Letters letters) {
        LabelRoom room = new LabelRoom(drawing, letters);
        int lines = 0;
        int through = 0;
        for (int i = 0; i < room.fields.size(); i++) {
            if (room.strokes.stream().anyMatch(room.fields.get(i)::under)) {
                lines++;
                through += room.labels.get(i).role() == Shape.Role.OVER ? 0 : 1;
            }
        }
        return new Crossed(room.overEachOther(), lines, through, room.fields.size());
    }

    private static double[][] shifts(double[] rings) {
        double[][] all = new double[rings.length * DIRECTIONS][];
        for (int r = 0; r < rings.length; r++) {
            for (int d = 0; d < DIRECTIONS; d++) {
                double t = 2 * Math.PI * d / DIRECTIONS + Math.PI / 2;
                all[r * DIRECTIONS + d] = new double[] {rings[r] * Math.cos(t), rings[r] * Math.sin(t)};
            }
        }
        return all;
    }

    private Drawing settle() {
        double[][] by = new double[labels.size()][2];
        for (int round = 0; round < ROUNDS; round++) {
            for (int i = 0; i < labels.size(); i++) {
                Field here = fields.get(i);
                List<Stroke> near = near(here.grown(REACH * letters.size()));
                double cost = cost(i, here, near);
                if (cost < WORTH) {
                    continue;
                }
                Field best = best(i, here, here, near, cost - WORTH, SHIFTS);
                if (cost(i, best, near) >= OVER_WORDS) {
                    List<Stroke> wider = near(here.grown(FARTHER_REACH * letters.size()));
                    best = best(i, here, best, wider, cost(i, best, wider), FARTHER);
                }
                by[i][0] += best.left - here.left;
                by[i][1] += best.bottom - here.bottom;
                fields.set(i, best);
            }
        }
        List<Shape> shapes = new ArrayList<>(drawing.shapes().size());
        int at = 0;
        for (Shape s : drawing.shapes()) {
            if (s instanceof Shape.Label l && !empty(l)) {
                double dx = by[at][0] / letters.scale();
                double dy = by[at][1] / letters.scale();
                boolean clear = l.role() == Shape.Role.NAME && strokes.stream().anyMatch(fields.get(at)::under);
                shapes.add(new Shape.Label(
                        l.at().plus(dx, dy), l.text(), l.under(), clear ? Shape.Role.OVER : l.role(), l.anchor()));
                at++;
            } else {
                shapes.add(s);
            }
        }
        return new Drawing(shapes, drawing.box(), drawing.spots());
    }

    /** The best of the shifts, or the one that was best so far where none costs less than it. */
    private Field best(int label, Field here, Field sofar, List<Stroke> near, double most, double[][] shifts) {
        Field best = sofar;
        double least = most;
        for (double[] shift : shifts) {
            Field there = here.moved(shift[0] * letters.size(), shift[1] * letters.size());
            double c = cost(label, there, near) + FAR * Math.hypot(shift[0], shift[1]);
            if (c < least) {
                least = c;
                best = there;
            }
        }
        return best;
    }

    private List<Stroke> near(Field around) {
        List<Stroke> near = new ArrayList<>();
        for (Stroke s : strokes) {
            if (around.under(s)) {
                near.add(s);
            }
        }
        return near;
    }

    private double cost(int label, Field f, List<Stroke> near) {
        double cost = f.inside(page) ? 0 : OVER_WORDS;
        for (int j = 0; j < fields.size(); j++) {
            cost += j != label && f.over(fields.get(j)) ? OVER_WORDS : 0;
        }
        for (Field words : fixed) {
            cost += f.over(words) ? OVER_WORDS : 0;
        }
        for (Stroke s : near) {
            cost += f.under(s) ? s.weight : 0;
        }
        return cost;
    }

    private static boolean empty(Shape.Label l) {
        return l.text().isEmpty() && l.under().isEmpty();
    }

    /** What is drawn, and where words stand. */
    private final class Gather implements Shape.Painter<RuntimeException> {
        private static final int ROUND = 12;

        private double x(Point p) {
            return p.x() * letters.scale();
        }

        private double y(Point p) {
            return p.y() * letters.scale();
        }

        private void stroke(Point a, Point b, double weight) {
            strokes.add(new Stroke(x(a), y(a), x(b), y(b), weight));
        }

        @Override
        public void path(Shape.Path p) {
            if (p.pen() == Pen.NONE) {
                return;
            }
            double weight = switch (p.pen()) {
                case FINE, CENTRE_LINE, HIDDEN, THREAD -> OVER_FINE;
                default -> 1;
            };
            List<Point> points = p.points();
            for (int i = 0; i + 1 < points.size(); i++) {
                stroke(points.get(i), points.get(i + 1), weight);
            }
            if (p.closed() && points.size() > 2) {
                stroke(points.get(points.size() - 1), points.get(0), weight);
            }
        }

        @Override
        public void disc(Shape.Disc d) {
            Point last = d.centre().plus(d.radius(), 0);
            for (int i = 1; i <= ROUND; i++) {
                double t = 2 * Math.PI * i / ROUND;
                Point next = d.centre().plus(d.radius() * Math.cos(t), d.radius() * Math.sin(t));
                stroke(last, next, 1);
                last = next;
            }
        }

        @Override
        public void glow(Shape.Glow g) {
            for (int i = 0; i + 1 < g.points().size(); i++) {
                stroke(g.points().get(i), g.points().get(i + 1), 1);
            }
        }

        @Override
        public void label(Shape.Label l) {
            if (empty(l)) {
                return;
            }
            double wide = letters.wide(l);
            double left = x(l.at())
                    - switch (l.anchor()) {
                        case START -> 0;
                        case MIDDLE -> wide / 2;
                        case END -> wide;
                    };
            double half = letters.size() * 0.5;
            double under = l.under().isEmpty() ? 0 : letters.size() * 1.15;
            labels.add(l);
            fields.add(new Field(left, y(l.at()) - half - under, left + wide, y(l.at()) + half));
        }

        @Override
        public void dimension(Shape.Dimension d) {
            double ax = x(d.from());
            double ay = y(d.from());
            double bx = x(d.to());
            double by = y(d.to());
            double high = letters.size() * 1.2;
            double wide = letters.wide(d.text()) * 1.4;
            if (Math.abs(ax - bx) < Math.abs(ay - by)) {
                double line = Math.min(ax, bx) - d.rank() * letters.step();
                strokes.add(new Stroke(line, ay, line, by, 1));
                double middle = (ay + by) / 2;
                fixed.add(new Field(line - high - 3, middle - wide / 2, line, middle + wide / 2));
            } else {
                boolean above = d.rank() > 0;
                double line = (above ? Math.max(ay, by) : Math.min(ay, by)) + d.rank() * letters.step();
                strokes.add(new Stroke(ax, line, bx, line, 1));
                strokes.add(new Stroke(ax, ay, ax, line, OVER_FINE));
                strokes.add(new Stroke(bx, by, bx, line, OVER_FINE));
                double middle = (ax + bx) / 2;
                fixed.add(new Field(
                        middle - wide / 2, above ? line : line - high, middle + wide / 2, above ? line + high : line));
            }
        }

        @Override
        public void leader(Shape.Leader l) {
            stroke(l.from(), l.to(), 1);
            double left = x(l.from()) - 4;
            double low = y(l.from());
            fixed.add(new Field(left, low, left + letters.wide(l.text()), low + letters.size()));
        }
    }
}
