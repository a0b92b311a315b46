package mellowflare.core.tube.end;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import mellowflare.core.Samples;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.EndTable;
import mellowflare.core.fluid.FluidGroup;
import mellowflare.core.fluid.FluidTable;
import mellowflare.core.measure.Length;
import mellowflare.core.tube.stock.TubeMaterials;
import org.junit.jupiter.api.Test;

class EndKindsTest {
    private static final EndKinds KINDS = EndKinds.load();
    private static final TubeMaterials MATERIALS = TubeMaterials.load();

    private static mellowflare.core.fluid.Fluid fluid(String id) {
        return mellowflare.core.Samples.DATA
                .get(mellowflare.core.fluid.FluidTable.KEY)
                .find(id)
                .orElseThrow();
    }

    @Test
    void aluminiumNeverCarriesMethanolAndIsWarnedOfEthanol() {
        for (String aluminium : new String[] {"aluminium-5052", "aluminium-3003", "aluminium-6061"}) {
            var tube = MATERIALS.find(aluminium).orElseThrow();
            assertThat(KINDS.use(tube, fluid("methanol")).orElseThrow().verdict())
                    .isEqualTo(Verdict.NEVER);
            assertThat(KINDS.use(tube, fluid("petrol-ethanol")).orElseThrow().verdict())
                    .isEqualTo(Verdict.WARN);
        }
        assertThat(KINDS.use(MATERIALS.find("aluminium-5052").orElseThrow(), fluid("petrol"))
                        .orElseThrow()
                        .verdict())
                .isEqualTo(Verdict.USUAL);
    }

    @Test
    void everyKindHasItsRowAndNeverWhatItIsMadeFor() {
        for (TubeEndKind kind : TubeEndKind.values()) {
            EndTraits t = KINDS.of(kind);
            assertThat(java.util.Collections.disjoint(t.codes(), t.never()))
                    .as(kind.code())
                    .isTrue();
            assertThat(t.flared()).isEqualTo(t.halfAngle().degrees() > 12);
        }
        assertThat(KINDS.all()).hasSize(TubeEndKind.values().length);
    }

    /** The half angle of a flare is that of the seat it is made for. */
    @Test
    void conesMatchTheSeats() {
        EndTable ends = Samples.DATA.get(EndTable.KEY);
        for (EndTraits t : KINDS.all()) {
            if (t.made() != EndTraits.Made.FLARED || t.kind() == TubeEndKind.DOUBLE45) {
                continue;
            }
            EndCode code = t.codes().get(0);
            double seat = ends.all().stream()
                    .filter(e -> e.id().code() == code)
                    .flatMap(e -> e.seats().stream())
                    .flatMap(s -> s.halfAngleDegrees().stream())
                    .findFirst()
                    .orElseThrow();
            assertThat(t.halfAngle().degrees()).as(t.name()).isEqualTo(seat);
        }
    }

    @Test
    void whatMustNeverBe() {
        for (TubeEndKind k : new TubeEndKind[] {
            TubeEndKind.COMPRESSION,
            TubeEndKind.SINGLE45,
            TubeEndKind.REFRIGERATION45,
            TubeEndKind.CUTTING_RING,
            TubeEndKind.SWAGE
        }) {
            assertThat(KINDS.use(k, FluidGroup.BRAKE).orElseThrow().verdict())
                    .as(k.code())
                    .isEqualTo(Verdict.NEVER);
        }
        for (String copper : new String[] {"copper-annealed", "copper-hard", "copper-r220"}) {
            assertThat(KINDS.use(MATERIALS.find(copper).orElseThrow(), fluid("brake-fluid"))
                            .orElseThrow()
                            .verdict())
                    .isEqualTo(Verdict.NEVER);
        }
        assertThat(KINDS.use(TubeEndKind.DOUBLE45, FluidGroup.BRAKE)
                        .orElseThrow()
                        .verdict())
                .isEqualTo(Verdict.USUAL);
        assertThat(KINDS.of(TubeEndKind.SINGLE37).never()).contains(EndCode.SAE45);
        assertThat(KINDS.of(TubeEndKind.BUBBLE).never()).contains(EndCode.INVFLARE);
    }

    @Test
    void theBestSuitedKindStandsFirst() {
        assertThat(KINDS.madeFor(EndCode.SAE45, Optional.of(FluidGroup.REFRIGERANT))
                        .get(0)
                        .kind())
                .isEqualTo(TubeEndKind.REFRIGERATION45);
        assertThat(KINDS.madeFor(EndCode.SAE45, Optional.of(FluidGroup.GAS))
                        .get(0)
                        .kind())
                .isEqualTo(TubeEndKind.SINGLE45);
        assertThat(KINDS.madeFor(EndCode.BUBBLE, Optional.empty())).hasSize(1);
        assertThat(KINDS.madeFor(EndCode.GHT, Optional.empty())).isEmpty();
    }

    @Test
    void nutsAndSocketsGrowWithTheTube() {
        double before = 0;
        for (double od = 4; od < 30; od += 2) {
            NutSize n = KINDS.nut(TubeEndKind.SINGLE37, Length.ofMm(od)).orElseThrow();
            assertThat(n.hex().mm()).isGreaterThan(before);
            assertThat(n.together().mm()).isEqualTo(n.length().mm() + n.sleeve().mm());
            before = n.hex().mm();
        }
        // A quarter inch 37 degree nut is 9/16 across the flats.
        assertThat(KINDS.nut(TubeEndKind.SINGLE37, Length.ofMm(6.35))
                        .orElseThrow()
                        .hex()
                        .mm())
                .isCloseTo(25.4 * 9 / 16, within(0.4));
        assertThat(KINDS.nut(TubeEndKind.SWAGE, Length.ofMm(10))).isEmpty();
        assertThat(KINDS.socket(Length.ofMm(9.52)).orElseThrow().depth().mm()).isEqualTo(7);
        assertThat(KINDS.socket(Length.ofMm(60))).isEmpty();
    }

    /** Every tabled flare passes the thread of the part it is for and is wider than its tube; JIS bands are 0.4 wide, the 37 degree ones a hundredth of an inch. */
    @Test
    void tabledFlaresPassTheirThread() {
        FlareBands bands = FlareBands.load();
        EndTable ends = Samples.DATA.get(EndTable.KEY);
        int seen = 0;
        for (TubeEndKind kind :
                new TubeEndKind[] {TubeEndKind.REFRIGERATION45, TubeEndKind.SINGLE37, TubeEndKind.BUBBLE}) {
            EndTraits t = KINDS.of(kind);
            for (var e : ends.all()) {
                if (!t.codes().contains(e.id().code())
                        || e.tube().isEmpty()
                        || e.thread().isEmpty()) {
                    continue;
                }
                for (String fluid : new String[] {"r410a", "r134a"}) {
                    Optional<FlareBand> band = bands.of(
                            t, e.tube().get(), Optional.of(fluid), Optional.of(e.id().code()), Optional.empty());
                    if (band.isPresent()) {
                        seen++;
                        Length bore = e.thread().get().femaleCrest().low();
                        assertThat(band.get().high()).as(e.id() + " " + fluid).isLessThan(bore);
                        assertThat(band.get().low()).isGreaterThan(e.tube().get());
                        double wide = band.get().high().mm() - band.get().low().mm();
                        if (kind == TubeEndKind.REFRIGERATION45) {
                            assertThat(wide).isCloseTo(0.4, within(1e-9));
                        } else if (kind == TubeEndKind.SINGLE37) {
                            boolean aviation = e.id().code() == EndCode.AN37;
                            assertThat(wide).isBetween(aviation ? 0.24 : 0.5, aviation ? 0.27 : 0.77);
                        }
                    }
                }
            }
        }
        assertThat(seen).isGreaterThan(30);
    }

    @Test
    void refrigerantsWithoutAClassAreNotGuessed() {
        FlareBands bands = FlareBands.load();
        Samples.DATA.get(FluidTable.KEY).all().stream()
                .filter(f -> f.group() != FluidGroup.REFRIGERANT)
                .forEach(f -> assertThat(bands.classOf(f.id())).isEmpty());
        assertThat(bands.of(
                        KINDS.of(TubeEndKind.REFRIGERATION45),
                        Length.ofMm(6.35),
                        Optional.of("diesel"),
                        Optional.empty(),
                        Optional.empty()))
                .isEmpty();
    }
}
