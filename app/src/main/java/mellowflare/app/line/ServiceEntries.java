package mellowflare.app.line;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.ChoiceRow;
import mellowflare.app.entry.EntryRow;
import mellowflare.app.entry.WordCell;
import mellowflare.core.fluid.Duty;
import mellowflare.core.fluid.Fluid;
import mellowflare.core.fluid.Work;

/** What the line must do, whatever it is made of. */
public final class ServiceEntries extends VBox {
    private final LineModel model;
    private final ComboBox<Fluid> fluid = new ComboBox<>();
    private final ChoiceRow<Work> work;
    private final ChoiceRow<Duty> duty;
    private boolean showing;

    public ServiceEntries(LineModel model) {
        super(4);
        this.model = model;
        duty = new ChoiceRow<>(
                Say.it("service-entries.is"),
                List.of(Duty.values()),
                Duty::word,
                d -> null,
                false,
                d -> d.ifPresent(model::duty));
        work = new ChoiceRow<>(
                Say.it("service-entries.work"), List.of(Work.values()), Work::word, w -> null, true, model::work);
        work.setId("work");
        fluid.getItems().setAll(model.fluids());
        WordCell.dress(fluid, Fluid::name, Say.it("service-entries.fluid-not-chosen"));
        fluid.setId("fluid");
        fluid.setAccessibleText(Say.it("service-entries.fluid-line"));
        fluid.setMaxWidth(Double.MAX_VALUE);
        fluid.valueProperty().addListener((o, was, now) -> {
            if (!showing && now != null) {
                model.fluid(now);
            }
        });
        getChildren()
                .setAll(
                        work,
                        fluid,
                        duty,
                        named(
                                "working",
                                new EntryRow(
                                        Say.it("service-entries.working-pressure"),
                                        Say.it("service-entries.bar-or-psi"),
                                        model.working())),
                        named(
                                "peak",
                                new EntryRow(
                                        Say.it("service-entries.highest-surge"),
                                        Say.it("service-entries.bar-or-psi"),
                                        model.peak())),
                        named(
                                "hottest",
                                new EntryRow(
                                        Say.it("service-entries.hottest-fluid"),
                                        Say.it("service-entries.c-or-f"),
                                        model.temperature())),
                        named("flow", new EntryRow(Say.it("service-entries.flow"), "L/min", model.flow())));
        refresh();
    }

    private static EntryRow named(String id, EntryRow row) {
        row.field().setId(id);
        return row;
    }

    public void refresh() {
        showing = true;
        fluid.setValue(model.fluid().orElse(null));
        work.show(model.work());
        duty.show(Optional.of(model.duty()));
        showing = false;
    }
}
