package mellowflare.book.machine;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import biweekly.property.DateStart;
import biweekly.util.ICalDate;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Date;
import java.util.List;
import mellowflare.core.machine.DueLine;

/** What is due as an iCalendar file (RFC 5545). A calendar that takes it in again replaces what it had: each entry keeps its name, and its number goes up when it was done. */
public final class DueCalendar {
    private DueCalendar() {}

    /**
     * The file.
     *
     * @param stamp the moment at which it is made
     */
    public static String text(List<DueLine> lines, Instant stamp) {
        ICalendar calendar = new ICalendar();
        calendar.setProductId("-//mellow-flare//upkeep//en");
        for (DueLine d : lines) {
            VEvent event = new VEvent();
            event.setUid(d.of().job().id() + "/" + d.due().rule().id() + "@mellow-flare");
            event.setDateTimeStamp(Date.from(stamp));
            event.setSequence((int) d.of().job().upkeep().done().stream()
                    .filter(x -> x.rule().equals(d.due().rule().id()))
                    .count());
            ICalDate day = new ICalDate(
                    Date.from(d.due()
                            .on()
                            .atStartOfDay(ZoneOffset.systemDefault())
                            .toInstant()),
                    false);
            event.setDateStart(new DateStart(day));
            event.setSummary(Say.it(
                    "due-calendar.summary",
                    "what",
                    d.due().rule().title(),
                    "line",
                    d.of().job().title()));
            event.setLocation(d.of().job().machine());
            event.setDescription(Say.it(
                    "due-calendar.description",
                    "says",
                    d.due().rule().says(),
                    "source",
                    d.due().rule().source().shown()));
            calendar.addEvent(event);
        }
        return Biweekly.write(calendar).go();
    }
}
