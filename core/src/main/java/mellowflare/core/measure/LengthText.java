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
                return Read.refuse(
                        Refusal.UNIT_MISSING,
                        "“" + shown + "” has no unit: write mm, cm, m, in or ft after the number.");
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
            return Read.refuse(
                    Refusal.OUT_OF_RANGE, "“" + shown + "” is more than a kilometre: check the number and its unit.");
        }
        return Read.of(Length.ofMm(mm));
    }

    private static Optional<Read<Length>> refusePair(
            String shown, List<LengthTokens.Token> tokens, LengthTokens.Token first, LengthTokens.Token second) {
        LengthUnit one = first.unit().orElse(null);
        LengthUnit two = second.unit().orElse(LengthUnit.INCH);
        if (tokens.size() > 2 || one == null || one == two) {
            return Optional.of(Read.refuse(
                    Refusal.UNIT_TWICE, "“" + shown + "” holds more than one length: write one, such as 6' 4 1/2\"."));
        }
        if (one == LengthUnit.INCH && two == LengthUnit.FOOT) {
            return Optional.of(Read.refuse(
                    Refusal.INCHES_BEFORE_FEET, "“" + shown + "” has inches before feet: write the feet first."));
        }
        if (one != LengthUnit.FOOT || two != LengthUnit.INCH) {
            return Optional.of(Read.refuse(
                    Refusal.UNIT_TWICE,
                    "“" + shown + "” mixes two units: only feet and inches may stand together, such as 6' 4 1/2\"."));
        }
        if (first.value() != Math.rint(first.value())) {
            return Optional.of(Read.refuse(
                    Refusal.BAD_FRACTION, "“" + shown + "” has a part of a foot and inches: give whole feet first."));
        }
        if (second.value() >= 12) {
            return Optional.of(Read.refuse(
                    Refusal.INCHES_OVER_A_FOOT,
                    "“" + shown + "” has 12 inches or more after the feet: carry them into the feet."));
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
