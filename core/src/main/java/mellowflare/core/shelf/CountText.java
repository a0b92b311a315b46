package mellowflare.core.shelf;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthText;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.Refusal;
import mellowflare.core.measure.UnitSystem;

/** Reads what somebody counted: {@code 6}, {@code +4} for four more; of what is cut its lengths, {@code 4200; 2 x 1800}, and {@code 0} for none. */
public final class CountText {
    private static final int MOST = 100_000;
    private static final int MOST_PIECES = 500;
    private static final Pattern WHOLE = Pattern.compile("([+-]?)\\s*(\\d{1,9})");
    private static final Pattern TIMES = Pattern.compile("(\\d{1,4})\\s*[xX×]\\s*(\\S.*)");

    private CountText() {}

    /** What the part is that is counted. */
    public record Of(String key, String name, boolean metres, double now) {}

    /**
     * Reads a count.
     *
     * @param text what was typed
     * @param of what was counted, and how many should lie there
     * @param units the system of a bare length
     * @param at when
     * @param by who counted, not blank
     * @return the count, or a refusal in a sentence
     */
    public static Read<Count> read(String text, Of of, UnitSystem units, Instant at, String by) {
        String typed = text.strip();
        if (of.metres()) {
            return lengths(typed, units).then(p -> Read.of(Count.lengths(of.key(), of.name(), p, at, by)));
        }
        return pieces(typed, of.now()).then(n -> Read.of(Count.of(of.key(), of.name(), n, at, by)));
    }

    private static Read<Double> pieces(String typed, double now) {
        Matcher m = WHOLE.matcher(typed);
        if (!m.matches()) {
            return Read.refuse(Refusal.NOT_A_NUMBER, Say.it("count-text.no-number", "typed", typed));
        }
        double n = Double.parseDouble(m.group(2));
        double count = switch (m.group(1)) {
            case "+" -> now + n;
            case "-" -> now - n;
            default -> n;
        };
        if (count < 0) {
            return Read.refuse(Refusal.OUT_OF_RANGE, Say.it("count-text.below", "now", (long) now));
        }
        return count > MOST
                ? Read.refuse(Refusal.OUT_OF_RANGE, Say.it("count-text.too-many", "most", MOST))
                : Read.of(count);
    }

    private static Read<List<Length>> lengths(String typed, UnitSystem units) {
        if (typed.equals("0")) {
            return Read.of(List.of());
        }
        List<Length> all = new ArrayList<>();
        for (String each : typed.split(";")) {
            Matcher m = TIMES.matcher(each.strip());
            boolean many = m.matches();
            int times = many ? Integer.parseInt(m.group(1)) : 1;
            Read<Length> read = LengthText.read(many ? m.group(2) : each.strip(), units);
            if (read.value().isEmpty()) {
                return read.then(l -> Read.of(List.of()));
            }
            Length l = read.value().get();
            if (l.mm() <= 0 || times < 1 || all.size() + times > MOST_PIECES) {
                return Read.refuse(Refusal.OUT_OF_RANGE, Say.it("count-text.lengths", "most", MOST_PIECES));
            }
            all.addAll(Collections.nCopies(times, l));
        }
        return Read.of(all);
    }
}
