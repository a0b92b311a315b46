package mellowflare.core.hose;

import java.util.Optional;
import mellowflare.core.connection.Which;
import mellowflare.core.fluid.Service;
import mellowflare.core.hose.route.RouteSketch;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.measure.Length;
import mellowflare.core.parts.Here;

/**
 * A hose line as the job keeps it.
 *
 * @param a the near end
 * @param b the far end
 * @param hose part number of the hose
 * @param service what it must do
 * @param finished overall length, port to port: sealing point to sealing point, elbows to the centre line of their outlet
 * @param bendRadius tightest radius on the job, on the hose's centre line
 * @param clocking with two elbows: seen along the hose from end A with its elbow at 12 o'clock, clockwise to the elbow of end B
 * @param route the way as measured
 * @param old the hose that was there
 * @param laidOut length marked on the bare hose where it was laid out on the job with its ends pushed in, above zero
 * @param here what is at hand
 */
public record HoseLine(
        LineEnd a,
        LineEnd b,
        Optional<String> hose,
        Service service,
        Optional<CalledFigure> finished,
        Optional<Length> bendRadius,
        Optional<Angle> clocking,
        Optional<RouteSketch> route,
        Optional<OldHose> old,
        Optional<Length> laidOut,
        Here here) {

    public HoseLine {
        bendRadius.filter(r -> r.mm() <= 0).ifPresent(r -> {
            throw new IllegalArgumentException("A bend radius is above zero, not " + r.mm() + " mm");
        });
        laidOut.filter(l -> l.mm() <= 0).ifPresent(l -> {
            throw new IllegalArgumentException("A length of hose is above zero, not " + l.mm() + " mm");
        });
        clocking.filter(c -> c.degrees() < 0 || c.degrees() > 360).ifPresent(c -> {
            throw new IllegalArgumentException("A clock angle lies between 0 and 360 degrees, not " + c.degrees());
        });
    }

    /** A line whose way and surroundings have not been measured. */
    public HoseLine(
            LineEnd a,
            LineEnd b,
            Optional<String> hose,
            Service service,
            Optional<CalledFigure> finished,
            Optional<Length> bendRadius,
            Optional<Angle> clocking) {
        this(
                a,
                b,
                hose,
                service,
                finished,
                bendRadius,
                clocking,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Here.UNSAID);
    }

    public static final HoseLine NEW = new HoseLine(
            LineEnd.unknown("end A"),
            LineEnd.unknown("end B"),
            Optional.empty(),
            Service.UNSAID,
            Optional.empty(),
            Optional.empty(),
            Optional.empty());

    public LineEnd end(Which which) {
        return which == Which.A ? a : b;
    }

    public HoseLine withEnd(Which which, LineEnd end) {
        return which == Which.A
                ? new HoseLine(end, b, hose, service, finished, bendRadius, clocking, route, old, laidOut, here)
                : new HoseLine(a, end, hose, service, finished, bendRadius, clocking, route, old, laidOut, here);
    }

    public HoseLine withHose(Optional<String> part) {
        return new HoseLine(a, b, part, service, finished, bendRadius, clocking, route, old, laidOut, here);
    }

    public HoseLine withService(Service s) {
        return new HoseLine(a, b, hose, s, finished, bendRadius, clocking, route, old, laidOut, here);
    }

    public HoseLine withFinished(Optional<CalledFigure> f) {
        return new HoseLine(a, b, hose, service, f, bendRadius, clocking, route, old, laidOut, here);
    }

    public HoseLine withBendRadius(Optional<Length> r) {
        return new HoseLine(a, b, hose, service, finished, r, clocking, route, old, laidOut, here);
    }

    public HoseLine withClocking(Optional<Angle> c) {
        return new HoseLine(a, b, hose, service, finished, bendRadius, c, route, old, laidOut, here);
    }

    public HoseLine withRoute(Optional<RouteSketch> r) {
        return new HoseLine(a, b, hose, service, finished, bendRadius, clocking, r, old, laidOut, here);
    }

    public HoseLine withOld(Optional<OldHose> o) {
        return new HoseLine(a, b, hose, service, finished, bendRadius, clocking, route, o, laidOut, here);
    }

    public HoseLine withLaidOut(Optional<Length> l) {
        return new HoseLine(a, b, hose, service, finished, bendRadius, clocking, route, old, l, here);
    }

    public HoseLine withHere(Here h) {
        return new HoseLine(a, b, hose, service, finished, bendRadius, clocking, route, old, laidOut, h);
    }
}
