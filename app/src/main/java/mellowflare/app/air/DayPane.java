package mellowflare.app.air;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.Columns;
import mellowflare.app.entry.Press;
import mellowflare.app.entry.TablesPane;
import mellowflare.app.entry.Text;
import mellowflare.core.air.day.DayRun;
import mellowflare.core.air.day.DayTables;
import mellowflare.core.table.FigureTable;

/** A day run through: what the compressor did, and who lacked air. */
final class DayPane extends VBox {
    private final AirModel model;
    private final AirWork work;
    private final TablesPane day = new TablesPane();
    private final TablesPane lacks = new TablesPane();
    private final Label says = Text.of("", "finding-remedy");
    private long seed = 1;

    DayPane(AirModel model, AirWork work) {
        super(6);
        this.model = model;
        this.work = work;
        setId("air-day");
        HBox head = new HBox(
                12,
                Press.quiet(Say.it("day-pane.run-day"), () -> work.day(seed)),
                Press.quiet(Say.it("day-pane.run-another-day"), () -> work.day(++seed)),
                new Progress(work));
        head.setAlignment(Pos.CENTER_LEFT);
        getChildren().setAll(head, says, new Columns(new double[] {52, 48}, day, lacks));
    }

    void refresh() {
        Optional<DayRun> run = work.day();
        List<FigureTable> tables = run.map(d -> DayTables.of(model.c(), d)).orElse(List.of());
        day.show(tables.stream().limit(1).toList());
        lacks.show(tables.stream().skip(1).toList());
        String text = run.isEmpty()
                ? Say.it("day-pane.a-working-day-second")
                : work.dayOld() ? Say.it("day-pane.the-main-has-changed") : "";
        says.setText(text);
        says.setManaged(!text.isEmpty());
    }
}
