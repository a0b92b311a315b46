package mellowflare.app.broken;

import java.util.List;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.ChoiceRow;
import mellowflare.app.entry.Columns;
import mellowflare.app.entry.EntryRow;
import mellowflare.app.entry.Text;
import mellowflare.core.broken.stock.PipeSizes;
import mellowflare.core.broken.stock.StuckFluid;
import mellowflare.core.broken.stock.StuckMaterial;
import mellowflare.core.broken.stock.StuckState;
import mellowflare.core.broken.stock.ThreadState;

/** How the part stands, what it is, what runs in it, and how the thread is once it is out. */
final class BrokenPartPane extends VBox {
    private final BrokenModel model;
    private final ChoiceRow<StuckState> state;
    private final ChoiceRow<String> size;
    private final ChoiceRow<StuckMaterial.Id> material;
    private final ChoiceRow<StuckFluid.Id> fluid;
    private final ChoiceRow<String> set;
    private final ChoiceRow<ThreadState> thread;

    BrokenPartPane(BrokenModel model) {
        this.model = model;
        setId("broken-part");
        state = new ChoiceRow<>(
                Say.it("broken-part-pane.it-is"),
                List.of(StuckState.values()),
                StuckState::word,
                s -> null,
                true,
                s -> model.change(Say.it("broken-part-pane.how-it-stands"), l -> l.withState(s)));
        state.setId("broken-state");
        size = new ChoiceRow<>(
                Say.it("broken-part-pane.size"),
                PipeSizes.ALL,
                s -> s,
                s -> null,
                true,
                s -> model.change(Say.it("broken-part-pane.size"), l -> l.withSize(s)));
        size.setId("broken-size");
        material = new ChoiceRow<>(
                Say.it("broken-part-pane.made-of"),
                List.of(StuckMaterial.Id.values()),
                m -> model.c().stock().material(m).name(),
                m -> null,
                true,
                m -> model.change(Say.it("broken-part-pane.material"), l -> l.withMaterial(m)));
        material.setId("broken-material");
        fluid = new ChoiceRow<>(
                Say.it("broken-part-pane.carries"),
                List.of(StuckFluid.Id.values()),
                f -> model.c().stock().fluid(f).name(),
                f -> null,
                true,
                f -> model.change(Say.it("broken-part-pane.fluid"), l -> l.withFluid(f)));
        fluid.setId("broken-fluid");
        set = new ChoiceRow<>(
                Say.it("broken-part-pane.set"),
                model.c().stock().sets(),
                s -> s,
                s -> null,
                true,
                s -> model.change(Say.it("broken-part-pane.set-of-extractors"), l -> l.withSet(s)));
        set.setId("broken-set");
        thread = new ChoiceRow<>(
                Say.it("broken-part-pane.new-male"),
                List.of(ThreadState.values()),
                ThreadState::word,
                t -> null,
                true,
                t -> model.change(Say.it("broken-part-pane.thread"), l -> l.withThread(t)));
        thread.setId("broken-thread");
        EntryRow hour = new EntryRow(Say.it("broken-part-pane.hour"), "48", model.hour());
        hour.field().setId("broken-hour");
        VBox part = Text.under(Say.it("broken-part-pane.part"), state, material);
        VBox line = Text.under(Say.it("broken-part-pane.line"), size, fluid);
        VBox after = Text.under(Say.it("broken-part-pane.tools-and-after"), set, thread, hour);
        for (VBox box : List.of(part, line, after)) {
            box.getStyleClass().add("tight");
        }
        getChildren().setAll(new Columns(new double[] {33, 35, 32}, part, line, after));
    }

    void refresh() {
        state.show(model.line().state());
        size.show(model.line().size());
        material.show(model.line().material());
        fluid.show(model.line().fluid());
        set.show(model.line().set());
        thread.show(model.line().thread());
    }
}
