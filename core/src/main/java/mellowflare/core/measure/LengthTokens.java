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
            return Read.refuse(Refusal.EMPTY, "Nothing was entered: give a length such as 2 7/16 or 61.9 mm.");
        }
        String shown = typed.strip();
        if (shown.length() > LONGEST_TEXT) {
            return Read.refuse(Refusal.TOO_LONG, "That is too long for one length: give a number and its unit.");
        }
        String text = plain(shown);
        if (text.startsWith("-")) {
            return Read.refuse(Refusal.NEGATIVE, "“" + shown + "” is negative: a length here is never below zero.");
        }
        if (text.matches(".*\\d*\\.\\d*\\.\\d*.*")) {
            return Read.refuse(Refusal.TWO_DECIMAL_POINTS, "“" + shown + "” has two decimal points.");
        }
        if (text.contains(",")) {
            String undone =
                    COMMA_DECIMAL.matcher(text).replaceAll(m -> m.group().replace(',', '.'));
            if (undone.contains(",")) {
                return Read.refuse(
                        Refusal.AMBIGUOUS_COMMA,
                        "The comma in “" + shown + "” could be a thousands mark: write a point for decimals.");
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
                return Read.refuse(Refusal.ZERO_DENOMINATOR, "“" + shown + "” divides by zero.");
            }
            if (at < text.length() && text.charAt(at) == '/'
                    || at < text.length() && Character.isDigit(text.charAt(at))
                    || text.substring(at).matches("\\s*/.*")) {
                return Read.refuse(
                        Refusal.BAD_FRACTION, "“" + shown + "” is not a fraction that can be read: write 2 7/16.");
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
                            "“" + word + "” in “" + shown
                                    + "” is not a unit of length known here: use mm, cm, m, in or ft.");
                }
                at = unit.end();
            }
            tokens.add(new Token(value, named));
        }
        if (tokens.isEmpty()) {
            return Read.refuse(Refusal.NOT_A_NUMBER, "“" + shown + "” holds no number.");
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
            return Read.refuse(Refusal.UNIT_TWICE, "“" + shown + "” names a unit twice.");
        }
        if (rest.startsWith("-")) {
            return Read.refuse(Refusal.NEGATIVE, "“" + shown + "” is negative: a length here is never below zero.");
        }
        if (rest.startsWith("/")) {
            return Read.refuse(
                    Refusal.BAD_FRACTION, "“" + shown + "” is not a fraction that can be read: write 2 7/16.");
        }
        return Read.refuse(
                Refusal.NOT_A_NUMBER, "“" + shown + "” is not a length: give a number, such as 2 7/16 or 61.9 mm.");
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
