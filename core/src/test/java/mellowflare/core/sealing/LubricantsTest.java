package mellowflare.core.sealing;

import static mellowflare.core.Samples.DATA;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.core.advice.Method;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.advice.Methods;
import mellowflare.core.advice.Practice;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.Seat;
import mellowflare.core.fluid.Fluid;
import mellowflare.core.fluid.FluidGroup;
import mellowflare.core.fluid.FluidTable;
import mellowflare.core.material.Compatibility;
import org.junit.jupiter.api.Test;

class LubricantsTest {
    private static final Lubricants TABLE = DATA.get(Lubricants.KEY);

    private static List<Optional<Fluid>> fluids() {
        List<Optional<Fluid>> all = new ArrayList<>(
                DATA.get(FluidTable.KEY).all().stream().map(Optional::of).toList());
        all.add(Optional.empty());
        return all;
    }

    private static List<Practice> methods() {
        return DATA.get(Methods.KEY).of(MethodTopic.ASSEMBLY_LUBRICANT).stream()
                .map(Method::id)
                .map(m -> Practice.USUAL.with(MethodTopic.ASSEMBLY_LUBRICANT, m))
                .toList();
    }

    private static Lubricant of(LubricantPlace place, String fluid) {
        return TABLE.of(place, DATA.get(FluidTable.KEY).find(fluid), Practice.USUAL);
    }

    @Test
    void testEveryPlaceFluidAndMethodHasOneWholeSentence() {
        for (LubricantPlace place : LubricantPlace.values()) {
            for (Optional<Fluid> fluid : fluids()) {
                for (Practice method : methods()) {
                    String text = TABLE.of(place, fluid, method).text();
                    assertThat(text)
                            .as(place + " " + fluid)
                            .matches("(?s)[A-Z].*\\.")
                            .doesNotContain("{")
                            .doesNotContain("drop of nothing")
                            .doesNotContain("system fluid");
                }
            }
        }
    }

    @Test
    void testNothingOilyEverGoesOnAnOxidiserOrOnGasOrIntoDrinkingWater() {
        for (LubricantPlace place : LubricantPlace.values()) {
            for (Optional<Fluid> fluid : fluids()) {
                FluidGroup group = fluid.map(Fluid::group).orElse(FluidGroup.OIL);
                for (Practice method : methods()) {
                    Lubricant.Substance substance =
                            TABLE.of(place, fluid, method).substance();
                    if (group == FluidGroup.OXIDISER) {
                        assertThat(substance)
                                .as(place.toString())
                                .isIn(Lubricant.Substance.DRY, Lubricant.Substance.LISTED);
                    }
                    if (List.of(FluidGroup.GAS, FluidGroup.DRINKING, FluidGroup.WATER)
                            .contains(group)) {
                        assertThat(substance.mineral()).as(place + " " + fluid).isFalse();
                    }
                    // The fluid itself wets a joint only where it is an oil or meant to wet: never petrol, gas,
                    // oxidiser.
                    if (substance == Lubricant.Substance.FLUID) {
                        assertThat(group)
                                .as(place + " " + fluid)
                                .isIn(FluidGroup.OIL, FluidGroup.ESTER, FluidGroup.BRAKE, FluidGroup.WATER);
                    }
                    if (group == FluidGroup.REFRIGERANT || group == FluidGroup.BRAKE) {
                        assertThat(substance)
                                .as(place + " " + fluid)
                                .isNotIn(
                                        Lubricant.Substance.WATER,
                                        Lubricant.Substance.SOAP,
                                        Lubricant.Substance.GREASE,
                                        Lubricant.Substance.LIGHT_OIL);
                    }
                }
            }
        }
    }

    @Test
    void testMineralOilNeverWetsARingThatItSwells() {
        Compatibility rubber = DATA.get(Compatibility.KEY);
        for (Optional<Fluid> fluid : fluids()) {
            Optional<String> ring = fluid.flatMap(f -> rubber.sealFor(f.id()));
            if (ring.filter("EPDM"::equals).isPresent()) {
                assertThat(TABLE.of(LubricantPlace.RING, fluid, Practice.USUAL)
                                .substance()
                                .mineral())
                        .as(fluid.orElseThrow().id())
                        .isFalse();
            }
        }
        assertThat(rubber.sealFor("methanol")).contains("EPDM");
    }

    @Test
    void testFuelTakesLightEngineOilAndNeverTheFuel() {
        for (String fuel : List.of("petrol", "petrol-ethanol", "methanol", "diesel")) {
            assertThat(of(LubricantPlace.HOSE_END, fuel).text()).contains("light engine oil");
        }
    }

    @Test
    void testEveryJointOnAnOxidiserIsDryOrTakesWhatIsListed() {
        Optional<Fluid> fluid = DATA.get(FluidTable.KEY).find("nitrous-oxide");
        for (End end : DATA.get(EndTable.KEY).all()) {
            for (Seat seat : end.seats()) {
                for (Practice method : methods()) {
                    SealAdvice a = DATA.get(Sealing.KEY)
                            .advise(end, seat, fluid, method, DATA)
                            .orElseThrow();
                    assertThat(a.lubricant()).as(end.brief()).matches("(None|Dry|Push it on dry).*");
                    assertThat(String.join(" ", a.putOn()))
                            .as(end.brief())
                            .doesNotContain("grease")
                            .doesNotContain("oil ");
                }
            }
        }
    }

    @Test
    void testNoJointOfAnyKindSpeaksOfSystemFluid() {
        for (End end : DATA.get(EndTable.KEY).all()) {
            for (Seat seat : end.seats()) {
                for (Optional<Fluid> fluid : fluids()) {
                    SealAdvice a = DATA.get(Sealing.KEY)
                            .advise(end, seat, fluid, Practice.USUAL, DATA)
                            .orElseThrow();
                    assertThat(a.lubricant())
                            .as(end.brief() + " " + fluid)
                            .doesNotContainIgnoringCase("system fluid")
                            .doesNotContain("{");
                }
            }
        }
    }
}
