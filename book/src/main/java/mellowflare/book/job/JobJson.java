package mellowflare.book.job;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.StreamReadFeature;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.DateTimeException;
import mellowflare.book.BookTrouble;
import mellowflare.core.job.Job;

/** A job to and from its open form. */
public final class JobJson {
    /** Name of the form, the first thing a reader looks for. */
    public static final String FORMAT = "mellow-flare-job";
    /** The form's version; goes up when a reader of the old one could go wrong. Older ones are read. */
    public static final int VERSION = 2;

    private static final ObjectMapper MAPPER = JsonMapper.builder()
            .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
            .build();

    private JobJson() {}

    /** The job as one line of JSON. */
    public static String write(Job job) {
        return tree(job).toString();
    }

    /** The job as JSON to be read by people. */
    public static String writePretty(ObjectNode tree) {
        return tree.toPrettyString() + "\n";
    }

    /** The job as a tree, to which an export may add a snapshot of results. */
    public static ObjectNode tree(Job job) {
        return JobWriter.write(job);
    }

    /**
     * Reads a job.
     *
     * @throws BookTrouble if the text is no JSON, no job, of a newer version, or a field is wrong; says which
     */
    public static Job read(String json) throws BookTrouble {
        if (json.isBlank()) {
            throw new BookTrouble(Say.it("job-json.the-text-empty-job"));
        }
        JsonNode tree;
        try {
            tree = MAPPER.readTree(json);
        } catch (JsonProcessingException e) {
            throw new BookTrouble(
                    Say.it(
                            "job-json.this-no-json-text",
                            "part",
                            e.getLocation() == null ? "1" : e.getLocation().getLineNr()),
                    e);
        }
        try {
            return JobReader.read(present(tree));
        } catch (IllegalArgumentException | ArithmeticException | DateTimeException e) {
            throw new BookTrouble(Say.it("job-json.a-figure-job-cannot", "message", e.getMessage()), e);
        }
    }

    /** The tree in the present form. */
    private static ObjectNode present(JsonNode root) throws BookTrouble {
        if (!(root instanceof ObjectNode job)
                || !FORMAT.equals(job.path("format").asText())) {
            throw new BookTrouble(Say.it("job-json.this-json-but-no", "form", FORMAT));
        }
        int version = job.path("version").asInt(0);
        if (version < 1 || version > VERSION) {
            throw new BookTrouble(Say.it(
                    "job-json.this-job-has-version",
                    "asText",
                    job.path("version").asText("none"),
                    "version",
                    VERSION));
        }
        return version == 1 ? FormatOne.second(job) : job;
    }
}
