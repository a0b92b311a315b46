package mellowflare.core.testing;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mellowflare.core.flow.hold.HoldTest;

/**
 * Tests that a line keeps itself, because it works with their figures: they have no second home in the records.
 *
 * @param holds whether the line keeps its own pressure hold
 * @param hold it, as far as it was taken
 * @param soaps whether the line keeps what was soaped
 * @param soaped joints that were soaped and found tight
 */
public record KeptTests(boolean holds, Optional<HoldTest> hold, boolean soaps, Set<String> soaped) {
    public static final KeptTests NONE = new KeptTests(false, Optional.empty(), false, Set.of());

    public KeptTests {
        soaped = Set.copyOf(soaped);
    }

    /** Whether the figures of such a test are kept by the line. */
    public boolean keeps(TestKind kind) {
        return kind == TestKind.HOLD ? holds : kind == TestKind.SOAP && soaps;
    }

    /** A record with what the line keeps in it. */
    TestRecord into(TestKind kind, TestRecord record) {
        if (!keeps(kind)) {
            return record;
        }
        if (kind == TestKind.SOAP) {
            Map<String, Seen> looks = new HashMap<>();
            soaped.forEach(j -> looks.put(j, Seen.DRY));
            record.looks().forEach((j, seen) -> {
                if (seen == Seen.LEAKS) {
                    looks.put(j, seen);
                }
            });
            return record.withLooks(looks);
        }
        return hold.map(h -> record.withReadings(h.readings())
                        .withVolume(Optional.of(h.volume()))
                        .withBarometer(Optional.of(h.surroundings()))
                        .withAllowed(Optional.of(h.allowed()))
                        .withGauge(record.gauge().withStep(Optional.of(h.gaugeStep()))))
                .orElse(record);
    }
}
