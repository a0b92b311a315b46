package mellowflare.book.machine;

import static org.assertj.core.api.Assertions.assertThat;

import biweekly.Biweekly;
import biweekly.ICalVersion;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import mellowflare.book.Jobs;
import mellowflare.core.job.Evaluation;
import mellowflare.core.machine.DueLine;
import mellowflare.core.machine.Event;
import mellowflare.core.upkeep.Upkeep;
import org.junit.jupiter.api.Test;

class DueCalendarTest {
    private static final Instant STAMP = Instant.parse("2026-11-30T10:00:00Z");

    private static Evaluation tank(boolean doneAgain) {
        var job = Jobs.demo().stream()
                .filter(j -> j.id().equals("demo-day-tank"))
                .findFirst()
                .orElseThrow();
        return Evaluation.of(
                doneAgain
                        ? job.withUpkeep(job.upkeep()
                                .with(new Upkeep.Done("fuel-hose", LocalDate.of(2026, 11, 29), "Maren", "dry, sound")))
                        : job,
                Jobs.DATA);
    }

    private static VEvent event(boolean doneAgain) {
        String text = DueCalendar.text(DueLine.of(List.of(tank(doneAgain))), STAMP);
        ICalendar back = Biweekly.parse(text).first();
        assertThat(back.validate(ICalVersion.V2_0).isEmpty()).isTrue();
        return back.getEvents().stream()
                .filter(e -> e.getUid().getValue().contains("fuel-hose"))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void testTheDayIsTheDayAndTheNameStaysWhenItWasDone() {
        VEvent first = event(false);
        assertThat(DueCalendar.text(DueLine.of(List.of(tank(false))), STAMP)).contains("DTSTART;VALUE=DATE:20261003");
        assertThat(first.getUid().getValue()).isEqualTo("demo-day-tank/fuel-hose@mellow-flare");
        assertThat(first.getSummary().getValue()).isEqualTo("Look at the fuel hose: Day tank feed");
        VEvent again = event(true);
        assertThat(again.getUid()).isEqualTo(first.getUid());
        assertThat(again.getSequence().getValue()).isEqualTo(first.getSequence().getValue() + 1);
        assertThat(DueCalendar.text(DueLine.of(List.of(tank(true))), STAMP)).contains("DTSTART;VALUE=DATE:20271129");
    }

    @Test
    void testLongAndOddTextsStayWhole() {
        var odd = tank(false).job().withTitle("Feed; with, commas\nand \"marks\" é ".repeat(6));
        String text = DueCalendar.text(DueLine.of(List.of(Evaluation.of(odd, Jobs.DATA))), STAMP);
        // The standard folds lines after 75 octets where it should; the library counts letters.
        assertThat(text.lines()).allMatch(l -> l.length() <= 76);
        assertThat(Biweekly.parse(text).first().getEvents().get(0).getSummary().getValue())
                .contains("Feed; with, commas");
    }

    @Test
    void testTheHistoryHoldsWhatWasTickedTestedAndKeptUp() {
        List<Event> all = Event.of(
                Jobs.demo().stream().map(j -> Evaluation.of(j, Jobs.DATA)).toList());
        assertThat(all)
                .anyMatch(e -> e.found().equals("both ends dry, cover sound") && e.by().equals("Tobbe"))
                .anyMatch(e -> e.what().equals("Vacuum") && e.found().equals("not settled"))
                .anyMatch(e -> e.line().startsWith("Crane slew hose"));
        assertThat(all).isSortedAccordingTo((a, b) -> b.on().compareTo(a.on()));
    }
}
