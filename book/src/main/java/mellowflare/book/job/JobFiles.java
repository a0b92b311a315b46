package mellowflare.book.job;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Path;
import java.util.UUID;
import mellowflare.book.BookTrouble;
import mellowflare.book.Version;
import mellowflare.book.exchange.TextFiles;
import mellowflare.book.sheet.GaugeCardSheet;
import mellowflare.core.bag.Packed;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.reference.ReferenceData;

/** Jobs as files of their own, out and in. */
public final class JobFiles {
    private JobFiles() {}

    /** The export as text: the job, and a snapshot of results stamped with program and data version. */
    public static String exportText(Evaluation result) {
        ObjectNode tree = JobJson.tree(result.job());
        ObjectNode snapshot = tree.putObject("snapshot");
        snapshot.put("program", Version.PROGRAM);
        snapshot.put("data", result.data().version());
        snapshot.put("leftOff", result.leftOff().kept());
        result.plan()
                .cutFigure()
                .ifPresent(c -> snapshot.put("cutLength", c.exact().mm()));
        snapshot.put("stops", result.stops());
        Packed packed = result.packed();
        packed.bag().ifPresent(b -> {
            ObjectNode bag = snapshot.putObject("bag");
            bag.put("chance", packed.chance(b));
            ArrayNode parts = bag.putArray("parts");
            packed.parts(b).forEach(p -> parts.add(p.name()));
        });
        return JobJson.writePretty(tree);
    }

    /** Writes the true-size gauge card as PDF into a folder; gives the file. */
    public static Path gaugeCard(ReferenceData data, Path folder) throws BookTrouble {
        try {
            return TextFiles.write(folder.resolve("gauge-card.pdf"), GaugeCardSheet.pdf(data, Version.stamp(data)));
        } catch (IOException e) {
            throw new BookTrouble(Say.it("job-files.the-gauge-card-could", "message", e.getMessage()), e);
        }
    }

    /** Reads a job from a file; it gets an id of its own so that nothing in the book is overwritten. */
    public static Job read(Path file) throws BookTrouble {
        return JobJson.read(TextFiles.read(file, "job", "JSON"))
                .withId(UUID.randomUUID().toString());
    }
}
