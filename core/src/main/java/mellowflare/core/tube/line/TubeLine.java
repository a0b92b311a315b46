package mellowflare.core.tube.line;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.line.Line;
import mellowflare.core.measure.Length;
import mellowflare.core.parts.Here;
import mellowflare.core.tube.form.Measured;
import mellowflare.core.tube.form.SpringBack;
import mellowflare.core.tube.stock.TubePressure;

/**
 * What a job keeps of a line made of tube, beside its ports and what it must do.
 *
 * @param measured the way as it was measured
 * @param reading who measured it, and the second reading
 * @param tube the tube
 * @param bender id of the bender
 * @param radius of the former as measured on a trial bend, or of the form bent round by hand; overrules the bender's
 * @param spring trial bends
 * @param a near end
 * @param b far end
 * @param squareUp what filing square takes, at each end
 * @param factor design factor on tensile strength, 1.5 to 10
 * @param buried whether any of it lies in ground, wall or floor
 * @param here what is at hand
 * @param room for tools on the job
 */
@RecordBuilder
public record TubeLine(
        Measured measured,
        Reading reading,
        Optional<TubePick> tube,
        Optional<String> bender,
        Optional<Length> radius,
        SpringBack spring,
        TubeEnd a,
        TubeEnd b,
        Length squareUp,
        double factor,
        Optional<Boolean> buried,
        Here here,
        TubeRoom room)
        implements Line, TubeLineBuilder.With {
    /** What squaring up takes unless said otherwise (house figure). */
    public static final Length USUAL_SQUARE_UP = Length.ofMm(1);

    public static final TubeLine NEW = new TubeLine(
            Measured.NOTHING,
            Reading.NONE,
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            SpringBack.NONE,
            TubeEnd.UNSAID,
            TubeEnd.UNSAID,
            USUAL_SQUARE_UP,
            TubePressure.USUAL_FACTOR,
            Optional.empty(),
            Here.UNSAID,
            TubeRoom.UNSAID);

    public TubeLine {
        if (squareUp.mm() < 0) {
            throw new IllegalArgumentException("What squaring up takes is not below zero");
        }
        if (radius.filter(r -> r.mm() <= 0).isPresent()) {
            throw new IllegalArgumentException("A bend radius is above zero");
        }
        if (!(factor >= 1.5 && factor <= 10)) {
            throw new IllegalArgumentException("A design factor lies between 1.5 and 10, not " + factor);
        }
    }

    public TubeEnd end(LineEnd which) {
        return which == LineEnd.A ? a : b;
    }

    public TubeLine withEnd(LineEnd which, TubeEnd end) {
        return which == LineEnd.A ? withA(end) : withB(end);
    }
}
