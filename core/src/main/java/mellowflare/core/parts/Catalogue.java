package mellowflare.core.parts;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.EndId;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.Seat;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Temperature;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.CsvTable.Row;
import mellowflare.core.reference.ReferenceKey;
import mellowflare.core.size.DashSize;

/** The house catalogue. */
public final class Catalogue {
    public static final ReferenceKey<Catalogue> KEY = new ReferenceKey<>("catalogue", Catalogue.class);
    private final List<HosePart> hoses;
    private final List<HoseEndPart> ends;

    private Catalogue(List<HosePart> hoses, List<HoseEndPart> ends) {
        this.hoses = hoses;
        this.ends = ends;
    }

    public static Catalogue load() {
        return new Catalogue(
                CsvTable.beside(Catalogue.class, "hoses.csv").map(Catalogue::hose, HosePart::part),
                CsvTable.beside(Catalogue.class, "hoseends.csv").map(Catalogue::hoseEnd, HoseEndPart::part));
    }

    public List<HosePart> hoses() {
        return hoses;
    }

    public List<HoseEndPart> hoseEnds() {
        return ends;
    }

    public Optional<HosePart> hose(String part) {
        return hoses.stream().filter(h -> h.part().equals(part)).findFirst();
    }

    public Optional<HosePart> hose(HoseKind kind, DashSize dash) {
        return hoses.stream()
                .filter(h -> h.kind() == kind && h.dash().equals(dash))
                .findFirst();
    }

    public Optional<HoseEndPart> hoseEnd(String part) {
        return ends.stream().filter(e -> e.part().equals(part)).findFirst();
    }

    /**
     * Ends that offer the mate of a port, for the given hose where it is known: straight before elbows, swivels before fixed, crimped
     * before screw-together.
     */
    public List<HoseEndPart> endsFor(End port, Optional<HosePart> hose) {
        return ends.stream()
                .filter(e -> e.end().equals(port.mateId()))
                .filter(e -> hose.map(h -> e.hoseDash().filter(h.dash()::equals).isPresent()
                                && e.series().filter(h.series()::equals).isPresent())
                        .orElse(true))
                .sorted(Comparator.comparing((HoseEndPart e) -> !e.swivel())
                        .thenComparing(e -> e.angle().degrees())
                        .thenComparing(e -> e.attach().orElse(Attach.CRIMPED)))
                .toList();
    }

    /** The hose sizes for which an end towards this port exists. */
    public List<DashSize> dashesFor(End port) {
        return ends.stream()
                .filter(e -> e.end().equals(port.mateId()))
                .flatMap(e -> e.hoseDash().stream())
                .distinct()
                .sorted()
                .toList();
    }

    private static HosePart hose(Row row) {
        return new HosePart(
                row.need("part"),
                row.need("name"),
                row.word("kind", HoseKind.class),
                dash(row, "dash"),
                row.length("bore_mm"),
                row.length("outside_mm"),
                GaugePressure.ofBar(row.number("working_bar")),
                row.length("bend_radius_mm"),
                row.need("bend_to").equals("inside"),
                Temperature.ofCelsius(row.number("min_c")),
                Temperature.ofCelsius(row.number("max_c")),
                row.need("liner"),
                row.need("series"),
                row.source());
    }

    private static HoseEndPart hoseEnd(Row row) {
        Map<HoseKind, Length> crimp = new EnumMap<>(HoseKind.class);
        maybe(row, "crimp_one_wire_mm").ifPresent(d -> crimp.put(HoseKind.ONE_WIRE, d));
        maybe(row, "crimp_two_wire_mm").ifPresent(d -> crimp.put(HoseKind.TWO_WIRE, d));
        maybe(row, "crimp_four_spiral_mm").ifPresent(d -> crimp.put(HoseKind.FOUR_SPIRAL, d));
        return new HoseEndPart(
                row.need("part"),
                row.need("name"),
                Optional.of(row.word("attach", Attach.class)),
                Optional.of(row.need("series")),
                Optional.of(dash(row, "hose_dash")),
                new EndId(row.word("code", EndCode.class), row.need("size"), row.word("gender", Gender.class)),
                Seat.ofCode(row.need("seat")).orElseThrow(() -> row.broken("seat", "no such seat")),
                row.need("swivel").equals("yes"),
                Angle.ofDegrees(row.number("angle_deg")),
                row.length("cut_off_mm"),
                maybe(row, "drop_mm"),
                Optional.of(GaugePressure.ofBar(row.number("rating_bar"))),
                new ArrayList<>(row.list("hexes")),
                maybe(row, "insertion_mm"),
                maybe(row, "gap_mm"),
                crimp,
                row.source());
    }

    private static Optional<Length> maybe(Row row, String column) {
        return row.maybeNumber(column).map(Length::ofMm);
    }

    private static DashSize dash(Row row, String column) {
        return DashSize.read(row.need(column)).orElseThrow(() -> row.broken(column, "is no dash size"));
    }
}
