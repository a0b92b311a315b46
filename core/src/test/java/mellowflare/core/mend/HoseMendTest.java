package mellowflare.core.mend;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import mellowflare.core.LineSample;
import mellowflare.core.Samples;
import mellowflare.core.Stands;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.State;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.fluid.Service;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.measure.FlowRate;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.UnitSystem;
import org.junit.jupiter.api.Test;

/** A sound hose broken in several ways, and the ways to mend it. */
class HoseMendTest {
    private static Evaluation of(LineSample line) {
        return Evaluation.of(line.in(Job.open("j", "slew hose", "crane", UnitSystem.METRIC)), Samples.DATA);
    }

    private static LineSample pressed(double bar) {
        LineSample line = Samples.soundLine();
        return line.withService(line.service()
                .withWorking(Optional.of(GaugePressure.ofBar(bar)))
                .withPeak(Optional.of(GaugePressure.ofBar(bar))));
    }

    private static LineSample wrongEnd() {
        return Samples.soundLine()
                .withEnd(
                        LineEnd.B,
                        Samples.end("slew valve", Samples.id(EndCode.JIC37, "-8", Gender.MALE), "KC08-G12F"));
    }

    private static Service fast() {
        return Samples.soundLine().service().withFlow(Optional.of(FlowRate.ofLitresPerMinute(120)));
    }

    private static Map<String, LineSample> broken() {
        Map<String, LineSample> all = new LinkedHashMap<>();
        all.put("250 bar", pressed(250));
        all.put("2000 bar", pressed(2000));
        all.put("an end that does not mate", wrongEnd());
        all.put("a larger hose", Samples.soundLine().withHose(Optional.of("KH2-12")));
        all.put("a hose for air", Samples.soundLine().withHose(Optional.of("KHU-24")));
        all.put(
                "both ends wrong",
                wrongEnd()
                        .withEnd(
                                LineEnd.A,
                                Samples.end("slew motor", Samples.id(EndCode.ORB, "-8", Gender.FEMALE), "KC08-G12F")));
        all.put("too fast", wrongEnd().withService(fast()));
        all.put("too fast, and that is all", Samples.soundLine().withService(fast()));
        all.put("sound", Samples.soundLine());
        return all;
    }

    private static List<Mend> ways(Evaluation e) {
        return new Mender(e, () -> false, m -> {}).ways();
    }

    /** Nothing stops what is offered, no check that could stop it is left out, and the smallest change comes first. */
    @Test
    void testTheWaysAreSoundAndStandAsTheyWereLookedThrough() {
        List<String> lines = new ArrayList<>();
        broken().forEach((name, line) -> {
            Evaluation broken = of(line);
            List<Mend> ways = ways(broken);
            lines.add(name);
            for (Mend m : ways) {
                lines.add("  " + m.changes() + " of " + m.parts() + " leaves "
                        + m.left().size() + ", lacks " + m.lacks() + ", " + Stands.figure(m.cost()));
                sound(m, broken);
            }
            assertThat(ways)
                    .isSortedAccordingTo(Comparator.comparingInt(Mend::parts)
                            .thenComparingInt(m -> m.left().size())
                            .thenComparingLong(Mend::lacks)
                            .thenComparingDouble(Mend::cost));
        });
        Stands.as(getClass(), "ways.txt", lines);
    }

    private static void sound(Mend m, Evaluation broken) {
        assertThat(m.after().stops()).isZero();
        assertThat(unchecked(m.after())).isLessThanOrEqualTo(unchecked(broken));
        assertThat(m.after().job().service()).isEqualTo(broken.job().service());
        assertThat(m.left())
                .isEqualTo(m.after().findings().stream()
                        .filter(f -> f.state() == State.FAIL && f.severity() == Severity.WARN)
                        .toList());
        if (broken.stops() == 0) {
            assertThat(m.left().size()).isLessThan(warnings(broken));
        }
    }

    private static long unchecked(Evaluation e) {
        return e.findings().stream()
                .filter(f -> f.state() == State.NOT_CHECKED && f.severity() == Severity.STOP)
                .count();
    }

    private static int warnings(Evaluation e) {
        return (int) e.findings().stream()
                .filter(f -> f.state() == State.FAIL && f.severity() == Severity.WARN)
                .count();
    }

    @Test
    void testGivenUpItStopsAtOnceAndEachWayIsToldWhenItIsFound() {
        Evaluation broken = of(pressed(250));
        AtomicInteger asked = new AtomicInteger();
        List<Mend> told = new ArrayList<>();
        List<Mend> some = new Mender(broken, () -> asked.incrementAndGet() > 5, told::add).ways();
        assertThat(asked.get()).isBetween(6, 30);
        assertThat(told).containsExactlyInAnyOrderElementsOf(some);
        List<Mend> all = new ArrayList<>();
        assertThat(new Mender(broken, () -> false, all::add).ways()).containsExactlyInAnyOrderElementsOf(all);
        assertThat(all).isNotEmpty();
        assertThat(new Mender(broken, () -> true, m -> {}).ways()).isEmpty();
    }
}
