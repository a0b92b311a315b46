package mellowflare.book.json;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import java.time.Instant;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.StreamSupport;
import mellowflare.book.BookTrouble;
import mellowflare.core.geometry.Vector;

/** Reads fields of a JSON object by name; a refusal names the field with its path. */
public final class Fields {
    /** No length, pressure or flow of a line comes near it, and its powers do not overflow. */
    private static final double MOST = 1e12;

    private final JsonNode node;
    private final String path;

    public Fields(JsonNode node, String path) {
        this.node = node;
        this.path = path;
    }

    public BookTrouble wrong(String name, String how) {
        return new BookTrouble(Say.it("fields.in-job", "path", path, "name", name, "how", how));
    }

    public boolean has(String name) {
        return node.hasNonNull(name);
    }

    /** The names of all fields, in their order. */
    public List<String> names() {
        List<String> names = new ArrayList<>();
        node.fieldNames().forEachRemaining(names::add);
        return names;
    }

    public Fields object(String name) throws BookTrouble {
        JsonNode child = node.path(name);
        if (child.isMissingNode() || child.isNull()) {
            return new Fields(JsonNodeFactory.instance.objectNode(), path + name + ".");
        }
        if (!child.isObject()) {
            throw wrong(name, Say.it("fields.no-object"));
        }
        return new Fields(child, path + name + ".");
    }

    public List<Fields> array(String name) throws BookTrouble {
        JsonNode child = node.path(name);
        if (!child.isMissingNode() && !child.isArray()) {
            throw wrong(name, Say.it("fields.no-list"));
        }
        List<Fields> all = new ArrayList<>();
        for (int i = 0; i < child.size(); i++) {
            all.add(new Fields(child.get(i), path + name + "[" + i + "]."));
        }
        return all;
    }

    public Optional<String> maybeText(String name) throws BookTrouble {
        if (!has(name)) {
            return Optional.empty();
        }
        if (!node.get(name).isTextual()) {
            throw wrong(name, Say.it("fields.no-text"));
        }
        return Optional.of(node.get(name).asText());
    }

    public String text(String name) throws BookTrouble {
        return maybeText(name).orElseThrow(() -> wrong(name, Say.it("fields.missing")));
    }

    public String textOr(String name, String other) throws BookTrouble {
        return has(name) ? text(name) : other;
    }

    public Optional<Double> maybeNumber(String name) throws BookTrouble {
        return has(name) ? Optional.of(number(name)) : Optional.empty();
    }

    public double number(String name) throws BookTrouble {
        if (!has(name)) {
            throw wrong(name, Say.it("fields.missing"));
        }
        return figure(node.get(name), name);
    }

    private double figure(JsonNode number, String name) throws BookTrouble {
        if (!number.isNumber()) {
            throw wrong(name, Say.it("fields.no-number"));
        }
        if (!(Math.abs(number.asDouble()) <= MOST)) {
            throw wrong(name, Say.it("fields.larger-than-any-figure"));
        }
        return number.asDouble();
    }

    public boolean flag(String name) throws BookTrouble {
        if (!has(name)) {
            return false;
        }
        if (!node.get(name).isBoolean()) {
            throw wrong(name, Say.it("fields.neither-true-nor-false"));
        }
        return node.get(name).asBoolean();
    }

    public <E> E word(String name, Map<String, E> words) throws BookTrouble {
        E found = words.get(text(name));
        if (found == null) {
            throw wrong(name, Say.it("fields.none-known-words"));
        }
        return found;
    }

    public <E extends Enum<E>> E word(String name, Class<E> words) throws BookTrouble {
        try {
            return Enum.valueOf(words, text(name).toUpperCase(Locale.ROOT).replace('-', '_'));
        } catch (IllegalArgumentException e) {
            BookTrouble trouble = wrong(name, Say.it("fields.none-known-words"));
            trouble.initCause(e);
            throw trouble;
        }
    }

    public <E extends Enum<E>> Optional<E> maybeWord(String name, Class<E> words) throws BookTrouble {
        return has(name) ? Optional.of(word(name, words)) : Optional.empty();
    }

    /** A place or direction of three finite numbers. */
    public Vector vector(String name) throws BookTrouble {
        return vector(node.path(name), name);
    }

    public List<Vector> vectors(String name) throws BookTrouble {
        List<Vector> all = new ArrayList<>();
        for (JsonNode each : list(name)) {
            all.add(vector(each, name));
        }
        return all;
    }

    private Vector vector(JsonNode three, String name) throws BookTrouble {
        if (!three.isArray()
                || three.size() != 3
                || StreamSupport.stream(three.spliterator(), false).anyMatch(n -> !n.isNumber())) {
            throw wrong(name, Say.it("fields.no-place-three-numbers"));
        }
        return new Vector(figure(three.get(0), name), figure(three.get(1), name), figure(three.get(2), name));
    }

    /** Lists of so many numbers each. */
    public List<List<Double>> numberLists(String name, int each) throws BookTrouble {
        List<List<Double>> all = new ArrayList<>();
        for (JsonNode row : list(name)) {
            List<Double> numbers = new ArrayList<>();
            for (JsonNode number : row) {
                numbers.add(figure(number, name));
            }
            if (!row.isArray() || numbers.size() != each) {
                throw wrong(name, Say.it("fields.no-list-numbers-each", "each", each));
            }
            all.add(numbers);
        }
        return all;
    }

    /** Numbers in their order; empty where there are none. */
    public List<Double> numbers(String name) throws BookTrouble {
        List<Double> all = new ArrayList<>();
        for (JsonNode number : list(name)) {
            all.add(figure(number, name));
        }
        return all;
    }

    public List<String> words(String name) throws BookTrouble {
        List<String> all = new ArrayList<>();
        for (JsonNode each : list(name)) {
            if (!each.isTextual()) {
                throw wrong(name, Say.it("fields.holds-what-no-text"));
            }
            all.add(each.asText());
        }
        return all;
    }

    private JsonNode list(String name) throws BookTrouble {
        JsonNode child = node.path(name);
        if (child.isMissingNode() || child.isNull()) {
            return JsonNodeFactory.instance.arrayNode();
        }
        if (!child.isArray()) {
            throw wrong(name, Say.it("fields.no-list"));
        }
        return child;
    }

    public Instant instant(String name) throws BookTrouble {
        try {
            return Instant.parse(text(name));
        } catch (DateTimeParseException e) {
            BookTrouble trouble = wrong(name, Say.it("fields.no-moment-such-as"));
            trouble.initCause(e);
            throw trouble;
        }
    }

    /** A day such as 2026-11-30. */
    public Optional<LocalDate> maybeDay(String name) throws BookTrouble {
        Optional<String> text = maybeText(name);
        try {
            return text.map(LocalDate::parse);
        } catch (DateTimeParseException e) {
            BookTrouble trouble = wrong(name, Say.it("fields.no-day", "text", text.orElse("")));
            trouble.initCause(e);
            throw trouble;
        }
    }

    public Map<String, String> texts(String name) throws BookTrouble {
        Map<String, String> texts = new HashMap<>();
        for (Map.Entry<String, JsonNode> e : object(name).node.properties()) {
            if (!e.getValue().isTextual()) {
                throw wrong(name + "." + e.getKey(), Say.it("fields.no-text"));
            }
            texts.put(e.getKey(), e.getValue().asText());
        }
        return texts;
    }
}
