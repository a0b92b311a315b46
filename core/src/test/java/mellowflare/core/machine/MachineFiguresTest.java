package mellowflare.core.machine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.Samples;
import mellowflare.core.bag.OwnFind;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.parts.Suppliers;
import mellowflare.core.procedure.MakeLog;
import mellowflare.core.procedure.StepEntry;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.testing.Duties;
import mellowflare.core.testing.TestRecord;
import mellowflare.core.upkeep.Upkeep;
import org.junit.jupiter.api.Test;

/** Hours, what was built otherwise than planned, suppliers, tests and what is due, of a machine of two lines. */
class MachineFiguresTest {
    private static final Instant EIGHT = Instant.parse("2026-11-02T08:00:00Z");

    private static Job job(String id, String title) {
        return Samples.soundLine().in(Job.open(id, title, "Dunlin, deck crane", UnitSystem.METRIC));
    }

    private static Evaluation of(Job job) {
        return Evaluation.of(job, Samples.DATA);
    }

    private static Hours hours(int minutes, int known, int open) {
        return new Hours(Duration.ofMinutes(95), Duration.ofMinutes(minutes), known, open);
    }

    /** From half of the open steps on it is said, as a least while some are not known. */
    @Test
    void testHoursToGoAreSaidOnceHalfTheStepsAreKnown() {
        String none = hours(30, 0, 1).toGo();
        assertEquals(none, hours(30, 1, 3).toGo());
        assertEquals(none, hours(0, 0, 0).toGo());
        assertThat(hours(30, 1, 2).toGo()).isNotEqualTo(none).contains("30");
        assertThat(hours(70, 2, 2).toGo()).contains("1").contains("10");
        assertThat(hours(70, 1, 2).toGo()).isNotEqualTo(hours(70, 2, 2).toGo());
        assertThat(hours(30, 2, 2).says())
                .contains("35")
                .isNotEqualTo(hours(30, 1, 2).says());
    }

    private static StepEntry figure(String step, String field, String figure) {
        return new StepEntry(step, StepEntry.Outcome.DONE, "Maren", EIGHT, Map.of(field, figure), "");
    }

    private static List<AsBuilt> built(StepEntry... entries) {
        MakeLog log = MakeLog.EMPTY;
        for (StepEntry e : entries) {
            log = log.with(e);
        }
        return AsBuilt.of(List.of(of(job("a", "hose").withLog(log))));
    }

    /** The cut lies between 1054.5 and 1057.5 mm, the proof at 420 bar or more: the ends are within, and what cannot be read is not. */
    @Test
    void testWhatWasBuiltIsOffOutsideItsBand() {
        for (String sound : List.of("1054.5 mm", "1057.5 mm", "1056")) {
            assertThat(built(figure("check-cut", "check-cut", sound)))
                    .singleElement()
                    .satisfies(b -> assertThat(b.off()).isFalse());
        }
        for (String off : List.of("1054.4 mm", "1057.6 mm", "about a metre")) {
            assertThat(built(figure("check-cut", "check-cut", off)))
                    .singleElement()
                    .satisfies(b -> assertThat(b.off()).isTrue());
        }
        assertThat(built(figure("proof", "proof", "420 bar")).get(0).off()).isFalse();
        assertThat(built(figure("proof", "proof", "419.9 bar")).get(0).off()).isTrue();
        assertThat(built(figure("proof", "proof", "plenty")).get(0).off()).isTrue();
        assertThat(AsBuilt.table(built(figure("proof", "proof", "419.9 bar")))
                        .rows()
                        .get(0)
                        .out())
                .containsExactly(3);
    }

    @Test
    void testAPartIsBoughtFromItsSupplierAndAMachineStopsWithItsLines() {
        ReferenceData data = new Suppliers.Lists()
                .over(List.of(new Suppliers.Supplier("KH2-08", "north depot", "N-1")), Samples.DATA);
        Machine m = Machine.of("Dunlin", List.of(Evaluation.of(job("a", "one"), data)));
        assertThat(m.parts())
                .filteredOn(p -> p.take().number().equals("KH2-08"))
                .singleElement()
                .satisfies(p ->
                        assertEquals("north depot", p.supplier().orElseThrow().supplier()));
        assertThat(m.parts())
                .filteredOn(p -> !p.take().number().equals("KH2-08"))
                .isNotEmpty()
                .allSatisfy(p -> assertThat(p.supplier()).isEmpty());
        assertThat(MachineTables.parts(m).rows())
                .anyMatch(r -> String.join(" ", r.cells()).contains("north depot"));
        Job broken = job("b", "two");
        broken = broken.withService(broken.service().withWorking(Optional.of(GaugePressure.ofBar(2000))));
        assertEquals(0, m.stops());
        assertEquals(
                of(broken).stops(), Machine.of("Dunlin", List.of(of(broken))).stops());
        assertThat(of(broken).stops()).isPositive();
        assertEquals("Dunlin", Machine.nameOf("Dunlin"));
        assertEquals("", Machine.nameOf(", hold"));
    }

    @Test
    void testWhatAFitterFindsIsCarriedForEachLineThatIsNotDone() {
        Job plain = job("a", "one");
        Job own = plain.withBag(plain.bag().with(new OwnFind("a seized nut", 5, List.of("nut splitter"))));
        List<Carried> all = Carried.of(Machine.of("Dunlin", List.of(of(own), of(own.withId("b")))));
        assertThat(all)
                .filteredOn(c -> c.sort() == Carried.Sort.UNSEEN)
                .singleElement()
                .satisfies(c -> {
                    assertEquals("nut splitter", c.name());
                    assertEquals("2", c.amount());
                    assertThat(c.lines()).containsExactly("A", "B");
                });
        assertThat(all).anyMatch(c -> c.sort() == Carried.Sort.PART).anyMatch(c -> c.sort() == Carried.Sort.TOOL);
        assertThat(Carried.of(Machine.of("Dunlin", List.of(of(plain)))))
                .noneMatch(c -> c.sort() == Carried.Sort.UNSEEN);
    }

    /** The last take has the verdict of the test; those before it are named as earlier ones. */
    @Test
    void testEveryTakeOfATestIsInTheHistory() {
        Evaluation plain = of(job("a", "one"));
        TestRecord first = TestRecord.of(plain.tested().all().get(0).ask())
                .withBy("Maren")
                .withOn(Optional.of(LocalDate.of(2026, 11, 3)));
        TestRecord second = first.withBy("Tobbe").withOn(Optional.of(LocalDate.of(2026, 11, 4)));
        List<Event> events = Event.of(List.of(of(plain.job().withTaken(List.of(first, second)))));
        assertThat(events).extracting(Event::by).containsExactly("Tobbe", "Maren");
        assertThat(events.get(0).found()).isNotEqualTo(events.get(1).found());
        assertThat(events.get(0).what())
                .isEqualTo(plain.tested().all().get(0).ask().duty().title());
    }

    /** By day, then by line, then by what is to be done. */
    @Test
    void testWhatIsDueStandsInOrder() {
        Upkeep early = Upkeep.NONE.withInService(Optional.of(LocalDate.of(2026, 3, 1)));
        Upkeep late = Upkeep.NONE.withInService(Optional.of(LocalDate.of(2026, 9, 1)));
        List<DueLine> due = DueLine.of(List.of(
                of(job("a", "zebra").withUpkeep(late)),
                of(job("b", "yak").withUpkeep(early)),
                of(job("c", "ant").withUpkeep(late))));
        assertThat(due).hasSizeGreaterThan(3);
        for (int i = 1; i < due.size(); i++) {
            DueLine before = due.get(i - 1);
            DueLine now = due.get(i);
            int days = before.due().on().compareTo(now.due().on());
            assertThat(days).isLessThanOrEqualTo(0);
            if (days == 0) {
                assertThat(before.of().job().title())
                        .isLessThanOrEqualTo(now.of().job().title());
            }
        }
        assertEquals("yak", due.get(0).of().job().title());
        assertThat(Duties.load().all()).isNotEmpty();
    }
}
