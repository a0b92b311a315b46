package mellowflare.cli.command;

import com.fasterxml.jackson.databind.node.ObjectNode;
import de.siegmar.fastcsv.writer.CsvWriter;
import java.io.IOException;
import java.io.OutputStreamWriter;
import java.io.StringWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import mellowflare.book.BookTrouble;
import mellowflare.core.reference.CsvText;

/** Writes results in one of the forms. JSON waits for the last result; the others stream. */
abstract class ResultWriter {
    private final Streams.Sink sink;
    private final Writer text;

    private ResultWriter(Streams.Sink sink) {
        this.sink = sink;
        this.text = new OutputStreamWriter(sink.bytes(), StandardCharsets.UTF_8);
    }

    static ResultWriter of(Format format, Streams.Sink sink, Computation computation) {
        return switch (format) {
            case JSON -> new AsJson(sink);
            case JSONL -> new AsLines(sink);
            case CSV -> new AsCsv(sink, computation);
            case TEXT -> new AsText(sink, computation);
        };
    }

    /** The input was an array, so the output is one. */
    void several() {}

    abstract void write(ObjectNode result) throws IOException;

    void finish() throws IOException, BookTrouble {
        text.flush();
        sink.finish().run();
    }

    final void put(String words) throws IOException {
        text.write(words);
    }

    /** Lets what is written so far be seen by whoever reads along. */
    final void flush() throws IOException {
        text.flush();
    }

    private static final class AsJson extends ResultWriter {
        private final List<ObjectNode> all = new ArrayList<>();
        private boolean array;

        AsJson(Streams.Sink sink) {
            super(sink);
        }

        @Override
        void several() {
            array = true;
        }

        @Override
        void write(ObjectNode result) {
            all.add(result);
        }

        @Override
        void finish() throws IOException, BookTrouble {
            put(array ? "[\n" : "");
            for (int i = 0; i < all.size(); i++) {
                put(all.get(i).toPrettyString() + (i + 1 < all.size() ? ",\n" : "\n"));
            }
            put(array ? "]\n" : "");
            super.finish();
        }
    }

    private static final class AsLines extends ResultWriter {
        AsLines(Streams.Sink sink) {
            super(sink);
        }

        @Override
        void write(ObjectNode result) throws IOException {
            put(result + "\n");
            flush();
        }
    }

    private static final class AsCsv extends ResultWriter {
        private final Computation computation;
        private boolean begun;

        AsCsv(Streams.Sink sink, Computation computation) {
            super(sink);
            this.computation = computation;
        }

        @Override
        void write(ObjectNode result) throws IOException {
            if (!begun) {
                List<String> header = new ArrayList<>(List.of("id"));
                header.addAll(computation.columns());
                header.add("refused");
                row(header);
                begun = true;
            }
            List<String> cells = new ArrayList<>(List.of(result.path("id").asText()));
            if (result.has("refused")) {
                computation.columns().forEach(c -> cells.add(""));
                cells.add(Say.it(
                        "result-writer.row",
                        "row",
                        result.path("row").asText(),
                        "asTextB",
                        result.path("refused").asText()));
            } else {
                cells.addAll(computation.cells(result));
                cells.add("");
            }
            row(cells.stream().map(CsvText::shown).toList());
        }

        private void row(List<String> cells) throws IOException {
            StringWriter line = new StringWriter();
            try (CsvWriter csv = CsvWriter.builder().build(line)) {
                csv.writeRecord(cells);
            }
            put(line.toString());
            flush();
        }
    }

    private static final class AsText extends ResultWriter {
        private final Computation computation;

        AsText(Streams.Sink sink, Computation computation) {
            super(sink);
            this.computation = computation;
        }

        @Override
        void write(ObjectNode result) throws IOException {
            put(
                    result.has("refused")
                            ? Say.it(
                                    "result-writer.row-2",
                                    "row",
                                    result.path("row").asText(),
                                    "asTextB",
                                    result.path("refused").asText())
                            : computation.text(result));
        }
    }
}
