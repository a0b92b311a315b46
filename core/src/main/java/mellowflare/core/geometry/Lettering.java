package mellowflare.core.geometry;

import java.util.ArrayList;
import java.util.List;

/** Finds places for words beside points of a drawing, where fewest lines and other words lie over them. */
public final class Lettering {
    /** Width of a letter on the paper, about. */
    private static final double LETTER = 5;
    /** How much narrower the smaller words under a name are. */
    private static final double SMALLER = 0.85;
    /** Words over words cannot be read at all, over a line they can. */
    private static final int WORDS_OVER_WORDS = 3;

    private static final List<Place> PLACES = List.of(
            new Place(new Point(0, -12), Shape.Anchor.MIDDLE),
            new Place(new Point(5, -2), Shape.Anchor.START),
            new Place(new Point(-5, -2), Shape.Anchor.END),
            new Place(new Point(0, -20), Shape.Anchor.MIDDLE),
            new Place(new Point(5, -9), Shape.Anchor.START),
            new Place(new Point(-5, -9), Shape.Anchor.END),
            new Place(new Point(5, 9), Shape.Anchor.START),
            new Place(new Point(-5, 9), Shape.Anchor.END),
            new Place(new Point(0, 14), Shape.Anchor.MIDDLE),
            new Place(new Point(12, -16), Shape.Anchor.START),
            new Place(new Point(-12, -16), Shape.Anchor.END),
            new Place(new Point(12, 16), Shape.Anchor.START),
            new Place(new Point(-12, 16), Shape.Anchor.END),
            new Place(new Point(13, -2), Shape.Anchor.START),
            new Place(new Point(-13, -2), Shape.Anchor.END),
            new Place(new Point(0, -26), Shape.Anchor.MIDDLE),
            new Place(new Point(0, 22), Shape.Anchor.MIDDLE));

    private final List<Line> lines;
    private final List<Field> written = new ArrayList<>();

    /**
     * A line of the drawing, in mm of the paper.
     *
     * @param clear how far words keep from its middle: half of how thick it is drawn, zero or more
     */
    public record Line(Point a, Point b, double clear) {
        public Line(Point a, Point b) {
            this(a, b, 0);
        }
    }

    /** Where words stand. */
    public record Place(Point at, Shape.Anchor anchor) {}

    /** A field of the paper that words take. */
    private record Field(double left, double bottom, double right, double top) {
        static Field of(Place place, double wide, boolean under) {
            double left = place.at.x()
                    - switch (place.anchor) {
                        case START -> 0;
                        case MIDDLE -> wide / 2;
                        case END -> wide;
                    };
            return new Field(left, place.at.y() - (under ? 9 : 2), left + wide, place.at.y() + 6);
        }

        boolean over(Field other) {
            return left < other.right && other.left < right && bottom < other.top && other.bottom < top;
        }

        boolean over(Line line) {
            return Clip.passes(
                    line.a.x(),
                    line.a.y(),
                    line.b.x(),
                    line.b.y(),
                    left - line.clear,
                    bottom - line.clear,
                    right + line.clear,
                    top + line.clear);
        }
    }

    /**
     * @param lines those that words should keep away from
     */
    public Lettering(List<Line> lines) {
        this.lines = List.copyOf(lines);
    }

    /** Keeps words off a field between two corners, the lower left one first. */
    public void taken(Point low, Point high) {
        written.add(new Field(low.x(), low.y(), high.x(), high.y()));
    }

    /** The best place beside a point; it counts as taken from then on. */
    public Place beside(Point p, String text, String under) {
        double wide = LETTER * Math.max(text.length(), SMALLER * under.length());
        Place best = null;
        Field taken = null;
        int fewest = Integer.MAX_VALUE;
        for (Place shift : PLACES) {
            Place place = new Place(p.plus(shift.at.x(), shift.at.y()), shift.anchor);
            Field field = Field.of(place, wide, !under.isEmpty());
            int crossed = crossed(field);
            if (crossed < fewest) {
                fewest = crossed;
                best = place;
                taken = field;
            }
        }
        written.add(taken);
        return best;
    }

    private int crossed(Field field) {
        int crossed = 0;
        for (Line line : lines) {
            crossed += field.over(line) ? 1 : 0;
        }
        for (Field words : written) {
            crossed += field.over(words) ? WORDS_OVER_WORDS : 0;
        }
        return crossed;
    }
}
