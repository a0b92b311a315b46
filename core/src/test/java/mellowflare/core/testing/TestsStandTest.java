package mellowflare.core.testing;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import mellowflare.core.Stands;
import mellowflare.core.Variants;
import mellowflare.core.flow.hold.HoldTest;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.FreeAir;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.PressureDifference;
import mellowflare.core.measure.Temperature;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.measure.Volume;
import org.junit.jupiter.api.Test;

/** Records of every test, changed in one place at a time, and their plots. */
class TestsStandTest {
    private static final List<TestJoint> JOINTS = List.of(new TestJoint("a", "end A"), new TestJoint("b", "end B"));
    private static final Duties DUTIES = Duties.load();

    private static TestAsk ask(Duty duty, double bar) {
        return TestAsk.of("test", "Test it", duty, Optional.empty(), Optional.of(GaugePressure.ofBar(bar)));
    }

    private static TestRecord record(TestAsk ask, double bar, double fall) {
        double seconds = Math.max(60, ask.duty().seconds());
        boolean proof = ask.duty().kind() == TestKind.PROOF;
        return TestRecord.of(ask)
                .withTarget(Optional.of(GaugePressure.ofBar(bar)))
                .withMedium(ask.media().get(0))
                .withVolume(Optional.of(Volume.ofLitres(40)))
                .withBarometer(Optional.of(AbsolutePressure.ofBar(1)))
                .withAllowed(ask.duty().allowed().map(a -> FreeAir.ofLitresPerMinute(1)))
                .withReadings(IntStream.rangeClosed(0, 8)
                        .mapToObj(i -> new HoldTest.Reading(
                                (proof ? 0.5 : 1) * seconds * i / 7,
                                GaugePressure.ofBar(bar + 0.02 - fall * i + 0.001 * (i * i % 5)),
                                Optional.of(Temperature.ofCelsius(20 - 0.01 * i))))
                        .toList())
                .withVacuum(
                        ask.duty().kind().evacuates()
                                ? IntStream.rangeClosed(0, 8)
                                        .mapToObj(i -> new VacuumReading(
                                                75 * i, AbsolutePressure.ofBar((200 + 10 * Math.sqrt(i) * fall) / 1e5)))
                                        .toList()
                                : List.of())
                .withLooks(Map.of("a", Seen.DRY, "b", Seen.DRY, "line", Seen.DRY))
                .withBy("T. Brandt")
                .withWitness("M. Solberg")
                .withOn(Optional.of(LocalDate.of(2026, 11, 30)))
                .withGauge(new TestGauge(
                        "dial gauge",
                        "G 12",
                        Optional.of(GaugePressure.ofBar(2 * bar)),
                        Optional.of(PressureDifference.ofBar(0.01)),
                        Optional.of(LocalDate.of(2027, 3, 1))));
    }

    private static List<String> said(Variants.Variant<TestRecord> v, TestAsk ask) {
        Outcome o = new Proving(ask, v.value(), JOINTS).outcome();
        List<String> lines = new ArrayList<>(List.of(
                "changed: " + v.name(),
                "verdict " + o.verdict(),
                "passed " + o.passed(),
                "confidence " + o.confidence().map(Stands::figure).orElse("-"),
                "togo " + o.toGo().map(Stands::figure).orElse("-")));
        o.leak()
                .ifPresent(l -> lines.add("leak " + Stands.figure(l.litresPerMinute()) + " +- "
                        + Stands.figure(l.plusMinus()) + " rest " + Stands.figure(l.atRest()) + " drop "
                        + Stands.figure(l.drop().bar())));
        lines.addAll(Stands.findings(o.findings()));
        return lines;
    }

    @Test
    void testRecordsChangedInOnePlaceStandAsTheyWereLookedThrough() {
        List<String> lines = new ArrayList<>();
        for (Duty duty : DUTIES.all()) {
            TestAsk ask = ask(duty, 10);
            List<List<String>> cases = new ArrayList<>();
            for (double fall : new double[] {0, 0.001, 0.05, 1}) {
                cases.add(said(new Variants.Variant<>("falls by " + fall, record(ask, 10, fall)), ask));
            }
            Variants.of(record(ask, 10, 0), Map.of()).forEach(v -> cases.add(said(v, ask)));
            lines.add(duty.id());
            lines.addAll(Stands.apart(cases));
        }
        Stands.as(getClass(), "records.txt", lines);
    }

    @Test
    void testPlotsStandAsTheyWereLookedThrough() {
        List<String> lines = new ArrayList<>();
        for (String id : List.of("proof-ten", "hold-gas", "hold-main", "vacuum", "tissue")) {
            Duty duty = DUTIES.find(id).orElseThrow();
            TestAsk ask = ask(duty, 10);
            for (double fall : new double[] {0.002, 0.3}) {
                lines.add(id + " falls by " + fall);
                lines.addAll(Stands.drawing(TestPlot.of(ask, record(ask, 10, fall), UnitSystem.METRIC)));
            }
            lines.add(id + " of two");
            TestRecord r = record(ask, 10, 0.1);
            TestRecord two = r.withReadings(r.readings().subList(0, 2))
                    .withVacuum(r.vacuum().stream().limit(2).toList())
                    .withAllowed(Optional.empty())
                    .withTarget(Optional.empty());
            lines.addAll(Stands.drawing(TestPlot.of(ask, two, UnitSystem.INCH)));
            lines.add(id + " of none");
            lines.addAll(Stands.drawing(
                    TestPlot.of(ask, r.withReadings(List.of()).withVacuum(List.of()), UnitSystem.METRIC)));
        }
        Stands.as(getClass(), "plots.txt", lines);
    }
}
