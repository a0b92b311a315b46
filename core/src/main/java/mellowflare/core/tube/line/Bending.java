package mellowflare.core.tube.line;

import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.tube.form.BendMark;

/**
 * One bend as it is made at the bender.
 *
 * @param mark where it is marked, and how far it is bent
 * @param lever how far the lever goes, the spring-back with it; empty while the tube is not known
 * @param grip the side that is held
 */
public record Bending(BendMark mark, Optional<Angle> lever, LineEnd grip) {
    /** The bend's number as a fitter counts it, from 1 at end A. */
    public int number() {
        return mark.bend() + 1;
    }

    /** What lever and grip ask for, to be added to a sentence; empty when neither is to be said. */
    public String atTheBender(UnitSystem units) {
        return lever.map(l -> ", lever to " + Figure.of(l).text(units)).orElse("")
                + (grip == LineEnd.B ? ", the B side held" : "");
    }
}
