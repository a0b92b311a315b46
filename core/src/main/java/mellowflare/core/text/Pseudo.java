package mellowflare.core.text;

/** A stand-in for a second language: brackets show where a text begins and ends, accents that it is declared, and length what does not fit. */
final class Pseudo {
    private static final String PLAIN = "aeiouAEIOU";
    private static final String ACCENTED = "áéíóúÁÉÍÓÚ";
    private static final double LONGER = 0.4;

    private Pseudo() {}

    /** The text in brackets, two fifths longer, its places left alone. */
    static String of(String text) {
        StringBuilder out = new StringBuilder("[");
        int depth = 0;
        int letters = 0;
        for (char c : text.toCharArray()) {
            depth += c == '{' ? 1 : c == '}' ? -1 : 0;
            int at = depth == 0 ? PLAIN.indexOf(c) : -1;
            out.append(at < 0 ? c : ACCENTED.charAt(at));
            letters += depth == 0 && Character.isLetter(c) ? 1 : 0;
        }
        return out.append("~".repeat((int) Math.ceil(letters * LONGER - 2 < 0 ? 0 : letters * LONGER - 2)))
                .append(']')
                .toString();
    }
}
