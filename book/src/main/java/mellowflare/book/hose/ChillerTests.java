package mellowflare.book.hose;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import mellowflare.core.flow.hold.HoldTest;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.PressureDifference;
import mellowflare.core.measure.Temperature;
import mellowflare.core.measure.Volume;
import mellowflare.core.testing.Medium;
import mellowflare.core.testing.Seen;
import mellowflare.core.testing.TestGauge;
import mellowflare.core.testing.TestRecord;
import mellowflare.core.testing.VacuumReading;

/** The tests of the demo chiller: nitrogen held and soaped, and a vacuum in which water still boils off. */
final class ChillerTests {
    private static final Optional<LocalDate> DAY = Optional.of(LocalDate.of(2026, 11, 2));

    private ChillerTests() {}

    static List<TestRecord> taken() {
        TestGauge dial = new TestGauge(
                Say.it("chiller-tests.gauge"),
                "KS 14",
                Optional.of(GaugePressure.ofBar(40)),
                Optional.of(PressureDifference.ofBar(0.01)),
                Optional.of(LocalDate.of(2027, 5, 31)));
        TestRecord hold = blank("nitrogen/hold-nitrogen", Medium.NITROGEN)
                .withTarget(Optional.of(GaugePressure.ofBar(15)))
                .withGauge(dial)
                .withVolume(Optional.of(Volume.ofLitres(0.9)))
                .withReadings(IntStream.rangeClosed(0, 12)
                        .mapToObj(i -> new HoldTest.Reading(
                                i * 300,
                                // The hold cools by a third of a degree, and the pressure goes with it.
                                GaugePressure.ofBar(15.1 - (i > 7 ? 0.02 : i > 2 ? 0.01 : 0)),
                                Optional.of(Temperature.ofCelsius(11.4 - i * 0.03))))
                        .toList());
        TestRecord soap = blank("nitrogen/soap", Medium.NITROGEN)
                .withGauge(dial)
                .withReadings(List.of(new HoldTest.Reading(0, GaugePressure.ofBar(15.1), Optional.empty())))
                .withLooks(
                        Map.of("joint@A", Seen.DRY, "socket@A", Seen.DRY, "joint@B", Seen.DRY, "socket@B", Seen.DRY));
        TestRecord vacuum = blank("run/vacuum", Medium.VACUUM)
                .withGauge(TestGauge.UNSAID
                        .withName(Say.it("chiller-tests.vacuum-gauge"))
                        .withNumber("KS 31")
                        .withStep(Optional.of(PressureDifference.ofBar(1e-5))))
                .withVacuum(IntStream.rangeClosed(0, 12)
                        .mapToObj(i -> new VacuumReading(
                                i * 60, AbsolutePressure.ofBar(Math.round(90 + 420 * (1 - Math.exp(-i / 3.0))) / 1e5)))
                        .toList());
        return List.of(hold, soap, vacuum);
    }

    private static TestRecord blank(String ask, Medium medium) {
        return new TestRecord(
                ask,
                medium,
                Optional.empty(),
                TestGauge.UNSAID,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                List.of(),
                List.of(),
                Map.of(),
                Say.it("chiller-tests.by"),
                "",
                DAY,
                "");
    }
}
