package mellowflare.core.thread;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.Refusal;

/**
 * The pitch of a thread, in the words of its gauge leaf.
 *
 * @param marking the number on the leaf: threads per inch, or millimetres
 * @param perInch whether the marking counts threads per inch
 */
public record Pitch(double marking, boolean perInch) {
    private static final Pattern FORM = Pattern.compile(
            "(\\d+(?:\\.\\d*)?|\\.\\d+|(\\d+)\\s+1/2)\\s*(tpi|per\\s*inch|/\\s*in|/\\s*inch|per\\s*in|mm)?",
            Pattern.CASE_INSENSITIVE);
    private static final double MOST_PER_INCH = 80;
    private static final double FEWEST_PER_INCH = 3;
    private static final double SMALLEST_MM = 0.2;
    private static final double LARGEST_MM = 8;

    public Pitch {
        if (!(marking > 0) || !Double.isFinite(marking)) {
            throw new IllegalArgumentException("A pitch is more than zero, not " + marking);
        }
    }

    /**
     * @param threads threads per inch
     */
    public static Pitch ofPerInch(double threads) {
        return new Pitch(threads, true);
    }

    /**
     * @param mm the pitch (mm)
     */
    public static Pitch ofMm(double mm) {
        return new Pitch(mm, false);
    }

    /** Whether so many millimetres can be the pitch of a fitting. */
    static boolean isPitchMm(double mm) {
        return mm >= SMALLEST_MM && mm <= LARGEST_MM;
    }

    /** Reads {@code 18}, {@code 18 tpi}, {@code 11 1/2 per inch}, {@code 1.5 mm}. A bare number from 7 up counts threads per inch. */
    public static Read<Pitch> read(String text) {
        return read(text, true);
    }

    /** Reads a pitch that must say {@code tpi} or {@code mm}. */
    public static Read<Pitch> readWithUnit(String text) {
        return read(text, false);
    }

    private static Read<Pitch> read(String text, boolean bareAllowed) {
        if (text == null || text.isBlank()) {
            return Read.refuse(Refusal.EMPTY, Say.it("pitch.nothing-was-entered-give"));
        }
        String shown = text.strip();
        Matcher m = FORM.matcher(shown);
        if (shown.length() > 30 || !m.matches()) {
            return Read.refuse(
                    Refusal.NOT_A_NUMBER,
                    Say.it(
                            "pitch.not-pitch-give-threads",
                            "part",
                            shown.length() > 30 ? shown.substring(0, 30) + "…" : shown));
        }
        double number = m.group(2) != null ? Double.parseDouble(m.group(2)) + 0.5 : Double.parseDouble(m.group(1));
        String unit = m.group(3);
        if (unit == null && !bareAllowed) {
            return Read.refuse(Refusal.UNIT_MISSING, Say.it("pitch.has-no-unit-write", "shown", shown));
        }
        boolean perInch = unit == null ? number >= 7 : !unit.equalsIgnoreCase("mm");
        double low = perInch ? FEWEST_PER_INCH : SMALLEST_MM;
        double high = perInch ? MOST_PER_INCH : LARGEST_MM;
        if (number < low || number > high) {
            return Read.refuse(Refusal.OUT_OF_RANGE, Say.it("pitch.no-pitch-fitting-expected", "shown", shown));
        }
        return Read.of(new Pitch(number, perInch));
    }

    /** Crest to crest along the axis: 25.4 mm over the threads per inch. */
    public Length length() {
        return Length.ofMm(perInch ? Length.MM_PER_INCH / marking : marking);
    }

    /** As the trade says it: {@code 18 per inch}, {@code 1.5 mm}. */
    public String text() {
        String figure = LengthFormat.decimal(marking, 3, 0);
        return perInch ? Say.it("pitch.per-inch", "figure", figure) : figure + " mm";
    }

    /** The same pitch in the other way of saying. */
    public String otherText() {
        return perInch
                ? Say.it("pitch.mm", "length", LengthFormat.decimal(length().mm(), 3, 0))
                : Say.it("pitch.per-inch-2", "count", LengthFormat.decimal(Length.MM_PER_INCH / marking, 1, 0));
    }
}
