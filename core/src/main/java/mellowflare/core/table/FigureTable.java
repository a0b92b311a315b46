package mellowflare.core.table;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import mellowflare.core.advice.Subject;

/**
 * Figures under headings, ready to be shown.
 *
 * @param what which of a line's tables it is
 * @param title its heading
 * @param columns its columns, at least one
 * @param rows its rows, each with a cell for every column
 * @param sum the row under the rule; empty where nothing adds up
 * @param note what is said once under it; may be blank
 */
public record FigureTable(
        What what, String title, List<Column> columns, List<Row> rows, Optional<List<String>> sum, String note) {
    /** What stands in a cell of which nothing is known. */
    public static final String OPEN = "–";

    private static final Pattern WITH_UNIT = Pattern.compile("(.*[0-9]) ([^0-9]+)");

    /**
     * @throws IllegalArgumentException if a row has more or fewer cells than there are columns
     */
    public FigureTable {
        columns = List.copyOf(columns);
        rows = List.copyOf(rows);
        sum = sum.map(List::copyOf);
        int wide = columns.size();
        if (wide == 0
                || rows.stream().anyMatch(r -> r.cells().size() != wide)
                || sum.filter(s -> s.size() != wide).isPresent()) {
            throw new IllegalArgumentException(title);
        }
    }

    /** The tables that lines have. */
    public enum What {
        /** The lines of a machine. */
        LINES,
        /** What is due of lines in service. */
        DUE,
        /** What was done to lines. */
        HISTORY,
        /** Figures as planned and as written down. */
        BUILT,
        /** How the cut comes about. */
        SUM,
        /** What holds each end. */
        ENDS,
        /** Every seal in order. */
        SEALS,
        /** What may be tried, the gentlest first. */
        RUNGS,
        /** Ways of doing it against each other. */
        COSTS,
        PARTS,
        /** Parts for what nobody has seen. */
        BAG,
        BENDS,
        /** What is cut from each bar. */
        BARS,
        /** Pressure where it is taken. */
        PRESSURES,
        /** What each stretch carries and loses. */
        STRETCHES,
        HEIGHTS,
        /** Where water falls out of the air on its way. */
        FALLS,
        /** Where water gathers. */
        WATER,
        RODS,
        NIPPLES,
        HOSES,
        /** A day run through. */
        DAY,
        /** Who lacked air on it. */
        LACKS,
        /** The line as its fitter called it out. */
        WALK,
        /** In which order it goes together. */
        ORDER,
        /** What was measured on the spot. */
        MEASURED
    }

    /**
     * One column.
     *
     * @param name its heading
     * @param unit the unit of its figures, said once in the heading; blank where they have none
     * @param figures whether figures stand in it, right-aligned and never broken, instead of words
     */
    public record Column(String name, String unit, boolean figures) {
        public static Column words(String name) {
            return new Column(name, "", false);
        }

        public static Column figures(String name) {
            return new Column(name, "", true);
        }

        public static Column figures(String name, String unit) {
            return new Column(name, unit, true);
        }
    }

    /**
     * One row.
     *
     * @param cells a text for each column
     * @param about the part of the line that it speaks of
     * @param out columns whose figure is out of its limit
     */
    public record Row(List<String> cells, Optional<Subject> about, Set<Integer> out) {
        public Row {
            cells = List.copyOf(cells);
            out = Set.copyOf(out);
        }

        public static Row of(String... cells) {
            return new Row(List.of(cells), Optional.empty(), Set.of());
        }

        private Row bare(List<Column> columns) {
            return new Row(
                    IntStream.range(0, cells.size())
                            .mapToObj(i -> FigureTable.bare(cells.get(i), columns.get(i)))
                            .toList(),
                    about,
                    out);
        }

        public Row about(Subject part) {
            return new Row(cells, Optional.of(part), out);
        }

        /** The same with the figure in this column out of its limit. */
        public Row out(int column) {
            Set<Integer> more = new HashSet<>(out);
            more.add(column);
            return new Row(cells, about, more);
        }
    }

    /** A table of such rows; a unit that all figures of a column share moves into its heading. */
    public static FigureTable of(What what, String title, List<Column> columns, List<Row> rows) {
        FigureTable plain = new FigureTable(what, title, columns, rows, Optional.empty(), "");
        List<Column> heads = new ArrayList<>();
        for (int i = 0; i < columns.size(); i++) {
            Column c = columns.get(i);
            heads.add(c.figures() && c.unit().isEmpty() ? Column.figures(c.name(), shared(rows, i)) : c);
        }
        return new FigureTable(
                what, title, heads, plain.rows.stream().map(r -> r.bare(heads)).toList(), Optional.empty(), "");
    }

    /** The unit that every known figure of a column ends with; blank if there is none. */
    private static String shared(List<Row> rows, int column) {
        List<String> units = rows.stream()
                .map(r -> r.cells().get(column))
                .filter(c -> !c.isBlank() && !c.equals(OPEN))
                .map(c -> {
                    Matcher m = WITH_UNIT.matcher(c);
                    return m.matches() ? m.group(2) : "";
                })
                .distinct()
                .toList();
        return units.size() == 1 ? units.get(0) : "";
    }

    private static String bare(String cell, Column column) {
        return !column.unit().isEmpty() && cell.endsWith(" " + column.unit())
                ? cell.substring(0, cell.length() - column.unit().length() - 1)
                : cell;
    }

    /** The same with a sum ruled off under it; units that stand in the headings are left out. */
    public FigureTable withSum(String... cells) {
        return new FigureTable(
                what,
                title,
                columns,
                rows,
                Optional.of(Row.of(cells).bare(columns).cells()),
                note);
    }

    public FigureTable withNote(String said) {
        return new FigureTable(what, title, columns, rows, sum, said);
    }

    /** As a reader reads it out: each row with the headings of its figures. */
    public String spoken() {
        List<String> said = new ArrayList<>(List.of(title));
        rows.forEach(row -> said.add(spoken(row)));
        return String.join(". ", said);
    }

    /** What the rows about a part say, a text each: those in which a cell is its name. */
    public List<String> about(String part) {
        return rows.stream()
                .filter(r -> names(r, part))
                .map(r -> Say.it("figure-table.about", "title", title, "row", spoken(r)))
                .toList();
    }

    private boolean names(Row row, String part) {
        return IntStream.range(0, columns.size())
                .anyMatch(i -> (i == 0 || !columns.get(i).figures())
                        && row.cells().get(i).equals(part));
    }

    private String spoken(Row row) {
        List<String> cells = new ArrayList<>();
        for (int i = 0; i < columns.size(); i++) {
            String cell = row.cells().get(i);
            if (!cell.isBlank() && !cell.equals(OPEN)) {
                Column c = columns.get(i);
                cells.add(
                        c.figures()
                                ? Say.it(
                                        "figure-table.cell",
                                        "name",
                                        c.name(),
                                        "figure",
                                        cell,
                                        "unit",
                                        c.unit().isBlank() ? "none" : c.unit())
                                : cell);
            }
        }
        return String.join(", ", cells);
    }
}
