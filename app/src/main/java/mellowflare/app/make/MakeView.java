package mellowflare.app.make;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.FigureBox;
import mellowflare.app.entry.Press;
import mellowflare.app.entry.Text;
import mellowflare.app.entry.There;
import mellowflare.app.look.Look;
import mellowflare.app.page.LeafPage;
import mellowflare.app.page.Page;
import mellowflare.app.paint.DrawingPane;
import mellowflare.core.advice.Figure;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.line.BenchWords;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.procedure.RecordField;
import mellowflare.core.procedure.Step;
import mellowflare.core.testing.TestAsk;

/** The page of Make: one step at a time, big type. */
public final class MakeView implements Page {
    private final MakeModel model;
    private final BorderPane page = new BorderPane();
    private final Label number = Text.of("", "step-number");
    private final Label title = Text.of("", "step-title");
    private final Label text = Text.of("", "step-text");
    private final Label hold = Text.of("", "step-hold");
    private final VBox cautions = new VBox(4);
    private final FlowPane tools = new FlowPane(8, 8);
    private final Consumer<TestAsk> test;
    private final FlowPane tests = new FlowPane(12, 4);
    private final VBox takes = new VBox(2);
    private final VBox records = new VBox(6);
    private final ReadBackPane readBack;
    private final Label refusal = Text.of("", "entry-refusal");
    private final Button tick = new Button();
    private final TextField person = new TextField();
    private final TextField reason = new TextField();
    private final Button passOver = new Button(Say.it("make-view.skip"));
    private final DrawingPane picture = new DrawingPane(new Insets(34, 16, 8, 16), 14);
    private final StepList steps = new StepList();
    private final ScrollPane scroll = new ScrollPane(steps);
    private final Label leftOff = Text.of("", "soft");
    private final FigureBox cut = new FigureBox();
    private final FigureBox overall = new FigureBox();
    private final FigureBox done = new FigureBox();
    private String recordsFor = "";

    /**
     * @param test opens the place of tests at one of them
     */
    public MakeView(MakeModel model, Look look, Consumer<TestAsk> test) {
        this.model = model;
        this.test = test;
        LeafPage.dress(picture, look, "step-picture", Say.it("make-view.picture"));
        picture.getStyleClass().add("step-picture");
        this.readBack = new ReadBackPane(model);
        page.setCenter(bench());
        page.setRight(slip());
        page.setBottom(figures());
        model.currentProperty().addListener((o, was, now) -> refreshIfOpen());
        refresh();
    }

    private Node bench() {
        refusal.setId("refusal");
        refusal.textProperty().bind(model.refusalProperty());
        refusal.managedProperty().bind(refusal.textProperty().isNotEmpty());
        tick.setId("tick");
        tick.getStyleClass().addAll("main-action", "tick");
        tick.setOnAction(e -> model.tick());
        Button back = new Button(Say.it("make-view.undo-tick"));
        back.getStyleClass().setAll("quiet-action");
        back.setMinWidth(Region.USE_PREF_SIZE);
        passOver.setMinWidth(Region.USE_PREF_SIZE);
        tick.setMinWidth(Region.USE_PREF_SIZE);
        back.setOnAction(e -> model.untick());
        person.setId("person");
        person.setPromptText(Say.it("make-view.name"));
        person.setPrefColumnCount(8);
        person.setAccessibleText(Say.it("make-view.who-at-bench"));
        person.setText(model.personProperty().get());
        person.textProperty().addListener((o, was, now) -> model.person(now));
        reason.setPromptText(Say.it("make-view.reason"));
        reason.setPrefColumnCount(14);
        reason.textProperty().bindBidirectional(model.reasonProperty());
        reason.setAccessibleText(Say.it("make-view.reason-spoken"));
        passOver.getStyleClass().setAll("quiet-action");
        passOver.setOnAction(e -> model.passOver());
        FlowPane who = new FlowPane(
                10, 6, Text.of(Say.it("make-view.at-bench"), "entry-word-short"), person, tick, reason, passOver, back);
        who.setRowValignment(VPos.CENTER);
        who.setPrefWrapLength(200);
        FlowPane head = new FlowPane(16, 0, title, number);
        head.setRowValignment(VPos.BASELINE);
        head.setPrefWrapLength(200);
        // What can hurt comes before what is only shown: a picture never pushes it out of the window.
        VBox body = new VBox(8, head, hold, text, cautions, picture, tools, records, readBack, tests, takes);
        body.getStyleClass().add("bench");
        // It wraps rather than rolls sideways.
        body.setMinWidth(0);
        ScrollPane main = new ScrollPane(body);
        main.setFitToWidth(true);
        main.getStyleClass().add("bench-scroll");
        VBox.setVgrow(main, Priority.ALWAYS);
        VBox foot = new VBox(6, refusal, who);
        foot.getStyleClass().add("bench-foot");
        return new VBox(main, foot);
    }

    private Node slip() {
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("slip-inner");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        VBox content = new VBox(8, Text.of(Say.it("make-view.order-work"), "slip-heading"), leftOff, scroll);
        content.getStyleClass().addAll("slip", "slip-content", "words-slip");
        return content;
    }

    private Node figures() {
        HBox bar = new HBox(44, cut, overall, done);
        bar.getStyleClass().add("figure-bar");
        bar.setAlignment(Pos.CENTER_LEFT);
        return bar;
    }

    private void refresh() {
        Optional<Step> due = model.due();
        int total = model.bench().steps().size();
        steps.show(model.bench());
        leftOff.setText(model.current().leftOff().text());
        if (!person.getText().equals(model.personProperty().get())) {
            person.setText(model.personProperty().get());
        }
        number.setText(due.map(s ->
                        Say.it("make-view.step", "number", model.bench().steps().indexOf(s) + 1, "total", total))
                .orElse(total == 0 ? "" : Say.it("make-view.made")));
        title.setText(due.map(Step::title)
                .orElse(total == 0 ? Say.it("make-view.nothing-make-yet") : Say.it("make-view.every-step-ticked")));
        text.setText(due.map(s -> s.says(model.units()))
                .orElse(total == 0 ? model.nothingYet() : Say.it("make-view.the-sheet-book")));
        Optional<Drawing> drawn = model.picture();
        picture.drawingProperty().set(drawn.orElse(null));
        There.show(drawn.isPresent(), picture);
        hold.setText(due.flatMap(Step::hold)
                .map(h -> Say.it("make-view.hold-point", "h", h))
                .orElse(""));
        hold.setManaged(!hold.getText().isEmpty());
        hold.setVisible(hold.isManaged());
        tools.getChildren()
                .setAll(due.map(s ->
                                s.tools().stream().map(t -> Text.of(t, "tool")).toList())
                        .orElse(List.of()));
        cautions.getChildren()
                .setAll(due.map(s -> s.cautions().stream()
                                .map(c -> Text.of(Say.it("make-view.caution", "c", c), "caution"))
                                .toList())
                        .orElse(List.of()));
        showTakes(due.isEmpty() ? List.of() : model.takesSaid());
        showTests(due.map(Step::tests).orElse(List.of()));
        showRecords(due);
        boolean gate = due.filter(s -> s.gate() == Step.Gate.CUT_FIGURE).isPresent();
        There.show(gate, readBack);
        readBack.refresh();
        tick.setText(Say.it("make-view.tick-ctrl-enter"));
        tick.setDisable(due.isEmpty());
        if (model.words() instanceof BenchWords.OnePiece one) {
            cut.length(one.cut(), one.toCut(), model.units());
            overall.length(one.length(), model.current().figure().map(f -> f.value()), model.units());
            ticked(total, one.tolerance());
        } else if (model.words() instanceof BenchWords.ManyPieces many) {
            cut.words(
                    Say.it("make-view.pieces-cut"),
                    many.pieces().map(n -> Integer.toString(n)).orElse("–"),
                    Say.it("make-view.bar-by-bar-see"));
            overall.words(
                    Say.it("make-view.pipe"),
                    new Figure.OfReach(many.total()).text(model.units()),
                    Say.it("make-view.centre-centre"));
            ticked(total, "");
        } else if (model.words() instanceof BenchWords.Assembled parts) {
            said(cut, parts.first());
            said(overall, parts.second());
            ticked(total, "");
        }
    }

    private void ticked(int total, String tolerance) {
        done.words(
                Say.it("make-view.ticked"),
                Say.it("make-view.progress", "doneCount", model.bench().doneCount(), "total", total),
                tolerance);
    }

    private void said(FigureBox box, BenchWords.Said s) {
        box.words(s.name(), s.value().map(f -> f.text(model.units())).orElse("–"), s.of());
    }

    /** A step that is a test leads to where its readings are taken. */
    private void showTests(List<TestAsk> asked) {
        There.show(!asked.isEmpty(), tests);
        tests.getChildren()
                .setAll(asked.stream()
                        .map(t -> Press.quiet(
                                Say.it("make-view.test", "test", t.duty().title()), () -> test.accept(t)))
                        .toList());
    }

    private void showTakes(List<String> parts) {
        There.show(!parts.isEmpty(), takes);
        List<Node> said = new ArrayList<>();
        if (!parts.isEmpty()) {
            said.add(Text.of(Say.it("make-view.takes"), "small-heading"));
            parts.forEach(p -> said.add(Text.of(p, "finding-remedy")));
        }
        takes.getChildren().setAll(said);
    }

    /** Fields are only made anew when the step changes, so that typing is not disturbed. */
    private void showRecords(Optional<Step> due) {
        String key =
                model.current().job().id() + due.map(s -> s.id() + s.records()).orElse("");
        if (key.equals(recordsFor)) {
            return;
        }
        recordsFor = key;
        records.getChildren().clear();
        due.ifPresent(s -> s.records().forEach(r -> records.getChildren().add(record(r))));
    }

    private Node record(RecordField field) {
        TextField entry = new TextField(model.typed(field));
        entry.setId("record-" + field.id());
        entry.setPrefColumnCount(8);
        entry.setAccessibleText(field.label());
        entry.getStyleClass().add("record-field");
        entry.textProperty().addListener((o, was, now) -> model.typed(field, now));
        String band = field.lengthBand()
                .map(b -> Say.it(
                        "make-view.band",
                        "low",
                        LengthFormat.figure(b.low(), model.units()),
                        "high",
                        LengthFormat.figure(b.high(), model.units())))
                .orElseGet(() -> Say.it(
                        "make-view.at-least",
                        "atLeast",
                        mellowflare.core.advice.Figure.of(field.atLeast().orElseThrow())
                                .text(model.units())));
        FlowPane row = new FlowPane(
                12,
                4,
                Text.of(Say.it("make-view.write-down", "label", field.label()), "entry-word-short"),
                entry,
                Text.of(band, "soft"));
        row.setRowValignment(VPos.BASELINE);
        row.setPrefWrapLength(200);
        return row;
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
        (person.getText().isBlank() ? person : tick).requestFocus();
    }

    @Override
    public void act() {
        model.tick();
    }
}
