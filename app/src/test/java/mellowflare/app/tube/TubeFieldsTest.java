package mellowflare.app.tube;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import mellowflare.app.OpenBook;
import mellowflare.app.entry.FieldState;
import mellowflare.book.BookTrouble;
import mellowflare.book.job.JobJson;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.geometry.Vector;
import mellowflare.core.tube.TubeLineKind;
import mellowflare.core.tube.form.Measured;
import mellowflare.core.tube.line.TubeLine;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Whatever is typed into any field of a tube line: it is taken, or refused in a sentence beside it, and nothing else is lost. */
class TubeFieldsTest {
    private static final List<String> NONSENSE =
            List.of("x", "--3", "1/0", "12 bar", "3 kg", "12 12", "-5 mm", "1e5", "°", "½½", "3..4", "0x10", "NaN");
    private static final List<String> LARGE =
            List.of("199 mm", "5000 mm", "19 m", "99999999", "400 in", "180", "1000000 mm");
    private static final List<String> SMALL = List.of("0", "0 mm", "0.0001 mm", "1", "0.5");

    @TempDir
    private Path folder;

    private OpenBook open;
    private TubeModels m;

    @BeforeEach
    void open() throws BookTrouble {
        open = OpenBook.demo(folder);
        open.desk().open("demo-tube-fuel");
        open.settle();
        m = TubeModels.of(open.desk());
    }

    @AfterEach
    void close() {
        open.close();
    }

    private TubeLine line() {
        return open.desk().job().line(TubeLineKind.TUBE);
    }

    private Map<String, FieldState<?>> fields() {
        Map<String, FieldState<?>> all = new LinkedHashMap<>();
        all.put("outside", m.tube().choice().outside());
        all.put("wall", m.tube().choice().wall());
        all.put("radius", m.tube().radius());
        all.put("square up", m.tube().squareUp());
        all.put("design factor", m.tube().factor());
        for (LineEnd w : LineEnd.values()) {
            all.put("reach " + w, m.tube().reach(w));
            all.put("stick-out " + w, m.tube().stickOut(w));
            all.put("room " + w, m.here().room(w));
        }
        for (int i = 0; i < 2; i++) {
            all.put("lever " + i, m.tube().trials().lever(i));
            all.put("kept " + i, m.tube().trials().kept(i));
        }
        all.put("cutter", m.here().cutter());
        all.put("bar", m.here().bar());
        all.put("bender", m.here().bender());
        all.put("bench stick-out", m.bench().stickOut());
        all.put("bench off centre", m.bench().offCentre());
        all.put("bench crooked", m.bench().crooked());
        all.put("bench shift", m.bench().shift());
        all.put("bench measured", m.bench().measured());
        all.put("cut off", m.fit().off());
        all.put("spare", m.fit().spare());
        all.put("template", m.measure().template());
        all.put("end to end", m.measure().check());
        return all;
    }

    /** All that a fitter could look at next. */
    private void look() throws BookTrouble {
        assertThat(m.tube().plan().findings()).isNotEmpty();
        assertThat(m.tube().plan().steps()).isNotEmpty();
        m.tube().c().bendings(LineEnd.B);
        m.bench().made();
        m.bench().drawing();
        m.bench().suspects();
        m.fit().redo();
        m.fit().roundingSays();
        m.tube().choice().tubeFacts();
        assertThat(JobJson.read(JobJson.write(open.desk().job())))
                .isEqualTo(open.desk().job());
    }

    @Test
    void testNonsenseIsSaidBesideTheFieldAndChangesNothing() throws BookTrouble {
        for (Map.Entry<String, FieldState<?>> f : fields().entrySet()) {
            for (String text : NONSENSE) {
                TubeLine before = line();
                f.getValue().textProperty().set(text);
                String what = f.getKey() + " “" + text + "”";
                assertThat(f.getValue().refusalProperty().get())
                        .as(what)
                        .isNotBlank()
                        .endsWith(".")
                        .doesNotContain("Exception", "null");
                assertThat(line()).as(what).isEqualTo(before);
                assertThat(f.getValue().textProperty().get()).as(what).isEqualTo(text);
            }
            look();
        }
    }

    @Test
    void testSizesNobodyMeantAreTakenOrRefusedButBreakNothing() throws BookTrouble {
        for (Map.Entry<String, FieldState<?>> f : fields().entrySet()) {
            for (List<String> texts : List.of(LARGE, SMALL)) {
                for (String text : texts) {
                    f.getValue().textProperty().set(text);
                    open.settle();
                    look();
                    assertThat(f.getValue().textProperty().get()).as(f.getKey()).isEqualTo(text);
                }
            }
            f.getValue().textProperty().set("");
            open.settle();
            look();
        }
    }

    @Test
    void testWhatWasTypedBeforeStaysWhenTheNextIsRefused() {
        m.tube().radius().textProperty().set("30 mm");
        m.tube().radius().textProperty().set("30 bar");
        assertThat(line().radius().orElseThrow().mm()).isEqualTo(30);
        m.tube().squareUp().textProperty().set("2 mm");
        assertThat(m.tube().radius().textProperty().get()).isEqualTo("30 bar");
        assertThat(line().radius().orElseThrow().mm()).isEqualTo(30);
        m.tube().radius().textProperty().set("");
        assertThat(line().radius()).isEmpty();
    }

    @Test
    void testNonsenseInAnyCellOfAnyWayOfMeasuringChangesNothing() throws BookTrouble {
        for (By by : List.of(By.LEGS, By.ROWS, By.POINTS)) {
            m.measure().by(by);
            open.settle();
            for (int column = 0; column < 3; column++) {
                for (String text : NONSENSE) {
                    if (text.equals("-5 mm") && by == By.POINTS) {
                        continue;
                    }
                    TubeLine before = line();
                    FieldState<Double> cell =
                            m.measure().linesProperty().get().get(1).cell(column);
                    cell.textProperty().set(text);
                    String what = by + ", column " + column + " “" + text + "”";
                    assertThat(cell.refusalProperty().get())
                            .as(what)
                            .isNotBlank()
                            .endsWith(".");
                    assertThat(line()).as(what).isEqualTo(before);
                }
                look();
                m.measure()
                        .linesProperty()
                        .get()
                        .get(1)
                        .cell(column)
                        .textProperty()
                        .set("60");
                open.settle();
                look();
            }
        }
    }

    /** Two points in one place make no tube; neither does turning them into something else. */
    @Test
    void testATubeOfNothingStaysWhatItIs() throws BookTrouble {
        open.desk()
                .change(
                        "way",
                        "",
                        j -> j.change(
                                TubeLineKind.TUBE,
                                t -> t.withMeasured(new Measured.Points(List.of(Vector.ZERO, Vector.ZERO)))));
        open.settle();
        for (By by : By.values()) {
            m.measure().by(by);
            open.settle();
            look();
        }
    }
}
