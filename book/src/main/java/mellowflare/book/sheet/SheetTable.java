package mellowflare.book.sheet;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import mellowflare.core.table.FigureTable;
import mellowflare.core.table.FigureTable.Column;
import mellowflare.core.table.FigureTable.Row;

/** A table on the sheet: headings with units, figures right-aligned and whole, words that wrap, the sum ruled off. */
final class SheetTable {
    private static final float SIZE = 9;
    private static final float HEAD = 8;
    private static final float GAP = 14;
    private static final float LEADING = 12;

    /** Words that wrap into two lines are somewhat more than half as broad. */
    private static final float WRAPPED = 0.6f;

    private final SheetPage page;
    private final FigureTable table;
    private final float[] wide;

    SheetTable(SheetPage page, FigureTable table) throws IOException {
        this.page = page;
        this.table = table;
        this.wide = widths();
    }

    void write() throws IOException {
        page.need(4 * LEADING + 20);
        page.gap(5);
        page.heading(table.title(), 12);
        page.gap(3);
        heads();
        for (Row row : table.rows()) {
            List<List<String>> cells = wrapped(row.cells(), false);
            if (page.turns(high(cells))) {
                heads();
            }
            lines(cells, SIZE, false, row);
        }
        if (table.sum().isPresent()) {
            List<List<String>> cells = wrapped(table.sum().get(), true);
            page.need(high(cells) + 6);
            page.gap(3);
            page.hairline(taken(), 0.13f);
            lines(cells, SIZE, true, Row.of());
        }
        if (!table.note().isBlank()) {
            page.text(table.note(), 8.5f, 0, false, 0.37f);
        }
    }

    private void heads() throws IOException {
        List<List<String>> heads = new ArrayList<>();
        for (int i = 0; i < wide.length; i++) {
            heads.add(page.wrap(head(table.columns().get(i)), HEAD, wide[i], false));
        }
        lines(heads, HEAD, false, null);
        page.gap(3);
        page.hairline(taken(), 0.8f);
    }

    private static String head(Column c) {
        return c.unit().isBlank() ? c.name() : Say.it("sheet-table.head", "name", c.name(), "unit", c.unit());
    }

    /** Cells of one row below each other; {@code row} is empty for headings. */
    private void lines(List<List<String>> cells, float size, boolean bold, Row row) throws IOException {
        int most = cells.stream().mapToInt(List::size).max().orElse(1);
        for (int n = 0; n < most; n++) {
            // A row higher than a page goes on over the next one.
            page.need(LEADING);
            page.gap(LEADING);
            float x = 0;
            for (int i = 0; i < wide.length; i++) {
                if (n < cells.get(i).size()) {
                    String text = cells.get(i).get(n);
                    boolean out = row != null && row.out().contains(i);
                    float right = table.columns().get(i).figures() ? wide[i] - page.width(text, size, bold || out) : 0;
                    page.put(text, x + right, size, bold || out, row == null ? 0.37f : 0.13f);
                }
                x += wide[i] + GAP;
            }
        }
    }

    private List<List<String>> wrapped(List<String> cells, boolean bold) throws IOException {
        List<List<String>> all = new ArrayList<>();
        for (int i = 0; i < wide.length; i++) {
            all.add(
                    table.columns().get(i).figures()
                            ? List.of(cells.get(i))
                            : page.wrap(cells.get(i), SIZE, wide[i], bold));
        }
        return all;
    }

    private static float high(List<List<String>> cells) {
        return LEADING * cells.stream().mapToInt(List::size).max().orElse(1);
    }

    private float taken() {
        float sum = -GAP;
        for (float w : wide) {
            sum += w + GAP;
        }
        return sum;
    }

    /** Figures as wide as they are; words as wide as they are too, or they share what is left. */
    private float[] widths() throws IOException {
        int columns = table.columns().size();
        float[] natural = new float[columns];
        float words = 0;
        float figures = (columns - 1) * GAP;
        for (int i = 0; i < columns; i++) {
            Column c = table.columns().get(i);
            natural[i] = c.figures() ? longestWord(head(c)) : page.width(head(c), HEAD, false);
            for (Row row : table.rows()) {
                natural[i] = Math.max(
                        natural[i],
                        page.width(row.cells().get(i), SIZE, row.out().contains(i)));
            }
            if (table.sum().isPresent()) {
                natural[i] = Math.max(natural[i], page.width(table.sum().get().get(i), SIZE, true));
            }
            if (c.figures()) {
                figures += natural[i];
            } else {
                words += natural[i];
            }
        }
        float room = page.wide() - figures;
        for (int i = 0; i < columns && words < room; i++) {
            float whole = page.width(head(table.columns().get(i)), HEAD, false);
            if (whole > natural[i] && words + whole - natural[i] <= room) {
                room -= whole - natural[i];
                natural[i] = whole;
            }
        }
        if (words > room) {
            squeeze(natural, room);
        }
        return natural;
    }

    /** Words give way, each column down to its longest word or so. */
    private void squeeze(float[] natural, float room) throws IOException {
        float[] least = leasts(natural, WRAPPED);
        float kept = 0;
        for (float l : least) {
            kept += l;
        }
        if (kept > room) {
            least = leasts(natural, 0);
        }
        kept = 0;
        float over = 0;
        for (int i = 0; i < natural.length; i++) {
            if (!table.columns().get(i).figures()) {
                kept += least[i];
                over += natural[i] - least[i];
            }
        }
        for (int i = 0; i < natural.length && over > 0; i++) {
            if (!table.columns().get(i).figures()) {
                natural[i] = least[i] + (natural[i] - least[i]) * Math.max(0, room - kept) / over;
            }
        }
    }

    private float[] leasts(float[] natural, float share) throws IOException {
        float[] least = new float[natural.length];
        for (int i = 0; i < natural.length; i++) {
            least[i] = table.columns().get(i).figures() ? 0 : least(i, natural[i], share);
        }
        return least;
    }

    /** A column of words as narrow as this share of it, but not under its longest word. */
    private float least(int column, float natural, float share) throws IOException {
        float longest = longestWord(head(table.columns().get(column)));
        for (Row row : table.rows()) {
            for (String word : row.cells().get(column).split(" ")) {
                longest = Math.max(longest, page.width(word, SIZE, row.out().contains(column)));
            }
        }
        return Math.min(natural, Math.max(longest, natural * share));
    }

    /** How broad it is with words wrapped as they may be (pt). */
    float natural() throws IOException {
        float all = -GAP;
        for (int i = 0; i < table.columns().size(); i++) {
            float most = longestWord(head(table.columns().get(i)));
            for (Row row : table.rows()) {
                most = Math.max(
                        most, page.width(row.cells().get(i), SIZE, row.out().contains(i)));
            }
            if (table.sum().isPresent()) {
                most = Math.max(most, page.width(table.sum().get().get(i), SIZE, true));
            }
            all += (table.columns().get(i).figures() ? most : least(i, most, WRAPPED)) + GAP;
        }
        return all;
    }

    private float longestWord(String head) throws IOException {
        float most = 0;
        for (String word : head.split(" ")) {
            most = Math.max(most, page.width(word, HEAD, false));
        }
        return most;
    }
}
