package mellowflare.book.json;

import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Map;
import java.util.TreeMap;

/** Texts by name, in the order of their names. */
final class Texts {
    private Texts() {}

    static ObjectNode write(Map<String, String> texts) {
        ObjectNode n = JsonNodeFactory.instance.objectNode();
        new TreeMap<>(texts).forEach(n::put);
        return n;
    }
}
