package mellowflare.core.testing;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import mellowflare.core.flow.hold.HoldTest;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.Refusal;

/** A reading of a vacuum gauge as it is called out: time and absolute pressure. */
public final class VacuumText {
    private static final Pattern LINE = Pattern.compile(
            "\\s*(\\d+(?:\\.\\d+)?)\\s*(min|h|s)?[\\s,;]+(\\d+(?:\\.\\d+)?)\\s*(Pa|hPa|mbar|micron|microns|torr)?\\s*");
    /** A micron of mercury, a thousandth of a torr (Pa). */
    private static final double MICRON = 101_325.0 / 760 / 1000;

    private static final double HIGHEST = 120_000;

    private VacuumText() {}

    /**
     * Reads a line.
     *
     * @param text such as {@code 5 min 120 Pa} or {@code 5 900 micron}; minutes and pascal where no unit stands
     */
    public static Read<VacuumReading> read(String text) {
        Matcher m = LINE.matcher(text);
        if (!m.matches()) {
            return Read.refuse(Refusal.NOT_A_NUMBER, Say.it("vacuum-text.a-reading"));
        }
        double seconds =
                Double.parseDouble(m.group(1)) * ("h".equals(m.group(2)) ? 3600 : "s".equals(m.group(2)) ? 1 : 60);
        double pascal = Double.parseDouble(m.group(3)) * factor(m.group(4));
        if (seconds > HoldTest.Reading.LONGEST_SECONDS || pascal > HIGHEST) {
            return Read.refuse(Refusal.OUT_OF_RANGE, Say.it("vacuum-text.out-of-range"));
        }
        return Read.of(new VacuumReading(seconds, AbsolutePressure.ofBar(pascal / 1e5)));
    }

    private static double factor(String unit) {
        if (unit == null || unit.equals("Pa")) {
            return 1;
        }
        return switch (unit) {
            case "hPa", "mbar" -> 100;
            case "torr" -> MICRON * 1000;
            default -> MICRON;
        };
    }
}
