package mellowflare.core.hose.line;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.hose.route.RouteSketch;
import mellowflare.core.line.Line;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.measure.Length;
import mellowflare.core.parts.Here;

/**
 * A hose line as the job keeps it, beside its ports and what it must do.
 *
 * @param a what goes on the near port
 * @param b what goes on the far port
 * @param hose part number of the hose
 * @param finished overall length, port to port: sealing point to sealing point, elbows to the centre line of their outlet
 * @param bendRadius tightest radius on the job, on the hose's centre line
 * @param clocking with two elbows: seen along the hose from end A with its elbow at 12 o'clock, clockwise to the elbow of end B
 * @param route the route as measured
 * @param old the hose that was there
 * @param laidOut length marked on the bare hose where it was laid out on the job with its ends pushed in, above zero
 * @param here what is at hand
 */
@RecordBuilder
public record HoseLine(
        HoseEndPick a,
        HoseEndPick b,
        Optional<String> hose,
        Optional<CalledFigure> finished,
        Optional<Length> bendRadius,
        Optional<Angle> clocking,
        Optional<RouteSketch> route,
        Optional<OldHose> old,
        Optional<Length> laidOut,
        Here here)
        implements Line, HoseLineBuilder.With {
    public static final HoseLine NEW = HoseLineBuilder.builder()
            .a(HoseEndPick.NONE)
            .b(HoseEndPick.NONE)
            .here(Here.UNSAID)
            .build();

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

    public HoseEndPick end(LineEnd which) {
        return which == LineEnd.A ? a : b;
    }

    public HoseLine withEnd(LineEnd which, HoseEndPick end) {
        return which == LineEnd.A ? withA(end) : withB(end);
    }
}
