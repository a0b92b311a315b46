package mellowflare.cli.hose;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.util.concurrent.Callable;
import mellowflare.book.BookTrouble;
import mellowflare.book.store.Book;
import mellowflare.cli.command.ExitStatus;
import mellowflare.cli.command.Streams;
import mellowflare.cli.command.Where;
import mellowflare.core.hose.FromShelf;
import mellowflare.core.hose.HoseLineKind;
import mellowflare.core.hose.HosePlan;
import mellowflare.core.job.Evaluation;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Parameters;

/** {@code parts build}. */
@Command(
        name = "build",
        mixinStandardHelpOptions = true,
        description = "Says which hoses and ends on the shelf make the line of a job, cheapest first.")
final class BuildCommand implements Callable<Integer> {
    @Mixin
    private Where where;

    @Mixin
    private Streams streams;

    @Parameters(paramLabel = "ID", description = "Id of the job.")
    private String id;

    @Override
    public Integer call() throws BookTrouble, IOException {
        try (Book book = where.open()) {
            Evaluation e = where.job(book, id);
            HosePlan plan = e.plan(HoseLineKind.HOSE)
                    .orElseThrow(() -> new BookTrouble(Say.it(
                            "build-command.the-shelf-builds-hoses",
                            "kind",
                            e.job().kind().word())));
            ArrayNode builds = JsonNodeFactory.instance.arrayNode();
            for (FromShelf.Build b : new FromShelf(plan.c().line(), plan.c().setting(), () -> false).find()) {
                ObjectNode n = builds.addObject();
                n.put("hose", b.hose().part());
                n.put("endA", b.a().part());
                n.put("endB", b.b().part());
                ArrayNode adapters = n.putArray("adapters");
                b.adapters().forEach(adapters::add);
                n.put("warnings", b.warnings());
                n.put("cost", b.cost());
            }
            streams.give(builds.toPrettyString() + "\n");
            return ExitStatus.COMPUTED;
        }
    }
}
