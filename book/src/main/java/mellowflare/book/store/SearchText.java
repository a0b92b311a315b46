package mellowflare.book.store;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.Locale;
import java.util.StringJoiner;
import mellowflare.core.job.Job;

/** What a search looks through in a job: all that it says, in small letters, without the names of its fields. */
final class SearchText {
    private static final ObjectMapper JSON = new ObjectMapper();

    private SearchText() {}

    /**
     * @param json the job as it is kept
     */
    static String of(Job job, String json) {
        StringJoiner all = new StringJoiner(" ");
        all.add(job.title()).add(job.machine());
        try {
            add(all, JSON.readTree(json));
        } catch (JsonProcessingException e) {
            // A job that lies there in another form is found by all of it.
            all.add(json);
        }
        return all.toString().toLowerCase(Locale.ROOT);
    }

    private static void add(StringJoiner into, JsonNode node) {
        if (node.isValueNode()) {
            into.add(node.asText());
        } else {
            node.forEach(each -> add(into, each));
        }
    }
}
