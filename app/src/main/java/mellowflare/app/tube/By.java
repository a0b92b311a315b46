package mellowflare.app.tube;

import mellowflare.core.tube.form.Measured;

/** How a way is measured, with the words over its columns. */
public enum By {
    POINTS("points", "x", "y", "z"),
    LEGS("legs", "leg", "turn", "bend"),
    ROWS("straights", "straight", "rotation", "bend"),
    TEMPLATE("template", "", "", "");

    private final String word;
    private final String[] columns;

    By(String word, String... columns) {
        this.word = word;
        this.columns = columns;
    }

    public String word() {
        return word;
    }

    /** The trade word over a column, counted from 0. */
    public String column(int i) {
        return columns[i];
    }

    static By of(Measured m) {
        if (m instanceof Measured.Legs) {
            return LEGS;
        }
        if (m instanceof Measured.Rows) {
            return ROWS;
        }
        return m instanceof Measured.Template ? TEMPLATE : POINTS;
    }
}
