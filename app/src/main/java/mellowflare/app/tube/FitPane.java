package mellowflare.app.tube;

import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.ChoiceRow;
import mellowflare.app.entry.Columns;
import mellowflare.app.entry.EntryRow;
import mellowflare.app.entry.ShareBar;
import mellowflare.app.entry.Text;
import mellowflare.core.advice.Figure;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.tube.form.FitChance;
import mellowflare.core.tube.line.Redo;

/** The chance that the tube drops in, what rounding does, and what becomes of it when a bad flare is cut off. */
final class FitPane extends VBox {
    private static final double BAR = 150;
    private static final int MOST_CAUSES = 5;
    private final FitModel model;
    private final VBox chance = new VBox(3);
    private final VBox rounding = new VBox(4);
    private final VBox redo = new VBox(4);
    private final ChoiceRow<LineEnd> which;
    private final ChoiceRow<Boolean> bent;

    FitPane(FitModel model) {
        this.model = model;
        getStyleClass().add("tight");
        which = new ChoiceRow<>(
                Say.it("fit-pane.at-end"),
                List.of(LineEnd.values()),
                LineEnd::name,
                w -> null,
                false,
                w -> w.ifPresent(model::which));
        bent = new ChoiceRow<>(
                Say.it("fit-pane.tube"),
                List.of(false, true),
                b -> b ? Say.it("fit-pane.bent") : Say.it("fit-pane.still-straight"),
                b -> null,
                false,
                b -> b.ifPresent(model::bent));
        EntryRow off = new EntryRow(Say.it("fit-pane.cut-off"), Say.it("fit-pane.flare-more"), model.off());
        off.field().setId("cut-off");
        getChildren()
                .setAll(new Columns(
                        new double[] {38, 26, 36},
                        Text.under(Say.it("fit-pane.does-drop-without-easing"), chance),
                        Text.under(Say.it("fit-pane.what-rounding-does"), rounding),
                        Text.under(
                                Say.it("fit-pane.a-bad-flare-cut"),
                                which,
                                bent,
                                off,
                                new EntryRow(Say.it("fit-pane.still-too-long"), "by", model.spare()),
                                redo)));
        refresh();
    }

    void refresh() {
        which.show(Optional.of(model.which()));
        bent.show(Optional.of(model.bent()));
        chance();
        rounding();
        redo();
    }

    private void chance() {
        Optional<FitChance> fit = model.fit();
        if (fit.isEmpty()) {
            chance.getChildren().setAll(Text.of(Say.it("fit-pane.needs-way-radius-its"), "soft"));
            return;
        }
        FitChance f = fit.get();
        chance.getChildren()
                .setAll(Text.of(
                        Say.it(
                                "fit-pane.far-end-within-what",
                                "chance",
                                new Figure.OfShare(f.chance()).text(model.units()),
                                "allowedPlace",
                                LengthFormat.figure(f.allowedPlace(), model.units()),
                                "allowedDirection",
                                Figure.of(f.allowedDirection()).text(model.units())),
                        "seal-text"));
        f.causes().stream().limit(MOST_CAUSES).forEach(c -> chance.getChildren().add(cause(c)));
        f.largest()
                .ifPresent(c -> chance.getChildren()
                        .add(Text.of(Say.it("fit-pane.most-gain", "better", c.better()), "finding-remedy")));
    }

    private static Node cause(FitChance.Cause c) {
        return new VBox(
                1,
                Text.of(c.what() + ", " + LengthFormat.decimal(c.share() * 100, 0, 0) + " %", "finding-brief"),
                new ShareBar(c.share(), BAR));
    }

    private void rounding() {
        rounding.getChildren().setAll(Text.of(model.roundingSays(), "seal-text"));
    }

    private void redo() {
        Optional<Redo> r = model.redo();
        if (r.isEmpty()) {
            redo.getChildren().setAll(Text.of(Say.it("fit-pane.type-how-much-goes"), "soft"));
            return;
        }
        Redo x = r.get();
        redo.getChildren()
                .setAll(
                        Text.of(sentence(x.serves().words()), "finding-says"),
                        Text.of(
                                Say.it(
                                        "fit-pane.tube-left",
                                        "both",
                                        LengthFormat.both(x.left(), model.units()),
                                        "lacks",
                                        x.lacks().mm() > 0 ? LengthFormat.figure(x.lacks(), model.units()) : "none",
                                        "s",
                                        x.straightLeft()
                                                .map(s -> String.valueOf(LengthFormat.figure(s, model.units())))
                                                .orElse("none")),
                                "finding-remedy"));
    }

    private static String sentence(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1) + ".";
    }
}
