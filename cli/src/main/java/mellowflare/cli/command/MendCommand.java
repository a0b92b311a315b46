package mellowflare.cli.command;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import mellowflare.book.BookTrouble;
import mellowflare.book.job.JobFiles;
import mellowflare.book.job.JobJson;
import mellowflare.book.store.Book;
import mellowflare.cli.input.Refused;
import mellowflare.cli.output.FindingsOut;
import mellowflare.core.advice.Finding;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.ShippedData;
import mellowflare.core.mend.Mend;
import mellowflare.core.mend.Mender;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** {@code mend}: the smallest changes that clear every stop of a line. */
@Command(
        name = "mend",
        mixinStandardHelpOptions = true,
        description =
                "Looks for the smallest changes that clear every stop of a job: parts, sizes, ends, methods. What the line must do stays.",
        footer = {
            "",
            "In:   the id of a job of the book, or --file with a job file",
            "Out:  stops (of the job as it is), ways (changes, cost, lacks, findings that are left); with --jobs each way's whole job too",
            "Example:  ./mellow-flare mend demo-slew-hose --demo"
        })
public final class MendCommand implements Callable<Integer> {
    @Mixin
    private Where where;

    @Mixin
    private Streams streams;

    @Option(names = "--file", paramLabel = "FILE", description = "A job as JSON.")
    private Path file;

    @Option(names = "--jobs", description = "Give the whole job of each way.")
    private boolean jobs;

    @Parameters(paramLabel = "ID", arity = "0..1", description = "Id of the job.")
    private String id;

    @Override
    public Integer call() throws BookTrouble, IOException, Refused {
        if ((file == null) == (id == null)) {
            throw new Refused(Say.it("mend-command.which"));
        }
        Evaluation broken = broken();
        ObjectNode out = JsonNodeFactory.instance.objectNode();
        out.put("id", broken.job().id());
        ArrayNode stops = out.putArray("stops");
        broken.findings().stream()
                .filter(Finding::stops)
                .forEach(f -> stops.add(f.says(broken.job().units())));
        List<Mend> ways = new Mender(broken, () -> false, m -> {}).ways();
        ArrayNode all = out.putArray("ways");
        for (Mend m : ways) {
            ObjectNode one = all.addObject();
            m.changes().forEach(one.putArray("changes")::add);
            one.put("cost", m.cost());
            one.put("lacks", m.lacks());
            FindingsOut.put(one, m.left(), broken.job().units());
            if (jobs) {
                one.set("job", JobJson.tree(m.after().job()));
            }
        }
        streams.give(out.toPrettyString() + "\n");
        return broken.stops() > 0 && ways.isEmpty() ? ExitStatus.STOPS : ExitStatus.COMPUTED;
    }

    private Evaluation broken() throws BookTrouble {
        if (file != null) {
            return Evaluation.of(JobFiles.read(file), ShippedData.get());
        }
        try (Book book = where.open()) {
            return where.job(book, id);
        }
    }
}
