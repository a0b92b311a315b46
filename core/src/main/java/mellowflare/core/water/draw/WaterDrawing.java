package mellowflare.core.water.draw;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.water.choose.NippleFit;
import mellowflare.core.water.choose.WaterSet;
import mellowflare.core.water.stock.EquipmentThread;
import mellowflare.core.water.stock.JoinMethod;
import mellowflare.core.water.stock.LinkKind;
import mellowflare.core.water.work.WaterCase;

/** The set of parts between house pipe and equipment, seen from the side: every seal glows and has its number. Lengths along are not to scale; how far the axes lie apart is. */
public final class WaterDrawing {
    private static final double WALL = 66;
    private static final double PIPE = 5;
    private static final double FAR = 250;
    private static final double MOST_APART = 34;
    /** So many millimetres of the real thing are one on the paper, across. */
    private static final double ACROSS = 3;

    private final WaterCase c;
    private final Map<Subject, Severity> marks;
    private final Drawing.Sheet sheet = new Drawing.Sheet();
    private final Optional<WaterSet> set;
    private final double apart;
    private int seal;

    private WaterDrawing(WaterCase c, List<Finding> findings) {
        this.c = c;
        this.marks = Finding.marks(findings);
        this.set = c.set();
        this.apart = Math.min(MOST_APART, c.line().offset().map(Length::mm).orElse(0.0) / ACROSS);
    }

    /** The page's picture. */
    public static Drawing page(WaterCase c, List<Finding> findings) {
        return new WaterDrawing(c, findings).draw(true);
    }

    /** The small strip of the band. */
    public static Drawing band(WaterCase c, List<Finding> findings) {
        return new WaterDrawing(c, findings).draw(false);
    }

    private Drawing draw(boolean page) {
        pipe(page);
        valve(page);
        link(page);
        equipment(page);
        return page ? sheet.done(-14, -56, FAR + 92, 86) : sheet.done(-150, -26, FAR + 170, 42);
    }

    private void glow(double x, double y, double half, boolean numbered) {
        sheet.glow(new Point(x, y + half), new Point(x, y - half));
        seal++;
        if (numbered) {
            sheet.add(new Shape.Disc(new Point(x, y - half - 9), 4.6, Pen.FINE, Fill.PAPER));
            sheet.label(
                    new Point(x, y - half - 10.6), Integer.toString(seal), "", Shape.Role.OVER, Shape.Anchor.MIDDLE);
        }
    }

    private void pipe(boolean page) {
        boolean known = c.pipe().isPresent();
        boolean hidden = c.line().hidden();
        double high = page ? 54 : 24;
        double low = page ? -38 : -18;
        if (hidden) {
            sheet.rect(Pen.FINE, Fill.METAL_CUT, 24, low, WALL, high);
            sheet.line(Pen.OUTLINE, new Point(WALL, low), new Point(WALL, high));
        }
        sheet.rect(
                known ? Pen.OUTLINE : Pen.SELECTED,
                known ? Fill.METAL : Fill.PAPER,
                0,
                -PIPE,
                hidden ? WALL + 8 : WALL + 8,
                PIPE);
        sheet.line(Pen.CENTRE_LINE, new Point(-6, 0), new Point(WALL + 14, 0));
        if (hidden) {
            sheet.rect(Pen.OUTLINE, Fill.METAL, 8, -PIPE - 4, 22, PIPE + 4);
            sheet.rect(Pen.OUTLINE, Fill.METAL, WALL, -15, WALL + 3, 15);
        }
        if (set.filter(s -> s.method().id() == JoinMethod.Id.THREAD).isPresent()) {
            glow(22, 0, PIPE + 3, page);
        }
        String name = c.pipe()
                .map(p -> p.name())
                .or(() -> c.line().material().map(m -> m.word()))
                .orElse(Say.it("water-drawing.pipe-not-said"));
        if (page) {
            sheet.label(new Point(hidden ? 40 : 30, 68), name, nipple(), Shape.Role.NAME, Shape.Anchor.MIDDLE);
        } else {
            sheet.label(new Point(-8, 4), name, "", Shape.Role.NAME, Shape.Anchor.END);
        }
        sheet.spot(Subject.HOUSE_PIPE, 0, -20, WALL, 20);
        sheet.mark(marks, Subject.HOUSE_PIPE, new Point(40, 20));
    }

    private String nipple() {
        return c.nipple()
                .flatMap(NippleFit::stock)
                .filter(n -> c.line().hidden())
                .map(n -> Say.it(
                        "water-drawing.nipple",
                        "length",
                        LengthFormat.shop(n.length(), UnitSystem.INCH),
                        "gap",
                        Figure.of(Length.ofMm(n.gap())).text(c.units())))
                .orElse("");
    }

    private void valve(boolean page) {
        boolean known = set.isPresent();
        double x = WALL + 8;
        Pen pen = known ? Pen.OUTLINE : Pen.SELECTED;
        Fill fill = known ? Fill.METAL : Fill.PAPER;
        sheet.rect(pen, fill, x, -9, x + 12, 9);
        sheet.rect(pen, fill, x + 12, -8, x + 34, 8);
        sheet.rect(pen, fill, x + 19, 8, x + 27, 17);
        sheet.path(
                pen,
                fill,
                true,
                List.of(new Point(x + 10, 17), new Point(x + 36, 17), new Point(x + 33, 23), new Point(x + 13, 23)));
        sheet.rect(pen, fill, x + 34, -6, x + 44, 6);
        glow(x + 4, 0, PIPE + 1.5, page);
        if (page) {
            sheet.label(
                    new Point(x + 6, 34),
                    set.map(s -> s.parts().get(c.line().hidden() ? 2 : 1)).orElse(Say.it("water-drawing.no-set")),
                    "",
                    Shape.Role.NAME,
                    Shape.Anchor.START);
        }
        sheet.spot(Subject.WATER_SET, x, -20, FAR, 30);
        sheet.mark(marks, Subject.WATER_SET, new Point(x + 60, 22));
    }

    private void link(boolean page) {
        double a = WALL + 52;
        boolean flexible = set.map(s -> s.link().flexible()).orElse(true);
        double sag = flexible ? 16 : 0;
        List<Point> top = new ArrayList<>();
        List<Point> low = new ArrayList<>();
        int steps = flexible ? 40 : 1;
        for (int i = 0; i <= steps; i++) {
            double t = (double) i / steps;
            double x = a + (FAR - a) * t;
            double ease = flexible ? t * t * (3 - 2 * t) : t;
            double y = apart * ease - sag * Math.sin(Math.PI * t);
            top.add(new Point(x, y + 3.4));
            low.add(0, new Point(x, y - 3.4));
        }
        top.addAll(low);
        sheet.path(set.isPresent() ? Pen.OUTLINE : Pen.SELECTED, flexible ? Fill.WIRE : Fill.METAL, true, top);
        glow(a, 0, 7, page);
        if (set.filter(s -> s.link().id() == LinkKind.Id.UNION || s.link().id() == LinkKind.Id.GLUED)
                .isPresent()) {
            double x = (a + FAR) / 2;
            sheet.rect(Pen.OUTLINE, Fill.METAL, x - 8, apart / 2 - 8, x + 8, apart / 2 + 8);
            glow(x, apart / 2, 9, page);
        }
        if (page) {
            set.ifPresent(s -> sheet.label(
                    new Point((a + FAR) / 2, 52),
                    s.parts().get(s.parts().size() - 2),
                    c.line()
                            .offset()
                            .map(o -> Say.it(
                                    "water-drawing.apart",
                                    "offset",
                                    Figure.of(o).text(c.units()),
                                    "most",
                                    s.mostOffset()
                                            .map(b -> Figure.of(b).text(c.units()))
                                            .orElse("–")))
                            .orElse(""),
                    Shape.Role.NAME,
                    Shape.Anchor.MIDDLE));
            if (apart > 3) {
                sheet.line(Pen.CENTRE_LINE, new Point(a, 0), new Point(FAR + 20, 0));
            }
        }
    }

    private void equipment(boolean page) {
        boolean known = c.equipment().isPresent();
        Pen pen = known ? Pen.OUTLINE : Pen.SELECTED;
        sheet.rect(pen, known ? Fill.METAL : Fill.PAPER, FAR, apart - 7, FAR + 16, apart + 7);
        sheet.rect(pen, Fill.PAPER, FAR + 16, apart - 24, FAR + 70, apart + 24);
        glow(FAR, apart, 8, page);
        String name = c.equipment().map(EquipmentThread::name).orElse(Say.it("water-drawing.equipment-not-said"));
        String thread = c.equipment().map(EquipmentThread::thread).orElse("");
        if (page) {
            sheet.label(new Point(FAR + 40, apart + 38), name, thread, Shape.Role.NAME, Shape.Anchor.MIDDLE);
        } else {
            sheet.label(new Point(FAR + 76, apart + 4), name, thread, Shape.Role.NAME, Shape.Anchor.START);
        }
        sheet.spot(Subject.EQUIPMENT, FAR, apart - 24, FAR + 70, apart + 24);
        sheet.mark(marks, Subject.EQUIPMENT, new Point(FAR + 43, apart + 12));
    }
}
