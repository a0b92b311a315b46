package mellowflare.book;

import java.time.Instant;
import java.util.List;
import mellowflare.book.demo.KittiwakeSlip;
import mellowflare.core.job.Job;
import mellowflare.core.job.ShippedData;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.reference.ReferenceData;

/** Jobs to test with. */
public final class Jobs {
    public static final ReferenceData DATA = ShippedData.load();
    public static final Instant NOW = Instant.parse("2026-11-01T08:30:00Z");

    private Jobs() {}

    public static List<Job> demo() {
        return KittiwakeSlip.jobs(DATA, NOW);
    }

    public static Job plain(String id, String title) {
        return Job.open(id, title, "bench", UnitSystem.METRIC);
    }
}
