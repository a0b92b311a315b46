package mellowflare.core.procedure;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.IntStream;
import mellowflare.core.advice.Wording;
import mellowflare.core.picture.moment.Moment;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.Source;
import mellowflare.core.shelf.PartRole;
import mellowflare.core.testing.Duties;
import mellowflare.core.testing.Duty;

/** The rows of a kind of line's {@code steps.csv}: the order of work before it is filled for one line. */
public final class StepTable {
    /**
     * One row. Texts still hold their places in braces.
     *
     * @param id stable name
     * @param perEnd whether it stands once for each end
     * @param when words that must all hold, each with its alternatives
     * @param title a few words
     * @param text what to do
     * @param tools what must be at hand
     * @param hold why it is a hold point; empty when it is none
     * @param cutFigure whether the cut figure must be settled before the tick
     * @param caution what can hurt; may be empty
     * @param record the figure to write down; may be empty
     * @param tests the tests that are taken at it
     * @param takes what it takes from the shelf
     * @param shows what its picture shows
     * @param source who says to do it so
     */
    public record Row(
            String id,
            boolean perEnd,
            List<Set<String>> when,
            String title,
            String text,
            List<ToolAsk> tools,
            String hold,
            boolean cutFigure,
            String caution,
            Optional<RecordAsk> record,
            List<Duty> tests,
            List<PartRole> takes,
            List<Moment> shows,
            Source source) {

        /** Whether all its words hold; of words parted by a bar one is enough. */
        public boolean holds(Set<String> words) {
            for (Set<String> any : when) {
                if (Collections.disjoint(words, any)) {
                    return false;
                }
            }
            return true;
        }
    }

    private final List<Row> rows;

    private final StepWords words;

    private StepTable(List<Row> rows, StepWords words) {
        this.rows = rows;
        this.words = words;
    }

    /**
     * Reads {@code steps.csv} beside a class of the kind of line.
     *
     * @param words all that may stand under {@code when}
     * @throws mellowflare.core.reference.BrokenTable if a row asks for another word
     */
    public static StepTable beside(Class<?> kind, StepWords words) {
        return of(CsvTable.beside(kind, "steps.csv"), words);
    }

    static StepTable of(CsvTable table, StepWords words) {
        List<Row> rows = new ArrayList<>();
        table.map(
                        r -> r.need("per").equals("shared") ? shared(r, words) : List.of(row(r, words)),
                        r -> r.get(0).id() + r.get(0).when())
                .forEach(rows::addAll);
        return new StepTable(rows, words);
    }

    /** The rows that a kind takes over; others may hold words that are not its own. */
    private static List<Row> shared(CsvTable.Row asking, StepWords words) {
        String id = asking.need("id");
        List<Row> rows = CsvTable.beside(StepTable.class, "shared.csv").rows().stream()
                .filter(r -> r.need("id").equals(id))
                .map(r -> row(r, words))
                .toList();
        if (rows.isEmpty()) {
            throw asking.broken("id", Say.it("step-table.none-rows-that-orders", "id", id));
        }
        return rows;
    }

    private static Row row(CsvTable.Row r, StepWords words) {
        return new Row(
                r.need("id"),
                r.need("per").equals("end"),
                when(r, words),
                r.said("title"),
                told(r, "text", r.said("text"), words),
                tools(r, words),
                r.saidIfAny("hold"),
                r.text("gate").equals("cut-figure"),
                told(r, "caution", r.saidIfAny("caution"), words),
                record(r, words),
                tests(r),
                takes(r),
                shows(r),
                r.source());
    }

    /** A text of which every place in braces is a figure of this order of work. */
    private static String told(CsvTable.Row r, String column, String text, StepWords words) {
        words.strangeFigure(Wording.places(text)).ifPresent(name -> {
            throw r.broken(column, Say.it("step-table.none-figures-this-order", "name", name));
        });
        return text;
    }

    private static List<ToolAsk> tools(CsvTable.Row r, StepWords words) {
        List<String> asked = r.list("tools");
        List<String> shown = r.saidList("tools");
        return IntStream.range(0, asked.size())
                .mapToObj(i -> new ToolAsk(asked.get(i), told(r, "tools", shown.get(i), words)))
                .toList();
    }

    private static Optional<RecordAsk> record(CsvTable.Row r, StepWords words) {
        if (r.text("record").isEmpty()) {
            return Optional.empty();
        }
        String of = r.need("record_of");
        StepWords.Recorded kind = words.recorded(of)
                .orElseThrow(() -> r.broken("record_of", Say.it("step-table.nothing-that-written-down", "word", of)));
        return Optional.of(new RecordAsk(r.said("record"), of, kind, r.maybeLength("record_within_mm")));
    }

    private static List<Duty> tests(CsvTable.Row r) {
        return r.list("tests").stream()
                .map(id -> Held.DUTIES
                        .find(id)
                        .orElseThrow(() -> r.broken("tests", Say.it("step-table.no-such-test", "id", id))))
                .toList();
    }

    private static List<PartRole> takes(CsvTable.Row r) {
        return r.list("takes").stream()
                .map(word -> Arrays.stream(PartRole.values())
                        .filter(p -> p.name().equalsIgnoreCase(word))
                        .findFirst()
                        .orElseThrow(() -> r.broken("takes", Say.it("step-table.no-such-part", "word", word))))
                .toList();
    }

    private static List<Moment> shows(CsvTable.Row r) {
        List<Moment> moments = r.list("shows").stream()
                .map(word -> Moment.of(word)
                        .orElseThrow(() -> r.broken("shows", Say.it("step-table.no-such-moment", "word", word))))
                .toList();
        if (moments.size() > Moment.MOST) {
            throw r.broken("shows", Say.it("step-table.too-many-moments", "most", Moment.MOST));
        }
        return moments;
    }

    /** The tests are loaded by the first order of work that is. */
    private static final class Held {
        static final Duties DUTIES = Duties.load();
    }

    private static List<Set<String>> when(CsvTable.Row r, StepWords words) {
        List<Set<String>> when =
                r.list("when").stream().map(w -> Set.of(w.split("\\|"))).toList();
        for (Set<String> any : when) {
            words.stranger(any).ifPresent(stranger -> {
                throw r.broken("when", Say.it("step-table.none-words-this-order", "stranger", stranger));
            });
        }
        return when;
    }

    /** Words that no row could ask for are a slip in the code. */
    private Set<String> known(Set<String> said) {
        words.stranger(said).ifPresent(stranger -> {
            throw new IllegalStateException("“" + stranger + "” is none of the words of this order of work");
        });
        return said;
    }

    /** What its rows may ask for. */
    public StepWords words() {
        return words;
    }

    public List<Row> rows() {
        return rows;
    }

    /**
     * A row that stands in a line's order of work.
     *
     * @param side for which side; empty for the whole line
     */
    public record Placed<S>(Row row, Optional<S> side) {}

    /**
     * The rows that hold for a line, in table order; neighbouring rows of ends stand together for one end and then for the other.
     *
     * @param lineWords words that hold for the whole line
     * @param order which side comes first in a block of such rows
     * @param sideWords words that hold for a side
     */
    public <S> List<Placed<S>> placed(
            Set<String> lineWords, Function<List<Row>, List<S>> order, Function<S, Set<String>> sideWords) {
        known(lineWords);
        List<Placed<S>> placed = new ArrayList<>();
        int at = 0;
        while (at < rows.size()) {
            int end = at;
            while (end < rows.size() && rows.get(end).perEnd() == rows.get(at).perEnd()) {
                end++;
            }
            List<Row> block = rows.subList(at, end);
            if (rows.get(at).perEnd()) {
                for (S side : order.apply(block)) {
                    Set<String> words = new HashSet<>(lineWords);
                    words.addAll(known(sideWords.apply(side)));
                    add(block, words, Optional.of(side), placed);
                }
            } else {
                add(block, lineWords, Optional.empty(), placed);
            }
            at = end;
        }
        return placed;
    }

    private static <S> void add(List<Row> block, Set<String> words, Optional<S> side, List<Placed<S>> placed) {
        for (Row row : block) {
            if (row.holds(words)) {
                placed.add(new Placed<>(row, side));
            }
        }
    }
}
