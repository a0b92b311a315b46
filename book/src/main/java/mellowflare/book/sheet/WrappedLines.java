package mellowflare.book.sheet;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;

/** Text broken into lines of a face. */
final class WrappedLines {
    /** No face sets a word of so few letters wider than the page. */
    private static final int SURELY_FITS = 20;

    private final SheetFonts fonts;
    private final float size;
    private final boolean bold;

    WrappedLines(SheetFonts fonts, float size, boolean bold) {
        this.fonts = fonts;
        this.size = size;
        this.bold = bold;
    }

    /** The lines of a text, no wider than a width (pt). */
    List<String> of(String text, float width) throws IOException {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        float space = fonts.width(" ", size, bold);
        float taken = 0;
        for (String word : text.split("\\s+")) {
            for (String part : fitting(word, width)) {
                float wide = fonts.width(part, size, bold);
                if (line.length() > 0 && taken + space + wide > width) {
                    lines.add(line.toString());
                    line.setLength(0);
                    taken = 0;
                }
                taken += wide + (line.length() > 0 ? space : 0);
                line.append(line.length() > 0 ? " " : "").append(part);
            }
        }
        lines.add(line.toString());
        return lines;
    }

    /** A word wider than the page in pieces that are not. */
    private List<String> fitting(String word, float width) throws IOException {
        if (word.length() < SURELY_FITS || fonts.width(word, size, bold) <= width) {
            return List.of(word);
        }
        List<String> parts = new ArrayList<>();
        int from = 0;
        while (from < word.length()) {
            int to = from;
            float wide = 0;
            while (to < word.length()) {
                int next = word.offsetByCodePoints(to, 1);
                wide += fonts.width(word.substring(to, next), size, bold);
                if (wide > width && to > from) {
                    break;
                }
                to = next;
            }
            parts.add(word.substring(from, to));
            from = to;
        }
        return parts;
    }
}
