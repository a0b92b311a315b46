package mellowflare.book.json;

import java.util.Locale;

/** Values of the program as words of a file. */
public final class Words {
    private Words() {}

    /** The word of a value: lower case, joined by hyphens. */
    public static String of(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
