package mellowflare.core.size;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import mellowflare.core.measure.Length;

/**
 * A dash size: for tube, sixteenths of an inch of outside diameter; for hose only a label whose bore each family tables.
 *
 * @param number the number behind the dash, 1 to 64
 */
public record DashSize(int number) implements Comparable<DashSize> {
    private static final Pattern FORM = Pattern.compile("-?(\\d{1,2})");

    public DashSize {
        if (number < 1 || number > 64) {
            throw new IllegalArgumentException("A dash size is 1 to 64, not " + number);
        }
    }

    /** Reads {@code -8} or {@code 8}; empty if it is no dash size. */
    public static Optional<DashSize> read(String text) {
        Matcher m = FORM.matcher(text.strip());
        if (!m.matches()) {
            return Optional.empty();
        }
        int number = Integer.parseInt(m.group(1));
        return number >= 1 && number <= 64 ? Optional.of(new DashSize(number)) : Optional.empty();
    }

    public String text() {
        return "-" + number;
    }

    /** Outside diameter of the tube of this dash size. Says nothing of a hose's bore. */
    public Length tubeOutside() {
        return Length.ofInches(number / 16.0);
    }

    @Override
    public int compareTo(DashSize other) {
        return Integer.compare(number, other.number);
    }
}
