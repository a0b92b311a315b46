package mellowflare.core.parts;

import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mellowflare.core.advice.Severity;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.EndId;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.Seat;
import mellowflare.core.fluid.FluidGroup;
import mellowflare.core.material.Metal;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthBand;
import mellowflare.core.measure.Temperature;
import mellowflare.core.reference.CsvTable.Row;
import mellowflare.core.size.DashSize;

/** Turns the rows of the catalogue's tables into parts; a row that is not in form is refused by its line and column. */
final class PartRows {
    private PartRows() {}

    static HosePart hose(Row row) {
        HosePart hose = new HosePart(
                row.need("part"),
                row.said("name"),
                row.word("kind", HoseKind.class),
                dash(row, "dash"),
                positive(row, "bore_mm"),
                positive(row, "outside_mm"),
                pressure(row, "working_bar"),
                row.maybe("metric_bar").map(v -> pressure(row, "metric_bar")),
                row.maybe("metric_source").orElse(""),
                row.maybe("vacuum_bar").map(v -> vacuum(row)),
                positive(row, "bend_radius_mm"),
                row.need("bend_to").equals("inside"),
                Temperature.ofCelsius(within(row, "min_c", -100, 400)),
                Temperature.ofCelsius(within(row, "max_c", -100, 400)),
                row.need("liner"),
                row.maybe("conductive").map(x -> row.yes("conductive")),
                row.need("series"),
                row.list("lengths_mm").stream().map(t -> length(row, t)).toList(),
                within(row, "on_shelf", 0, 1e6),
                within(row, "price", 0, 1e7),
                row.source());
        if (hose.bore().compareTo(hose.outside()) >= 0) {
            throw row.broken("outside_mm", Say.it("part-rows.not-above-bore"));
        }
        if (hose.coldest().compareTo(hose.hottest()) >= 0) {
            throw row.broken("max_c", Say.it("part-rows.not-above-coldest"));
        }
        return hose;
    }

    static HoseEndPart hoseEnd(Row row, EndTable ends) {
        EndId id = end(row, "", ends);
        Seat seat =
                Seat.ofCode(row.need("seat")).orElseThrow(() -> row.broken("seat", Say.it("part-rows.no-such-seat")));
        if (ends.find(id).filter(e -> e.seats().contains(seat)).isEmpty()) {
            throw row.broken("seat", Say.it("part-rows.has-no", "id", id.text(), "seat", seat.words()));
        }
        Angle angle = Angle.ofDegrees(within(row, "angle_deg", 0, 180));
        Optional<Length> drop = maybe(row, "drop_mm");
        if (angle.degrees() > 0 && drop.isEmpty()) {
            throw row.broken("drop_mm", Say.it("part-rows.elbow-needs-height-its"));
        }
        return new HoseEndPart(
                row.need("part"),
                row.said("name"),
                Optional.of(row.word("attach", Attach.class)),
                Optional.of(row.need("series")),
                Optional.of(dash(row, "hose_dash")),
                id,
                seat,
                row.yes("swivel"),
                angle,
                Length.ofMm(within(row, "cut_off_mm", 0, 2000)),
                drop,
                maybe(row, "bore_mm"),
                row.maybe("metal").map(m -> row.word("metal", Metal.class)),
                Optional.of(pressure(row, "rating_bar")),
                row.list("hexes"),
                maybe(row, "insertion_mm"),
                maybe(row, "gap_mm"),
                row.maybe("collar"),
                crimps(row),
                (int) within(row, "on_shelf", 0, 1e6),
                within(row, "price", 0, 1e7),
                row.source());
    }

    static AdapterPart adapter(Row row, EndTable ends) {
        return new AdapterPart(
                row.need("part"),
                row.said("name"),
                end(row, "a_", ends),
                end(row, "b_", ends),
                Angle.ofDegrees(within(row, "angle_deg", 0, 180)),
                pressure(row, "rating_bar"),
                positive(row, "bore_mm"),
                row.word("metal", Metal.class),
                positive(row, "length_mm"),
                (int) within(row, "on_shelf", 0, 1e6),
                within(row, "price", 0, 1e7),
                row.source());
    }

    static Ferrule ferrule(Row row) {
        Length low = positive(row, "outside_min_mm");
        Length high = positive(row, "outside_max_mm");
        if (low.compareTo(high) > 0) {
            throw row.broken("outside_max_mm", Say.it("part-rows.below-smallest-outside"));
        }
        return new Ferrule(
                row.need("part"),
                row.said("name"),
                row.word("form", Ferrule.Form.class),
                new LengthBand(low, high),
                row.text("die"),
                (int) within(row, "on_shelf", 0, 1e6),
                within(row, "price", 0, 1e7),
                row.source());
    }

    static SealPart seal(Row row) {
        return new SealPart(
                row.need("part"),
                row.said("name"),
                row.word("form", SealPart.Form.class),
                row.word("code", EndCode.class),
                row.need("size"),
                row.need("compound"),
                (int) within(row, "on_shelf", 0, 1e6),
                within(row, "price", 0, 1e7),
                row.source());
    }

    static Tool tool(Row r) {
        return new Tool(
                r.need("id"),
                r.said("name"),
                r.need("words"),
                r.yes("usual"),
                r.word("severity", Severity.class),
                r.said("instead"),
                r.saidIfAny("needs"),
                r.has("strict_for") ? r.words("strict_for", FluidGroup.class) : Set.of(),
                r.has("strictly") ? r.saidIfAny("strictly") : "",
                r.source());
    }

    private static EndId end(Row row, String side, EndTable ends) {
        EndId id = new EndId(
                row.word(side + "code", EndCode.class),
                row.need(side + "size"),
                row.word(side + "gender", Gender.class));
        if (ends.find(id).isEmpty()) {
            throw row.broken(side + "size", Say.it("part-rows.tables-hold-no", "id", id.text()));
        }
        return id;
    }

    /** Diameters over the ferrule by kind of hose: {@code one-wire 27.6; two-wire 29.3}. */
    private static Map<HoseKind, Length> crimps(Row row) {
        Map<HoseKind, Length> crimps = new EnumMap<>(HoseKind.class);
        for (String each : row.list("crimp_mm")) {
            String[] words = each.split("\\s+");
            try {
                crimps.put(
                        HoseKind.valueOf(words[0].toUpperCase(Locale.ROOT).replace('-', '_')),
                        Length.ofMm(Double.parseDouble(words[1])));
            } catch (IllegalArgumentException | ArrayIndexOutOfBoundsException e) {
                throw row.broken("crimp_mm", Say.it("part-rows.no-kind-hose-with", "each", each), e);
            }
        }
        return crimps;
    }

    private static Optional<Length> maybe(Row row, String column) {
        return row.maybe(column).map(t -> positive(row, column));
    }

    private static Length length(Row row, String text) {
        try {
            double mm = Double.parseDouble(text);
            if (mm > 0 && mm < 1e6) {
                return Length.ofMm(mm);
            }
        } catch (NumberFormatException e) {
            throw row.broken("lengths_mm", Say.it("part-rows.no-number", "text", text), e);
        }
        throw row.broken("lengths_mm", Say.it("part-rows.no-length-hose", "text", text));
    }

    private static Length positive(Row row, String column) {
        within(row, column, 1e-6, 1e5);
        return row.length(column);
    }

    private static GaugePressure pressure(Row row, String column) {
        return GaugePressure.ofBar(within(row, column, 0, 10_000));
    }

    private static GaugePressure vacuum(Row row) {
        return GaugePressure.ofBar(within(row, "vacuum_bar", -1.0133, 0));
    }

    private static double within(Row row, String column, double low, double high) {
        double n = row.number(column);
        if (!(n >= low && n <= high)) {
            throw row.broken(column, Say.it("part-rows.out-all-reason-for", "row", row.text(column)));
        }
        return n;
    }

    private static DashSize dash(Row row, String column) {
        return DashSize.read(row.need(column)).orElseThrow(() -> row.broken(column, Say.it("part-rows.no-dash-size")));
    }
}
