package mellowflare.core.measure;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * Reads a length as fitters write it: {@code 2 7/16}, {@code 2-7/16"}, {@code 6' 4 1/2"}, {@code 61.9 mm}, {@code ⅞}.
 * A bare number takes the unit system of the job. What is accepted and refused is listed in {@code docs/cli.md}.
 */
public final class LengthText {
    private static final double LONGEST_MM = 1e6;

    private LengthText() {}

    /**
     * Reads a text in which a bare number is allowed.
     *
     * @param text what was typed
     * @param bare the system a number without unit belongs to: inches or millimetres
     * @return a length of zero to one kilometre, or a refusal in a sentence
     */
    public static Read<Length> read(String text, UnitSystem bare) {
        return readAny(text, Optional.of(bare));
    }

    /** Reads a text that must carry its unit. */
    public static Read<Length> readWithUnit(String text) {
        return readAny(text, Optional.empty());
    }

    private static Read<Length> readAny(String text, Optional<UnitSystem> bare) {
        return LengthTokens.split(text).then(tokens -> assemble(text.strip(), tokens, bare));
    }

    private static Read<Length> assemble(String shown, List<LengthTokens.Token> tokens, Optional<UnitSystem> bare) {
        double mm;
        if (tokens.size() == 1) {
            LengthTokens.Token only = tokens.get(0);
            if (only.unit().isEmpty() && bare.isEmpty()) {
                return Read.refuse(Refusal.UNIT_MISSING, Say.it("length-text.has-no-unit-write", "shown", shown));
            }
            mm = only.value()
                    * only.unit().orElseGet(() -> bareUnit(bare.orElseThrow())).mm();
        } else {
            LengthTokens.Token first = tokens.get(0);
            LengthTokens.Token second = tokens.get(1);
            Optional<Read<Length>> refused = refusePair(shown, tokens, first, second);
            if (refused.isPresent()) {
                return refused.get();
            }
            mm = (12 * first.value() + second.value()) * LengthUnit.INCH.mm();
        }
        if (mm > LONGEST_MM) {
            return Read.refuse(Refusal.OUT_OF_RANGE, Say.it("length-text.more-than-kilometre-check", "shown", shown));
        }
        return Read.of(Length.ofMm(mm));
    }

    private static Optional<Read<Length>> refusePair(
            String shown, List<LengthTokens.Token> tokens, LengthTokens.Token first, LengthTokens.Token second) {
        LengthUnit one = first.unit().orElse(null);
        LengthUnit two = second.unit().orElse(LengthUnit.INCH);
        if (tokens.size() > 2 || one == null || one == two) {
            return Optional.of(
                    Read.refuse(Refusal.UNIT_TWICE, Say.it("length-text.holds-more-than-one", "shown", shown)));
        }
        if (one == LengthUnit.INCH && two == LengthUnit.FOOT) {
            return Optional.of(Read.refuse(
                    Refusal.INCHES_BEFORE_FEET, Say.it("length-text.has-inches-before-feet", "shown", shown)));
        }
        if (one != LengthUnit.FOOT || two != LengthUnit.INCH) {
            return Optional.of(
                    Read.refuse(Refusal.UNIT_TWICE, Say.it("length-text.mixes-two-units-only", "shown", shown)));
        }
        if (first.value() != Math.rint(first.value())) {
            return Optional.of(
                    Read.refuse(Refusal.BAD_FRACTION, Say.it("length-text.has-part-foot-inches", "shown", shown)));
        }
        if (second.value() >= 12) {
            return Optional.of(
                    Read.refuse(Refusal.INCHES_OVER_A_FOOT, Say.it("length-text.has-12-inches-or", "shown", shown)));
        }
        return Optional.empty();
    }

    private static LengthUnit bareUnit(UnitSystem bare) {
        return bare == UnitSystem.INCH ? LengthUnit.INCH : LengthUnit.MILLIMETRE;
    }

    /** Length units that may be written, with their millimetres. */
    enum LengthUnit {
        MILLIMETRE(1),
        CENTIMETRE(10),
        METRE(1000),
        INCH(Length.MM_PER_INCH),
        FOOT(12 * Length.MM_PER_INCH);

        private final double mm;

        LengthUnit(double mm) {
            this.mm = mm;
        }

        double mm() {
            return mm;
        }

        static Optional<LengthUnit> named(String word) {
            return switch (word.toLowerCase(Locale.ROOT)) {
                case "mm", "millimetre", "millimetres", "millimeter", "millimeters" -> Optional.of(MILLIMETRE);
                case "cm" -> Optional.of(CENTIMETRE);
                case "m", "metre", "metres", "meter", "meters" -> Optional.of(METRE);
                case "in", "inch", "inches", "\"" -> Optional.of(INCH);
                case "ft", "foot", "feet", "'" -> Optional.of(FOOT);
                default -> Optional.empty();
            };
        }
    }
}
