package mellowflare.cli.command;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Instant;
import java.time.ZonedDateTime;
import java.util.concurrent.Callable;
import mellowflare.book.BookTrouble;
import mellowflare.book.job.JobFiles;
import mellowflare.book.job.Papers;
import mellowflare.book.store.Book;
import mellowflare.book.store.JobHead;
import mellowflare.book.tag.TagCode;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.job.ShippedData;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** {@code job}: jobs of the book out and in. */
@Command(
        name = "job",
        mixinStandardHelpOptions = true,
        description =
                "Takes jobs out of the book and into it. The window must not have the book open at the same time.",
        footer = {
            "",
            "Example:  ./mellow-flare job list --demo",
            "          ./mellow-flare job sheet ID --out sheet.pdf"
        },
        subcommands = {
            JobCommand.Ls.class,
            JobCommand.Import.class,
            JobCommand.PaperList.class,
            JobCommand.ReadTag.class
        })
public final class JobCommand implements Runnable {
    @Spec
    private CommandSpec spec;

    @Override
    public void run() {
        throw new ParameterException(
                spec.commandLine(),
                Say.it(
                        "job-command.say-what-do-with",
                        "either",
                        Words.either(spec.subcommands().keySet())));
    }

    /** {@code job list}. */
    @Command(name = "list", mixinStandardHelpOptions = true, description = "Lists the jobs with their ids, as JSON.")
    static final class Ls implements Callable<Integer> {
        @Mixin
        private Where where;

        @Mixin
        private Streams streams;

        @Option(names = "--search", defaultValue = "", description = "Only jobs that hold all these words.")
        private String search;

        @Override
        public Integer call() throws BookTrouble, IOException {
            try (Book book = where.open()) {
                ArrayNode all = JsonNodeFactory.instance.arrayNode();
                for (JobHead head : book.jobs(search)) {
                    all.addObject()
                            .put("id", head.id())
                            .put("title", head.title())
                            .put("machine", head.machine())
                            .put("leftOff", head.leftOff())
                            .put("changedAt", head.changedAt().toString())
                            .put("putAway", head.putAway());
                }
                streams.give(all.toPrettyString() + "\n");
                return ExitStatus.COMPUTED;
            }
        }
    }

    /** {@code job papers}. */
    @Command(
            name = "papers",
            mixinStandardHelpOptions = true,
            description = "Lists the papers and files that a job has, as JSON; each is a command of its own.")
    static final class PaperList implements Callable<Integer> {
        @Mixin
        private Where where;

        @Mixin
        private Streams streams;

        @Parameters(paramLabel = "ID", description = "Id of the job.")
        private String id;

        @Override
        public Integer call() throws BookTrouble, IOException {
            try (Book book = where.open()) {
                ArrayNode all = JsonNodeFactory.instance.arrayNode();
                for (Papers.Offer p : Papers.offered(where.job(book, id).job().kind())) {
                    all.addObject().put("id", p.id()).put("title", p.title()).put("about", p.about());
                }
                streams.give(all.toPrettyString() + "\n");
                return ExitStatus.COMPUTED;
            }
        }
    }

    /** {@code job sheet} and every other paper that some kind of line has. */
    @Command(mixinStandardHelpOptions = true)
    public static final class OnePaper implements Callable<Integer> {
        private final String paper;

        @Mixin
        private Where where;

        @Mixin
        private Streams streams;

        @Parameters(paramLabel = "ID", description = "Id of the job.")
        private String id;

        OnePaper(String paper) {
            this.paper = paper;
        }

        @Override
        public Integer call() throws BookTrouble, IOException {
            try (Book book = where.open()) {
                streams.give(Papers.bytes(paper, where.job(book, id), ZonedDateTime.now()));
                return ExitStatus.COMPUTED;
            }
        }
    }

    /** The command with one more for each paper. */
    public static CommandLine line() {
        CommandLine job = new CommandLine(new JobCommand());
        for (Papers.Offer p : Papers.all()) {
            CommandLine one = new CommandLine(new OnePaper(p.id()));
            one.getCommandSpec()
                    .usageMessage()
                    .description(Say.it("job-command.writes-paper-job", "title", p.title(), "about", p.about()));
            job.addSubcommand(p.id(), one);
        }
        return job;
    }

    /** {@code job read-tag}. */
    @Command(
            name = "read-tag",
            mixinStandardHelpOptions = true,
            description = "Reads the facts of a line from a picture of its tag (PNG, JPEG), as JSON.")
    static final class ReadTag implements Callable<Integer> {
        @Mixin
        private Streams streams;

        @Parameters(paramLabel = "PICTURE", description = "A picture of a tag.")
        private Path picture;

        @Override
        public Integer call() throws BookTrouble, IOException {
            streams.give(TagCode.read(picture).text() + "\n");
            return ExitStatus.COMPUTED;
        }
    }

    /** {@code job import}. */
    @Command(
            name = "import",
            mixinStandardHelpOptions = true,
            description = "Takes a job file into the book under a new id, and prints that id.")
    static final class Import implements Callable<Integer> {
        @Mixin
        private Where where;

        @Mixin
        private Streams streams;

        @Parameters(paramLabel = "FILE", description = "A job as JSON.")
        private Path file;

        @Override
        public Integer call() throws BookTrouble, IOException {
            Job job = JobFiles.read(file);
            try (Book book = where.open()) {
                Evaluation result = Evaluation.of(job, ShippedData.get());
                book.save(
                        job,
                        result.leftOff().kept(),
                        Say.it("job-command.import", "file", file.getFileName()),
                        "",
                        Instant.now());
                String id = JsonNodeFactory.instance
                        .objectNode()
                        .put("id", job.id())
                        .toString();
                streams.give(id + "\n");
                return ExitStatus.COMPUTED;
            }
        }
    }
}
