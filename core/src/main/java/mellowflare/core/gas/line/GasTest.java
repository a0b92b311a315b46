package mellowflare.core.gas.line;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import mellowflare.core.flow.hold.HoldTest;
import mellowflare.core.measure.FreeAir;
import mellowflare.core.measure.PressureDifference;

/**
 * The pressure hold of the finished line, and what was soaped.
 *
 * @param readings in order of time
 * @param allowed largest leak that passes
 * @param gaugeStep finest step of the gauge
 * @param apart whether appliances and regulators were shut off or taken off before
 * @param soaped joints that were soaped and found tight
 */
@RecordBuilder
public record GasTest(
        List<HoldTest.Reading> readings,
        FreeAir allowed,
        PressureDifference gaugeStep,
        Optional<Boolean> apart,
        Set<String> soaped)
        implements GasTestBuilder.With {
    /** A litre an hour: what may be left within the error of a gauge (house rule). */
    private static final double LITRE_PER_HOUR = 1 / 60.0;

    public static final GasTest NOT_YET = new GasTest(
            List.of(),
            FreeAir.ofLitresPerMinute(LITRE_PER_HOUR),
            PressureDifference.ofMillibar(0.5),
            Optional.empty(),
            Set.of());

    public GasTest {
        readings = List.copyOf(readings);
        soaped = Set.copyOf(soaped);
        boolean some = readings.stream().anyMatch(r -> r.air().isPresent());
        for (int i = 0; i < readings.size(); i++) {
            if (i > 0 && readings.get(i).seconds() < readings.get(i - 1).seconds() + HoldTest.LEAST_APART) {
                throw new IllegalArgumentException("Readings of a hold test stand in order of time");
            }
            if (some && readings.get(i).air().isEmpty()) {
                throw new IllegalArgumentException("Every reading of a hold test has its temperature, or none has");
            }
        }
        if (!(gaugeStep.bar() > 0)) {
            throw new IllegalArgumentException("The step of a gauge is above zero");
        }
    }
}
