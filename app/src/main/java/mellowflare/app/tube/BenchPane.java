package mellowflare.app.tube;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.ChoiceRow;
import mellowflare.app.entry.Columns;
import mellowflare.app.entry.EntryRow;
import mellowflare.app.entry.ShareBar;
import mellowflare.app.entry.Text;
import mellowflare.core.advice.Figure;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.tube.flare.FlareCauses;
import mellowflare.core.tube.flare.FlareFault;
import mellowflare.core.tube.flare.FlareMade;

/** The flare bench: how it is made, what comes of it, and what made a bad one. */
final class BenchPane extends VBox {
    private static final double BAR = 120;
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final int MOST_CAUSES = 4;
    private final BenchModel model;
    private final ChoiceRow<LineEnd> which;
    private final ChoiceRow<Closing> closing;
    private final ChoiceRow<Cone> cone;
    private final FlowPane wrongs = new FlowPane(4, 4);
    private final VBox comes = new VBox(3);
    private final FlowPane faults = new FlowPane(4, 4);
    private final VBox causes = new VBox(3);
    private final Label lacks = Text.of("", "finding-brief");
    private final Columns columns;
    private final ChoiceRow<BenchModel.Page> page;
    private final OwnToolPane own;
    private final StickOutPane table;
    private final VBox body = new VBox();

    BenchPane(BenchModel model) {
        super(6);
        this.model = model;
        getStyleClass().add("tight");
        which = new ChoiceRow<>(
                Say.it("bench-pane.end"),
                List.of(LineEnd.values()),
                LineEnd::name,
                w -> null,
                false,
                w -> w.ifPresent(model::which));
        closing = new ChoiceRow<>(
                Say.it("bench-pane.cone"),
                Arrays.asList(Closing.values()),
                Closing::word,
                c -> null,
                false,
                c -> c.ifPresent(model::closing));
        cone = new ChoiceRow<>(
                Say.it("bench-pane.looks"),
                Arrays.asList(Cone.values()),
                Cone::word,
                c -> null,
                false,
                c -> c.ifPresent(model::cone));
        EntryRow stick = new EntryRow(Say.it("bench-pane.stick-out"), Say.it("bench-pane.planned"), model.stickOut());
        stick.field().setId("bench-stick");
        EntryRow off = new EntryRow(Say.it("bench-pane.off-centre"), "0", model.offCentre());
        off.field().setId("bench-off");
        EntryRow measured = new EntryRow(Say.it("bench-pane.across"), Say.it("bench-pane.measured"), model.measured());
        measured.field().setId("bench-measured");
        Button clear = new Button(Say.it("bench-pane.all-well-again"));
        clear.getStyleClass().setAll("quiet-action");
        clear.setOnAction(e -> model.clear());
        columns = new Columns(
                new double[] {32, 30, 38},
                Text.under(
                        Say.it("bench-pane.how-made"),
                        stick,
                        off,
                        new EntryRow(Say.it("bench-pane.cut-askew"), "0", model.crooked()),
                        new EntryRow(Say.it("bench-pane.moved-by"), "0", model.shift()),
                        closing,
                        cone,
                        wrongs),
                Text.under(Say.it("bench-pane.what-comes"), comes),
                Text.under(Say.it("bench-pane.a-bad-flare-press"), faults, measured, causes, clear));
        own = new OwnToolPane(model.own());
        table = new StickOutPane(model.own());
        page = new ChoiceRow<>(
                Say.it("bench-pane.bench"),
                Arrays.asList(BenchModel.Page.values()),
                BenchModel.Page::word,
                p -> null,
                false,
                p -> p.ifPresent(model::page));
        which.setMinWidth(Region.USE_PREF_SIZE);
        HBox.setHgrow(page, Priority.ALWAYS);
        getChildren().setAll(lacks, new HBox(26, which, page), body);
        refresh();
    }

    void refresh() {
        String missing = model.lacks();
        lacks.setText(missing);
        lacks.setManaged(!missing.isEmpty());
        lacks.setVisible(!missing.isEmpty());
        which.show(Optional.of(model.which()));
        page.show(Optional.of(model.page()));
        Node shown = switch (model.page()) {
            case TRY -> columns;
            case TABLE -> table;
            case OWN -> own;
        };
        if (!body.getChildren().equals(List.of(shown))) {
            body.getChildren().setAll(shown);
        }
        switch (model.page()) {
            case TABLE -> table.refresh();
            case OWN -> own.refresh();
            case TRY -> tried();
        }
    }

    private void tried() {
        closing.show(Optional.of(model.closing()));
        cone.show(Optional.of(model.cone()));
        wrongs.getChildren()
                .setAll(
                        toggle(Say.it("bench-pane.bar-only-gripped"), model::slips, model::slips),
                        toggle(Say.it("bench-pane.burr-left"), model::unreamed, model::unreamed),
                        toggle(Say.it("bench-pane.dry"), model::dry, model::dry));
        comes();
        faults.getChildren()
                .setAll(Arrays.stream(FlareFault.values()).map(this::fault).toList());
        causes();
    }

    private Button toggle(String word, BooleanSupplier is, Consumer<Boolean> set) {
        Button b = button(word, is.getAsBoolean());
        b.setOnAction(e -> set.accept(!is.getAsBoolean()));
        return b;
    }

    private static Button button(String word, boolean chosen) {
        Button b = new Button(word);
        b.getStyleClass().setAll("choice");
        b.pseudoClassStateChanged(CHOSEN, chosen);
        return b;
    }

    private Node fault(FlareFault f) {
        Button b = button(f.word(), model.seen().contains(f));
        b.setId("fault-" + f);
        b.setAccessibleText(f.word() + ": " + f.words());
        b.setOnAction(e -> model.press(f));
        return b;
    }

    private void comes() {
        Optional<FlareMade> made = model.made();
        if (made.isEmpty()) {
            comes.getChildren().clear();
            return;
        }
        FlareMade m = made.get();
        comes.getChildren()
                .setAll(
                        line(Say.it("bench-pane.across-word"), LengthFormat.figure(m.diameter(), model.units())),
                        line(
                                Say.it("bench-pane.wall-at-lip"),
                                Say.it(
                                        "bench-pane.lip",
                                        "lipWallLow",
                                        LengthFormat.figure(m.lipWallLow(), model.units()),
                                        "lipWallHigh",
                                        LengthFormat.figure(m.lipWallHigh(), model.units()))),
                        line(Say.it("bench-pane.stretch-used"), new Figure.OfShare(m.strainUsed()).text(model.units())),
                        line(Say.it("bench-pane.chance-split"), new Figure.OfShare(m.crackRisk()).text(model.units())),
                        line(Say.it("bench-pane.tube-shorter-by"), LengthFormat.figure(m.shortens(), model.units())));
        if (m.good()) {
            comes.getChildren().add(Text.of(Say.it("bench-pane.a-good-flare-full"), "finding-says"));
        }
        for (FlareFault f : FlareFault.values()) {
            if (m.faults().contains(f)) {
                comes.getChildren().add(Text.of(f.word() + ": " + f.words(), "reason-against"));
            }
        }
        model.middle().ifPresent(l -> {
            Button take =
                    new Button(Say.it("bench-pane.take-middle-band-as", "l", LengthFormat.figure(l, model.units())));
            take.getStyleClass().setAll("quiet-action");
            take.setId("take-middle");
            take.setWrapText(true);
            take.setOnAction(e -> model.takeMiddle());
            comes.getChildren().add(take);
        });
    }

    private static Node line(String word, String figure) {
        Label f = Text.of(figure, "answer-share-small");
        Label w = Text.of(word, "soft");
        w.setMinWidth(Region.USE_PREF_SIZE);
        HBox box = new HBox(8, w, Text.spring(), f);
        return box;
    }

    private void causes() {
        List<FlareCauses.Suspect> all = model.suspects();
        if (all.isEmpty()) {
            causes.getChildren().setAll(Text.of(Say.it("bench-pane.what-made-follows-from"), "soft"));
            return;
        }
        causes.getChildren()
                .setAll(all.stream().limit(MOST_CAUSES).map(BenchPane::cause).toList());
    }

    private static Node cause(FlareCauses.Suspect s) {
        Label name =
                Text.of(s.cause().name() + ", " + LengthFormat.decimal(s.share() * 100, 0, 0) + " %", "finding-says");
        return new VBox(
                1,
                name,
                new ShareBar(s.share(), BAR),
                Text.of(s.cause().look() + ": " + s.cause().redo() + ".", "finding-brief"));
    }
}
