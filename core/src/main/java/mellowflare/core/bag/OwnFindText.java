package mellowflare.core.bag;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.Refusal;

/** Reads a find as a fitter says it: {@code copper stub 40: coupling 1/2, cap 1/2}. */
public final class OwnFindText {
    private static final Pattern FORM = Pattern.compile("(.*\\S)\\s+(\\d{1,4}(?:[.,]\\d+)?)\\s*%?\\s*(?::(.*))?");
    private static final int LONGEST = 400;

    private OwnFindText() {}

    /** Its name, how likely it is against the others, and after a colon what finishes the job then. */
    public static Read<OwnFind> read(String text) {
        if (text.length() > LONGEST) {
            return Read.refuse(Refusal.TOO_LONG, Say.it("own-find-text.too-long", "most", LONGEST));
        }
        Matcher m = FORM.matcher(text.strip());
        if (!m.matches()) {
            return Read.refuse(Refusal.NOT_A_NUMBER, Say.it("own-find-text.as"));
        }
        double weight = Double.parseDouble(m.group(2).replace(',', '.'));
        if (!(weight > 0 && weight <= OwnFind.HEAVIEST)) {
            return Read.refuse(Refusal.OUT_OF_RANGE, Say.it("own-find-text.weighs"));
        }
        List<String> parts = new ArrayList<>();
        for (String part : m.group(3) == null ? new String[0] : m.group(3).split(",")) {
            if (!part.isBlank()) {
                parts.add(part.strip());
            }
        }
        return parts.size() > OwnFind.MOST
                ? Read.refuse(Refusal.OUT_OF_RANGE, Say.it("own-find-text.too-many", "most", OwnFind.MOST))
                : Read.of(new OwnFind(m.group(1), weight, parts));
    }
}
