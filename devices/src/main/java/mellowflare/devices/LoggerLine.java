package mellowflare.devices;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import mellowflare.core.flow.hold.HoldTest;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.Refusal;
import mellowflare.core.measure.Temperature;

/**
 * The line of text that a pressure logger sends: time, gauge pressure, temperature and the sum of their letters, as in {@code 000012.5 s +007.9340 bar +018.2 C #8F}. The sum tells a damaged line.
 */
public final class LoggerLine {
    private static final Pattern FORM = Pattern.compile(
            "((\\d{6}\\.\\d) s ([+-]\\d{3}\\.\\d{4}) bar (?:([+-]\\d{3}\\.\\d) C )?)#([0-9A-F]{2})\\r?\\n?");

    private LoggerLine() {}

    /** A damaged line is refused, never guessed. */
    public static Read<HoldTest.Reading> read(String line) {
        Matcher m = FORM.matcher(line == null ? "" : line);
        if (!m.matches() || !m.group(5).equals(sum(m.group(1)))) {
            return Read.refuse(Refusal.NOT_A_NUMBER, Say.it("logger-line.damaged"));
        }
        try {
            return Read.of(new HoldTest.Reading(
                    Double.parseDouble(m.group(2)),
                    GaugePressure.ofBar(Double.parseDouble(m.group(3))),
                    Optional.ofNullable(m.group(4)).map(Double::parseDouble).map(Temperature::ofCelsius)));
        } catch (IllegalArgumentException e) {
            return Read.refuse(Refusal.OUT_OF_RANGE, Say.it("logger-line.damaged"));
        }
    }

    /** The line that says so. */
    static String write(double seconds, double bar, double celsius) {
        String said = String.format(Locale.ROOT, "%08.1f s %+09.4f bar %+06.1f C ", seconds, bar, celsius);
        return said + "#" + sum(said) + "\r\n";
    }

    private static String sum(String said) {
        return String.format(Locale.ROOT, "%02X", said.chars().sum() % 256);
    }
}
