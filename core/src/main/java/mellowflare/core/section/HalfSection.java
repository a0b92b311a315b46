package mellowflare.core.section;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.core.connection.Body;
import mellowflare.core.connection.End;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.SealPlace;
import mellowflare.core.connection.SealRing;
import mellowflare.core.connection.Seat;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;
import mellowflare.core.geometry.ThreadProfile;
import mellowflare.core.identify.Candidate;
import mellowflare.core.identify.Identification;
import mellowflare.core.identify.Observation;
import mellowflare.core.identify.RingSeen;
import mellowflare.core.identify.TaperSeen;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthBand;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.thread.Pitch;
import mellowflare.core.thread.ThreadForm;
import mellowflare.core.thread.ThreadSize;

/**
 * The end in half-section, to scale: thread and diameter are those of the likeliest end while one fits, else the measured ones; what was
 * measured lies dashed over it. Nose, hex and bore are drawn in proportion only.
 */
public final class HalfSection {
    private static final double GENERIC_DIAMETER = 20;
    private static final double RING_SECTION_SHARE = 0.1;
    private static final double PILOT_LENGTH = 0.45;

    private final Observation seen;
    private final Optional<End> end;
    private final Seat seat;
    private final ThreadProfile thread;
    private final double bore;
    private final UnitSystem units;
    private final Drawing.Sheet sheet = new Drawing.Sheet();

    private HalfSection(Observation seen, Optional<End> end, UnitSystem units) {
        this.seen = seen;
        this.units = units;
        this.end = end;
        this.seat = seatShown();
        this.thread = profile();
        this.bore = Math.max(0.5, (crestMm() / 2 - (male() ? thread.depth() : 0)) * 0.58);
    }

    /**
     * @param answer the observation with its ranking
     * @param units system of the dimension figures
     */
    public static Drawing of(Identification answer, UnitSystem units) {
        Optional<End> end = answer.standing() == Identification.Standing.NOTHING_FITS
                ? Optional.empty()
                : answer.best().map(Candidate::end);
        return new HalfSection(answer.observation(), end, units).draw();
    }

    /**
     * @param end an end of the tables, drawn as the standard has it
     * @param seat one of its seats
     */
    public static Drawing of(End end, Seat seat, UnitSystem units) {
        Observation plain = Observation.of(end.gender()).withSeat(Optional.of(seat));
        return new HalfSection(plain, Optional.of(end), units).draw();
    }

    private Drawing draw() {
        Body body = end.map(End::body).or(seen::body).orElse(seat == Seat.BARB ? Body.BARB : Body.THREAD);
        if (body != Body.THREAD) {
            return new PlainSection(seen, body, crestMm(), sealOf(body).words(), units).draw();
        }
        return male() ? drawMale() : drawFemale();
    }

    /** Where it seals; of a body without a thread whose seat nobody saw, where such a body usually does. */
    private SealPlace sealOf(Body body) {
        return seat != Seat.NONE
                ? seat.sealPlace()
                : switch (body) {
                    case THREAD -> seat.sealPlace();
                    case FLANGE -> SealPlace.RING_IN_FACE;
                    case BARB -> SealPlace.BARBS;
                    case TUBE, COUPLER -> SealPlace.RING_AROUND_TUBE;
                };
    }

    private boolean male() {
        return seen.gender() == Gender.MALE;
    }

    private Seat seatShown() {
        Optional<Seat> given = seen.seat();
        return end.map(e -> given.filter(e.seats()::contains).orElseGet(() -> ringOr(e)))
                .or(() -> given)
                .orElse(Seat.NONE);
    }

    /** A captive ring seen on a parallel pipe thread means the washer face, not the cone. */
    private Seat ringOr(End e) {
        return seen.ring().filter(RingSeen.THREAD_BASE::equals).isPresent()
                        && e.seats().contains(Seat.WASHER)
                ? Seat.WASHER
                : e.usualSeat();
    }

    private double crestMm() {
        return end.flatMap(End::across)
                .map(LengthBand::middle)
                .or(seen::diameter)
                .map(Length::mm)
                .orElse(GENERIC_DIAMETER);
    }

    private ThreadProfile profile() {
        double diameter = crestMm();
        Optional<ThreadSize> of = end.flatMap(End::thread);
        double pitch = of.map(ThreadSize::pitch)
                .or(seen::pitch)
                .map(Pitch::length)
                .map(Length::mm)
                .orElse(diameter / 10);
        pitch = Math.min(pitch, diameter / 3);
        ThreadForm form = of.map(ThreadSize::form).orElse(ThreadForm.UNIFIED);
        boolean tapered = of.map(ThreadSize::tapered)
                .orElse(seen.taper().filter(TaperSeen.TAPERED::equals).isPresent());
        double length = of.flatMap(ThreadSize::useful).map(Length::mm).orElse(Math.max(6 * pitch, 0.7 * diameter));
        int turns = (int) Math.max(4, Math.min(24, Math.round(length / pitch)));
        double slope = tapered ? ThreadSize.TAPER_ON_DIAMETER / 2 : 0;
        boolean internal = !male();
        double start = internal ? 0.12 * diameter : noseLength(diameter, pitch);
        double atEnd = internal ? diameter / 2 - turns * pitch * slope : diameter / 2;
        return new ThreadProfile(
                start,
                turns,
                pitch,
                form.depth(Pitch.ofMm(pitch)).mm(),
                form.flankAngle().degrees() / 2,
                atEnd,
                internal ? -slope : slope,
                internal);
    }

    /** A male cone stands before the thread; other ends only have a lead-in. */
    private double noseLength(double diameter, double pitch) {
        if (seat == Seat.PILOT_ORING) {
            return PILOT_LENGTH * diameter;
        }
        return outsideCone()
                ? 0.18
                                * diameter
                                / Math.tan(
                                        Math.toRadians(seat.halfAngleDegrees().orElse(45.0)))
                        + pitch
                : 0.35 * pitch;
    }

    /** The male 60 and 24 degree cones and the nuts of inverted flares have their cone inside the nose, the other flares outside. */
    private boolean outsideCone() {
        return male() && seat.isCone() && !insideCone();
    }

    private boolean insideCone() {
        return seat == Seat.CONE60 || seat == Seat.CONE24 || seat == Seat.FERRULE || deepSeat();
    }

    /** Seats at the bottom of the female port, onto which the male nut presses the flare. */
    private boolean deepSeat() {
        return seat == Seat.INVERTED42 || seat == Seat.INVERTED45 || seat == Seat.BUBBLE;
    }

    private Drawing drawMale() {
        double d = crestMm();
        double shoulder = thread.end() + ringSection() * 1.25 + (seat == Seat.NONE ? thread.pitch() * 1.2 : 0);
        double hex = d / 2 * 1.42;
        double hexEnd = shoulder + 0.5 * d;
        double tail = d / 2 * 0.86;
        double right = hexEnd + 0.42 * d;
        double neck = thread.root(thread.end()) - 0.01 * d;

        List<Point> upper = new ArrayList<>(nose());
        upper.addAll(thread.outline());
        upper.add(new Point(thread.end(), neck));
        upper.add(new Point(shoulder, neck));
        List<Point> silhouette = new ArrayList<>(upper);
        upper.addAll(List.of(
                new Point(shoulder, hex),
                new Point(hexEnd, hex),
                new Point(hexEnd, tail),
                new Point(right, tail),
                new Point(right, bore)));
        sheet.path(Pen.OUTLINE, Fill.METAL_CUT, true, upper);

        List<Point> lower = new ArrayList<>();
        lower.add(new Point(silhouette.get(silhouette.size() > 1 ? 1 : 0).x(), 0));
        silhouette.stream().skip(1).map(Point::mirrored).forEach(lower::add);
        lower.addAll(List.of(
                new Point(shoulder, -hex),
                new Point(hexEnd, -hex),
                new Point(hexEnd, -tail),
                new Point(right, -tail),
                new Point(right, 0)));
        sheet.path(Pen.OUTLINE, Fill.PAPER, true, lower);
        crestLines();
        sheet.line(Pen.FINE, new Point(shoulder, 0), new Point(shoulder, -hex));
        sheet.line(Pen.FINE, new Point(shoulder, -hex * 0.5), new Point(hexEnd, -hex * 0.5));
        sheet.line(Pen.FINE, new Point(hexEnd, 0), new Point(hexEnd, -tail));
        sheet.line(Pen.FINE, new Point(0, bore), new Point(0, -silhouette.get(1).y()));
        sealOfMale(shoulder, neck, hex);
        finish(right, -0.12 * d);
        return sheet.done(-0.1 * d, -hex, right, hex);
    }

    private List<Point> nose() {
        double foot = thread.root(thread.start());
        if (outsideCone()) {
            double half = Math.toRadians(seat.halfAngleDegrees().orElse(45.0));
            double tip = Math.max(bore * 1.1, foot - (thread.start() - thread.pitch() * 0.6) * Math.tan(half));
            double length = (foot - tip) / Math.tan(half);
            return List.of(new Point(0, bore), new Point(0, tip), new Point(length, foot));
        }
        if (male() && insideCone()) {
            double mouth = Math.min(foot * 0.93, bore * 1.45);
            double half = Math.toRadians(seat.halfAngleDegrees().orElse(45.0));
            double depth = (mouth - bore) / Math.tan(half);
            return List.of(new Point(depth, bore), new Point(0, mouth), new Point(0, foot));
        }
        if (male() && seat == Seat.PILOT_ORING) {
            double pilot = Math.max(bore * 1.25, foot * 0.78);
            return List.of(
                    new Point(0, bore),
                    new Point(0, pilot),
                    new Point(thread.start(), pilot),
                    new Point(thread.start(), foot));
        }
        return List.of(new Point(0, bore), new Point(0, foot));
    }

    private double ringSection() {
        return seat == Seat.PORT_ORING
                ? end.flatMap(End::ring).map(SealRing::section).map(Length::mm).orElse(crestMm() * RING_SECTION_SHARE)
                : 0;
    }

    private void sealOfMale(double shoulder, double neck, double hex) {
        switch (seat.sealPlace()) {
            case CONE, SLEEVE -> {
                List<Point> nose = nose();
                Point from = insideCone() ? nose.get(0) : nose.get(1);
                Point to = insideCone() ? nose.get(1) : nose.get(2);
                glowBoth(from, to);
                say(Marks.middle(from, to), hex);
            }
            case RING_IN_HOUSING, RING_IN_FACE -> {
                boolean face = seat == Seat.FACE_ORING;
                double radius = face ? crestMm() * RING_SECTION_SHARE / 2 : ringSection() / 2;
                Point centre = face
                        ? new Point(radius * 0.7, (bore + thread.root(thread.start())) / 2)
                        : new Point(shoulder - radius, neck + radius);
                for (Point p : List.of(centre, centre.mirrored())) {
                    sheet.add(new Shape.Disc(p, radius, Pen.OUTLINE, Fill.RUBBER));
                    sheet.add(new Shape.Glow(Marks.circle(p, radius)));
                }
                say(centre.plus(0, radius), hex);
            }
            case WASHER -> {
                Point from = new Point(shoulder, neck + 0.02 * crestMm());
                Point to = new Point(shoulder, hex * 0.97);
                glowBoth(from, to);
                say(Marks.middle(from, to), hex);
            }
            case RING_ON_PILOT -> {
                double radius = crestMm() * RING_SECTION_SHARE / 2.4;
                Point centre = new Point(thread.start() * 0.55, nose().get(1).y() + radius * 0.5);
                for (Point p : List.of(centre, centre.mirrored())) {
                    sheet.add(new Shape.Disc(p, radius, Pen.OUTLINE, Fill.RUBBER));
                    sheet.add(new Shape.Glow(Marks.circle(p, radius)));
                }
                say(centre.plus(0, radius), hex);
            }
            case RING_AROUND_TUBE, BARBS -> glowInside(0.05 * crestMm(), bore, hex);
            case THREAD_FLANKS -> glowThread(hex);
        }
    }

    private Drawing drawFemale() {
        double d = crestMm();
        double outer = (d / 2 + thread.depth()) * 1.42;
        double inner = thread.end() + 0.12 * d;
        double right = thread.end() + 0.75 * d;
        boolean swivel = seat.isCone() && !deepSeat() || seat == Seat.FACE_ORING || seat == Seat.FERRULE;
        double tailBore = bore * 0.95;
        double wall = d / 2 * 0.9;

        List<Point> upper = new ArrayList<>();
        upper.add(new Point(0, outer));
        upper.addAll(mouth());
        upper.addAll(thread.outline());
        upper.add(new Point(thread.end(), thread.crest(thread.end())));
        if (swivel) {
            upper.addAll(List.of(new Point(inner + 0.2 * d, wall), new Point(inner + 0.2 * d, outer)));
        } else {
            upper.addAll(List.of(
                    new Point(inner, thread.crest(thread.end())),
                    new Point(inner, tailBore),
                    new Point(right, tailBore),
                    new Point(right, outer)));
        }
        sheet.path(Pen.OUTLINE, Fill.METAL_CUT, true, upper);
        double bodyEnd = swivel ? inner + 0.2 * d : right;
        sheet.rect(Pen.OUTLINE, Fill.PAPER, 0, -outer, bodyEnd, 0);
        sheet.line(Pen.FINE, new Point(0, -outer * 0.5), new Point(bodyEnd, -outer * 0.5));
        if (swivel) {
            swivelTail(inner, right, wall, tailBore, outer);
        } else if (deepSeat()) {
            seatAtBottom(inner, tailBore, outer);
        } else {
            sealOfPort(outer);
        }
        finish(right, -0.12 * d);
        return sheet.done(-0.1 * d, -outer, right, outer);
    }

    /** Mouth of a female: the conical housing of a boss, or a lead-in. */
    private List<Point> mouth() {
        double major = thread.root(thread.start());
        if (seat == Seat.PORT_ORING) {
            double housing = end.flatMap(End::ring)
                    .flatMap(SealRing::housing)
                    .map(h -> h.mm() / 2)
                    .orElse(major * 1.12);
            return List.of(new Point(0, housing), new Point(thread.start(), major));
        }
        return List.of(new Point(0, major * 1.04), new Point(thread.start() * 0.4, major));
    }

    private void sealOfPort(double outer) {
        switch (seat.sealPlace()) {
            case RING_IN_HOUSING, RING_IN_FACE -> {
                List<Point> mouth = mouth();
                glowBoth(mouth.get(0), mouth.get(1));
                say(Marks.middle(mouth.get(0), mouth.get(1)), outer);
            }
            case WASHER -> {
                Point from = new Point(0, mouth().get(0).y());
                Point to = new Point(0, outer * 0.92);
                glowBoth(from, to);
                say(Marks.middle(from, to), outer);
            }
            case THREAD_FLANKS -> glowThread(outer);
            case RING_ON_PILOT, RING_AROUND_TUBE, BARBS, SLEEVE ->
                glowInside(thread.end() + 0.12 * crestMm(), bore * 0.95, outer);
            case CONE -> throw new IllegalStateException("A cone sits in a swivel tail, not in the port's mouth");
        }
    }

    /** The seat at the bottom of the port: an inverted one stands up as a cone, that of a bubble is hollow. */
    private void seatAtBottom(double inner, double tailBore, double outer) {
        double reach = thread.crest(thread.end()) * 0.9;
        double half = Math.toRadians(seat.halfAngleDegrees().orElse(45.0));
        double height = (reach - tailBore) / Math.tan(half) * 0.6;
        boolean hollow = seat == Seat.BUBBLE;
        Point throat = new Point(hollow ? inner : inner - height, tailBore);
        Point rim = new Point(hollow ? inner - height : inner, reach);
        sheet.path(
                Pen.OUTLINE,
                Fill.METAL_CUT,
                true,
                hollow
                        ? List.of(throat, rim, new Point(inner, reach))
                        : List.of(throat, rim, new Point(inner, tailBore)));
        glowBoth(throat, rim);
        say(Marks.middle(throat, rim), outer);
    }

    /** The tail inside a swivel nut: a hollow 37 or 45 degree cone, or a 60 degree nose that stands forward. */
    private void swivelTail(double inner, double right, double wall, double tailBore, double outer) {
        double half = Math.toRadians(seat.halfAngleDegrees().orElse(45.0));
        double reach = wall * 0.92;
        double axial = seat == Seat.FACE_ORING ? 0 : (reach - tailBore) / Math.tan(Math.max(half, Math.toRadians(25)));
        boolean forward = seat == Seat.CONE60 || seat == Seat.CONE24 || seat == Seat.FERRULE;
        double face = inner - (forward ? axial * 0.6 : 0);
        Point lip = forward ? new Point(face + axial, reach) : new Point(face, reach);
        Point throat = forward ? new Point(face, tailBore) : new Point(face + axial, tailBore);
        double tailOuter = wall * 0.8;
        double ferrule = Math.max(lip.x(), inner) + 0.12 * wall;
        List<Point> tail = List.of(
                throat,
                lip,
                new Point(ferrule, reach),
                new Point(ferrule, tailOuter),
                new Point(right, tailOuter),
                new Point(right, tailBore));
        sheet.path(Pen.OUTLINE, Fill.METAL_CUT, true, tail);
        sheet.rect(Pen.OUTLINE, Fill.PAPER, inner + 0.2 * crestMm(), -tailOuter, right, 0);
        glowBoth(throat, lip);
        say(Marks.middle(throat, lip), outer);
    }

    private void glowThread(double top) {
        int from = Math.max(0, thread.turns() / 6);
        int to = Math.min(thread.turns() - 1, from + Math.max(3, thread.turns() / 2));
        if (sealSettled()) {
            List<Point> outline = thread.outline();
            List<Point> flank = outline.subList(from * 5, Math.min(outline.size(), to * 5 + 1));
            sheet.add(new Shape.Glow(flank));
            if (male()) {
                sheet.add(new Shape.Glow(flank.stream().map(Point::mirrored).toList()));
            }
        }
        say(thread.crestPoint((from + to) / 2), top);
    }

    /** A seal on the wall of the bore, from a place inward. */
    private void glowInside(double x, double radius, double top) {
        Point from = new Point(x, radius);
        Point to = new Point(x + 0.2 * crestMm(), radius);
        sheet.glow(from, to);
        say(Marks.middle(from, to), top);
    }

    private void glowBoth(Point from, Point to) {
        sheet.glow(from, to);
        if (male()) {
            sheet.glow(from.mirrored(), to.mirrored());
        }
    }

    /** A straight thread without a seat does not seal on its flanks, and must not glow, unless its mate is a taper. */
    private boolean sealSettled() {
        return seat != Seat.NONE || end.filter(End::sealsOnThread).isPresent();
    }

    private void say(Point at, double top) {
        String text = sealSettled()
                ? Say.it(
                        "half-section.seals-here", "sealPlace", seat.sealPlace().words())
                : Say.it("half-section.where-seals-not-settled");
        sheet.add(new Shape.Leader(new Point(at.x() + 0.12 * crestMm(), top * 1.16), at, text));
    }

    private void crestLines() {
        for (int i = 0; i < thread.turns(); i++) {
            Point crest = thread.crestPoint(i);
            sheet.line(
                    Pen.THREAD,
                    new Point(crest.x() - thread.pitch() / 4, -0.02 * crestMm()),
                    new Point(crest.x(), -crest.y()));
        }
    }

    /** Centre line, what was measured, and its dimensions. */
    private void finish(double right, double left) {
        sheet.line(Pen.CENTRE_LINE, new Point(left, 0), new Point(right - left * 0.5, 0));
        seen.diameter().ifPresent(d -> {
            double r = d.mm() / 2;
            double from = thread.start() - 0.06 * crestMm();
            double to = thread.end() + 0.06 * crestMm();
            sheet.line(Pen.MEASURED, new Point(from, r), new Point(to, r));
            sheet.line(Pen.MEASURED, new Point(from, -r), new Point(to, -r));
            sheet.add(new Shape.Dimension(
                    new Point(Math.min(0, from), r),
                    new Point(Math.min(0, from), -r),
                    1,
                    Marks.figure(d, units),
                    true));
        });
        seen.pitch().ifPresent(p -> {
            Point at = thread.crestPoint(Math.max(0, thread.turns() / 2 - 1));
            // Under the lower half of a male, where no leader comes down; inside a female.
            double y = male()
                    ? -Math.max(at.y(), seen.diameter().map(d -> d.mm() / 2).orElse(0.0))
                    : at.y();
            sheet.add(new Shape.Dimension(
                    new Point(at.x(), y), new Point(at.x() + p.length().mm(), y), -1, p.text(), true));
        });
    }
}
