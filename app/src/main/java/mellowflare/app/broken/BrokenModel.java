package mellowflare.app.broken;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyObjectProperty;
import mellowflare.app.desk.Desk;
import mellowflare.app.entry.FieldState;
import mellowflare.app.entry.Numbers;
import mellowflare.book.job.Papers;
import mellowflare.core.broken.BrokenPartKind;
import mellowflare.core.broken.BrokenPlan;
import mellowflare.core.broken.line.BrokenLine;
import mellowflare.core.broken.work.BrokenCase;
import mellowflare.core.job.Evaluation;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.table.FigureTable;

/** A stuck or broken part without a window. */
public final class BrokenModel {
    private static final double MOST_AN_HOUR = 100_000;

    private final Desk desk;
    private final FieldState<Double> hour = Numbers.field(Say.it("broken-model.an-hour"), 0, MOST_AN_HOUR, "");

    public BrokenModel(Desk desk) {
        this.desk = desk;
        hour.onChange(() -> change(Say.it("broken-model.an-hour"), l -> l.withHour(hour.value())));
        desk.currentProperty().addListener((o, was, now) -> refresh());
        refresh();
    }

    public ReadOnlyObjectProperty<Evaluation> currentProperty() {
        return desk.currentProperty();
    }

    /** Whether the open job is a stuck or broken part. */
    public boolean isBroken() {
        return desk.job().is(BrokenPartKind.BROKEN);
    }

    public BrokenPlan plan() {
        return desk.current().plan(BrokenPartKind.BROKEN).orElseThrow();
    }

    public BrokenCase c() {
        return plan().c();
    }

    public BrokenLine line() {
        return desk.job().line(BrokenPartKind.BROKEN);
    }

    public UnitSystem units() {
        return desk.units();
    }

    public FieldState<Double> hour() {
        return hour;
    }

    // --- words ---

    List<FigureTable> tables(FigureTable.What what) {
        return plan().table(what).stream().toList();
    }

    void change(String what, UnaryOperator<BrokenLine> change) {
        desk.change(what, "broken" + what, j -> j.change(BrokenPartKind.BROKEN, change));
    }

    // --- papers ---

    public List<Papers.Offer> papers() {
        return Papers.offered(BrokenPartKind.BROKEN);
    }

    public void write(Papers.Offer paper) {
        desk.write(paper);
    }

    private void refresh() {
        Optional<Double> h = line().hour();
        hour.show(h.map(Numbers::text).orElse(""), h, units());
    }
}
