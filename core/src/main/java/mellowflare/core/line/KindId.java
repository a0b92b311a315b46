package mellowflare.core.line;

import java.util.regex.Pattern;

/**
 * The stable name of a kind of line: in files, in logs and in names of commands.
 *
 * @param word lower-case letters and hyphens, such as {@code hose}
 */
public record KindId(String word) implements Comparable<KindId> {
    private static final Pattern WORD = Pattern.compile("[a-z]+(-[a-z]+)*");

    public KindId {
        if (!WORD.matcher(word).matches()) {
            throw new IllegalArgumentException("A kind of line is named by lower-case letters and hyphens: " + word);
        }
    }

    @Override
    public int compareTo(KindId other) {
        return word.compareTo(other.word);
    }

    @Override
    public String toString() {
        return word;
    }
}
