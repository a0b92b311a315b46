package mellowflare.cli.input;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthText;
import mellowflare.core.measure.Read;

/** Fields that hold places, lengths and rows of bends: each figure is a number in millimetres or a text with its unit, and may lie below zero. */
public final class InSpace {
    private static final double FARTHEST_MM = 100_000;

    private final Fields fields;

    InSpace(Fields fields) {
        this.fields = fields;
    }

    /** Three coordinates in brackets, each a number (mm) or a text with its unit; may lie below zero. */
    public Optional<Vector> point(String name) throws Refused {
        return fields.has(name) ? Optional.of(point(name, fields.node(name))) : Optional.empty();
    }

    /** A list of points; empty when it was not given. */
    public List<Vector> points(String name) throws Refused {
        List<Vector> points = new ArrayList<>();
        if (!fields.has(name)) {
            return points;
        }
        JsonNode list = fields.node(name);
        if (!list.isArray()) {
            throw fields.wrong(name, Say.it("fields.list-points-brackets-expected"));
        }
        for (int i = 0; i < list.size(); i++) {
            points.add(point(name + "[" + i + "]", list.get(i)));
        }
        return points;
    }

    private Vector point(String name, JsonNode value) throws Refused {
        if (!value.isArray() || value.size() != 3) {
            throw fields.wrong(name, Say.it("fields.three-figures-brackets-expected"));
        }
        return new Vector(
                coordinate(name, value.get(0)), coordinate(name, value.get(1)), coordinate(name, value.get(2)));
    }

    private double coordinate(String name, JsonNode value) throws Refused {
        double mm = value.isNumber() ? value.asDouble() : written(name, value);
        if (!(Math.abs(mm) <= FARTHEST_MM)) {
            throw fields.wrong(name, Say.it("fields.figure-lies-further-out"));
        }
        return mm;
    }

    private double written(String name, JsonNode value) throws Refused {
        if (!value.isTextual()) {
            throw fields.wrong(name, Say.it("fields.each-figure-number-mm"));
        }
        String text = value.asText().strip();
        boolean below = text.startsWith("-");
        Read<Length> read = LengthText.readWithUnit(below ? text.substring(1) : text);
        if (read.value().isEmpty()) {
            throw fields.wrong(name, read.refusal().orElse(Say.it("fields.no-length")));
        }
        return (below ? -1 : 1) * read.value().get().mm();
    }

    /** So many lengths in brackets, each a number (mm) or a text with its unit; may lie below zero. Empty when it was not given. */
    public List<Length> lengths(String name, int count) throws Refused {
        List<Length> lengths = new ArrayList<>();
        if (!fields.has(name)) {
            return lengths;
        }
        JsonNode list = fields.node(name);
        if (!list.isArray() || list.size() != count) {
            throw fields.wrong(name, Say.it("fields.so-many-lengths", "count", count));
        }
        for (JsonNode each : list) {
            lengths.add(Length.ofMm(coordinate(name, each)));
        }
        return lengths;
    }

    /** A length that may lie below zero; a number is millimetres. */
    public Optional<Length> signedLength(String name) throws Refused {
        return fields.has(name) ? Optional.of(Length.ofMm(coordinate(name, fields.node(name)))) : Optional.empty();
    }

    /** A row of straight (number in mm, or text with its unit), rotation and bend (degrees); empty when it was not given. */
    public List<Vector> rows(String name) throws Refused {
        List<Vector> rows = new ArrayList<>();
        if (!fields.has(name)) {
            return rows;
        }
        JsonNode list = fields.node(name);
        if (!list.isArray()) {
            throw fields.wrong(name, Say.it("fields.list-rows-brackets-expected"));
        }
        for (int i = 0; i < list.size(); i++) {
            JsonNode row = list.get(i);
            String at = name + "[" + i + "]";
            if (!row.isArray() || row.isEmpty() || row.size() > 3) {
                throw fields.wrong(at, Say.it("fields.straight-rotation-bend-brackets"));
            }
            double straight = coordinate(at, row.get(0));
            if (straight < 0) {
                throw fields.wrong(at, Say.it("fields.straight-not-below-zero"));
            }
            rows.add(new Vector(straight, degrees(at, row, 1), degrees(at, row, 2)));
        }
        return rows;
    }

    private double degrees(String at, JsonNode row, int i) throws Refused {
        if (row.size() <= i) {
            return 0;
        }
        if (!row.get(i).isNumber()) {
            throw fields.wrong(
                    at,
                    Say.it(
                            "fields.rotation-bend-numbers-degrees",
                            "given",
                            row.get(i).asText()));
        }
        double value = row.get(i).asDouble();
        if (value != 0 && Math.abs(value) < Fields.SMALLEST) {
            throw fields.wrong(at, Say.it("fields.so-small-angle-none"));
        }
        if (!(Math.abs(value) <= 360) || i == 2 && !(value >= 0 && value < 180)) {
            throw fields.wrong(
                    at, i == 2 ? Say.it("fields.bend-lies-between-0") : Say.it("fields.rotation-lies-within-full"));
        }
        return value;
    }
}
