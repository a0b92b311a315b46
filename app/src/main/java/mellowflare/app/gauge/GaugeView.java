package mellowflare.app.gauge;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.FigureBox;
import mellowflare.app.entry.Text;
import mellowflare.app.look.Look;
import mellowflare.app.page.Page;
import mellowflare.app.paint.DrawingPane;
import mellowflare.core.connection.End;
import mellowflare.core.identify.Candidate;
import mellowflare.core.identify.Identification;
import mellowflare.core.identify.NextCheck;
import mellowflare.core.identify.Observation;

/** The page of Gauge. */
public final class GaugeView implements Page {
    private final Runnable measured;
    private final GaugeModel model;
    private final HoldModel hold;
    private final HoldPane holdPane;
    private final BorderPane page = new BorderPane();
    private final DrawingPane drawing = new DrawingPane(new Insets(80, 46, 46, 88), 15);
    private final Label held = Text.of("", "held");
    private final VBox speaksFor = new VBox(3);
    private final VBox speaksAgainst = new VBox(3);
    private final VBox lookAlikes = new VBox(3);
    /** Of the height, for what is said under the drawing. */
    private static final double SAYS = 0.44;

    private final Button nextCheck = new Button();
    private final VBox outcomes = new VBox(3);
    private final VBox warnings = new VBox(3);
    private final Button otherReading = new Button();
    private final AnswerList answers;
    private final FigureBox is = new FigureBox();
    private final FigureBox goesOn = new FigureBox();
    private final FigureBox tighten = new FigureBox();
    private final Button use = new Button();
    private final GaugeSlip slip;

    /**
     * @param model what Gauge does
     * @param hold holding a part to the screen
     * @param caliper the caliper that is connected
     * @param look day or night
     * @param tables opens an end in Tables
     * @param measured leads on once both ends are known
     */
    public GaugeView(
            GaugeModel model,
            HoldModel hold,
            CaliperModel caliper,
            Look look,
            Consumer<End> tables,
            Runnable measured) {
        this.measured = measured;
        this.model = model;
        this.hold = hold;
        this.holdPane = new HoldPane(hold, look);
        this.answers = new AnswerList(this::take, tables);
        answers.setMinHeight(Region.USE_PREF_SIZE);
        this.slip = new GaugeSlip(model, caliper, answers);
        drawing.setId("half-section");
        nextCheck.getStyleClass().setAll("next-check");
        nextCheck.setId("next-check");
        nextCheck.setWrapText(true);
        nextCheck.setMinHeight(Region.USE_PREF_SIZE);
        nextCheck.setAlignment(Pos.CENTER_LEFT);
        drawing.inkProperty().bind(look.ink());
        drawing.textScaleProperty().bind(look.scale());
        drawing.setAccessibleText(Say.it("gauge-view.half-section-end-scale"));
        page.setCenter(left());
        page.setRight(slip);
        page.setBottom(figures());
        model.resultProperty().addListener((o, was, now) -> refreshIfOpen());
        model.whichProperty().addListener((o, was, now) -> {
            if (isOpen()) {
                refresh();
                slip.focusFirst();
            }
        });
        refresh();
    }

    private Node left() {
        StackPane stack = new StackPane(drawing, holdPane);
        Button holdUp = new Button(Say.it("gauge-view.hold-screen-f8"));
        holdUp.setId("hold-up");
        holdUp.getStyleClass().setAll("quiet-action");
        holdUp.setOnAction(e -> hold.heldProperty().set(!hold.heldProperty().get()));
        holdUp.setMinWidth(Region.USE_PREF_SIZE);
        HBox.setHgrow(held, Priority.ALWAYS);
        held.setMaxWidth(Double.MAX_VALUE);
        held.setWrapText(false);
        Tooltip whole = new Tooltip();
        whole.textProperty().bind(held.textProperty());
        held.setTooltip(whole);
        HBox over = new HBox(12, held, holdUp);
        over.setPadding(new Insets(0, 12, 0, 0));
        over.setMinHeight(Region.USE_PREF_SIZE);
        holdPane.visibleProperty().bind(hold.heldProperty());
        hold.heldProperty().addListener((o, was, now) -> {
            holdUp.setText(now ? Say.it("gauge-view.back-section-f8") : Say.it("gauge-view.hold-screen-f8"));
            refreshIfOpen();
        });
        hold.trueSizeProperty().addListener((o, was, now) -> refreshIfOpen());
        hold.dotsPerMmProperty().addListener((o, was, now) -> refreshIfOpen());
        VBox.setVgrow(stack, Priority.ALWAYS);
        VBox ground = new VBox(over, stack);
        ground.getStyleClass().add("drawing-ground");
        ground.setMinHeight(0);
        stack.setMinHeight(0);
        HBox columns = new HBox(
                18,
                Text.column(Say.it("gauge-view.why"), new VBox(3, speaksFor, speaksAgainst)),
                Text.column(Say.it("gauge-view.easily-confused-with"), lookAlikes),
                Text.column(Say.it("gauge-view.next-check"), new VBox(3, nextCheck, outcomes)));
        columns.getStyleClass().add("under-drawing");
        VBox.setVgrow(ground, Priority.ALWAYS);
        warnings.getStyleClass().add("warnings");
        warnings.managedProperty().bind(warnings.visibleProperty());
        otherReading.getStyleClass().setAll("quiet-action");
        otherReading.setId("other-reading");
        otherReading.managedProperty().bind(otherReading.visibleProperty());
        otherReading.setOnAction(e -> model.takeOtherReading());
        ScrollPane under = new ScrollPane(new VBox(new HBox(12, warnings, otherReading), columns));
        under.setFitToWidth(true);
        under.getStyleClass().add("under-section");
        VBox left = new VBox(ground, under);
        // The drawing keeps its size, however much there is to say under it.
        under.prefHeightProperty().bind(left.heightProperty().multiply(SAYS));
        under.setMinHeight(Region.USE_PREF_SIZE);
        return left;
    }

    private Node figures() {
        use.setId("use");
        use.setMinWidth(Region.USE_PREF_SIZE);
        use.getStyleClass().add("main-action");
        use.setOnAction(e -> act());
        HBox bar = new HBox(36, is, goesOn, tighten, Text.spring(), use);
        bar.getStyleClass().add("figure-bar");
        bar.setAlignment(Pos.CENTER_LEFT);
        return bar;
    }

    private void take(Candidate candidate) {
        model.use(candidate);
        goOn();
    }

    /** To the other end, or on once both are known. */
    private void goOn() {
        if (model.bothKnown()) {
            measured.run();
        } else {
            slip.focusFirst();
        }
    }

    private void refresh() {
        GaugeResult r = model.result();
        Observation seen = model.seen();
        slip.show(seen);
        drawing.drawingProperty().set(r.drawing());
        if (hold.heldProperty().get()) {
            holdPane.show(r.answer());
        }
        held.setText(model.heldWhere() + ": " + r.held());
        answers.show(r.answer(), r.goesWith());
        Text.fill(speaksFor, r.reasonsFor(), "reason-for");
        Text.fill(speaksAgainst, r.reasonsAgainst(), "reason-against");
        Text.fill(
                lookAlikes,
                r.lookAlikes().isEmpty() ? List.of(Say.it("gauge-view.nothing-tables")) : r.lookAlikes(),
                "twin");
        Text.fill(warnings, r.warnings(), "warning");
        warnings.setVisible(!r.warnings().isEmpty());
        otherReading.setVisible(r.otherReading().isPresent());
        otherReading.setText(Say.it("gauge-view.take-as", "otherReading", model.otherReading()));
        showNext(r.answer());
        showFigures(r);
    }

    private void showNext(Identification answer) {
        Optional<NextCheck> check = answer.nextCheck();
        nextCheck.setText(check.map(NextCheck::says).orElse(""));
        nextCheck.setVisible(check.isPresent());
        nextCheck.setManaged(check.isPresent());
        nextCheck.setOnAction(e -> check.ifPresent(n -> slip.lead(n.clue())));
        Text.fill(
                outcomes,
                check.map(n -> n.outcomes().stream()
                                .map(o -> Say.it("gauge-view.speaks-for", "seen", o.seen(), "then", o.then()))
                                .toList())
                        .orElseGet(() -> List.of(answer.safeCourse())),
                check.isPresent() ? "soft" : "reason-for");
    }

    private void showFigures(GaugeResult r) {
        boolean none = r.answer().standing() == Identification.Standing.NOTHING_FITS;
        boolean named = none || r.answer().best().isEmpty() || r.answer().named();
        if (!named) {
            Candidate best = r.answer().best().orElseThrow();
            is.guess(
                    Say.it("gauge-view.not-settled"),
                    model.shareOf(best) + " " + best.end().brief(),
                    best.end().threadName() + ", " + best.end().gender().word());
            goesOn.words(Say.it("gauge-view.seal-with"), "–", Say.it("gauge-view.once-end-settled"));
            tighten.words(Say.it("gauge-view.never-use"), "–", "");
            use.setText(
                    model.asked()
                            ? Say.it(
                                    "gauge-view.use-unsettled-as-end",
                                    "end",
                                    model.whichProperty().get())
                            : Say.it(
                                    "gauge-view.use-as-end",
                                    "end",
                                    model.whichProperty().get()));
            use.setDisable(false);
            return;
        }
        is.words(
                Say.it("gauge-view.is"),
                none
                        ? Say.it("gauge-view.none-ours")
                        : r.answer().best().map(b -> b.end().brief()).orElse("–"),
                none
                        ? Say.it("gauge-view.nothing-tables-fits-well")
                        : r.answer()
                                .best()
                                .map(b -> b.end().threadName() + ", "
                                        + b.end().gender().word())
                                .orElse(Say.it("gauge-view.measure-first")));
        goesOn.words(
                Say.it("gauge-view.seal-with"),
                r.seal().map(s -> shorten(s.putOn().get(0))).orElse("–"),
                r.seal()
                        .map(s -> Say.it(
                                "gauge-view.seals-on", "sealsOn", s.sealsOn().words()))
                        .orElse(""));
        tighten.words(
                Say.it("gauge-view.never-use"),
                r.seal().map(s -> shorten(s.never().get(0))).orElse("–"),
                r.seal().map(s -> s.source().shown()).orElse(""));
        use.setText(Say.it("gauge-view.use-as-end", "end", model.whichProperty().get()));
        use.setDisable(none || r.answer().best().isEmpty());
    }

    private static String shorten(String text) {
        int cut = text.indexOf(',');
        String first = cut > 0 ? text.substring(0, cut) : text;
        int colon = first.indexOf(':');
        return colon > 0 ? first.substring(0, colon) : first;
    }

    @Override
    public Node node() {
        return page;
    }

    private void refreshIfOpen() {
        if (isOpen()) {
            refresh();
        }
    }

    @Override
    public void opened() {
        refresh();
        slip.focusFirst();
    }

    @Override
    public void act() {
        if (model.use()) {
            goOn();
        } else {
            refresh();
            model.result().answer().nextCheck().ifPresent(n -> slip.lead(n.clue()));
        }
    }
}
