package mellowflare.core.tube.draw;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.connection.End;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.tube.end.EndTraits;
import mellowflare.core.tube.line.TubeCase;
import mellowflare.core.tube.line.TubeSide;

/** The line drawn as a strip: port, nut and flare, tube, flare and nut, port. Not to scale; bends are hinted, seals glow, what is not settled stands open with a question mark. */
public final class TubeStrip {
    private static final double WIDTH = 420;
    private static final double PORT = 34;
    private static final double PORT_HALF = 19;
    private static final double NUT = 40;
    private static final double NUT_HALF = 14;
    private static final double TUBE_HALF = 5;
    private static final int MOST_BENDS = 6;
    private static final List<Subject> MIDDLE = List.of(Subject.TUBE, Subject.SHAPE, Subject.BENDS, Subject.LENGTH);

    private final TubeCase c;
    private final boolean detailed;
    private final Map<Subject, Severity> marks;
    private final Drawing.Sheet sheet = new Drawing.Sheet();

    private TubeStrip(TubeCase c, List<Finding> findings, boolean detailed) {
        this.c = c;
        this.detailed = detailed;
        this.marks = Finding.marks(findings);
    }

    /** The small strip of the band. */
    public static Drawing band(TubeCase c, List<Finding> findings) {
        return new TubeStrip(c, findings, false).draw();
    }

    /** The large strip with its lengths. */
    public static Drawing page(TubeCase c, List<Finding> findings) {
        return new TubeStrip(c, findings, true).draw();
    }

    private Drawing draw() {
        tube();
        side(this.c.a(), 0, 1);
        side(this.c.b(), WIDTH, -1);
        if (detailed) {
            lengths();
        }
        double beside = detailed ? 8 : 90;
        return sheet.done(-beside, detailed ? -40 : -30, WIDTH + beside, detailed ? 32 : 29);
    }

    /** One end; x runs inward from the outer face of its port by the sign. */
    private void side(TubeSide s, double x, double sign) {
        boolean known = s.port().port().isPresent()
                || s.traits().filter(t -> t.codes().isEmpty()).isPresent();
        double face = x + sign * PORT;
        rect(known ? Pen.OUTLINE : Pen.SELECTED, known ? Fill.METAL_CUT : Fill.PAPER, x, face, PORT_HALF);
        spot(s.which().end(), x, face, PORT_HALF);
        if (!known) {
            sheet.label(new Point((x + face) / 2, 0), "?", "", Shape.Role.OPEN, Shape.Anchor.MIDDLE);
        }
        boolean near = sign > 0;
        Shape.Anchor outward = near ? Shape.Anchor.END : Shape.Anchor.START;
        sheet.label(
                detailed ? new Point((x + face) / 2, -PORT_HALF - 9) : new Point(near ? -6 : WIDTH + 6, 9),
                s.port().place(),
                s.port().port().map(End::brief).orElse(known ? "" : Say.it("tube-strip.not-settled")),
                Shape.Role.NAME,
                detailed ? near ? Shape.Anchor.START : Shape.Anchor.END : outward);
        nut(s, face, sign);
        sheet.mark(marks, s.which().end(), new Point((x + face) / 2, PORT_HALF + 6));
        sheet.mark(marks, s.which().tubeEnd(), new Point(face + sign * 30, NUT_HALF + 7));
        sheet.mark(marks, s.which().joint(), new Point(face + sign * 4, NUT_HALF + 7));
    }

    private void nut(TubeSide s, double face, double sign) {
        Pen pen = s.traits().isPresent() ? Pen.OUTLINE : Pen.SELECTED;
        boolean nut = s.traits().map(t -> t.nut() != EndTraits.Nut.NONE).orElse(true);
        double inner = face + sign * NUT;
        if (nut) {
            rect(pen, Fill.METAL, face, inner, NUT_HALF);
            line(face, inner, NUT_HALF * 0.45);
            line(face, inner, -NUT_HALF * 0.45);
        } else {
            rect(pen, Fill.METAL, face, face + sign * 16, TUBE_HALF + 4);
        }
        spot(s.which().tubeEnd(), face, inner, NUT_HALF);
        s.traits().ifPresent(t -> glow(t, face, sign));
    }

    private void glow(EndTraits t, double face, double sign) {
        switch (t.made()) {
            case FLARED, FORMED -> {
                sheet.glow(new Point(face - sign * 5, 3), new Point(face + sign * 8, 11));
                sheet.glow(new Point(face - sign * 5, -3), new Point(face + sign * 8, -11));
            }
            case RINGED -> {
                sheet.glow(new Point(face + sign * 4, TUBE_HALF), new Point(face + sign * 12, TUBE_HALF));
                sheet.glow(new Point(face + sign * 4, -TUBE_HALF), new Point(face + sign * 12, -TUBE_HALF));
            }
            case BRAZED -> {
                sheet.glow(new Point(face + sign * 2, TUBE_HALF + 1), new Point(face + sign * 16, TUBE_HALF + 1));
                sheet.glow(new Point(face + sign * 2, -TUBE_HALF - 1), new Point(face + sign * 16, -TUBE_HALF - 1));
            }
            case BARE -> {}
        }
    }

    /** Where the tube comes out of nut or socket, from the face of the port. */
    private static double inner(TubeSide s) {
        return s.traits().filter(t -> t.nut() == EndTraits.Nut.NONE).isPresent() ? 10 : NUT - 6;
    }

    /** The tube from nut to nut with as many hints of bends as it has, up to a few. */
    private void tube() {
        double from = PORT + inner(this.c.a());
        double to = WIDTH - PORT - inner(this.c.b());
        int bends = Math.min(
                MOST_BENDS, this.c.shape().path().map(p -> p.bends().size()).orElse(0));
        List<Point> way = new ArrayList<>();
        way.add(new Point(from, 0));
        double level = 0;
        for (int i = 0; i < bends; i++) {
            double x = from + (to - from) * (i + 1) / (bends + 1);
            double next = i == bends - 1 ? 0 : i % 2 == 0 ? 7 : -7;
            way.add(new Point(x - 7, level));
            way.add(new Point(x + 7, next));
            level = next;
        }
        way.add(new Point(to, level));
        boolean known = this.c.tube().isPresent();
        List<Point> outline = new ArrayList<>();
        way.forEach(p -> outline.add(p.plus(0, TUBE_HALF)));
        for (int i = way.size() - 1; i >= 0; i--) {
            outline.add(way.get(i).plus(0, -TUBE_HALF));
        }
        sheet.path(known ? Pen.OUTLINE : Pen.SELECTED, known ? Fill.METAL : Fill.PAPER, true, outline);
        sheet.path(Pen.CENTRE_LINE, Fill.NONE, false, way);
        sheet.spot(Subject.TUBE, from + 6, -12, to - 6, 12);
        for (Subject s : MIDDLE) {
            sheet.mark(marks, s, new Point((from + to) / 2 + 16 * (MIDDLE.indexOf(s) - 1), 20));
        }
        String name = this.c.tube().map(t -> t.name()).orElse(Say.it("tube-strip.tube-not-chosen"));
        sheet.label(new Point((from + to) / 2, detailed ? -24 : -26), name, "", Shape.Role.NAME, Shape.Anchor.MIDDLE);
    }

    private void lengths() {
        this.c
                .cut()
                .ifPresent(cut -> sheet.add(new Shape.Dimension(
                        new Point(PORT, 18),
                        new Point(WIDTH - PORT, 18),
                        1,
                        Say.it("tube-strip.cut", "both", LengthFormat.both(cut.shop(this.c.units()), this.c.units())),
                        false)));
    }

    private void rect(Pen pen, Fill fill, double x0, double x1, double half) {
        sheet.rect(pen, fill, Math.min(x0, x1), -half, Math.max(x0, x1), half);
    }

    private void line(double x0, double x1, double y) {
        sheet.line(Pen.FINE, new Point(x0, y), new Point(x1, y));
    }

    private void spot(Subject subject, double x0, double x1, double half) {
        sheet.spot(subject, Math.min(x0, x1), -half, Math.max(x0, x1), half);
    }
}
