package mellowflare.app.line;

import java.util.List;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.ChoiceRow;
import mellowflare.app.entry.EntryRow;
import mellowflare.app.entry.Text;
import mellowflare.core.fluid.Surroundings;

/** Where the line lies and what is done to it. */
public final class AroundEntries extends VBox {
    private final LineModel model;
    private final ChoiceRow<Surroundings.Moves> moves;
    private final ChoiceRow<Surroundings.Opener> opener;
    private final ChoiceRow<Boolean> wet;

    public AroundEntries(LineModel model) {
        super(5);
        this.model = model;
        moves = new ChoiceRow<>(
                "",
                List.of(Surroundings.Moves.values()),
                Surroundings.Moves::word,
                m -> null,
                true,
                m -> model.around(x -> x.withMoves(m)));
        opener = new ChoiceRow<>(
                "",
                List.of(Surroundings.Opener.values()),
                Surroundings.Opener::word,
                o -> null,
                true,
                o -> model.around(x -> x.withOpener(o)));
        wet = new ChoiceRow<>(
                "",
                List.of(true, false),
                w -> w ? "water reaches it" : "in the dry",
                w -> null,
                true,
                w -> model.around(x -> x.withWet(w)));
        getChildren()
                .setAll(
                        new EntryRow("surroundings", "C or F", model.air()),
                        moves,
                        wet,
                        Text.of("Who opens a joint next", "soft"),
                        opener);
    }

    public void refresh() {
        moves.show(model.around().moves());
        opener.show(model.around().opener());
        wet.show(model.around().wet());
    }
}
