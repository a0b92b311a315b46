package mellowflare.core.identify;

import java.util.ArrayList;
import java.util.List;
import mellowflare.core.connection.Body;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;

/** What was seen and measured, in words, for slip and sheet alike. */
public final class ObservationWords {
    private ObservationWords() {}

    /** What is held, by its looks. */
    public static List<String> looks(Observation seen) {
        List<String> words = new ArrayList<>();
        words.add(seen.gender().word());
        seen.body().filter(b -> b != Body.THREAD).ifPresent(b -> words.add(b.words()));
        seen.hand().filter(HandSeen.LEFT::equals).ifPresent(h -> words.add(h.word()));
        seen.taper().ifPresent(t -> words.add(Say.it("observation-words.thread", "word", t.word())));
        seen.flank().ifPresent(f -> words.add(f.word()));
        seen.seat().ifPresent(s -> words.add(s.words()));
        seen.ring().ifPresent(r -> words.add(r.word()));
        seen.swivel().ifPresent(s -> words.add(s.word()));
        if (seen.worn()) {
            words.add("worn");
        }
        return List.copyOf(words);
    }

    /** What was measured, with what. */
    public static List<String> readings(Observation seen, UnitSystem units) {
        List<String> words = new ArrayList<>();
        seen.diameter()
                .ifPresent(d -> words.add(LengthFormat.figure(d, units) + " "
                        + seen.body().orElse(Body.THREAD).across(seen.gender()) + " ("
                        + seen.instrument().word() + ")"));
        seen.pitchReading()
                .ifPresent(p -> words.add(p.counted()
                        .map(n -> Say.it(
                                "observation-words.counted-over",
                                "pitch",
                                p.pitch().text(),
                                "n",
                                n))
                        .orElse(p.pitch().text())));
        words.addAll(besides(seen, units));
        return List.copyOf(words);
    }

    /** What was measured besides size and pitch, and where it was found. */
    public static List<String> besides(Observation seen, UnitSystem units) {
        List<String> words = new ArrayList<>();
        seen.second().ifPresent(s -> words.add(Say.it("observation-words.second-diameter", "text", s.text(units))));
        seen.seatAngle()
                .ifPresent(a -> words.add(
                        Say.it("observation-words.seat", "degrees", LengthFormat.decimal(a.degrees(), 1, 0))));
        seen.hex().ifPresent(h -> words.add(Say.it("observation-words.hex", "h", LengthFormat.figure(h, units))));
        seen.tube().ifPresent(t -> words.add(Say.it("observation-words.tube", "t", LengthFormat.figure(t, units))));
        seen.service().ifPresent(s -> words.add(Say.it("observation-words.found-on", "s", s)));
        seen.machine().ifPresent(words::add);
        seen.region().ifPresent(r -> words.add(Say.it("observation-words.made", "replace", r.replace('-', ' '))));
        return List.copyOf(words);
    }
}
