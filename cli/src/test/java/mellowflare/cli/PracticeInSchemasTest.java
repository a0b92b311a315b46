package mellowflare.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import mellowflare.core.advice.Method;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.advice.Methods;
import mellowflare.core.job.ShippedData;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A method that is added to the table is also taken by the published schemas. */
class PracticeInSchemasTest {
    @ParameterizedTest
    @ValueSource(strings = {"hose.in", "seal.in", "tube.in"})
    void testEverySchoolStandsInTheSchema(String schema) throws Exception {
        JsonNode practice = new ObjectMapper()
                .readTree(Files.readString(Path.of("..", "docs", "schema", schema + ".schema.json")))
                .at("/properties/practice/properties");
        Map<String, List<String>> published = new TreeMap<>();
        practice.properties().forEach(e -> {
            List<String> ways = new ArrayList<>();
            e.getValue().get("enum").forEach(w -> ways.add(w.asText()));
            published.put(e.getKey(), ways);
        });
        Methods methods = ShippedData.get().get(Methods.KEY);
        Map<String, List<String>> held = new TreeMap<>();
        for (MethodTopic topic : MethodTopic.values()) {
            held.put(
                    topic.name().toLowerCase(Locale.ROOT).replace('_', '-'),
                    methods.of(topic).stream().map(Method::id).toList());
        }
        assertThat(published).isEqualTo(held);
    }
}
