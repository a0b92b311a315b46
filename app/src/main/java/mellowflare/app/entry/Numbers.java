package mellowflare.app.entry;

import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.Refusal;

/** Fields for plain numbers within limits. */
public final class Numbers {
    private Numbers() {}

    /**
     * @param what in a sentence, such as “A fall”
     * @param least smallest
     * @param most largest
     * @param shown said behind what was understood
     */
    public static FieldState<Double> field(String what, double least, double most, String shown) {
        return FieldState.of(
                t -> {
                    try {
                        double v = Double.parseDouble(t.strip().replace("%", "").strip());
                        return v >= least && v <= most
                                ? Read.of(v)
                                : Read.refuse(
                                        Refusal.OUT_OF_RANGE,
                                        Say.it(
                                                "numbers.lies-between",
                                                "what",
                                                what,
                                                "text",
                                                text(least),
                                                "textB",
                                                text(most)));
                    } catch (NumberFormatException e) {
                        return Read.refuse(Refusal.NOT_A_NUMBER, Say.it("numbers.no-number", "strip", t.strip()));
                    }
                },
                v -> shown);
    }

    /** As it stands in a field. */
    public static String text(double v) {
        return LengthFormat.decimal(v, 3, 0);
    }
}
