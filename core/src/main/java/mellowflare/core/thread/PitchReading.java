package mellowflare.core.thread;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.LengthText;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.Refusal;
import mellowflare.core.measure.UnitSystem;

/**
 * A pitch as a fitter comes by it: the leaf that lay, or threads counted over a length.
 *
 * @param pitch what it comes to
 * @param counted how many threads were counted; empty for a leaf
 */
public record PitchReading(Pitch pitch, Optional<Integer> counted) {
    private static final Pattern COUNT = Pattern.compile(
            "(\\d{1,2})\\s*(?:threads?|turns?|pitches)?\\s*(?:over|in|on)\\s+(.+)", Pattern.CASE_INSENSITIVE);
    private static final int FEWEST = 2;

    /** Reads a leaf as {@link Pitch#read} does, or a count such as {@code 10 over 14.1 mm}; a bare length is of the given system. */
    public static Read<PitchReading> read(String text, UnitSystem units) {
        Matcher m = matcher(text);
        return m.matches()
                ? counted(m, LengthText.read(m.group(2), units))
                : Pitch.read(text).then(PitchReading::leaf);
    }

    /** Reads a leaf or a count whose units are said. */
    public static Read<PitchReading> readWithUnit(String text) {
        Matcher m = matcher(text);
        return m.matches()
                ? counted(m, LengthText.readWithUnit(m.group(2)))
                : Pitch.readWithUnit(text).then(PitchReading::leaf);
    }

    private static Matcher matcher(String text) {
        return COUNT.matcher(text == null ? "" : text.strip());
    }

    private static Read<PitchReading> leaf(Pitch pitch) {
        return Read.of(new PitchReading(pitch, Optional.empty()));
    }

    private static Read<PitchReading> counted(Matcher m, Read<Length> over) {
        int threads = Integer.parseInt(m.group(1));
        if (threads < FEWEST) {
            return Read.refuse(Refusal.OUT_OF_RANGE, Say.it("pitch-reading.a-count-over-one"));
        }
        return over.then(length -> {
            double mm = length.mm() / threads;
            return Pitch.isPitchMm(mm)
                    ? Read.of(new PitchReading(Pitch.ofMm(mm), Optional.of(threads)))
                    : Read.refuse(
                            Refusal.OUT_OF_RANGE,
                            Say.it(
                                    "pitch-reading.comes-no-pitch-fitting",
                                    "group",
                                    m.group().strip()));
        });
    }

    /** The pitch in both ways of saying, for a count that has only the one. */
    public String understood() {
        double mm = pitch.length().mm();
        return counted.isEmpty()
                ? pitch.otherText()
                : Say.it(
                        "pitch-reading.mm",
                        "mm",
                        LengthFormat.decimal(mm, 2, 0),
                        "pitch",
                        LengthFormat.decimal(Length.MM_PER_INCH / mm, 1, 0));
    }
}
