package mellowflare.devices;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthText;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.Refusal;

/**
 * Reads the line of text that a caliper sends: {@code +0014.17 mm} or {@code +00.5580 in}. The places are fixed, so that a lost or a strange
 * character never makes another number of it.
 */
public final class CaliperLine {
    private static final Pattern FORM = Pattern.compile("\\+(?:(\\d{4}\\.\\d{2}) mm|(\\d{2}\\.\\d{4}) in)\\r?\\n?");

    private CaliperLine() {}

    /** A damaged line is refused, never guessed. */
    public static Read<Length> read(String line) {
        Matcher m = FORM.matcher(line == null ? "" : line);
        if (!m.matches()) {
            return Read.refuse(Refusal.NOT_A_NUMBER, Say.it("caliper-line.the-caliper-sent-line"));
        }
        return LengthText.readWithUnit(
                m.group(1) == null
                        ? Say.it("caliper-line.text", "group", m.group(2))
                        : Say.it("caliper-line.mm", "group", m.group(1)));
    }
}
