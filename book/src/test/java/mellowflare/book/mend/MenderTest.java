package mellowflare.book.mend;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import mellowflare.book.Jobs;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.State;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.hose.HoseLineKind;
import mellowflare.core.hose.line.HoseEndPick;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.line.Kind;
import mellowflare.core.line.Line;
import mellowflare.core.line.Mending;
import mellowflare.core.line.Plan;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.mend.Mend;
import mellowflare.core.mend.Mender;
import org.junit.jupiter.api.Test;

class MenderTest {
    /** -Dmend.variants=200 for all of docs/benchmarks.md. */
    private static final int USUAL = 8;

    private static final int VARIANTS = Integer.getInteger("mend.variants", USUAL);
    private static final int FEW = 30;

    private static List<Mend> ways(Evaluation e) {
        return new Mender(e, () -> false, m -> {}).ways();
    }

    private static Evaluation demo(String id) {
        Job job =
                Jobs.demo().stream().filter(j -> j.id().equals(id)).findFirst().orElseThrow();
        return Evaluation.of(job, Jobs.DATA);
    }

    @Test
    void testAHoseTooWeakIsReplacedByOneThatIsNot() {
        Evaluation slew = demo("demo-slew-hose");
        Job strong = slew.job().withService(slew.job().service().withWorking(Optional.of(GaugePressure.ofBar(250))));
        Evaluation broken = Evaluation.of(strong, Jobs.DATA);
        assertThat(broken.stops()).isPositive();
        List<Mend> ways = ways(broken);
        assertThat(ways).isNotEmpty();
        Mend first = ways.get(0);
        assertThat(first.changes()).hasSize(1);
        assertThat(first.after().stops()).isZero();
        // What the line must do is never changed.
        assertThat(first.after().job().service()).isEqualTo(strong.service());
        assertThat(first.after().job().ports()).isEqualTo(strong.ports());
        assertThat(first.left())
                .as("no warning is hidden")
                .isEqualTo(first.after().findings().stream()
                        .filter(f -> f.state() == State.FAIL && f.severity() == Severity.WARN)
                        .toList());
    }

    @Test
    void testALineOfWhichNothingIsRightIsBuiltAnewFromTheShelf() {
        Job slew = demo("demo-slew-hose").job();
        Job wrong = slew.change(
                HoseLineKind.HOSE,
                l -> l.withHose(Optional.of("KHU-24"))
                        .withEnd(LineEnd.A, HoseEndPick.of("KR16-N1M"))
                        .withEnd(LineEnd.B, HoseEndPick.of("KC04-J06F")));
        List<Mend> ways = ways(Evaluation.of(wrong, Jobs.DATA));
        assertThat(ways).isNotEmpty();
        assertThat(ways.get(0).changes())
                .singleElement()
                .satisfies(c -> assertThat(c).startsWith("All anew from the shelf: two-wire hose -8"));
        assertThat(ways.get(0).after().stops()).isZero();
        assertThat(ways.get(0).lacks()).describedAs("all of it lies there").isZero();
    }

    @Test
    void testALineThatNothingStopsIsNotMended() {
        assertThat(ways(demo("demo-slew-hose"))).isEmpty();
    }

    @Test
    void testGivenUpItGivesWhatItHas() {
        Evaluation slew = demo("demo-slew-hose");
        Evaluation broken = Evaluation.of(
                slew.job().withService(slew.job().service().withWorking(Optional.of(GaugePressure.ofBar(250)))),
                Jobs.DATA);
        AtomicInteger asked = new AtomicInteger();
        List<Mend> told = new ArrayList<>();
        new Mender(broken, () -> asked.incrementAndGet() > 5, told::add).ways();
        assertThat(asked.get()).isLessThan(30);
        List<Mend> all = new ArrayList<>();
        new Mender(broken, () -> false, all::add).ways();
        assertThat(all).isNotEmpty();
    }

    /** Whenever any pair of changes makes a sound line, a way is found: all pairs are tried where the search found none. */
    @Test
    void testAWayIsFoundWheneverThereIsOne() {
        int mended = 0;
        int hopeless = 0;
        int unproven = 0;
        List<String> missed = new ArrayList<>();
        long slowest = 0;
        for (Evaluation broken : BrokenVariants.of(VARIANTS, 22)) {
            long from = System.nanoTime();
            long[] first = {0};
            List<Mend> ways = new Mender(
                            broken, () -> false, m -> first[0] = first[0] == 0 ? System.nanoTime() : first[0])
                    .ways();
            if (!ways.isEmpty()) {
                mended++;
                slowest = Math.max(slowest, first[0] - from);
                assertThat(ways).allMatch(w -> w.after().stops() == 0);
            } else if (!few(broken.job().kind(), broken)) {
                unproven++;
            } else if (pair(broken.job().kind(), broken)) {
                missed.add(broken.job().id());
            } else {
                hopeless++;
            }
        }
        System.out.printf(
                "mend: %d variants, %d mended, %d that no pair mends, %d not tried by pairs, %d missed, slowest first answer %d ms%n",
                VARIANTS, mended, hopeless, unproven, missed.size(), slowest / 1_000_000);
        assertThat(missed).isEmpty();
        assertThat(mended).isGreaterThan(VARIANTS / 3);
    }

    /** Of many changes the pairs take minutes: they are only tried when all variants are. */
    private static <L extends Line, P extends Plan> boolean few(Kind<L, P> kind, Evaluation broken) {
        return VARIANTS > USUAL
                || kind.mendings(kind.planType().cast(broken.plan())).size() <= FEW;
    }

    private static <L extends Line, P extends Plan> boolean pair(Kind<L, P> kind, Evaluation broken) {
        for (Mending<L> one : kind.mendings(kind.planType().cast(broken.plan()))) {
            Evaluation once = Evaluation.after(broken, broken.job().with(kind, one.line()), Jobs.DATA);
            for (Mending<L> two : kind.mendings(kind.planType().cast(once.plan()))) {
                Evaluation twice = Evaluation.after(once, once.job().with(kind, two.line()), Jobs.DATA);
                if (twice.stops() == 0 && unchecked(twice) <= unchecked(broken)) {
                    return true;
                }
            }
        }
        return false;
    }

    private static long unchecked(Evaluation e) {
        return e.plan().findings().stream()
                .filter(f -> f.state() == State.NOT_CHECKED && f.severity() == Severity.STOP)
                .count();
    }
}
