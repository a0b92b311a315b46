package mellowflare.devices;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import mellowflare.core.flow.hold.HoldTest;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.FreeAir;
import mellowflare.core.measure.PressureDifference;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.Volume;
import mellowflare.core.testing.Gathering;
import org.junit.jupiter.api.Test;

class LoggerTest {
    private static Gathering gather(SerialLogger logger, int count, Gathering from) {
        Gathering g = from;
        for (int i = 0; i < count; i++) {
            Optional<HoldTest.Reading> r = logger.next().value();
            if (r.isPresent()) {
                g = g.with(r.get());
            }
        }
        return g;
    }

    private static HoldTest.Result worked(Gathering g, double litres) {
        return new HoldTest(
                        g.readings(),
                        Volume.ofLitres(litres),
                        AbsolutePressure.SEA_LEVEL,
                        PressureDifference.ofBar(0.001),
                        FreeAir.ofLitresPerMinute(0.5))
                .result();
    }

    @Test
    void theLeakOfThePracticeLineIsFoundAgain() {
        for (double leak : List.of(0.0, 1.0, 4.0)) {
            Gathering g = gather(new SerialLogger(new PracticeLogger(8, 60, leak, 30, 11)), 120, Gathering.NONE);
            HoldTest.Result r = worked(g, 60);
            assertThat(r.litresPerMinute()).as("leak of %s", leak).isCloseTo(leak, within(0.06));
            assertThat(r.verdict()).isEqualTo(leak > 0.5 ? HoldTest.Verdict.LEAKS : HoldTest.Verdict.TIGHT);
        }
    }

    @Test
    void aDamagedLineIsNeverAReading() {
        String good = LoggerLine.write(12.5, 7.934, 18.2);
        assertThat(LoggerLine.read(good).value().orElseThrow().gauge().bar()).isEqualTo(7.934);
        Random chance = new Random(3);
        int read = 0;
        for (int i = 0; i < 3000; i++) {
            StringBuilder bad = new StringBuilder(good);
            int at = chance.nextInt(good.length() - 2);
            switch (chance.nextInt(3)) {
                case 0 -> bad.deleteCharAt(at);
                case 1 -> bad.insert(at, (char) (33 + chance.nextInt(90)));
                default -> bad.setCharAt(at, (char) (33 + chance.nextInt(90)));
            }
            Read<HoldTest.Reading> r = LoggerLine.read(bad.toString());
            if (r.value().isPresent() && !bad.toString().equals(good)) {
                read++;
            }
        }
        assertThat(read).isZero();
        assertThat(LoggerLine.read(null).refusal()).isPresent();
    }

    @Test
    void pulledOutItSaysSoAndGoesOnAfterwards() {
        PracticeLogger port = new PracticeLogger(8, 60, 0, 30, 5);
        SerialLogger logger = new SerialLogger(port);
        Gathering g = gather(logger, 20, Gathering.NONE);
        int before = g.readings().size();
        port.plug(false);
        assertThat(logger.next().refusal().orElseThrow()).contains("unplugged").contains("kept");
        g = gather(logger, 5, g);
        assertThat(g.readings()).hasSize(before);
        port.plug(true);
        assertThat(gather(logger, 5, g).readings().size()).isGreaterThan(before);
    }

    @Test
    void aClockSetBackCostsTheReadingsUntilItIsPastAgain() {
        PracticeLogger port = new PracticeLogger(8, 60, 0, 30, 5);
        SerialLogger logger = new SerialLogger(port);
        Gathering g = gather(logger, 20, Gathering.NONE);
        port.clockBack(120);
        Gathering later = gather(logger, 20, g);
        assertThat(later.setBack()).isBetween(2, 4);
        assertThat(later.says()).contains("set back");
        List<Double> times = new ArrayList<>();
        later.readings().forEach(r -> times.add(r.seconds()));
        assertThat(times).isSorted().doesNotHaveDuplicates();
    }
}
