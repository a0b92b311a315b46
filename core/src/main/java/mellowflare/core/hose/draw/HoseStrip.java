package mellowflare.core.hose.draw;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.connection.End;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.connection.SealPlace;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;
import mellowflare.core.hose.line.CutLength;
import mellowflare.core.hose.line.Fitted;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.line.Side;
import mellowflare.core.identify.Identification;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.parts.Attach;
import mellowflare.core.parts.HoseEndPart;

/**
 * The line drawn as a strip: port, joint, hose end, hose, hose end, joint, port. Not to scale; elbows are shown turned, seals glow, and what
 * is not settled stands dashed with a question mark.
 */
public final class HoseStrip {
    private static final double WIDTH = 420;
    private static final double PORT_DEPTH = 34;
    private static final double PORT_HALF = 19;
    private static final double ELBOW_AT = 78;
    private static final double NUT_HALF = 14;
    private static final double ADAPTER = 14;
    private static final double ADAPTER_HALF = 11;
    private static final double SOCKET_HALF = 12;
    private static final double HOSE_HALF = 8;
    private static final int BEND_POINTS = 40;

    private final HoseCase c;
    private final Optional<CutLength> cutLength;
    private final boolean detailed;
    private final Map<Subject, Severity> marks;
    private final Drawing.Sheet sheet = new Drawing.Sheet();

    private HoseStrip(HoseCase c, List<Finding> findings, boolean detailed) {
        this.c = c;
        this.cutLength = c.cut();
        this.detailed = detailed;
        this.marks = Finding.marks(findings);
    }

    /** The small strip of the band. */
    public static Drawing band(HoseCase c, List<Finding> findings) {
        return new HoseStrip(c, findings, false).draw();
    }

    /** The large strip with its lengths. */
    public static Drawing page(HoseCase c, List<Finding> findings) {
        return new HoseStrip(c, findings, true).draw();
    }

    private Drawing draw() {
        Frame a = frame(this.c.a(), true);
        Frame b = frame(this.c.b(), false);
        hose(a, b);
        side(this.c.a(), a);
        side(this.c.b(), b);
        if (detailed) {
            lengths(a, b);
        }
        double bottom = Math.min(a.lowest(), b.lowest()) - (detailed ? 12 : 2);
        double top = Math.max(a.highest(), b.highest());
        double beside = detailed ? (b.uy() > 0.2 ? 60 : 4) : 90;
        return sheet.done(-beside, bottom, WIDTH + beside, top);
    }

    /** Places local coordinates (u out of the hose toward the port, v across) on the sheet. */
    private record Frame(Point corner, double ux, double uy) {
        Point at(double u, double v) {
            return corner.plus(u * ux - v * uy, u * uy + v * ux);
        }

        double lowest() {
            return Math.min(-28, corner.y() + uy * ELBOW_AT - 4);
        }

        double highest() {
            return Math.max(27, corner.y() + uy * ELBOW_AT + 4);
        }
    }

    private Frame frame(Side side, boolean near) {
        double degrees = side.part().map(p -> p.angle().degrees()).orElse(0.0);
        double turn = Math.toRadians(degrees);
        boolean up = !near
                && this.c.twoElbows()
                && this.c.line().clocking().map(c -> Math.cos(c.radians()) < 0).orElse(false);
        double along = Math.cos(turn) * (near ? -1 : 1);
        double across = Math.sin(turn) * (up ? 1 : -1);
        return new Frame(new Point(near ? ELBOW_AT : WIDTH - ELBOW_AT, 0), along, across);
    }

    private void side(Side side, Frame f) {
        port(side, f);
        adapters(side, f);
        hoseEnd(side, f);
        joint(side, f);
    }

    /** Where the port begins: behind the adapters, when there are any. */
    private static double portFace(Side side) {
        return ELBOW_AT - PORT_DEPTH + (side.adapters().isEmpty() ? 0 : ADAPTER);
    }

    /** What stands between port and hose end, as one piece with a line for each adapter, its own joint glowing at the port. */
    private void adapters(Side side, Frame f) {
        if (side.adapters().isEmpty()) {
            return;
        }
        double from = ELBOW_AT - PORT_DEPTH;
        double to = portFace(side);
        List<Point> body = box(f, from, -ADAPTER_HALF, to, ADAPTER_HALF);
        boolean fits = side.adapters().stream().allMatch(Fitted::mates);
        sheet.path(fits ? Pen.OUTLINE : Pen.STOP, Fill.METAL, true, body);
        int n = side.adapters().size();
        for (int i = 1; i <= n; i++) {
            double u = from + (to - from) * i / (n + 1);
            sheet.line(Pen.FINE, f.at(u, -ADAPTER_HALF), f.at(u, ADAPTER_HALF));
        }
        spot(side.which().joint(), body);
        side.adapters().get(0).seat().ifPresent(seat -> glow(f, to, seat.sealPlace()));
    }

    private void port(Side side, Frame f) {
        double from = portFace(side);
        boolean known = side.port().isPresent();
        List<Point> block = box(f, from, -PORT_HALF, ELBOW_AT, PORT_HALF);
        sheet.path(known ? Pen.OUTLINE : Pen.SELECTED, known ? Fill.METAL_CUT : Fill.PAPER, true, block);
        Point middle = f.at((from + ELBOW_AT) / 2, 0);
        if (!known) {
            sheet.label(middle, "?", "", Shape.Role.OPEN, Shape.Anchor.MIDDLE);
        }
        spot(side.which().end(), block);
        sheet.mark(marks, side.which().end(), f.at(ELBOW_AT - 6, PORT_HALF + 5));
        name(side, f, middle);
    }

    /** On the page the name stands under its port or beside a turned one; in the band always beside it, where there is room. */
    private void name(Side side, Frame f, Point middle) {
        boolean near = side.which() == LineEnd.A;
        boolean turned = Math.abs(f.uy()) > 0.2;
        boolean up = f.uy() > 0.2;
        // A block that stands askew reaches further to the side.
        double aside = PORT_HALF * (Math.abs(f.uy()) + Math.abs(f.ux())) + 5;
        double out = near ? -1 : 1;
        Shape.Anchor outward = near ? Shape.Anchor.END : Shape.Anchor.START;
        Shape.Anchor inward = near ? Shape.Anchor.START : Shape.Anchor.END;
        Shape.Anchor anchor = !detailed || up ? outward : turned ? inward : Shape.Anchor.MIDDLE;
        Point at = !detailed
                ? middle.plus(out * (PORT_HALF + 4), 9)
                : turned ? middle.plus((up ? out : -out) * aside, 5) : middle.plus(0, -PORT_HALF - 7);
        String brief = side.adapters().isEmpty() || !detailed
                ? brief(side)
                : Say.it(
                        "hose-strip.by",
                        "port",
                        brief(side),
                        "adapters",
                        side.adapters().stream().map(x -> x.part().part()).collect(Collectors.joining(" + ")));
        sheet.label(at, side.place(), brief, Shape.Role.NAME, anchor);
    }

    /** The end by its name; with how sure it is while it may be another. */
    private static String brief(Side side) {
        Optional<String> doubt = side.certainty()
                .filter(c -> c < Identification.NAMED)
                .map(c -> new Figure.OfShare(c).text(UnitSystem.METRIC));
        return side.port()
                .map(End::brief)
                .map(name -> doubt.map(share -> Say.it("hose-strip.sure", "name", name, "share", share))
                        .orElse(name))
                .orElse(Say.it("hose-strip.not-settled"));
    }

    private void hoseEnd(Side side, Frame f) {
        boolean near = side.which() == LineEnd.A;
        double s = near ? 1 : -1;
        Point c = f.corner();
        Optional<HoseEndPart> part = side.part();
        Pen pen = part.isPresent() ? Pen.OUTLINE : Pen.SELECTED;
        // Tail from the corner to the socket, along the hose.
        sheet.path(pen, Fill.METAL, true, List.of(c.plus(0, -5), c.plus(s * 8, -5), c.plus(s * 8, 5), c.plus(0, 5)));
        if (Math.abs(f.uy()) > 0.2) {
            sheet.add(new Shape.Disc(c, 5, pen, Fill.METAL));
        }
        List<Point> neck = box(f, 0, -5, 8, 5);
        sheet.path(pen, Fill.METAL, true, neck);
        List<Point> nut = box(f, 8, -NUT_HALF, ELBOW_AT - PORT_DEPTH, NUT_HALF);
        sheet.path(pen, Fill.METAL, true, nut);
        sheet.line(Pen.FINE, f.at(8, -NUT_HALF * 0.45), f.at(ELBOW_AT - PORT_DEPTH, -NUT_HALF * 0.45));
        sheet.line(Pen.FINE, f.at(8, NUT_HALF * 0.45), f.at(ELBOW_AT - PORT_DEPTH, NUT_HALF * 0.45));
        double from = c.x() + s * 8;
        double to = c.x() + s * 40;
        sheet.rect(pen, Fill.METAL, Math.min(from, to), -SOCKET_HALF, Math.max(from, to), SOCKET_HALF);
        boolean crimped = part.flatMap(HoseEndPart::attach).map(Attach::pressed).orElse(true);
        for (int i = 1; i < (crimped ? 6 : 3); i++) {
            double x = from + s * 32 * i / (crimped ? 6.0 : 3.0);
            double half = SOCKET_HALF * (crimped ? 0.9 : 1);
            sheet.line(Pen.FINE, new Point(x, -half), new Point(x, half));
        }
        spot(side.which().hoseEnd(), nut);
        sheet.spot(
                side.which().hoseEnd(),
                side.which().name(),
                Math.min(from, to),
                -SOCKET_HALF,
                Math.max(from, to),
                SOCKET_HALF);
        sheet.mark(marks, side.which().hoseEnd(), new Point((from + to) / 2, SOCKET_HALF + 7));
    }

    private void joint(Side side, Frame f) {
        double face = ELBOW_AT - PORT_DEPTH;
        sheet.mark(marks, side.which().joint(), f.at(face - 10, NUT_HALF + 7));
        sheet.spot(
                side.which().joint(),
                f.at(face, 0).x() - 8,
                f.at(face, 0).y() - 22,
                f.at(face, 0).x() + 8,
                f.at(face, 0).y() + 22);
        side.presented().flatMap(p -> side.seat()).ifPresent(s -> glow(f, face, s.sealPlace()));
    }

    /** The place that seals, at a face. */
    private void glow(Frame f, double face, SealPlace place) {
        switch (place) {
            case CONE -> {
                sheet.glow(f.at(face - 7, -10), f.at(face + 5, -3));
                sheet.glow(f.at(face - 7, 10), f.at(face + 5, 3));
            }
            case RING_IN_HOUSING, RING_IN_FACE, RING_ON_PILOT, RING_AROUND_TUBE, SLEEVE -> {
                sheet.glow(f.at(face, -NUT_HALF), f.at(face, -NUT_HALF + 4.5));
                sheet.glow(f.at(face, NUT_HALF), f.at(face, NUT_HALF - 4.5));
            }
            case BARBS -> {
                sheet.glow(f.at(face - 12, -6), f.at(face, -6));
                sheet.glow(f.at(face - 12, 6), f.at(face, 6));
            }
            case WASHER -> sheet.glow(f.at(face, -NUT_HALF), f.at(face, NUT_HALF));
            case THREAD_FLANKS -> {
                sheet.add(new Shape.Glow(zigzag(f, face, -9)));
                sheet.add(new Shape.Glow(zigzag(f, face, 9)));
            }
        }
    }

    private static List<Point> zigzag(Frame f, double face, double v) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i <= 8; i++) {
            points.add(f.at(face - 8 + i * 3, v + (i % 2 == 0 ? 1.6 : -1.6)));
        }
        return points;
    }

    private void hose(Frame a, Frame b) {
        double from = a.corner().x() + 40;
        double to = b.corner().x() - 40;
        boolean known = this.c.hose().isPresent();
        List<Point> upper = new ArrayList<>();
        List<Point> lower = new ArrayList<>();
        for (int i = 0; i <= BEND_POINTS; i++) {
            double t = (double) i / BEND_POINTS;
            double sag = 6 * Math.sin(2 * Math.PI * t);
            upper.add(new Point(from + (to - from) * t, sag + HOSE_HALF));
            lower.add(0, new Point(from + (to - from) * t, sag - HOSE_HALF));
        }
        List<Point> outline = new ArrayList<>(upper);
        outline.addAll(lower);
        sheet.path(known ? Pen.OUTLINE : Pen.SELECTED, known ? Fill.WIRE : Fill.PAPER, true, outline);
        sheet.spot(Subject.HOSE, from, -HOSE_HALF - 6, to, HOSE_HALF + 6);
        sheet.mark(marks, Subject.HOSE, new Point((from + to) / 2, HOSE_HALF + 13));
        sheet.mark(marks, Subject.LENGTH, new Point((from + to) / 2 + 16, HOSE_HALF + 13));
        sheet.mark(marks, Subject.LINE, new Point((from + to) / 2 - 16, HOSE_HALF + 13));
        String name = this.c.hose().map(h -> h.title() + lengthText()).orElse(Say.it("hose-strip.hose-not-chosen"));
        sheet.label(
                new Point((from + to) / 2, -HOSE_HALF - (detailed ? 16 : 19)),
                name,
                "",
                Shape.Role.NAME,
                Shape.Anchor.MIDDLE);
    }

    private String lengthText() {
        return this.c
                .finished()
                .map(f -> ", " + LengthFormat.shop(f.value(), this.c.units()))
                .orElse("");
    }

    private void lengths(Frame a, Frame b) {
        if (cutLength.isEmpty()) {
            return;
        }
        CutLength cut = cutLength.get();
        double sealA = sealX(a, true);
        double sealB = sealX(b, false);
        double buttA = a.corner().x() + 14;
        double buttB = b.corner().x() - 14;
        // Over whatever stands highest: an elbow that looks up would hide them.
        double y = Math.max(a.highest(), b.highest()) - 1;
        dimension(
                portX(a, this.c.a()),
                portX(b, this.c.b()),
                y,
                3,
                Say.it("hose-strip.overall", "both", LengthFormat.both(cut.overall(), this.c.units())),
                true);
        dimension(sealA, buttA, y, 1, LengthFormat.figure(cut.cutOffA(), this.c.units()), false);
        dimension(buttB, sealB, y, 1, LengthFormat.figure(cut.cutOffB(), this.c.units()), false);
        if (cut.possible()) {
            dimension(
                    buttA,
                    buttB,
                    y,
                    2,
                    Say.it("hose-strip.cut", "both", LengthFormat.both(cut.shop(this.c.units()), this.c.units())),
                    false);
        }
    }

    /** The overall length runs from port to port, adapters included. */
    private static double portX(Frame f, Side side) {
        boolean near = side.which() == LineEnd.A;
        boolean turned = Math.abs(f.uy()) > 0.2;
        return sealX(f, near) + (turned || side.adapters().isEmpty() ? 0 : near ? -ADAPTER : ADAPTER);
    }

    private static double sealX(Frame f, boolean near) {
        boolean turned = Math.abs(f.uy()) > 0.2;
        return turned ? f.corner().x() : f.corner().x() + (near ? -1 : 1) * (ELBOW_AT - PORT_DEPTH);
    }

    private void dimension(double from, double to, double y, int rank, String text, boolean measured) {
        sheet.add(new Shape.Dimension(new Point(from, y), new Point(to, y), rank, text, measured));
    }

    private static List<Point> box(Frame f, double u0, double v0, double u1, double v1) {
        return List.of(f.at(u0, v0), f.at(u1, v0), f.at(u1, v1), f.at(u0, v1));
    }

    private void spot(Subject subject, List<Point> corners) {
        double left = corners.stream().mapToDouble(Point::x).min().orElseThrow();
        double right = corners.stream().mapToDouble(Point::x).max().orElseThrow();
        double bottom = corners.stream().mapToDouble(Point::y).min().orElseThrow();
        double top = corners.stream().mapToDouble(Point::y).max().orElseThrow();
        sheet.spot(subject, left, bottom, right, top);
    }
}
