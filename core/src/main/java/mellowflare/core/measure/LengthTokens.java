package mellowflare.core.measure;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import mellowflare.core.measure.LengthText.LengthUnit;

/** Splits a written length into numbers with their units; knows fractions, vulgar-fraction characters and commas. */
final class LengthTokens {
    private static final int LONGEST_TEXT = 40;
    private static final Pattern NUMBER = Pattern.compile(
            "(\\d+)(?:\\s*-\\s*|\\s+)(\\d+)\\s*/\\s*(\\d+)" // 2 7/16, 2-7/16
                    + "|(\\d+)\\s*/\\s*(\\d+)" // 7/8
                    + "|(\\d+\\.\\d*|\\.\\d+|\\d+)"); // 1, 1.25, .5
    private static final Pattern UNIT = Pattern.compile("[A-Za-z]+\\.?|['\"]");
    private static final Pattern COMMA_DECIMAL =
            Pattern.compile("(?<![\\d.,])(0,\\d+|\\d+,(?:\\d{1,2}|\\d{4,}))(?![\\d.,])");

    /** A number and the unit written after it, if any. */
    record Token(double value, Optional<LengthUnit> unit) {}

    private LengthTokens() {}

    static Read<List<Token>> split(String typed) {
        if (typed == null || typed.isBlank()) {
            return Read.refuse(Refusal.EMPTY, Say.it("length-tokens.nothing-was-entered-give"));
        }
        String shown = typed.strip();
        if (shown.length() > LONGEST_TEXT) {
            return Read.refuse(Refusal.TOO_LONG, Say.it("length-tokens.that-too-long-for"));
        }
        String text = plain(shown);
        if (text.startsWith("-")) {
            return Read.refuse(Refusal.NEGATIVE, Say.it("length-tokens.negative-length-here-never", "shown", shown));
        }
        if (text.matches(".*\\d*\\.\\d*\\.\\d*.*")) {
            return Read.refuse(
                    Refusal.TWO_DECIMAL_POINTS, Say.it("length-tokens.has-two-decimal-points", "shown", shown));
        }
        if (text.contains(",")) {
            String undone =
                    COMMA_DECIMAL.matcher(text).replaceAll(m -> m.group().replace(',', '.'));
            if (undone.contains(",")) {
                return Read.refuse(Refusal.AMBIGUOUS_COMMA, Say.it("length-tokens.the-comma-could-be", "shown", shown));
            }
            text = undone;
        }
        return scan(shown, text);
    }

    private static Read<List<Token>> scan(String shown, String text) {
        List<Token> tokens = new ArrayList<>();
        Matcher number = NUMBER.matcher(text);
        Matcher unit = UNIT.matcher(text);
        int at = 0;
        while (at < text.length()) {
            at = skipGap(text, at, !tokens.isEmpty());
            if (at >= text.length()) {
                break;
            }
            if (!number.region(at, text.length()).lookingAt()) {
                return strange(shown, text.substring(at), !tokens.isEmpty());
            }
            at = number.end();
            if (isZero(number.group(3)) || isZero(number.group(5))) {
                return Read.refuse(Refusal.ZERO_DENOMINATOR, Say.it("length-tokens.divides-by-zero", "shown", shown));
            }
            if (at < text.length() && text.charAt(at) == '/'
                    || at < text.length() && Character.isDigit(text.charAt(at))
                    || text.substring(at).matches("\\s*/.*")) {
                return Read.refuse(Refusal.BAD_FRACTION, Say.it("length-tokens.not-fraction-that-can", "shown", shown));
            }
            double value = value(number);
            int afterSpace = skipGap(text, at, false);
            Optional<LengthUnit> named = Optional.empty();
            if (afterSpace < text.length()
                    && unit.region(afterSpace, text.length()).lookingAt()) {
                String word = unit.group().replace(".", "");
                named = LengthUnit.named(word);
                if (named.isEmpty()) {
                    return Read.refuse(
                            Refusal.UNKNOWN_UNIT,
                            Say.it("length-tokens.not-unit-length-known", "word", word, "shown", shown));
                }
                at = unit.end();
            }
            tokens.add(new Token(value, named));
        }
        if (tokens.isEmpty()) {
            return Read.refuse(Refusal.NOT_A_NUMBER, Say.it("length-tokens.holds-no-number", "shown", shown));
        }
        return Read.of(List.copyOf(tokens));
    }

    private static boolean isZero(String digits) {
        return digits != null && Double.parseDouble(digits) == 0;
    }

    private static double value(Matcher m) {
        if (m.group(1) != null) {
            return Double.parseDouble(m.group(1)) + Double.parseDouble(m.group(2)) / Double.parseDouble(m.group(3));
        }
        if (m.group(4) != null) {
            return Double.parseDouble(m.group(4)) / Double.parseDouble(m.group(5));
        }
        return Double.parseDouble(m.group(6));
    }

    private static Read<List<Token>> strange(String shown, String rest, boolean afterToken) {
        Matcher unit = UNIT.matcher(rest);
        if (afterToken && unit.lookingAt() && LengthUnit.named(unit.group()).isPresent()) {
            return Read.refuse(Refusal.UNIT_TWICE, Say.it("length-tokens.names-unit-twice", "shown", shown));
        }
        if (rest.startsWith("-")) {
            return Read.refuse(Refusal.NEGATIVE, Say.it("length-tokens.negative-length-here-never", "shown", shown));
        }
        if (rest.startsWith("/")) {
            return Read.refuse(Refusal.BAD_FRACTION, Say.it("length-tokens.not-fraction-that-can", "shown", shown));
        }
        return Read.refuse(Refusal.NOT_A_NUMBER, Say.it("length-tokens.not-length-give-number", "shown", shown));
    }

    /** Spaces, and between feet and inches also one dash, part the numbers. */
    private static int skipGap(String text, int from, boolean dashToo) {
        int at = from;
        boolean dash = false;
        while (at < text.length()
                && (Character.isWhitespace(text.charAt(at)) || dashToo && !dash && text.charAt(at) == '-')) {
            dash |= text.charAt(at) == '-';
            at++;
        }
        return at;
    }

    /** Brings the many ways of writing primes, dashes, spaces and built fractions to one. */
    private static String plain(String text) {
        StringBuilder out = new StringBuilder();
        for (char c : text.toCharArray()) {
            String parts = Normalizer.normalize(String.valueOf(c), Normalizer.Form.NFKD);
            boolean built = parts.length() > 1 && parts.indexOf('\u2044') > 0;
            if (built) {
                out.append(' ').append(parts.replace('\u2044', '/'));
            } else {
                out.append(
                        switch (c) {
                            case '\u2044', '\u2215' -> '/';
                            case '\u2032', '\u2019', '\u2018', '`', '\u00b4' -> '\'';
                            case '\u2033', '\u201d', '\u201c' -> '"';
                            case '\u2212', '\u2013', '\u2014', '\u2010', '\u2011' -> '-';
                            case '\u00a0', '\u2009', '\u202f', '\t', '\n' -> ' ';
                            default -> c;
                        });
            }
        }
        return out.toString().strip().replace("''", "\"");
    }
}
