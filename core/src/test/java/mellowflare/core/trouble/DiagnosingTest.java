package mellowflare.core.trouble;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import mellowflare.core.advice.Finding;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.Gender;
import mellowflare.core.fluid.FluidTable;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;
import mellowflare.core.job.ShippedData;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.parts.Attach;
import mellowflare.core.reference.ReferenceData;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;

/** Causes narrowed by hand, and what may be there at all. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class DiagnosingTest {
    private static final ReferenceData DATA = ShippedData.get();
    /** Loaded here, not taken from the data of the process: what loads it is looked at too. */
    private final TroubleTable table = TroubleTable.load();

    private final Diagnosing diagnosing = new Diagnosing(table);

    private static double share(Diagnosis d, String id) {
        return d.suspects().stream()
                .filter(s -> s.cause().id().equals(id))
                .mapToDouble(Diagnosis.Suspect::share)
                .findFirst()
                .orElse(0);
    }

    private static TroubleAsk at(What what, EndCode code, String size) {
        return TroubleAsk.of(what)
                .withJoint(DATA.get(EndTable.KEY).all().stream()
                        .filter(e -> e.id().code() == code && e.id().size().equals(size) && e.gender() == Gender.FEMALE)
                        .findFirst());
    }

    private Set<String> causes(TroubleAsk ask) {
        Set<String> all = new TreeSet<>();
        diagnosing.of(ask).suspects().forEach(s -> all.add(s.cause().id()));
        return all;
    }

    /** A valve has three causes, 5, 8 and 3 in 16. A chip is seen: 0.9 5/16 0.92, 0.9 8/16 0.03, 0.9 3/16 0.03 and 0.1 0.035. */
    @Test
    void testAChipInAValveByHand() {
        Diagnosis d = diagnosing.of(TroubleAsk.of(What.VALVE).withLook("chip", Optional.of(true)));
        double chip = 0.9 * 5 / 16 * 0.92;
        double all = chip + 0.9 * 8 / 16 * 0.03 + 0.9 * 3 / 16 * 0.03 + 0.1 * 0.035;
        assertThat(share(d, "valve-chip")).isCloseTo(chip / all, within(1e-9));
        assertThat(d.unknown()).isCloseTo(0.1 * 0.035 / all, within(1e-9));
        assertThat(d.named().orElseThrow().cause().id()).isEqualTo("valve-chip");
    }

    /** Not seen: 1 less 0.92; the answers that a row does not name share what it leaves. */
    @Test
    void testAnswersAndWhatWasNotSeenByHand() {
        Diagnosis d = diagnosing.of(TroubleAsk.of(What.VALVE)
                .withLook("chip", Optional.of(false))
                .withAnswer(SignGroup.FIRST, Optional.of("drain")));
        // outlet 0.9 of the chip leaves 0.1 for nine places, 0.92 of the others 0.08: both under the least of 1 in 100
        // but for the first.
        double chip = 0.9 * 5 / 16 * 0.08 * 0.1 / 9;
        double washer = 0.9 * 8 / 16 * 0.97 * 0.01;
        double seat = 0.9 * 3 / 16 * 0.97 * 0.01;
        double other = 0.1 * 0.965 / 10;
        double all = chip + washer + seat + other;
        assertThat(share(d, "valve-chip")).isCloseTo(chip / all, within(1e-9));
        assertThat(share(d, "valve-washer")).isCloseTo(washer / all, within(1e-9));
        assertThat(d.unknown()).isCloseTo(other / all, within(1e-9));
        assertThat(d.named()).isEmpty();
    }

    @Test
    void testSharesAddUpAndAreInOrder() {
        for (What what : What.values()) {
            Diagnosis d = diagnosing.of(TroubleAsk.of(what));
            double before = 1;
            double sum = d.unknown();
            for (Diagnosis.Suspect s : d.suspects()) {
                assertThat(s.share()).isLessThanOrEqualTo(before);
                before = s.share();
                sum += s.share();
            }
            assertThat(sum).isCloseTo(1, within(1e-9));
            assertThat(d.nextLook()).isPresent();
        }
    }

    /** The joint rules the others out; a ring boss has no flare and a flare no ring. */
    @Test
    void testTheJointAndTheFixingRuleOthersOut() {
        assertThat(causes(at(What.HOSE, EndCode.ORB, "-8")))
                .contains("ring-dry", "jam-nut", "rubbed", "crimp-die", "hose-crept")
                .doesNotContain("flare-short", "taper-split", "washer-reused", "permeation");
        assertThat(causes(at(What.TUBE, EndCode.JIC37, "-8")))
                .contains("flare-short", "seat-nicked")
                .doesNotContain("ring-dry", "taper-split", "rubbed");
        assertThat(causes(at(What.PIPE, EndCode.NPT, "1/2")))
                .contains("taper-split")
                .doesNotContain("flare-short");
        assertThat(causes(at(What.HOSE, EndCode.ORFS, "-8")))
                .contains("ring-lost")
                .doesNotContain("jam-nut");
        assertThat(causes(TroubleAsk.of(What.HOSE).withAttach(Optional.of(Attach.CRIMPED))))
                .contains("crimp-die")
                .doesNotContain("gap-wrong");
        assertThat(causes(TroubleAsk.of(What.HOSE).withAttach(Optional.of(Attach.BARB_CLAMP))))
                .doesNotContain("crimp-die", "gap-wrong");
        assertThat(causes(TroubleAsk.of(What.HOSE)
                        .withFluid(DATA.get(FluidTable.KEY).find("r134a"))))
                .contains("permeation");
        assertThat(causes(TroubleAsk.of(What.AIR)
                        .withFluid(DATA.get(FluidTable.KEY).find("r134a"))))
                .doesNotContain("permeation");
    }

    @Test
    void testFindingsFollowWhatLeaks() {
        String off = "Let the pressure off and prove zero before anything is tightened or opened. ";
        assertThat(says(TroubleAsk.of(What.VALVE))).isEqualTo(off);
        for (What what : What.values()) {
            assertThat(says(TroubleAsk.of(what))).contains(off);
        }
        assertThat(says(TroubleAsk.of(What.HOSE)
                        .withFluid(DATA.get(FluidTable.KEY).find("r134a"))))
                .contains("Only a certified person opens a refrigerant circuit.");
        assertThat(says(TroubleAsk.of(What.HOSE))).doesNotContain("certified");
        assertThat(says(TroubleAsk.of(What.HOSE))).contains("Never feel for a leak by hand.");
        assertThat(says(TroubleAsk.of(What.GAS))).startsWith("Never look for a gas leak with a flame.");
        assertThat(says(TroubleAsk.of(What.TUBE)
                        .withFluid(DATA.get(FluidTable.KEY).find("lpg"))))
                .startsWith("Never look for a gas leak with a flame.");
        assertThat(says(at(What.TUBE, EndCode.JIC37, "-8"))).contains("never flare it again");
        assertThat(says(at(What.HOSE, EndCode.ORB, "-8"))).doesNotContain("never flare it again");
        TroubleAsk odd = TroubleAsk.of(What.VALVE).withAnswer(SignGroup.FIRST, Optional.of("cone"));
        for (String s : List.of("chip", "washer-worn", "seat-cut")) {
            odd = odd.withLook(s, Optional.of(false));
        }
        assertThat(says(odd)).contains("None of the known causes fits well");
    }

    private String says(TroubleAsk ask) {
        StringBuilder all = new StringBuilder();
        for (Finding f : diagnosing.of(ask).findings()) {
            all.append(f.says(UnitSystem.METRIC)).append(' ');
        }
        return all.toString();
    }

    @Test
    void testWordsOfNoTableAndContradictionsAreRefused() {
        assertThatThrownBy(() -> diagnosing.of(TroubleAsk.of(What.HOSE).withLook("ghost", Optional.of(true))))
                .isInstanceOf(IllegalArgumentException.class);
        TroubleAsk seen = TroubleAsk.of(What.HOSE).withLook("chip", Optional.of(true));
        assertThatThrownBy(() -> new TroubleAsk(
                        What.HOSE,
                        seen.joint(),
                        seen.attach(),
                        seen.fluid(),
                        seen.answers(),
                        Set.of("chip"),
                        Set.of("chip"),
                        Set.of()))
                .isInstanceOf(IllegalArgumentException.class);
    }

    /** The look that tells most is asked first, and nothing that was looked for is asked again. */
    @Test
    void testALookIsAskedOnce() {
        TroubleAsk ask = TroubleAsk.of(What.AIR);
        Set<String> asked = new TreeSet<>();
        for (int i = 0; i < 30; i++) {
            Optional<Diagnosis.NextLook> next = diagnosing.of(ask).nextLook();
            if (next.isEmpty()) {
                break;
            }
            assertThat(asked.add(next.get().sign().id())).isTrue();
            ask = ask.withLook(next.get().sign().id(), Optional.of(false));
        }
        assertThat(asked).hasSizeGreaterThan(3);
    }

    @Test
    void testEveryCauseIsReachedByAnsweringForIt() {
        for (Cause c : table.causes()) {
            assertThat(c.look()).as(c.id()).endsWith(".");
            assertThat(c.redo()).as(c.id()).endsWith(".");
            assertThat(c.likely().keySet().stream()
                            .filter(s -> table.sign(s).orElseThrow().group() == SignGroup.SEEN))
                    .as(c.id())
                    .isNotEmpty();
        }
    }

    /** The bars stand in order, are as long as their shares, and the last is what is in no table. */
    @Test
    void testBarsAreAsLongAsTheirShares() {
        Diagnosis d = diagnosing.of(TroubleAsk.of(What.VALVE).withLook("chip", Optional.of(true)));
        Drawing plot = CausePlot.of(d, UnitSystem.METRIC);
        List<Double> long_ = plot.shapes().stream()
                .filter(s -> s instanceof Shape.Path p && p.closed())
                .map(s -> ((Shape.Path) s).points())
                .map(at -> at.stream().mapToDouble(Point::x).max().orElseThrow())
                .toList();
        assertThat(long_).hasSize(4);
        assertThat(long_.get(0)).isCloseTo(240 * d.suspects().get(0).share(), within(1e-9));
        assertThat(long_.get(3)).isCloseTo(240 * d.unknown(), within(1e-9));
        List<String> names = plot.shapes().stream()
                .filter(s -> s instanceof Shape.Label)
                .map(s -> ((Shape.Label) s).text())
                .toList();
        assertThat(names.get(0)).isEqualTo("a chip under the washer");
        assertThat(names).contains("something else");
    }

    /** Chances of a row stand as they are written; each question's add up to one at most. */
    @Test
    void testARowIsReadAsItIsWritten() {
        Cause rolled = table.causes().get(0);
        assertThat(rolled.id()).isEqualTo("ring-dry");
        assertThat(rolled.needs()).containsExactly(Family.BOSS);
        assertThat(rolled.likely())
                .containsEntry("pressure", 0.65)
                .containsEntry("ring-rolled", 0.75)
                .containsEntry("reopened", 0.35)
                .hasSize(8);
        assertThat(rolled.verdict()).isEqualTo(Verdict.RE_MAKE);
        assertThat(rolled.verdict().code()).isEqualTo("re-make");
        assertThat(rolled.uses()).isEqualTo(Cause.Uses.NOTHING);
        assertThat(rolled.parts()).containsExactly("ring");
        assertThat(table.causes()).hasSize(56);
        assertThat(table.signs()).hasSize(77);
        for (Cause c : table.causes()) {
            for (SignGroup g : SignGroup.values()) {
                double sum = table.of(g).stream()
                        .mapToDouble(s -> c.likely().getOrDefault(s.id(), 0.0))
                        .sum();
                assertThat(g == SignGroup.SEEN || sum <= 1 + 1e-9)
                        .as(c.id() + " " + g)
                        .isTrue();
            }
        }
        assertThat(What.VALVE.code()).isEqualTo("valve");
    }

    /** Found again and again here, a cause is likelier here; nothing said of others makes them impossible. */
    @Test
    void testWhatThisShopFoundShiftsTheChances() {
        Diagnosing diagnosing = new Diagnosing(TroubleTable.load());
        TroubleAsk ask = TroubleAsk.of(What.VALVE);
        Diagnosis before = diagnosing.of(ask);
        Cause last = before.suspects().get(before.suspects().size() - 1).cause();
        Diagnosis after = diagnosing.of(ask, ShopCauses.of(Collections.nCopies(200, last.id())));
        assertThat(after.suspects().get(0).cause()).isEqualTo(last);
        assertThat(after.suspects()).hasSameSizeAs(before.suspects()).allMatch(x -> x.share() > 0);
        assertThat(after.unknown()).isEqualTo(before.unknown(), within(1e-9));
        // By hand: 50 findings by the tables and 200 here; of the tables' share p it is (50 p + 200) / 250.
        double p = before.suspects().get(before.suspects().size() - 1).share() / (1 - before.unknown());
        double now = after.suspects().get(0).share() / (1 - after.unknown());
        assertThat(now).isEqualTo((50 * p + 200) / 250, within(1e-9));
        assertThat(diagnosing.of(ask, ShopCauses.of(List.of("no-such-cause"))).suspects())
                .isEqualTo(before.suspects());
    }
}
