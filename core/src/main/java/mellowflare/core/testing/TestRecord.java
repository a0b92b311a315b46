package mellowflare.core.testing;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.DoubleStream;
import mellowflare.core.flow.hold.HoldTest;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.FreeAir;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Volume;

/**
 * A test as it was taken.
 *
 * @param ask key of what was asked
 * @param medium what the line was filled with
 * @param target the pressure that was meant to be reached, where the asker did not say it
 * @param gauge what the pressure was read with
 * @param volume of what was shut in
 * @param barometer pressure of the air around, for readings without their own
 * @param allowed the largest leak that passes, where it is another than the test's own
 * @param readings in order of time, for a test above the pressure of the air around
 * @param vacuum in order of time, for a vacuum
 * @param looks what was seen at each joint, by the joint's name
 * @param by who tested; blank while nobody signed
 * @param witness who watched; may be blank
 * @param on the day
 * @param note anything else
 */
@RecordBuilder
public record TestRecord(
        String ask,
        Medium medium,
        Optional<GaugePressure> target,
        TestGauge gauge,
        Optional<Volume> volume,
        Optional<AbsolutePressure> barometer,
        Optional<FreeAir> allowed,
        List<HoldTest.Reading> readings,
        List<VacuumReading> vacuum,
        Map<String, Seen> looks,
        String by,
        String witness,
        Optional<LocalDate> on,
        String note)
        implements TestRecordBuilder.With {
    public TestRecord {
        readings = List.copyOf(readings);
        vacuum = List.copyOf(vacuum);
        looks = Map.copyOf(looks);
        Objects.requireNonNull(medium);
        Objects.requireNonNull(gauge);
        Objects.requireNonNull(by);
        Objects.requireNonNull(witness);
        Objects.requireNonNull(note);
        if (ask.isBlank()) {
            throw new IllegalArgumentException("A test record says what was asked");
        }
        boolean some = readings.stream().anyMatch(r -> r.air().isPresent());
        if (some && readings.stream().anyMatch(r -> r.air().isEmpty())) {
            throw new IllegalArgumentException("Every reading of a test has its temperature, or none has");
        }
        inOrder(readings.stream().mapToDouble(HoldTest.Reading::seconds));
        inOrder(vacuum.stream().mapToDouble(VacuumReading::seconds));
    }

    private static void inOrder(DoubleStream times) {
        double[] t = times.toArray();
        for (int i = 1; i < t.length; i++) {
            if (t[i] < t[i - 1] + HoldTest.LEAST_APART) {
                throw new IllegalArgumentException("Readings of a test are in order of time, a second apart at least");
            }
        }
    }

    /** A test of which nothing has been written down yet. */
    public static TestRecord of(TestAsk ask) {
        return new TestRecord(
                ask.key(),
                ask.media().get(0),
                Optional.empty(),
                TestGauge.UNSAID,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                List.of(),
                List.of(),
                Map.of(),
                "",
                "",
                Optional.empty(),
                "");
    }

    /** Whether any figure or look was written down. */
    public boolean begun() {
        return !readings.isEmpty() || !vacuum.isEmpty() || !looks.isEmpty();
    }

    /** From the first reading to the last (s); zero while there are not two. */
    public double lasted() {
        if (vacuum.size() > 1) {
            return vacuum.get(vacuum.size() - 1).seconds() - vacuum.get(0).seconds();
        }
        return readings.size() > 1
                ? readings.get(readings.size() - 1).seconds() - readings.get(0).seconds()
                : 0;
    }
}
