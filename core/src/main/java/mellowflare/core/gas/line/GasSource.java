package mellowflare.core.gas.line;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import mellowflare.core.gas.stock.Drawn;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Power;

/**
 * Where the gas comes from.
 *
 * @param feed what feeds the line
 * @param cylinder id of the cylinder in the house list
 * @param count cylinders that give gas at the same time, 1 to 50
 * @param fill of what they hold when full, 0 to 1
 * @param drawn how gas is drawn
 * @param stands where cylinders stand
 * @param regulator id of the regulator at the source; empty for none
 * @param pressure behind the meter or at the house connection; of cylinders it follows from the regulator
 * @param capacity what meter and connection pass; empty while it is not known
 */
@RecordBuilder
public record GasSource(
        Feed feed,
        Optional<String> cylinder,
        int count,
        double fill,
        Drawn drawn,
        Stands stands,
        Optional<String> regulator,
        Optional<GaugePressure> pressure,
        Optional<Power> capacity)
        implements GasSourceBuilder.With {
    public static final GasSource UNSAID = new GasSource(
            Feed.UNSAID,
            Optional.empty(),
            1,
            0.5,
            Drawn.SPELLS,
            Stands.UNSAID,
            Optional.empty(),
            Optional.empty(),
            Optional.empty());

    public static final int MOST = 50;

    public GasSource {
        if (count < 1 || count > MOST || !(fill >= 0 && fill <= 1)) {
            throw new IllegalArgumentException("One to fifty cylinders feed a line, each filled between 0 and 1");
        }
    }

    /** What feeds a line. */
    public enum Feed {
        UNSAID(Say.it("gas-source.not-said")),
        CYLINDER(Say.it("gas-source.cylinder")),
        METER(Say.it("gas-source.meter"));

        private final String word;

        Feed(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    /** Where cylinders stand. */
    public enum Stands {
        UNSAID(Say.it("gas-source.not-said")),
        OUTSIDE(Say.it("gas-source.outside")),
        /** In a locker that is tight to the room and drains outside. */
        LOCKER(Say.it("gas-source.locker")),
        INDOORS(Say.it("gas-source.indoors")),
        /** Below ground, or where a heavy gas gathers. */
        BELOW(Say.it("gas-source.below"));

        private final String word;

        Stands(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }
}
