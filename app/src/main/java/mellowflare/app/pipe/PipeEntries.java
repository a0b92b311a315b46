package mellowflare.app.pipe;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.ChoiceRow;
import mellowflare.app.entry.WordCell;
import mellowflare.core.pipe.line.PipeShape;
import mellowflare.core.pipe.stock.FittingSystem;
import mellowflare.core.pipe.stock.PipeGrade;

/** What a line of rigid pipe is built of: its shape, fittings, pipe and size. */
final class PipeEntries extends VBox {
    private final PipeModel model;
    private final ChoiceRow<PipeShape> shape;
    private final ComboBox<FittingSystem> fittings = new ComboBox<>();
    private final ComboBox<PipeGrade> grade = new ComboBox<>();
    private final VBox sizes = new VBox();
    private List<String> offered = List.of();
    private ChoiceRow<String> size;
    private boolean showing;

    PipeEntries(PipeModel model) {
        super(4);
        this.model = model;
        shape = new ChoiceRow<>(
                Say.it("pipe-entries.shape"),
                List.of(PipeShape.values()),
                s -> s == PipeShape.OFFSET ? Say.it("pipe-entries.offset") : Say.it("pipe-entries.run"),
                s -> null,
                false,
                s -> s.ifPresent(model::shape));
        shape.setId("pipe-shape");
        fittings.getItems().setAll(model.systems());
        WordCell.dress(fittings, FittingSystem::name, Say.it("pipe-entries.choose-fittings"));
        fittings.setId("pipe-fittings");
        fittings.setMaxWidth(Double.MAX_VALUE);
        fittings.setAccessibleText(Say.it("pipe-entries.choose-fittings"));
        fittings.valueProperty().addListener((o, was, now) -> {
            if (!showing && now != null) {
                model.system(now);
            }
        });
        grade.getItems().setAll(model.grades());
        WordCell.dress(grade, PipeGrade::name, Say.it("pipe-entries.choose-pipe"));
        grade.setId("pipe-grade");
        grade.setMaxWidth(Double.MAX_VALUE);
        grade.setAccessibleText(Say.it("pipe-entries.choose-pipe"));
        grade.valueProperty().addListener((o, was, now) -> {
            if (!showing && now != null) {
                model.grade(now);
            }
        });
        getChildren().setAll(shape, fittings, grade, sizes);
    }

    void refresh() {
        showing = true;
        shape.show(Optional.of(model.line().shape()));
        fittings.setValue(model.system().orElse(null));
        grade.setValue(model.c().grade().orElse(null));
        List<String> now = model.sizes();
        if (!now.equals(offered)) {
            offered = now;
            size = new ChoiceRow<>(Say.it("pipe-entries.size"), now, n -> n, n -> null, true, model::size);
            size.setId("pipe-size");
            sizes.getChildren().setAll(size);
        }
        size.show(model.line().size());
        showing = false;
    }
}
