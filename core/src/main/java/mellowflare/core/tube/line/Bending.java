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

    /** The bend as it is made: its angle, and where the lever goes and which side is held where that is to be said. */
    public String asMade(UnitSystem units) {
        String at = lever.map(l -> Figure.of(l).text(units)).orElse("none");
        return Say.it("bending.angle", "angle", Figure.of(mark.angle()).text(units), "lever", at, "side", grip);
    }
}
