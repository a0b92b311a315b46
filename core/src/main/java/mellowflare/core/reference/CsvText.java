package mellowflare.core.reference;

import de.siegmar.fastcsv.writer.CsvWriter;
import java.io.StringWriter;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.regex.Pattern;

/** Writes values as the open CSV files that are read again. */
public final class CsvText {
    private static final Pattern FORMULA = Pattern.compile("[=+@\\-\t\r]");
    private static final Pattern NUMBER = Pattern.compile("-?\\d+(\\.\\d+)?([eE][+-]?\\d+)?");

    private CsvText() {}

    /** One file as text, header first. */
    public static <T> String of(List<String> columns, List<T> values, Function<T, List<String>> row) {
        StringWriter text = new StringWriter();
        CsvWriter csv = CsvWriter.builder().build(text);
        csv.writeRecord(columns);
        values.forEach(v -> csv.writeRecord(row.apply(v)));
        return text.toString();
    }

    /** A text that a spreadsheet shows and does not run: a name that begins as a formula does gets an apostrophe in front. */
    public static String shown(String text) {
        return FORMULA.matcher(text).lookingAt() && !NUMBER.matcher(text).matches() ? "'" + text : text;
    }

    /** As short as it can be and still be read back the same. */
    public static String number(double value) {
        return value == Math.rint(value) && Math.abs(value) < 1e15
                ? Long.toString((long) value)
                : Double.toString(value);
    }

    /** A word of a closed list. */
    public static String word(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** How sure a source is. */
    public static String confidence(Source source) {
        return word(source.confidence());
    }
}
