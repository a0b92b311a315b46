package mellowflare.cli.command;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.concurrent.Callable;
import mellowflare.book.BookTrouble;
import mellowflare.book.demo.KittiwakeSlip;
import mellowflare.book.exchange.JobFiles;
import mellowflare.book.store.Book;
import mellowflare.book.store.BookPlace;
import mellowflare.book.store.JobHead;
import mellowflare.book.tag.TagCode;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.job.ShippedData;
import mellowflare.core.reference.ReferenceData;
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
            JobCommand.Export.class,
            JobCommand.Import.class,
            JobCommand.Sheet.class,
            JobCommand.Tag.class,
            JobCommand.HandOver.class,
            JobCommand.Parts.class,
            JobCommand.DrawingOf.class,
            JobCommand.Template.class,
            JobCommand.Lra.class,
            JobCommand.Dxf.class,
            JobCommand.Cuts.class,
            JobCommand.Network.class,
            JobCommand.Drains.class,
            JobCommand.ReadTag.class
        })
public final class JobCommand implements Runnable {
    @Spec
    private CommandSpec spec;

    @Override
    public void run() {
        throw new ParameterException(
                spec.commandLine(),
                "Say what to do with a job: list, export, import, sheet, tag, hand-over, parts, drawing, template, lra, dxf, cuts, network, drains or read-tag.");
    }

    /** Which book. */
    static final class Where {
        @Option(names = "--book", paramLabel = "FOLDER", description = "The book in this folder (default: your own).")
        private Path folder;

        @Option(names = "--demo", description = "The demo book; filled when it is empty.")
        private boolean demo;

        Book open() throws BookTrouble {
            if (folder != null || !demo) {
                return Book.open(folder != null ? folder : BookPlace.own());
            }
            Book book = Book.open(BookPlace.demo());
            try {
                KittiwakeSlip.fillIfEmpty(book, ShippedData.load(), Instant.now());
            } catch (BookTrouble e) {
                book.close();
                throw e;
            }
            return book;
        }
    }

    static Evaluation job(Book book, String id) throws BookTrouble {
        ReferenceData data = PartsCommand.data(book);
        Job job = book.job(id)
                .orElseThrow(() -> new BookTrouble(
                        "The book in " + book.folder() + " holds no job “" + id + "”. See “job list” for their ids."));
        return Evaluation.of(job, data);
    }

    private static int give(Streams.Sink sink, byte[] bytes) throws IOException, BookTrouble {
        sink.bytes().write(bytes);
        sink.bytes().flush();
        sink.finish().run();
        return ExitStatus.COMPUTED;
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
                return give(streams.out(), (all.toPrettyString() + "\n").getBytes(StandardCharsets.UTF_8));
            }
        }
    }

    /** What is done with one job of the book. */
    abstract static class OneJob implements Callable<Integer> {
        @Mixin
        private Where where;

        @Mixin
        private Streams streams;

        @Parameters(paramLabel = "ID", description = "Id of the job.")
        private String id;

        abstract byte[] bytes(Evaluation job) throws BookTrouble;

        @Override
        public Integer call() throws BookTrouble, IOException {
            try (Book book = where.open()) {
                return give(streams.out(), bytes(job(book, id)));
            }
        }
    }

    /** {@code job export}. */
    @Command(name = "export", mixinStandardHelpOptions = true, description = "Writes a job as JSON, with its results.")
    static final class Export extends OneJob {
        @Override
        byte[] bytes(Evaluation job) {
            return JobFiles.exportText(job).getBytes(StandardCharsets.UTF_8);
        }
    }

    /** {@code job sheet}. */
    @Command(name = "sheet", mixinStandardHelpOptions = true, description = "Writes the job sheet as PDF.")
    static final class Sheet extends OneJob {
        @Override
        byte[] bytes(Evaluation job) throws BookTrouble {
            return JobFiles.sheetBytes(job, ZoneId.systemDefault());
        }
    }

    /** {@code job tag}. */
    @Command(name = "tag", mixinStandardHelpOptions = true, description = "Writes the tag with its code as PDF.")
    static final class Tag extends OneJob {
        @Override
        byte[] bytes(Evaluation job) throws BookTrouble {
            return JobFiles.tagBytes(job);
        }
    }

    /** {@code job hand-over}. */
    @Command(
            name = "hand-over",
            mixinStandardHelpOptions = true,
            description = "Writes the hand-over sheet for a crimp shop as PDF, clock angle pictured.")
    static final class HandOver extends OneJob {
        @Override
        byte[] bytes(Evaluation job) throws BookTrouble {
            return JobFiles.handOverBytes(job);
        }
    }

    /** {@code job parts}. */
    @Command(
            name = "parts",
            mixinStandardHelpOptions = true,
            description = "Writes the parts list as CSV: need, shelf, what lacks, cost.")
    static final class Parts extends OneJob {
        @Override
        byte[] bytes(Evaluation job) throws BookTrouble {
            return JobFiles.partsText(job).getBytes(StandardCharsets.UTF_8);
        }
    }

    /** {@code job drawing}. */
    @Command(name = "drawing", mixinStandardHelpOptions = true, description = "Writes the drawing of a line as SVG.")
    static final class DrawingOf extends OneJob {
        @Override
        byte[] bytes(Evaluation job) {
            return JobFiles.drawingText(job).getBytes(StandardCharsets.UTF_8);
        }
    }

    /** {@code job template}. */
    @Command(
            name = "template",
            mixinStandardHelpOptions = true,
            description =
                    "Writes the bending template of a tube line at true size as PDF, with a ruler to check it by.")
    static final class Template extends OneJob {
        @Override
        byte[] bytes(Evaluation job) throws BookTrouble {
            return JobFiles.templateBytes(job);
        }
    }

    /** {@code job lra}. */
    @Command(
            name = "lra",
            mixinStandardHelpOptions = true,
            description = "Writes straights, rotations and bends of a tube line with its marks as CSV.")
    static final class Lra extends OneJob {
        @Override
        byte[] bytes(Evaluation job) throws BookTrouble {
            return JobFiles.lraText(job).getBytes(StandardCharsets.UTF_8);
        }
    }

    /** {@code job dxf}. */
    @Command(
            name = "dxf",
            mixinStandardHelpOptions = true,
            description = "Writes a tube line's centre line and flat stretches, or an air main in space, as DXF.")
    static final class Dxf extends OneJob {
        @Override
        byte[] bytes(Evaluation job) throws BookTrouble {
            return JobFiles.dxfText(job).getBytes(StandardCharsets.US_ASCII);
        }
    }

    /** {@code job cuts}. */
    @Command(
            name = "cuts",
            mixinStandardHelpOptions = true,
            description = "Writes the cut list of an air main as CSV, bar by bar.")
    static final class Cuts extends OneJob {
        @Override
        byte[] bytes(Evaluation job) throws BookTrouble {
            return JobFiles.cutsText(job).getBytes(StandardCharsets.UTF_8);
        }
    }

    /** {@code job network}. */
    @Command(
            name = "network",
            mixinStandardHelpOptions = true,
            description = "Writes the network of an air main in its worst case as JSON, as the command air reads it.")
    static final class Network extends OneJob {
        @Override
        byte[] bytes(Evaluation job) throws BookTrouble {
            return JobFiles.networkText(job).getBytes(StandardCharsets.UTF_8);
        }
    }

    /** {@code job drains}. */
    @Command(
            name = "drains",
            mixinStandardHelpOptions = true,
            description = "Writes the drains of an air main as a calendar (iCalendar), from today on.")
    static final class Drains extends OneJob {
        @Override
        byte[] bytes(Evaluation job) throws BookTrouble {
            return JobFiles.drainsText(job, LocalDate.now(ZoneId.systemDefault()))
                    .getBytes(StandardCharsets.UTF_8);
        }
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
            return give(streams.out(), (TagCode.read(picture).text() + "\n").getBytes(StandardCharsets.UTF_8));
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
                Evaluation result = Evaluation.of(job, ShippedData.load());
                book.save(job, result.leftOff(), "import of " + file.getFileName(), "", Instant.now());
                String id = JsonNodeFactory.instance
                        .objectNode()
                        .put("id", job.id())
                        .toString();
                return give(streams.out(), (id + "\n").getBytes(StandardCharsets.UTF_8));
            }
        }
    }
}
