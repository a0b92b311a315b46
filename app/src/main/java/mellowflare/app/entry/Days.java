package mellowflare.app.entry;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.Optional;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.Refusal;

/** Fields for days, written as 2026-11-30. */
public final class Days {
    private Days() {}

    public static FieldState<LocalDate> field() {
        return FieldState.of(
                t -> {
                    try {
                        return Read.of(LocalDate.parse(t.strip()));
                    } catch (DateTimeParseException e) {
                        return Read.refuse(Refusal.NOT_A_NUMBER, Say.it("days.no-day", "text", t.strip()));
                    }
                },
                d -> "");
    }

    /** As it stands in a field; empty where there is none. */
    public static String text(Optional<LocalDate> day) {
        return day.map(LocalDate::toString).orElse("");
    }
}
