package mellowflare.app.line;

import java.util.List;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.ChoiceRow;
import mellowflare.app.entry.EntryRow;
import mellowflare.app.entry.Text;
import mellowflare.core.fluid.Ambient;

/** Where the line lies and what is done to it. */
public final class AmbientEntries extends VBox {
    private final LineModel model;
    private final ChoiceRow<Ambient.Moves> moves;
    private final ChoiceRow<Ambient.Opener> opener;
    private final ChoiceRow<Boolean> wet;

    public AmbientEntries(LineModel model) {
        super(5);
        this.model = model;
        moves = new ChoiceRow<>(
                "",
                List.of(Ambient.Moves.values()),
                Ambient.Moves::word,
                m -> null,
                true,
                m -> model.ambient(x -> x.withMoves(m)));
        opener = new ChoiceRow<>(
                "",
                List.of(Ambient.Opener.values()),
                Ambient.Opener::word,
                o -> null,
                true,
                o -> model.ambient(x -> x.withOpener(o)));
        wet = new ChoiceRow<>(
                "",
                List.of(true, false),
                w -> w ? Say.it("ambient-entries.water-reaches") : Say.it("ambient-entries.dry"),
                w -> null,
                true,
                w -> model.ambient(x -> x.withWet(w)));
        EntryRow air = new EntryRow(Say.it("ambient-entries.ambient"), Say.it("ambient-entries.c-or-f"), model.air());
        air.field().setId("ambient");
        moves.setId("moves");
        opener.setId("opener");
        wet.setId("wet");
        getChildren().setAll(air, moves, wet, Text.of(Say.it("ambient-entries.who-opens-joint-next"), "soft"), opener);
    }

    public void refresh() {
        moves.show(model.ambient().moves());
        opener.show(model.ambient().opener());
        wet.show(model.ambient().wet());
    }
}
