package mellowflare.core.air.draw;

import java.util.List;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Subject;
import mellowflare.core.air.work.SpeedGuide;
import mellowflare.core.flow.network.NetworkFlow;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.AirReference;
import mellowflare.core.measure.FreeAir;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.run.cut.Rods;
import mellowflare.core.run.cut.Stretch;
import mellowflare.core.run.stock.PipeSize;
import mellowflare.core.run.walk.Joints;
import mellowflare.core.run.walk.Sized;
import mellowflare.core.run.walk.Walked;

/** Pipe, hose, rods and fittings, which way the air goes and where the chosen piece seals. */
final class Pipework {
    private static final double THIN = 1.1;
    private static final double FAT = 2.6;
    /** Half of a tick across a pipe. */
    private static final double TICK = 3.4;
    /** Where the scale stands on the paper. */
    private static final double SCALE = -17;
    /** A large shop is drawn with thinner pipes. */
    private static final double FINER = 0.55;

    private final MainScene on;

    Pipework(MainScene on) {
        this.on = on;
    }

    private double half(Walked.Run r) {
        if (r.kind() == Walked.Kind.HOSE) {
            return THIN;
        }
        Optional<PipeSize> z = Optional.ofNullable(on.sized.get(r.name())).flatMap(Sized::size);
        double half =
                z.map(x -> Math.max(THIN, Math.min(FAT, x.outside().mm() / 18))).orElse(THIN);
        return on.detailed ? half : half * FINER;
    }

    void run(Walked.Run r) {
        Point a = on.paper(r.from());
        Point b = on.paper(r.to());
        double n = Math.hypot(b.x() - a.x(), b.y() - a.y());
        if (n < 1e-6) {
            return;
        }
        double half = half(r);
        double dx = -(b.y() - a.y()) / n * half;
        double dy = (b.x() - a.x()) / n * half;
        boolean here = on.chosen.filter(r.piece().name()::equals).isPresent();
        boolean known =
                r.kind() == Walked.Kind.HOSE || on.sized.get(r.name()).size().isPresent();
        Pen pen = here ? Pen.SELECTED : !known ? Pen.MEASURED : on.detailed ? Pen.OUTLINE : Pen.THREAD;
        if (on.detailed && r.overTheTop()) {
            bow(a, pen, half);
        }
        on.sheet.path(pen, fill(r), true, List.of(a.plus(dx, dy), b.plus(dx, dy), b.plus(-dx, -dy), a.plus(-dx, -dy)));
        on.sheet.spot(
                Subject.MAIN,
                r.name(),
                Math.min(a.x(), b.x()) - 3,
                Math.min(a.y(), b.y()) - 3,
                Math.max(a.x(), b.x()) + 3,
                Math.max(a.y(), b.y()) + 3);
        if (here) {
            Point m = new Point((a.x() + b.x()) / 2, (a.y() + b.y()) / 2);
            on.sheet.label(
                    m.plus(0, 4),
                    r.piece().name(),
                    new Figure.OfReach(r.length()).text(on.c.units())
                            + Optional.ofNullable(on.sized.get(r.name()))
                                    .flatMap(Sized::size)
                                    .map(z -> ", " + z.name())
                                    .orElse(""),
                    Shape.Role.OVER,
                    Shape.Anchor.MIDDLE);
        }
    }

    /** Each rod from the pipe up, as long as it is; along the on.chosen piece with its length. */
    void rods() {
        if (!on.detailed || on.c.work().isEmpty()) {
            return;
        }
        for (Stretch s : on.c.work().get().stretches()) {
            boolean here = s.runs().stream()
                    .anyMatch(r -> on.chosen.filter(r.piece().name()::equals).isPresent());
            for (Rods.Rod rod : on.c.work().get().rods(s)) {
                Vector hangs = on.at(s.from())
                        .plus(on.at(s.to())
                                .minus(on.at(s.from()))
                                .times(rod.along().mm() / s.centres().mm()));
                Point foot = on.view.at(hangs);
                Point top = on.view.at(hangs.plus(new Vector(0, 0, rod.length().mm())));
                on.sheet.path(here ? Pen.SELECTED : Pen.THREAD, Fill.NONE, false, List.of(foot, top));
                if (here) {
                    on.sheet.label(
                            top.plus(0, -9),
                            LengthFormat.shop(rod.length(), on.c.units()),
                            "",
                            Shape.Role.OVER,
                            Shape.Anchor.MIDDLE);
                }
            }
        }
    }

    /** How fast the air runs in the worst case, against the guide for such a run. */
    private Fill fill(Walked.Run r) {
        if (r.kind() == Walked.Kind.HOSE) {
            return Fill.RUBBER;
        }
        double share = on.speeds.getOrDefault(r.name(), 0.0) / SpeedGuide.metresPerSecond(r);
        return share == 0
                ? Fill.METAL
                : share > 1 ? Fill.OVER : share > 2 / 3.0 ? Fill.DEEP : share > 1 / 3.0 ? Fill.MIDDLE : Fill.PALE;
    }

    /** Where one bar or piece meets the next between two fittings: a tick across the pipe. */
    void couplings() {
        if (!on.detailed || on.c.work().isEmpty()) {
            return;
        }
        for (Stretch s : on.c.work().get().stretches()) {
            double all = s.pieces().stream().mapToDouble(Length::mm).sum();
            Point a = on.paper(s.from());
            Point b = on.paper(s.to());
            double n = Math.hypot(b.x() - a.x(), b.y() - a.y());
            double done = 0;
            for (int i = 0; i < s.pieces().size() - 1 && n > 1; i++) {
                done += s.pieces().get(i).mm();
                Point at = a.plus((b.x() - a.x()) * done / all, (b.y() - a.y()) * done / all);
                double half = TICK / n;
                on.sheet.path(
                        Pen.OUTLINE,
                        Fill.NONE,
                        false,
                        List.of(
                                at.plus(-(b.y() - a.y()) * half, (b.x() - a.x()) * half),
                                at.plus((b.y() - a.y()) * half, -(b.x() - a.x()) * half)));
            }
        }
    }

    /** What the shades say. */
    void scale() {
        if (on.speeds.isEmpty()) {
            return;
        }
        double x = 0;
        for (Fill f : List.of(Fill.PALE, Fill.MIDDLE, Fill.DEEP, Fill.OVER)) {
            on.sheet.rect(Pen.FINE, f, x, SCALE, x + 9, SCALE + 3);
            x += 9;
        }
        on.sheet.label(
                new Point(x + 3, SCALE + 0.6),
                Say.it("pipework.scale"),
                Say.it("pipework.scale-under"),
                Shape.Role.NAME,
                Shape.Anchor.START);
    }

    /** A small bow over the top of the main. */
    private void bow(Point a, Pen pen, double half) {
        double up = 4.5 + half;
        on.sheet.path(
                pen,
                Fill.NONE,
                false,
                List.of(a, a.plus(0, up * 0.7), a.plus(half, up), a.plus(2 * half, up * 0.7), a.plus(half, 0)));
    }

    /** Which way the air goes in the worst case. */
    void arrows() {
        double most = on.c.together().flow().pipes().stream()
                .mapToDouble(p -> p.flow().kgPerSecond())
                .max()
                .orElse(1);
        for (NetworkFlow.InPipe p : on.c.together().flow().pipes()) {
            Sized s = on.sized.get(p.pipe().name());
            if (s == null
                    || s.run().kind() != Walked.Kind.MAIN
                    || FreeAir.of(p.flow(), AirReference.ISO1217).litresPerMinute() < 1) {
                continue;
            }
            Point a = on.view.at(on.at(p.forward() ? s.run().from() : s.run().to()));
            Point b = on.view.at(on.at(p.forward() ? s.run().to() : s.run().from()));
            double n = Math.hypot(b.x() - a.x(), b.y() - a.y());
            if (n < 12) {
                continue;
            }
            double ux = (b.x() - a.x()) / n;
            double uy = (b.y() - a.y()) / n;
            // The more flows, the larger its arrow.
            double size = half(s.run()) + 0.6 + 1.6 * Math.sqrt(p.flow().kgPerSecond() / most);
            Point tip = new Point((a.x() + b.x()) / 2 + ux * size, (a.y() + b.y()) / 2 + uy * size);
            on.sheet.path(
                    Pen.NONE,
                    Fill.BLACK,
                    true,
                    List.of(
                            tip,
                            tip.plus(-2.2 * size * ux - size * uy, -2.2 * size * uy + size * ux),
                            tip.plus(-2.2 * size * ux + size * uy, -2.2 * size * uy - size * ux)));
        }
    }

    /** Where the on.chosen piece seals: across the pipe at both of its ends. */
    void glow() {
        for (Walked.Run r : on.c.walked().runs()) {
            if (on.chosen.filter(r.piece().name()::equals).isEmpty()) {
                continue;
            }
            Point a = on.paper(r.from());
            Point b = on.paper(r.to());
            double n = Math.hypot(b.x() - a.x(), b.y() - a.y());
            if (n < 8) {
                continue;
            }
            double ux = (b.x() - a.x()) / n;
            double uy = (b.y() - a.y()) / n;
            double half = half(r) + 0.8;
            for (Point p : List.of(a.plus(3 * ux, 3 * uy), b.plus(-3 * ux, -3 * uy))) {
                on.sheet.glow(p.plus(-uy * half, ux * half), p.plus(uy * half, -ux * half));
            }
        }
    }

    /** Fittings as small knots; open ends as a ring. */
    void joints() {
        for (Joints.Joint j : on.c.joints().all()) {
            boolean wrong = j.kind() == Joints.Kind.OPEN || j.kind() == Joints.Kind.NONE;
            if (!on.detailed && !wrong && !j.spot().valve()) {
                continue;
            }
            Point p = on.paper(j.spot().name());
            switch (j.kind()) {
                case ELBOW, TEE, TWO_TEES -> on.sheet.add(new Shape.Disc(p, 2.2, Pen.THREAD, Fill.METAL));
                case OPEN -> on.sheet.add(new Shape.Disc(p, 3, Pen.STOP, Fill.NONE));
                case NONE -> on.sheet.add(new Shape.Disc(p, 4, Pen.STOP, Fill.NONE));
                case END, THROUGH -> {}
            }
            if (j.spot().valve()) {
                valve(p);
            }
            boolean leg = j.meeting().stream()
                    .anyMatch(r -> r.kind() == Walked.Kind.LEG
                            && r.to().equals(j.spot().name()));
            if (leg) {
                valve(p);
            }
        }
    }

    private void valve(Point p) {
        on.sheet.path(
                Pen.THREAD,
                Fill.PAPER,
                true,
                List.of(p.plus(-2.4, -1.6), p.plus(2.4, 1.6), p.plus(2.4, -1.6), p.plus(-2.4, 1.6)));
    }
}
