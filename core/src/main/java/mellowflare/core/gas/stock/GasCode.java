package mellowflare.core.gas.stock;

import java.util.Optional;
import mellowflare.core.gas.fuel.HeatBasis;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.PressureDifference;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.Source;

/**
 * What a code says, as far as it is computed here. What is empty hangs on the local code and must be entered.
 *
 * @param id stable name
 * @param name as shown
 * @param drop usual drop allowed from regulator or meter to the appliance
 * @param testLeast least test pressure
 * @param testTimes times the working pressure; the greater of both counts
 * @param testMinutes least time of the test (min)
 * @param compression whether compression and push joints may be used inside
 * @param press whether press joints may
 * @param madeUpHose whether hose made up here may
 * @param hose longest hose to an appliance
 * @param basis heating value that plates count on
 * @param source which clauses
 */
public record GasCode(
        String id,
        String name,
        Optional<PressureDifference> drop,
        Optional<GaugePressure> testLeast,
        double testTimes,
        Optional<Double> testMinutes,
        Leave compression,
        Leave press,
        Leave madeUpHose,
        Optional<Length> hose,
        HeatBasis basis,
        Source source) {
    /** Whether a code lets something be done. */
    public enum Leave {
        YES,
        NO,
        /** The local code says. */
        ASK
    }

    /** What it says of a kind of joint; joints that it does not single out are allowed. */
    public Leave of(GasSystem.Joint joint) {
        return switch (joint) {
            case COMPRESSION, PUSH -> compression;
            case PRESS -> press;
            case SOFT_SOLDER -> Leave.NO;
            case THREAD, WELD, FLARE, BRAZE, FUSE, MAKER -> Leave.YES;
        };
    }

    static GasCode read(CsvTable.Row r) {
        return new GasCode(
                r.need("id"),
                r.said("name"),
                r.maybeNumber("drop_mbar").map(PressureDifference::ofMillibar),
                r.maybeNumber("test_least_mbar").map(GaugePressure::ofMillibar),
                r.number("test_times"),
                r.maybeNumber("test_minutes"),
                r.word("compression", Leave.class),
                r.word("press", Leave.class),
                r.word("made_up_hose", Leave.class),
                r.maybeLength("hose_mm"),
                r.word("basis", HeatBasis.class),
                r.source());
    }
}
