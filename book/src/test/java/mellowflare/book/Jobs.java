package mellowflare.book;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import mellowflare.book.demo.KittiwakeSlip;
import mellowflare.book.job.Papers;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.job.ShippedData;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.reference.ReferenceData;

/** Jobs to test with. */
public final class Jobs {
    public static final ReferenceData DATA = ShippedData.get();
    public static final Instant NOW = Instant.parse("2026-11-01T08:30:00Z");

    private static final List<Job> DEMO = KittiwakeSlip.jobs(DATA, NOW);

    private Jobs() {}

    public static List<Job> demo() {
        return DEMO;
    }

    public static Job plain(String id, String title) {
        return Job.open(id, title, "bench", UnitSystem.METRIC);
    }

    /** A paper of a job, as of {@link #NOW}. */
    public static byte[] paper(String id, Evaluation e) throws BookTrouble {
        return Papers.bytes(id, e, NOW.atZone(ZoneOffset.UTC));
    }

    /** A paper that is text. */
    public static String paperText(String id, Evaluation e) throws BookTrouble {
        return new String(paper(id, e), StandardCharsets.UTF_8);
    }

    /** A paper written into a folder. */
    public static Path written(String id, Evaluation e, Path folder) throws BookTrouble {
        return Papers.write(id, e, folder, NOW.atZone(ZoneOffset.UTC));
    }
}
