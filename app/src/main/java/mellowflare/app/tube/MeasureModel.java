package mellowflare.app.tube;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;
import mellowflare.app.desk.Desk;
import mellowflare.app.entry.FieldState;
import mellowflare.app.line.AboveZero;
import mellowflare.book.exchange.TextFiles;
import mellowflare.book.tube.LraCsv;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.tube.TubeLineKind;
import mellowflare.core.tube.form.LegTo;
import mellowflare.core.tube.form.Measured;
import mellowflare.core.tube.form.TubeShape;
import mellowflare.core.tube.line.TubeLine;

/**
 * The way of a tube as it is typed in, without a window: row by row, one empty row always waiting at the end. While a cell is refused the last good way stays in the job.
 */
public final class MeasureModel {
    /** More rows than this are taken from a table only. */
    private static final int MOST = 200;

    private final Desk desk;
    private final ReadOnlyObjectWrapper<List<Line>> lines = new ReadOnlyObjectWrapper<>(List.of());
    private final SimpleObjectProperty<Optional<Integer>> chosen = new SimpleObjectProperty<>(Optional.empty());
    private final FieldState<Length> template = AboveZero.field("A template", Measured.LONGEST);
    private final FieldState<Length> check = AboveZero.taped();
    private By by = By.POINTS;
    /** What the rows that stand there mean: a point read as a straight, a rotation and a bend would be nonsense. */
    private By laidBy = by;

    private LegTo to = LegTo.CENTRE;
    private String job = "";

    /** One row of three cells. */
    public static final class Line {
        private final List<FieldState<Double>> cells;

        private Line(List<FieldState<Double>> cells) {
            this.cells = cells;
        }

        public FieldState<Double> cell(int i) {
            return cells.get(i);
        }

        boolean blank() {
            return cells.stream().allMatch(c -> c.textProperty().get().isBlank());
        }

        boolean refused() {
            return cells.stream().anyMatch(c -> !c.refusalProperty().get().isEmpty());
        }

        List<Double> values() {
            return cells.stream().map(c -> c.value().orElse(0.0)).toList();
        }
    }

    public MeasureModel(Desk desk) {
        this.desk = desk;
        template.onChange(() -> put(
                Say.it("measure-model.template"),
                template.value().<Measured>map(Measured.Template::new).orElse(Measured.NOTHING)));
        check.onChange(() -> tube(
                Say.it("measure-model.distance-end-end"),
                t -> t.withReading(
                        t.reading().withCheck(check.value(), t.reading().checkBy()))));
        desk.currentProperty().addListener((o, was, now) -> refresh());
        refresh();
    }

    public By by() {
        return by;
    }

    public LegTo to() {
        return to;
    }

    /** The rows that stand there now; a new list whenever rows come or go. */
    public ReadOnlyObjectProperty<List<Line>> linesProperty() {
        return lines.getReadOnlyProperty();
    }

    /** The row that is worked on, counted from 0. */
    public SimpleObjectProperty<Optional<Integer>> chosenProperty() {
        return chosen;
    }

    /** The corner of the drawing that the row worked on stands for: of points its own, of legs and straights the one at its end. */
    public Optional<Integer> corner() {
        return chosen.get().map(i -> by == By.POINTS ? i : i + 1);
    }

    public FieldState<Length> template() {
        return template;
    }

    public FieldState<Length> check() {
        return check;
    }

    /** Another way of measuring: what was measured is turned into it, as far as it has a shape. */
    public void by(By other) {
        if (other == by) {
            return;
        }
        TubeShape shape =
                desk.current().plan(TubeLineKind.TUBE).orElseThrow().c().shape();
        by = other;
        Measured turned = Rows.of(shape, other);
        to = turned instanceof Measured.Legs l ? l.to() : to;
        put(Say.it("measure-model.measured-by", "other", other.word()), turned);
        relay();
    }

    /** To where the rule was laid. */
    public void to(LegTo now) {
        to = now;
        typed();
    }

    /** Puts an empty row before one. */
    public void insert(int before) {
        if (lines.get().size() < MOST) {
            List<Line> more = new ArrayList<>(lines.get());
            more.add(Math.max(0, Math.min(before, more.size())), waiting());
            lines.set(List.copyOf(more));
        }
    }

    /** Takes a row out. */
    public void remove(int at) {
        if (at < lines.get().size() - 1) {
            List<Line> fewer = new ArrayList<>(lines.get());
            fewer.remove(at);
            lines.set(List.copyOf(fewer));
            typed();
        }
    }

    /** Takes a way from a table of straights and bends or of points; the open one stays when the table is refused. */
    public void takeTable(Path file) {
        desk.keeper()
                .ask(
                        book -> LraCsv.read(TextFiles.read(file, Say.it("measure-model.table-word"), "CSV")),
                        m -> {
                            put(Say.it("measure-model.table", "file", file.getFileName()), m);
                            relay();
                        },
                        desk::tell);
    }

    private Line line() {
        List<FieldState<Double>> cells = new ArrayList<>();
        for (int i = 0; i < 3; i++) {
            FieldState<Double> cell = Rows.cell(by, i);
            cell.onChange(this::typed);
            cells.add(cell);
        }
        return new Line(cells);
    }

    /** An empty row. */
    private Line waiting() {
        Line line = line();
        for (int c = 0; c < 3; c++) {
            line.cell(c).show("", Optional.empty(), desk.units());
        }
        return line;
    }

    /** What stands in the rows; empty while one is refused or has a gap. */
    private Optional<Measured> read() {
        List<Line> all = new ArrayList<>(lines.get());
        while (!all.isEmpty() && all.get(all.size() - 1).blank()) {
            all.remove(all.size() - 1);
        }
        if (all.stream().anyMatch(Line::refused)) {
            return Optional.empty();
        }
        if (all.isEmpty()) {
            return Optional.of(Measured.NOTHING);
        }
        return Rows.read(by, to, all.stream().map(Line::values).toList());
    }

    /** A cell was typed in: the way follows when it can be read, and an empty row is kept waiting at the end. */
    private void typed() {
        List<Line> now = lines.get();
        if (now.isEmpty() || !now.get(now.size() - 1).blank() && now.size() < MOST) {
            List<Line> more = new ArrayList<>(now);
            more.add(waiting());
            lines.set(List.copyOf(more));
        }
        read().ifPresent(m -> put(Say.it("measure-model.shape"), m));
    }

    private void put(String what, Measured m) {
        tube(what, t -> t.withMeasured(m));
    }

    private void tube(String what, java.util.function.UnaryOperator<TubeLine> change) {
        desk.change(what, "tube" + what, j -> j.change(TubeLineKind.TUBE, change));
    }

    private void refresh() {
        TubeLine t = desk.job().line(TubeLineKind.TUBE);
        UnitSystem units = desk.units();
        String now = desk.job().id() + units;
        boolean other = !now.equals(job);
        job = now;
        Optional<Length> length =
                t.measured() instanceof Measured.Template x ? Optional.of(x.length()) : Optional.empty();
        template.show(length.map(l -> LengthFormat.figure(l, units)).orElse(""), length, units);
        check.show(
                t.reading().check().map(l -> LengthFormat.figure(l, units)).orElse(""),
                t.reading().check(),
                units);
        boolean refused = lines.get().stream().anyMatch(Line::refused);
        boolean same = t.measured().said() ? by == By.of(t.measured()) : !other;
        if (other
                || !same
                || laidBy != by
                || !refused && !read().filter(t.measured()::equals).isPresent() && by != By.TEMPLATE) {
            relay();
        }
    }

    /** Lays the rows anew from the job. */
    private void relay() {
        Measured m = desk.job().line(TubeLineKind.TUBE).measured();
        if (m.said()) {
            by = By.of(m);
        }
        laidBy = by;
        UnitSystem units = desk.units();
        to = m instanceof Measured.Legs l ? l.to() : to;
        List<Line> laid = new ArrayList<>();
        for (List<Double> row : Rows.values(m)) {
            Line line = line();
            List<String> texts = Rows.texts(m, row, units);
            for (int c = 0; c < 3; c++) {
                line.cell(c).show(texts.get(c), Optional.of(row.get(c)), units);
            }
            laid.add(line);
        }
        laid.add(waiting());
        lines.set(Collections.unmodifiableList(laid));
    }

    /** What keeps the rows from being a tube, said at the row it is at. */
    public Optional<Said> trouble() {
        return desk.current()
                .plan(TubeLineKind.TUBE)
                .flatMap(t -> t.c().shape().trouble().map(x -> {
                    int row = by == By.POINTS ? x.corner() : Math.max(0, x.corner());
                    return new Said(row, x.says(desk.units()));
                }));
    }

    /**
     * A sentence at a row.
     *
     * @param row counted from 0
     * @param sentence what to tell
     */
    public record Said(int row, String sentence) {}
}
