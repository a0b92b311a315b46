package mellowflare.cli.command;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.BufferedReader;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.Callable;
import mellowflare.book.BookTrouble;
import mellowflare.book.parts.OwnCatalogue;
import mellowflare.cli.input.Fields;
import mellowflare.cli.input.Records;
import mellowflare.cli.input.Refused;
import mellowflare.cli.output.FindingsOut;
import mellowflare.core.job.ShippedData;
import mellowflare.core.reference.ReferenceData;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** What all computations share: where records come from, where results go, the exit status. */
public abstract class ComputeCommand implements Callable<Integer> {

    @Mixin
    private Streams streams;

    @Option(
            names = "--format",
            defaultValue = "json",
            paramLabel = "FORM",
            description = "json, jsonl, csv or text (default: ${DEFAULT-VALUE}).")
    private Format format;

    @Option(
            names = "--parts",
            paramLabel = "FOLDER",
            description =
                    "Own catalogue files (hoses.csv, hoseends.csv, adapters.csv, collars.csv, seals.csv, tools.csv) over the house catalogue.")
    private Path parts;

    /** The tables, with the own parts that the command line names; rows left out are told on standard error. */
    public final ReferenceData data() {
        ReferenceData house = ShippedData.get();
        if (parts == null) {
            return house;
        }
        OwnCatalogue.Taken taken = OwnCatalogue.of(parts, house);
        taken.troubles().forEach(streams::progress);
        return taken.data();
    }

    /** Made once a run, after the command line was understood. */
    public abstract Computation computation();

    @Override
    public Integer call() throws Refused, BookTrouble, IOException {
        Computation computation = computation();
        try (BufferedReader in = streams.in()) {
            ResultWriter out = ResultWriter.of(format, streams.out(), computation);
            Batch batch = new Batch(computation, out, streams);
            switch (format) {
                case JSONL -> Records.jsonLines(in, batch);
                case CSV -> Records.csv(in, batch);
                case JSON, TEXT -> {
                    Records.Json input = Records.json(in);
                    if (input.several()) {
                        out.several();
                        long row = 0;
                        for (JsonNode value : input.values()) {
                            batch.takeAny(++row, value);
                        }
                    } else {
                        batch.give(compute(
                                computation, Records.object(input.values().get(0))));
                    }
                }
            }
            out.finish();
            batch.finish();
            return batch.stops ? ExitStatus.STOPS : ExitStatus.COMPUTED;
        }
    }

    private static ObjectNode compute(Computation computation, ObjectNode record) throws Refused {
        Fields fields = new Fields(record);
        Optional<String> id = fields.text("id");
        ObjectNode result = ShownFigures.of(worked(computation, fields));
        fields.nothingElse();
        return id.isEmpty() ? result : result.objectNode().put("id", id.get()).setAll(result);
    }

    /** What throws in spite of all limits costs its own record, and is said. */
    private static ObjectNode worked(Computation computation, Fields fields) throws Refused {
        try {
            return computation.of(fields);
        } catch (IllegalArgumentException | IllegalStateException | ArithmeticException | IndexOutOfBoundsException e) {
            throw new Refused(
                    Say.it(
                            "compute-command.this-record-cannot-be",
                            "part",
                            e.getMessage() == null ? "." : " (" + e.getMessage() + ")."),
                    e);
        }
    }

    /** Works records out one by one; a refused one becomes a result with a finding, and the rest goes on. */
    private static final class Batch implements Records.Taker {
        private static final int PROGRESS_EVERY = 1000;
        private final Computation computation;
        private final ResultWriter out;
        private final Streams streams;
        private boolean stops;
        private long done;

        Batch(Computation computation, ResultWriter out, Streams streams) {
            this.computation = computation;
            this.out = out;
            this.streams = streams;
        }

        void takeAny(long row, JsonNode value) throws IOException {
            try {
                take(row, Records.object(value));
            } catch (Refused e) {
                broken(row, e.getMessage());
            }
        }

        @Override
        public void take(long row, ObjectNode record) throws IOException {
            try {
                give(compute(computation, record));
            } catch (Refused e) {
                broken(row, record.path("id").asText(""), e.getMessage());
            }
        }

        @Override
        public void broken(long row, String sentence) throws IOException {
            broken(row, "", sentence);
        }

        /** The id, where there was one, stays with the refusal, so that it can be found in a list of thousands. */
        private void broken(long row, String id, String sentence) throws IOException {
            ObjectNode result = JsonNodeFactory.instance.objectNode();
            if (!id.isBlank()) {
                result.put("id", id);
            }
            result.put("row", row);
            result.put("refused", sentence);
            FindingsOut.refusal(result, Say.it("compute-command.row", "row", row), sentence);
            give(result);
        }

        void give(ObjectNode result) throws IOException {
            stops |= FindingsOut.stops(result);
            out.write(result);
            done++;
            if (done % PROGRESS_EVERY == 0) {
                streams.progress(Say.it("compute-command.records", "done", done));
            }
        }

        void finish() {
            if (done >= PROGRESS_EVERY) {
                streams.progress(Say.it("compute-command.records-all-done", "done", done));
            }
        }
    }
}
