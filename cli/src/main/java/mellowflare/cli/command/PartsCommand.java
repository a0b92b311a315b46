package mellowflare.cli.command;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Instant;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import mellowflare.book.BookTrouble;
import mellowflare.book.parts.OwnCatalogue;
import mellowflare.book.parts.Relisted;
import mellowflare.book.store.Book;
import mellowflare.core.job.ShippedData;
import mellowflare.core.reference.FileKind;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.shelf.Count;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** {@code parts}: the catalogue and the shelf of a book, in open CSV files. */
@Command(
        name = "parts",
        mixinStandardHelpOptions = true,
        description = "Takes catalogue files into a book and out of it, and says what can be built from its shelf.",
        footer = {
            "",
            "The kinds of file and their columns stand in docs/parts.md.",
            "Example:  ./mellow-flare parts export hoses --demo --out hoses.csv",
            "          ./mellow-flare parts import my-hoses.csv --demo",
            "          ./mellow-flare parts build demo-winch --demo"
        },
        subcommands = {PartsCommand.Export.class, PartsCommand.Import.class})
public final class PartsCommand implements Runnable {
    @Spec
    private CommandSpec spec;

    @Override
    public void run() {
        throw new ParameterException(
                spec.commandLine(),
                Say.it(
                        "parts-command.say-what-do-with",
                        "either",
                        Words.either(spec.subcommands().keySet())));
    }

    /** The shipped data with the own parts of a book over them, as the lists say. */
    static ReferenceData listed(Book book) {
        return new OwnCatalogue(book.folder(), ShippedData.get()).load().data();
    }

    /** {@code parts export}. */
    @Command(
            name = "export",
            mixinStandardHelpOptions = true,
            description = "Writes the parts of one kind as CSV, house and own.")
    static final class Export implements Callable<Integer> {
        @Mixin
        private Where where;

        @Mixin
        private Streams streams;

        @Parameters(paramLabel = "KIND", description = "hoses, hoseends, adapters and so on: see docs/parts.md.")
        private String kind;

        @Spec
        private CommandSpec spec;

        @Override
        public Integer call() throws BookTrouble, IOException {
            for (FileKind file : OwnCatalogue.kinds()) {
                if (file.id().equals(kind)) {
                    try (Book book = where.open()) {
                        streams.give(OwnCatalogue.csv(file, where.data(book)));
                    }
                    return ExitStatus.COMPUTED;
                }
            }
            throw new ParameterException(
                    spec.commandLine(),
                    Say.it(
                            "parts-command.no-kind-part-file",
                            "kind",
                            kind,
                            "stream",
                            OwnCatalogue.kinds().stream().map(FileKind::id).collect(Collectors.joining(", "))));
        }
    }

    /** {@code parts import}. */
    @Command(
            name = "import",
            mixinStandardHelpOptions = true,
            description = "Takes a catalogue file into the book; rows that are not in form are named and left out.")
    static final class Import implements Callable<Integer> {
        @Mixin
        private Where where;

        @Mixin
        private Streams streams;

        @Parameters(paramLabel = "FILE", description = "A CSV file of parts.")
        private Path file;

        @Override
        public Integer call() throws BookTrouble, IOException {
            try (Book book = where.open()) {
                ReferenceData before = listed(book);
                OwnCatalogue.Taken taken = new OwnCatalogue(book.folder(), ShippedData.get()).take(file);
                for (Count c : Relisted.counts(
                        before,
                        taken.data(),
                        book.shelf(),
                        Instant.now(),
                        file.getFileName().toString())) {
                    book.count(c);
                }
                ObjectNode out = JsonNodeFactory.instance.objectNode();
                out.put("taken", taken.good());
                ArrayNode troubles = out.putArray("leftOut");
                taken.troubles().forEach(troubles::add);
                streams.give(out.toPrettyString() + "\n");
                return ExitStatus.COMPUTED;
            }
        }
    }
}
