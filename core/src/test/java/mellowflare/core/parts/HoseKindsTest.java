package mellowflare.core.parts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import mellowflare.core.Samples;
import mellowflare.core.advice.Method;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.advice.Methods;
import mellowflare.core.fluid.FluidGroup;
import mellowflare.core.measure.Temperature;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class HoseKindsTest {
    private final HoseKinds kinds = HoseKinds.load();
    private final Catalogue catalogue = Samples.DATA.get(Catalogue.KEY);

    @ParameterizedTest
    @EnumSource(HoseKind.class)
    void testEveryKindIsInTheCatalogueWithEndsOfItsSeriesAndWay(HoseKind kind) {
        HoseKinds.Traits traits = kinds.of(kind);
        assertThat(traits.groups()).isNotEmpty();
        assertThat(catalogue.hoses(kind)).isNotEmpty().allSatisfy(h -> {
            assertThat(h.whole()).isEqualTo(traits.whole());
            assertThat(catalogue.hoseEnds().stream()
                            .filter(e -> e.series().orElseThrow().equals(h.series()))
                            .filter(e -> e.hoseDash().orElseThrow().equals(h.dash())))
                    .as(h.part())
                    .isNotEmpty()
                    .anyMatch(e -> traits.attach().contains(e.attach().orElseThrow()));
        });
        assertThat(traits.cutting().isEmpty()).isEqualTo(traits.whole());
    }

    @ParameterizedTest
    @EnumSource(FluidGroup.class)
    void testEveryKindOfFluidHasAHoseMadeForIt(FluidGroup group) {
        assertThat(kinds.madeFor(group)).isNotEmpty();
    }

    @Test
    void testWaysOfCuttingAreSchoolsOrTheHoseCutter() {
        var methods = Samples.DATA.get(Methods.KEY).of(MethodTopic.HOSE_CUTTING).stream()
                .map(Method::id)
                .toList();
        for (HoseKind kind : HoseKind.values()) {
            assertThat(kinds.of(kind).cutting()).allMatch(w -> methods.contains(w) || w.equals("knife"));
        }
    }

    @Test
    void testHeatTakesPressureFromSomeKinds() {
        assertThat(kinds.share(HoseKind.TWO_WIRE, Temperature.ofCelsius(100))).isEqualTo(1);
        assertThat(kinds.share(HoseKind.AIR_TUBE, Temperature.ofCelsius(10))).isEqualTo(1);
        assertThat(kinds.share(HoseKind.AIR_TUBE, Temperature.ofCelsius(30))).isCloseTo(0.86, within(1e-9));
        assertThat(kinds.share(HoseKind.AIR_TUBE, Temperature.ofCelsius(60))).isEqualTo(0.57);
        assertThat(kinds.share(HoseKind.AIR_TUBE, Temperature.ofCelsius(200))).isEqualTo(0.43);
        // Halfway between 93 C (1.00) and 149 C (0.87).
        assertThat(kinds.share(HoseKind.PTFE_BRAID, Temperature.ofCelsius(121))).isCloseTo(0.935, within(1e-9));
    }

    @Test
    void testBoreIsByFamilyNotBySixteenths() {
        assertThat(catalogue.hose("KH2-08").orElseThrow().bore().mm()).isEqualTo(12.7);
        assertThat(catalogue.hose("KHP-08").orElseThrow().bore().mm()).isEqualTo(10.3);
        assertThat(catalogue.hose("KHB-08").orElseThrow().bore().mm()).isEqualTo(10.3);
        assertThat(catalogue.hose("KHF-08").orElseThrow().bore().mm()).isEqualTo(11.1);
    }

    @Test
    void testEveryCollarOfAnEndStandsInTheCatalogueAndFitsItsHose() {
        for (HoseEndPart e : catalogue.hoseEnds()) {
            e.ferrule().ifPresent(number -> {
                Ferrule ferrule = catalogue.ferrule(number).orElseThrow();
                assertThat(catalogue.hoses().stream()
                                .filter(h -> h.series().equals(e.series().orElseThrow())
                                        && h.dash().equals(e.hoseDash().orElseThrow())))
                        .as(e.part())
                        .allMatch(h -> ferrule.outside().holds(h.outside()));
                assertThat(ferrule.die().isEmpty()).isEqualTo(ferrule.form() != Ferrule.Form.FERRULE);
            });
            if (e.attach().orElseThrow().pressed()) {
                assertThat(e.ferrule()).as(e.part()).isPresent();
                assertThat(e.crimp()).as(e.part()).isNotEmpty();
            }
        }
    }

    @Test
    void testEveryWayOfFixingSaysWhereTheHoseButtsAndWhatToLookAt() {
        Attachments attachments = Samples.DATA.get(Attachments.KEY);
        for (Attach a : Attach.values()) {
            assertThat(attachments.of(a).butts()).isNotBlank();
            assertThat(attachments.of(a).inspect()).isNotBlank();
            assertThat(attachments.of(a).press()).isEqualTo(a.pressed());
        }
    }
}
