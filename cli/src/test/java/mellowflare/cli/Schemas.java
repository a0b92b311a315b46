package mellowflare.cli;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.networknt.schema.Error;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/** The published schemas of inputs and outputs. */
final class Schemas {
    private static final ObjectMapper MAPPER = new ObjectMapper();
    private static final Map<String, Schema> READ = new ConcurrentHashMap<>();

    private Schemas() {}

    static List<Error> faults(String schema, String json) {
        try {
            return faults(schema, MAPPER.readTree(json));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    static List<Error> faults(String schema, JsonNode json) {
        return READ.computeIfAbsent(schema, Schemas::read).validate(json);
    }

    private static Schema read(String schema) {
        try {
            JsonNode text = MAPPER.readTree(Files.readString(Path.of("..", "docs", "schema", schema + ".schema.json")));
            return SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                    .getSchema(text);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
