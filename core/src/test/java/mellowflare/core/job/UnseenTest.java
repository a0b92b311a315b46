package mellowflare.core.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import java.util.Optional;
import mellowflare.core.bag.BagAsk;
import mellowflare.core.bag.BagPart;
import mellowflare.core.bag.Find;
import mellowflare.core.bag.OwnFind;
import mellowflare.core.bag.Packed;
import mellowflare.core.bag.Unseen;
import mellowflare.core.broken.BrokenPartKind;
import mellowflare.core.broken.stock.StuckFluid;
import mellowflare.core.broken.stock.StuckMaterial;
import mellowflare.core.broken.stock.StuckState;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.identify.Observation;
import mellowflare.core.line.Kind;
import mellowflare.core.line.Port;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.tube.TubeLineKind;
import org.junit.jupiter.api.Test;

/** What nobody has seen of a job, and the bag that follows. */
class UnseenTest {
    private static final ReferenceData DATA = ShippedData.get();

    private static Job job() {
        return Job.open("j", "j", "", UnitSystem.METRIC);
    }

    private static Port looked(double mm) {
        return Port.unknown("pump")
                .withSeen(Observation.of(Gender.MALE).withDiameter(Optional.of(Length.ofMm(mm))), Map.of());
    }

    private static Unseen unseen(Job job) {
        return Evaluation.of(job, DATA).plan().unseen();
    }

    @Test
    void testOfANewJobNothingIsUnseenAndNothingPacked() {
        for (Kind<?, ?> kind : Kinds.ALL) {
            Evaluation e = Evaluation.of(job().withKind(kind), DATA);
            assertThat(e.packed().open()).as(kind.word()).isFalse();
        }
    }

    @Test
    void testAPortThatWasLookedAtAndNotTakenMayBeEachEndThatItMayBe() {
        Unseen one = unseen(job().withPort(LineEnd.A, looked(19.0)));
        assertThat(one.finds()).hasSizeGreaterThan(2);
        assertThat(one.finds().stream().mapToDouble(Find::weight).sum()).isCloseTo(100, within(1e-6));
        assertThat(one.finds().get(0).name()).startsWith("end A is ");
        assertThat(one.finds().get(one.finds().size() - 1).kits()).isEmpty();
        assertThat(one.parts()).isNotEmpty();
        assertThat(one.parts().stream().map(BagPart::id))
                .containsAll(one.finds().get(0).kits().get(0));
    }

    @Test
    void testAPortThatIsTakenIsSeen() {
        Port port = looked(19.0);
        Job looked = job().withPort(LineEnd.A, port);
        Job taken = looked.withPort(
                LineEnd.A,
                port.taken(
                        DATA.get(mellowflare.core.connection.EndTable.KEY).all().stream()
                                .filter(e -> e.gender() == Gender.MALE)
                                .findFirst()
                                .orElseThrow()
                                .id(),
                        Optional.empty()));
        assertThat(unseen(looked).finds()).isNotEmpty();
        assertThat(unseen(taken).finds()).isEmpty();
    }

    @Test
    void testBothPortsAreFoundTogether() {
        Job two = job().withPort(LineEnd.A, looked(19.0)).withPort(LineEnd.B, looked(13.6));
        Evaluation e = Evaluation.of(two, DATA);
        assertThat(e.packed().likeliest().get(0).name()).contains("end A is ").contains("end B is ");
        assertThat(e.packed().curve()).isNotEmpty();
    }

    /** No catalogue has tube nuts: the counterpart is named by what it is. */
    @Test
    void testATubesPortIsMetByItsCounterpart() {
        Unseen tube = unseen(job().withKind(TubeLineKind.TUBE).withPort(LineEnd.B, looked(15.9)));
        assertThat(tube.parts()).isNotEmpty().allMatch(p -> p.name().startsWith("counterpart: "));
    }

    @Test
    void testAStuckPartComesOutAtSomeRung() {
        Job stuck = job().withKind(BrokenPartKind.BROKEN)
                .change(
                        BrokenPartKind.BROKEN,
                        l -> l.with()
                                .state(Optional.of(StuckState.STUMP))
                                .size(Optional.of("3/4"))
                                .material(Optional.of(StuckMaterial.Id.STEEL))
                                .fluid(Optional.of(StuckFluid.Id.HEATING_WATER))
                                .build());
        Packed p = Evaluation.of(stuck, DATA).packed();
        double all = p.finds().stream().mapToDouble(p::share).sum();
        assertThat(all).isCloseTo(1, within(1e-9));
        assertThat(p.bag().orElseThrow().parts()).contains("new-part", "cap");
        // With every tool in the bag, and what cutting back needs, every rung can be gone to.
        assertThat(p.chance(p.curve().get(p.curve().size() - 1))).isCloseTo(1, within(1e-9));
    }

    @Test
    void testWhatTheFitterNamesIsPackedForEveryKind() {
        BagAsk ask = BagAsk.NONE.with(new OwnFind("flange behind the cover", 3, java.util.List.of("gasket")));
        for (Kind<?, ?> kind : Kinds.ALL) {
            Evaluation e = Evaluation.of(job().withKind(kind).withBag(ask), DATA);
            assertThat(e.packed().bag().orElseThrow().parts()).as(kind.word()).anyMatch(id -> id.contains("gasket"));
        }
    }
}
