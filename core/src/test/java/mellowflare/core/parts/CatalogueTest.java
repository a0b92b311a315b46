package mellowflare.core.parts;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import mellowflare.core.Samples;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.Gender;
import mellowflare.core.measure.Length;
import mellowflare.core.size.DashSize;
import org.junit.jupiter.api.Test;

class CatalogueTest {
    private static final EndTable ENDS = Samples.DATA.get(EndTable.KEY);
    private final Catalogue catalogue = Samples.DATA.get(Catalogue.KEY);

    @Test
    void testEveryHoseEndOffersAnEndOfTheTablesWithOneOfItsSeats() {
        EndTable ends = Samples.DATA.get(EndTable.KEY);
        for (HoseEndPart part : catalogue.hoseEnds()) {
            assertThat(ends.find(part.end()))
                    .as(part.part())
                    .hasValueSatisfying(e -> assertThat(e.seats()).contains(part.seat()));
            boolean whole = part.attach().orElseThrow() == Attach.FACTORY;
            assertThat(part.cutOff().compareTo(Length.ZERO) > 0).as(part.part()).isEqualTo(!whole);
            assertThat(part.elbow()).isEqualTo(part.drop().isPresent());
            assertThat(part.attach().orElseThrow() == Attach.REUSABLE
                            || part.attach().orElseThrow() == Attach.BRAID_REUSABLE)
                    .as(part.part())
                    .isEqualTo(part.gap().isPresent());
        }
    }

    @Test
    void testHoseFiguresAreOfOnePiece() {
        for (HosePart hose : catalogue.hoses()) {
            assertThat(hose.bore()).as(hose.part()).isLessThan(hose.outside());
            assertThat(hose.centreLineBendRadius()).isGreaterThan(hose.bendRadius());
            assertThat(hose.coldest()).isLessThan(hose.hottest());
        }
        for (HoseKind kind : HoseKind.values()) {
            var sizes = catalogue.hoses().stream()
                    .filter(h -> h.kind() == kind && !h.part().endsWith("N"))
                    .toList();
            for (int i = 1; i < sizes.size(); i++) {
                assertThat(sizes.get(i).working())
                        .isLessThanOrEqualTo(sizes.get(i - 1).working());
                assertThat(sizes.get(i).bendRadius())
                        .isGreaterThan(sizes.get(i - 1).bendRadius());
            }
        }
    }

    @Test
    void testEndsForAPortAreOfTheHoseAndStraightSwivelsComeFirst() {
        HosePart hose = catalogue.hose(HoseKind.TWO_WIRE, new DashSize(8)).orElseThrow();
        var offers = catalogue.endsFor(port(EndCode.JIC37, "-8"), Optional.of(hose), ENDS);
        assertThat(offers)
                .extracting(HoseEndPart::part)
                .containsExactly("KC08-J08F", "KR08-J08F", "KC08-J08F45", "KC08-J08F90");
        assertThat(catalogue.endsFor(port(EndCode.JIC37, "-8"), Optional.empty(), ENDS))
                .hasSizeGreaterThan(offers.size());
    }

    @Test
    void testDashIsALabelThatReadsBothWays() {
        assertThat(DashSize.read("-8")).contains(new DashSize(8));
        assertThat(DashSize.read("8")).contains(new DashSize(8));
        assertThat(DashSize.read("-0")).isEmpty();
        assertThat(DashSize.read("-99")).isEmpty();
        assertThat(DashSize.read("eight")).isEmpty();
        assertThat(new DashSize(6).tubeOutside()).isEqualTo(Length.ofInches(0.375));
    }

    private static End port(EndCode code, String size) {
        return Samples.DATA
                .get(EndTable.KEY)
                .find(Samples.id(code, size, Gender.MALE))
                .or(() -> Samples.DATA.get(EndTable.KEY).find(Samples.id(code, size, Gender.FEMALE)))
                .orElseThrow();
    }

    @Test
    void testAPortMadeForATaperMaleIsOfferedTaperEnds() {
        assertThat(catalogue.endsFor(port(EndCode.RP, "1/2"), Optional.empty(), ENDS))
                .isNotEmpty()
                .allMatch(e -> e.end().code() == EndCode.BSPT && e.end().gender() == Gender.MALE);
    }

    /** ISO 8434-2: steel 37 degree ends bear less the larger they are; no part stands above its end. */
    @Test
    void testNoPartIsRatedAboveIts37DegreeEnd() throws Exception {
        java.util.Map<String, Double> most = new java.util.HashMap<>();
        try (var in = CatalogueTest.class.getResourceAsStream("/mellowflare/core/connection/ratings37.csv")) {
            mellowflare.core.reference.CsvTable.fromText(
                            "ratings37.csv", new String(in.readAllBytes(), java.nio.charset.StandardCharsets.UTF_8))
                    .rows()
                    .forEach(r -> most.put(r.need("size"), r.number("bar")));
        }
        for (HoseEndPart e : catalogue.hoseEnds()) {
            if (e.end().code() == EndCode.JIC37 && most.containsKey(e.end().size())) {
                assertThat(e.rating().orElseThrow().bar())
                        .as(e.part())
                        .isLessThanOrEqualTo(most.get(e.end().size()));
            }
        }
        for (AdapterPart a : Samples.DATA.get(AdapterTable.KEY).all()) {
            for (var end : java.util.List.of(a.a(), a.b())) {
                if (end.code() == EndCode.JIC37 && most.containsKey(end.size())) {
                    assertThat(a.rating().bar()).as(a.part()).isLessThanOrEqualTo(most.get(end.size()));
                }
            }
        }
    }
}
