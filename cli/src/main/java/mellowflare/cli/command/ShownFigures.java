package mellowflare.cli.command;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.DoubleNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.List;

/** Figures as they are meant: 22.225, not 22.224999999999998. Twelve digits are more than any rule can read. */
final class ShownFigures {
    private static final MathContext DIGITS = new MathContext(12);

    private ShownFigures() {}

    /** The same result, its figures in place. */
    static ObjectNode of(ObjectNode result) {
        List<String> names = new ArrayList<>();
        result.fieldNames().forEachRemaining(names::add);
        names.forEach(n -> result.set(n, shown(result.get(n))));
        return result;
    }

    private static JsonNode shown(JsonNode node) {
        if (node instanceof ObjectNode o) {
            return of(o);
        }
        if (node instanceof ArrayNode a) {
            for (int i = 0; i < a.size(); i++) {
                a.set(i, shown(a.get(i)));
            }
            return a;
        }
        return node instanceof DoubleNode d && Double.isFinite(d.doubleValue())
                ? DoubleNode.valueOf(
                        new BigDecimal(d.doubleValue()).round(DIGITS).doubleValue())
                : node;
    }
}
