package mellowflare.core.hose;

import static mellowflare.core.Samples.end;
import static mellowflare.core.Samples.id;
import static mellowflare.core.Samples.soundLine;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import mellowflare.core.EndSample;
import mellowflare.core.LineSample;
import mellowflare.core.advice.Practice;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.procedure.MakeLog;
import org.junit.jupiter.api.Test;

class FromShelfTest {
    private static List<FromShelf.Build> find(LineSample line) {
        return new FromShelf(line.line(), line.setting(Practice.USUAL, UnitSystem.METRIC, MakeLog.EMPTY), () -> false)
                .find();
    }

    @Test
    void testBuildsOfTheSoundLineAreOnTheShelfSoundAndSorted() {
        List<FromShelf.Build> builds = find(soundLine());
        assertThat(builds).isNotEmpty().allSatisfy(b -> {
            HosePlan plan = HosePlan.of(
                    HoseCase.of(b.line(), soundLine().setting(Practice.USUAL, UnitSystem.METRIC, MakeLog.EMPTY)));
            assertThat(plan.stops()).isFalse();
            assertThat(plan.missingParts()).isEmpty();
            assertThat(b.hose().onShelf()).isPositive();
        });
        assertThat(builds)
                .isSortedAccordingTo(
                        Comparator.comparingInt(FromShelf.Build::warnings).thenComparingDouble(FromShelf.Build::cost));
        assertThat(builds.get(0).hose().part()).isEqualTo("KH2-08");
    }

    @Test
    void testAPortWithoutADirectEndIsReachedByAnAdapterOnTheShelf() {
        LineSample line = soundLine().withEnd(LineEnd.A, end("block", id(EndCode.NPT, "1/2", Gender.FEMALE), ""));
        assertThat(find(line))
                .as("the adapter withstands 207 bar, the line works at 210")
                .isEmpty();
        List<FromShelf.Build> builds = find(line.withService(line.service()
                .withWorking(Optional.of(GaugePressure.ofBar(200)))
                .withPeak(Optional.empty())));
        assertThat(builds).anyMatch(b -> b.adapters().contains("KA-JM8-NM12"));
    }

    @Test
    void testNothingComesOfAnUnknownPortOrAnEmptyShelf() {
        assertThat(find(soundLine().withEnd(LineEnd.A, EndSample.unknown("motor"))))
                .isEmpty();
        LineSample far = soundLine()
                .withFinished(soundLine()
                        .finished()
                        .map(f -> f.withValue(mellowflare.core.measure.Length.ofMm(60_000), "60 m")));
        assertThat(find(far)).as("no hose on the shelf is that long").isEmpty();
    }

    @Test
    void testItStopsWhenAsked() {
        int[] asked = {0};
        List<FromShelf.Build> builds = new FromShelf(
                        soundLine().line(),
                        soundLine().setting(Practice.USUAL, UnitSystem.METRIC, MakeLog.EMPTY),
                        () -> ++asked[0] > 1)
                .find();
        assertThat(builds.size()).isLessThanOrEqualTo(1);
        assertThat(Optional.of(asked[0])).hasValue(2);
    }
}
