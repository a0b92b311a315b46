package mellowflare.cli.input;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.DoubleFunction;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.FlowRate;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthText;
import mellowflare.core.measure.QuantityText;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.Temperature;
import mellowflare.core.thread.PitchReading;

/**
 * The fields of one record. A number is in the base unit of its kind, a text must carry its unit: 40 and "40" must never mean two lengths.
 * Every refusal names the field; a field that nobody asked for is refused too, so that a slip of the keyboard is not passed over.
 */
public final class Fields {
    private static final Pattern TIME = Pattern.compile("\\s*(\\d+(?:\\.\\d+)?)\\s*(s|min|h)\\s*");
    /** No figure of any quantity is larger, and none but zero is smaller. */
    private static final double LARGEST = 1e9;

    static final double SMALLEST = 1e-6;

    private final ObjectNode node;
    private final String path;
    private final Set<String> asked = new LinkedHashSet<>();

    public Fields(ObjectNode node) {
        this(node, "");
    }

    private Fields(ObjectNode node, String path) {
        this.node = node;
        this.path = path;
    }

    /** A refusal of one field. */
    public Refused wrong(String name, String sentence) {
        return new Refused("“" + path + name + "”: " + sentence);
    }

    public boolean has(String name) {
        asked.add(name);
        return node.hasNonNull(name);
    }

    public Optional<String> text(String name) throws Refused {
        if (!has(name)) {
            return Optional.empty();
        }
        JsonNode value = node.get(name);
        if (!value.isTextual()) {
            throw wrong(name, Say.it("fields.text-expected-here"));
        }
        return Optional.of(value.asText().strip()).filter(t -> !t.isEmpty());
    }

    public String needText(String name) throws Refused {
        return text(name).orElseThrow(() -> missing(name));
    }

    /** A size that some write as a number and some as a text: 8 and “-8”. */
    public String needTextOrWhole(String name) throws Refused {
        return has(name) && node.get(name).isIntegralNumber() ? node.get(name).asText() : needText(name);
    }

    public Refused missing(String name) {
        return wrong(name, Say.it("fields.needed-was-not-given"));
    }

    /** One of the known words. */
    public <E> Optional<E> word(String name, Map<String, E> words) throws Refused {
        Optional<String> text = text(name);
        if (text.isEmpty()) {
            return Optional.empty();
        }
        E found = words.get(text.get().toLowerCase(Locale.ROOT));
        if (found == null) {
            throw wrong(
                    name,
                    Say.it(
                            "fields.not-known-here-use",
                            "text",
                            text.get(),
                            "words",
                            String.join(", ", words.keySet().stream().sorted().toList())));
        }
        return Optional.of(found);
    }

    public <E> E needWord(String name, Map<String, E> words) throws Refused {
        return word(name, words).orElseThrow(() -> missing(name));
    }

    /** True or false, or yes and no from a table. */
    public boolean flag(String name) throws Refused {
        if (!has(name)) {
            return false;
        }
        JsonNode value = node.get(name);
        if (value.isBoolean()) {
            return value.asBoolean();
        }
        return switch (value.asText().strip().toLowerCase(Locale.ROOT)) {
            case "true", "yes" -> true;
            case "false", "no", "" -> false;
            default -> throw wrong(name, Say.it("fields.true-or-false-expected"));
        };
    }

    public Optional<Integer> count(String name, int least, int most) throws Refused {
        if (!has(name)) {
            return Optional.empty();
        }
        JsonNode value = node.get(name);
        if (!value.isIntegralNumber() || value.asLong() < least || value.asLong() > most) {
            throw wrong(name, Say.it("fields.whole-number-from-expected", "least", least, "most", most));
        }
        return Optional.of(value.asInt());
    }

    /** A length above zero; a number is millimetres. */
    public Optional<Length> length(String name) throws Refused {
        Optional<Length> length = quantity(name, "mm", Length::ofMm, LengthText::readWithUnit);
        if (length.filter(l -> l.mm() <= 0).isPresent()) {
            throw wrong(name, Say.it("fields.length-above-zero-expected"));
        }
        return length;
    }

    /** A length of zero or more; a number is millimetres. */
    public Optional<Length> lengthOrZero(String name) throws Refused {
        Optional<Length> length = quantity(name, "mm", Length::ofMm, LengthText::readWithUnit);
        if (length.filter(l -> l.mm() < 0).isPresent()) {
            throw wrong(name, Say.it("fields.length-zero-or-more"));
        }
        return length;
    }

    /** A gauge pressure; a number is bar. */
    public Optional<GaugePressure> pressure(String name) throws Refused {
        return quantity(name, "bar", GaugePressure::ofBar, t -> QuantityText.pressure(t, Optional.empty()));
    }

    /** A barometer; a number is bar or, from 400 on, millibar. */
    public Optional<AbsolutePressure> barometer(String name) throws Refused {
        return quantity(
                name,
                "bar",
                n -> QuantityText.barometer(Double.toString(n)).value().orElseThrow(IllegalArgumentException::new),
                QuantityText::barometer);
    }

    /** A temperature; a number is degrees Celsius. */
    public Optional<Temperature> temperature(String name) throws Refused {
        return quantity(name, "C", Temperature::ofCelsius, t -> QuantityText.temperature(t, Optional.empty()));
    }

    /** A flow; a number is litres a minute. */
    public Optional<FlowRate> flow(String name) throws Refused {
        return quantity(name, "L/min", FlowRate::ofLitresPerMinute, t -> QuantityText.flow(t, Optional.empty()));
    }

    /** A pitch such as “14 tpi”, or a count such as “10 over 14.1 mm”; a number is millimetres. */
    public Optional<PitchReading> pitch(String name) throws Refused {
        return quantity(
                name,
                "",
                mm -> PitchReading.readWithUnit(Say.it("fields.mm", "mm", mm))
                        .value()
                        .orElseThrow(IllegalArgumentException::new),
                PitchReading::readWithUnit);
    }

    /** An angle; a number is degrees, a text says “deg” or “°”. */
    public Optional<Angle> angle(String name, double least, double most) throws Refused {
        Optional<Angle> angle = quantity(name, "", Angle::ofDegrees, t -> QuantityText.angle(t, Optional.empty()));
        if (angle.filter(a -> a.degrees() < least || a.degrees() > most).isPresent()) {
            throw wrong(
                    name, Say.it("fields.angle-from-degrees-expected", "degrees", (int) least, "valueB", (int) most));
        }
        return angle;
    }

    /**
     * Any quantity. A number has the limits of the same figure typed with its unit.
     *
     * @param unit of a number; empty where it has none
     * @param number makes the quantity of a number
     * @param reader makes it of a text, which must carry its unit
     */
    public <T> Optional<T> quantity(
            String name, String unit, DoubleFunction<T> number, Function<String, Read<T>> reader) throws Refused {
        if (!has(name)) {
            return Optional.empty();
        }
        JsonNode value = node.get(name);
        if (value.isNumber()) {
            double v = value.asDouble();
            if (!(Math.abs(v) <= LARGEST) || v != 0 && Math.abs(v) < SMALLEST) {
                throw wrong(name, Say.it("fields.lies-outside-what-can", "given", value.asText()));
            }
            if (!unit.isEmpty() && !(unit.equals("mm") && v < 0)) {
                String plain =
                        new BigDecimal(value.asText()).stripTrailingZeros().toPlainString();
                Optional<String> refusal = reader.apply(plain + " " + unit).refusal();
                if (refusal.isPresent()) {
                    throw wrong(name, refusal.get());
                }
            }
            try {
                return Optional.of(number.apply(v));
            } catch (IllegalArgumentException e) {
                throw new Refused(
                        Say.it("fields.out-of-range", "path", path, "name", name, "given", value.asText()), e);
            }
        }
        if (!value.isTextual()) {
            throw wrong(name, Say.it("fields.number-or-text-with"));
        }
        if (value.asText().isBlank()) {
            return Optional.empty();
        }
        Read<T> read = reader.apply(value.asText());
        if (read.refusal().isPresent()) {
            throw wrong(name, read.refusal().get());
        }
        return read.value();
    }

    /** So many yes or no in brackets; empty when it was not given. */
    public List<Boolean> flags(String name, int count) throws Refused {
        List<Boolean> flags = new ArrayList<>();
        if (!has(name)) {
            return flags;
        }
        JsonNode list = node.get(name);
        if (!list.isArray() || list.size() != count) {
            throw wrong(name, Say.it("fields.so-many-flags", "count", count));
        }
        for (JsonNode each : list) {
            if (!each.isBoolean()) {
                throw wrong(name, Say.it("fields.so-many-flags", "count", count));
            }
            flags.add(each.asBoolean());
        }
        return flags;
    }

    /** A plain number within limits. */
    public Optional<Double> number(String name, double least, double most) throws Refused {
        if (!has(name)) {
            return Optional.empty();
        }
        JsonNode value = node.get(name);
        if (!value.isNumber() || value.asDouble() < least || value.asDouble() > most) {
            throw wrong(name, Say.it("fields.number-from-expected-here", "least", least, "most", most));
        }
        return Optional.of(value.asDouble());
    }

    /** Lists of so many plain numbers each; empty when it was not given. */
    public List<List<Double>> numberLists(String name, int each) throws Refused {
        List<List<Double>> all = new ArrayList<>();
        if (!has(name)) {
            return all;
        }
        JsonNode list = node.get(name);
        if (!list.isArray()) {
            throw wrong(name, Say.it("fields.list-brackets-expected-here"));
        }
        for (int i = 0; i < list.size(); i++) {
            List<Double> numbers = new ArrayList<>();
            for (JsonNode n : list.get(i)) {
                if (!n.isNumber()) {
                    throw wrong(name + "[" + i + "]", Say.it("fields.number-expected-here-not", "given", n.asText()));
                }
                numbers.add(n.asDouble());
            }
            if (numbers.size() != each) {
                throw wrong(name + "[" + i + "]", Say.it("fields.numbers-brackets-expected-here", "each", each));
            }
            all.add(List.copyOf(numbers));
        }
        return all;
    }

    /** What is figured in space. */
    public InSpace space() {
        return new InSpace(this);
    }

    /** What stands in a field. */
    JsonNode node(String name) {
        return node.get(name);
    }

    /** The fields of an object inside this one; empty fields if it was not given. */
    public Fields object(String name) throws Refused {
        if (!has(name)) {
            return new Fields(node.objectNode(), path + name + ".");
        }
        if (!node.get(name).isObject()) {
            throw wrong(name, Say.it("fields.object-braces-expected-here"));
        }
        return new Fields((ObjectNode) node.get(name), path + name + ".");
    }

    /** The objects of a list; none if it was not given. */
    public List<Fields> maybeObjects(String name) throws Refused {
        return has(name) ? objects(name) : List.of();
    }

    /** A time; a number is seconds, a text has its unit: s, min or h. */
    public double seconds(String name) throws Refused {
        if (!has(name)) {
            throw missing(name);
        }
        JsonNode value = node.get(name);
        if (value.isNumber()) {
            return value.asDouble();
        }
        Matcher m = TIME.matcher(value.asText());
        if (!m.matches()) {
            throw wrong(name, Say.it("fields.number-seconds-or-text"));
        }
        double factor = m.group(2).equals("h") ? 3600 : m.group(2).equals("min") ? 60 : 1;
        return Double.parseDouble(m.group(1)) * factor;
    }

    /** The objects of a list. */
    public List<Fields> objects(String name) throws Refused {
        if (!has(name)) {
            throw missing(name);
        }
        JsonNode list = node.get(name);
        if (!list.isArray()) {
            throw wrong(name, Say.it("fields.list-brackets-expected-here"));
        }
        List<Fields> all = new ArrayList<>();
        for (int i = 0; i < list.size(); i++) {
            if (!list.get(i).isObject()) {
                throw wrong(name + "[" + i + "]", Say.it("fields.object-braces-expected-here"));
            }
            all.add(new Fields((ObjectNode) list.get(i), path + name + "[" + i + "]."));
        }
        return all;
    }

    /** The texts of a list; none if it was not given. */
    public List<String> texts(String name) throws Refused {
        if (!has(name)) {
            return List.of();
        }
        List<String> all = new ArrayList<>();
        for (JsonNode each : node.get(name)) {
            if (!each.isTextual()) {
                throw wrong(name, Say.it("fields.list-texts-brackets-expected"));
            }
            all.add(each.asText());
        }
        if (!node.get(name).isArray()) {
            throw wrong(name, Say.it("fields.list-texts-brackets-expected"));
        }
        return List.copyOf(all);
    }

    /** The names of all fields, in their order. */
    public List<String> names() {
        List<String> names = new ArrayList<>();
        node.fieldNames().forEachRemaining(names::add);
        return names;
    }

    /** Whether a list was given whose first entry is a text. */
    public boolean isTexts(String name) {
        return has(name) && node.get(name).isArray() && node.get(name).path(0).isTextual();
    }

    public boolean isText(String name) {
        return has(name) && node.get(name).isTextual();
    }

    /** Refuses a field that no one asked for. */
    public void nothingElse() throws Refused {
        for (Iterator<String> names = node.fieldNames(); names.hasNext(); ) {
            String name = names.next();
            if (!asked.contains(name)) {
                throw wrong(name, Say.it("fields.there-no-such-field", "fields", String.join(", ", asked)));
            }
        }
    }
}
