package mellowflare.core.flow.hold;

import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.QuantityText;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.Refusal;
import mellowflare.core.measure.Temperature;
import mellowflare.core.measure.UnitSystem;

/** A reading of a hold test as it is called out: time, pressure, temperature, barometer. */
public final class ReadingText {
    private static final Pattern LINE = Pattern.compile(
            "\\s*(\\d+(?:\\.\\d+)?)\\s*(min|h|s)?[\\s,;]+(\\d+(?:\\.\\d+)?\\s*(?:mbar|bar|psi|kPa|inwc)?)(?:[\\s,;]+(-?\\d+(?:\\.\\d+)?\\s*[°]?[CFcf]?))?(?:[\\s,;]+(\\d+(?:\\.\\d+)?\\s*(?:hPa|mbar|bar|inHg)))?\\s*");

    private ReadingText() {}

    /**
     * @param text such as {@code 60 min 7.9 bar 17 C 1013 hPa}; minutes and the job's temperature where no unit stands
     * @param pressureUnit of a pressure without its own
     */
    public static Read<HoldTest.Reading> read(String text, UnitSystem units, String pressureUnit) {
        Matcher m = LINE.matcher(text);
        if (!m.matches()) {
            return Read.refuse(Refusal.NOT_A_NUMBER, Say.it("reading-text.a-reading-time-pressure"));
        }
        double factor = "h".equals(m.group(2)) ? 3600 : "s".equals(m.group(2)) ? 1 : 60;
        double seconds = Double.parseDouble(m.group(1)) * factor;
        if (seconds > HoldTest.Reading.LONGEST_SECONDS) {
            return Read.refuse(Refusal.OUT_OF_RANGE, Say.it("reading-text.no-test-tightness-lasts"));
        }
        boolean metric = units == UnitSystem.METRIC;
        Read<GaugePressure> bar = QuantityText.pressure(m.group(3), Optional.of(pressureUnit));
        Read<Optional<Temperature>> air =
                ifGiven(m.group(4), t -> QuantityText.temperature(t, Optional.of(metric ? "C" : "F")));
        Read<Optional<AbsolutePressure>> ambient = ifGiven(m.group(5), QuantityText::barometer);
        return bar.then(p -> air.then(t -> ambient.then(a -> Read.of(new HoldTest.Reading(seconds, p, t, a)))));
    }

    private static <T> Read<Optional<T>> ifGiven(String text, Function<String, Read<T>> reader) {
        return text == null ? Read.of(Optional.empty()) : reader.apply(text).then(x -> Read.of(Optional.of(x)));
    }
}
