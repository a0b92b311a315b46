package mellowflare.core.identify;

import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.LengthText;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.Refusal;
import mellowflare.core.measure.UnitSystem;

/**
 * A second diameter over the crests, toward the small end, for the taper between the two.
 *
 * @param diameter there
 * @param apart how far down the thread, 0.5 to 400 mm
 */
public record SecondDiameter(Length diameter, Length apart) {
    private static final Pattern FORM = Pattern.compile("(.+?)\\s*(?:@|\\bat\\b)\\s*(.+)", Pattern.CASE_INSENSITIVE);

    public SecondDiameter {
        if (!Observation.isMeasure(apart) || !Observation.isDiameter(diameter)) {
            throw new IllegalArgumentException("A second diameter is above zero and stands apart from the first, not "
                    + diameter + " at " + apart);
        }
    }

    /** Reads {@code 20.2 at 12}: the diameter, and how far down it was taken; bare numbers are of the given system. */
    public static Read<SecondDiameter> read(String text, UnitSystem units) {
        Matcher m = FORM.matcher(text.strip());
        if (!m.matches()) {
            return Read.refuse(Refusal.NOT_A_NUMBER, Say.it("second-diameter.give-second-diameter-how"));
        }
        Function<String, Read<Length>> length = t -> LengthText.read(t, units);
        return length.apply(m.group(1))
                .then(d -> length.apply(m.group(2))
                        .then(l -> Observation.isDiameter(d) && Observation.isMeasure(l)
                                ? Read.of(new SecondDiameter(d, l))
                                : Read.refuse(
                                        Refusal.OUT_OF_RANGE, Say.it("second-diameter.the-diameter-lies-above"))));
    }

    /** Both figures in the given system. */
    public String text(UnitSystem units) {
        // In the very words that it is read back in.
        return LengthFormat.figure(diameter, units) + " at " + LengthFormat.figure(apart, units);
    }
}
