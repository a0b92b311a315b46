package mellowflare.devices;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthText;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.Refusal;

/** Reads the line of text that a caliper sends: a signed decimal number and its unit, such as {@code +0014.17 mm}. */
public final class CaliperLine {
    private static final Pattern FORM = Pattern.compile("\\s*\\+?(\\d{1,5}\\.\\d{1,4})\\s*(mm|in)\\s*");

    private CaliperLine() {}

    /** A damaged line is refused, never guessed. */
    public static Read<Length> read(String line) {
        Matcher m = FORM.matcher(line == null ? "" : line);
        if (!m.matches()) {
            return Read.refuse(Refusal.NOT_A_NUMBER, "The caliper sent a line that cannot be read: send it again.");
        }
        return LengthText.readWithUnit(m.group(1) + " " + m.group(2));
    }
}
