package mellowflare.app.testing;

import java.io.File;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.css.PseudoClass;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.stage.FileChooser;
import javafx.util.Duration;
import mellowflare.app.entry.ChoiceRow;
import mellowflare.app.entry.EntryRow;
import mellowflare.app.entry.FieldState;
import mellowflare.app.entry.FigureBox;
import mellowflare.app.entry.Press;
import mellowflare.app.entry.Text;
import mellowflare.app.entry.There;
import mellowflare.app.line.Slip;
import mellowflare.app.look.Look;
import mellowflare.app.page.FindingList;
import mellowflare.app.page.Leads;
import mellowflare.app.page.LeafPage;
import mellowflare.app.page.Page;
import mellowflare.app.paint.DrawingPane;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Subject;
import mellowflare.core.testing.Medium;
import mellowflare.core.testing.Seen;
import mellowflare.core.testing.TestJoint;
import mellowflare.core.testing.TestPlot;
import mellowflare.core.testing.TestRecord;
import mellowflare.core.testing.Tested;

/** The page of the tests: the readings over their time with the lines they are held against, what they prove; beside it what was written down. */
public final class TestsView implements Page {
    private static final Duration EVERY = Duration.millis(400);
    private static final int READINGS_SHOWN = 6;
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");

    private static final double LEAST_PLOT = 200;

    private final TestsModel model;
    private final LoggerModel logger;
    private final Leads leads;
    private final BorderPane page = new BorderPane();
    private final DrawingPane plot = new DrawingPane(new Insets(14, 24, 10, 24), 12);
    private final Label title = Text.of("", "trouble-question");
    private final Label says = Text.of("", "finding-remedy");
    private final FindingList findings;
    private final FlowPane tests = new FlowPane(6, 6);
    private final ChoiceRow<Medium> medium;
    private final EntryRow target;
    private final EntryRow volume;
    private final EntryRow barometer;
    private final EntryRow allowed;
    private final EntryRow reading;
    private final EntryRow vacuum;
    private final VBox readings = new VBox(1);
    private final VBox joints = new VBox(4);
    private final Label kept = Text.of(Say.it("tests-view.kept"), "soft");
    private final Button there = Press.quiet(Say.it("tests-view.there"), this::thither);
    private final VBox figures;
    private final VBox log;
    private final Button run = Press.quiet("", this::runOrStop);
    private final FlowPane play;
    private final FigureBox verdict = new FigureBox();
    private final FigureBox leak = new FigureBox();
    private final FigureBox toGo = new FigureBox();
    private final FigureBox passed = new FigureBox();
    private final Timeline clock = new Timeline();
    private List<TestJoint> shown = List.of();
    private final List<ChoiceRow<Seen>> looks = new ArrayList<>();

    /**
     * @param model what the page does
     * @param logger the instrument
     * @param look day or night
     * @param leads where a finding leads
     */
    public TestsView(TestsModel model, LoggerModel logger, Look look, Leads leads) {
        this.model = model;
        this.logger = logger;
        this.leads = leads;
        this.findings = new FindingList(leads);
        LeafPage.dress(plot, look, "tests-plot", Say.it("tests-view.the-plot"));
        TestFields f = model.fields();
        medium = new ChoiceRow<>(
                Say.it("tests-view.medium"),
                List.of(Medium.values()),
                Medium::word,
                m -> null,
                false,
                m -> m.ifPresent(model::medium));
        medium.setId("test-medium");
        target = entry("test-target", Say.it("tests-view.target"), "bar", f.target());
        volume = entry("test-volume", Say.it("tests-view.volume"), "L", f.volume());
        barometer = entry("test-barometer", Say.it("tests-view.barometer"), "1013 hPa", f.barometer());
        allowed = entry("test-allowed", Say.it("tests-view.allowed"), "L/min", f.allowed());
        reading = entry("test-reading", Say.it("tests-view.reading"), "9 min 8 bar", f.reading());
        reading.onEnter(() -> f.reading().value().ifPresent(r -> {
            model.take(r);
            f.reading().clear();
        }));
        vacuum = entry("test-vacuum", Say.it("tests-view.reading"), "9 min 80 Pa", f.vacuum());
        vacuum.onEnter(() -> f.vacuum().value().ifPresent(r -> {
            model.take(r);
            f.vacuum().clear();
        }));
        play = new FlowPane(
                10,
                4,
                Press.quiet(Say.it("tests-view.leak"), logger::leak),
                Press.quiet(Say.it("tests-view.plug"), logger::pullOrPlug),
                Press.quiet(Say.it("tests-view.clock"), logger::clockBack));
        log = log();
        figures = new VBox(6, target, volume, barometer, allowed, reading, vacuum);
        page.setCenter(middle());
        page.setRight(slip());
        HBox bar = new HBox(34, verdict, leak, toGo, passed);
        bar.getStyleClass().add("figure-bar");
        bar.setAlignment(Pos.CENTER_LEFT);
        page.setBottom(bar);
        clock.getKeyFrames().setAll(new KeyFrame(EVERY, e -> tick()));
        clock.setCycleCount(Animation.INDEFINITE);
        model.currentProperty().addListener((o, was, now) -> {
            if (isOpen()) {
                refresh();
            }
        });
        model.openProperty().addListener((o, was, now) -> {
            if (isOpen()) {
                refresh();
            }
        });
    }

    private static EntryRow entry(String id, String word, String hint, FieldState<?> state) {
        EntryRow row = new EntryRow(word, hint, state);
        row.field().setId(id);
        return row;
    }

    private Node middle() {
        StackPane ground = new StackPane(plot);
        ground.getStyleClass().add("drawing-ground");
        ground.setMinHeight(LEAST_PLOT);
        VBox.setVgrow(ground, Priority.ALWAYS);
        ScrollPane list = new ScrollPane(findings);
        list.setFitToWidth(true);
        list.getStyleClass().add("under-section");
        VBox.setVgrow(list, Priority.ALWAYS);
        title.setId("test-title");
        VBox under = new VBox(8, title, says, list);
        under.getStyleClass().add("under-drawing");
        VBox left = new VBox(ground, under);
        // The plot keeps its size, however much there is to say under it.
        under.prefHeightProperty().bind(left.heightProperty().multiply(0.46));
        return left;
    }

    private VBox log() {
        run.setId("logger-run");
        Label state = Text.of("", "soft");
        state.setId("logger-says");
        state.textProperty().bind(logger.saysProperty());
        Button file = Press.quiet(Say.it("tests-view.file"), this::file);
        HBox presses = new HBox(10, run, file);
        run.setVisible(logger.isPractice());
        run.setManaged(logger.isPractice());
        return new VBox(4, Text.of(Say.it("tests-view.logger"), "slip-heading"), state, presses, play);
    }

    private Node slip() {
        TestFields f = model.fields();
        tests.setId("test-list");
        joints.setId("test-joints");
        there.setId("test-there");
        VBox content = new VBox(
                6,
                Text.of(Say.it("tests-view.which"), "slip-heading"),
                tests,
                medium,
                kept,
                there,
                figures,
                log,
                joints,
                readings,
                Text.of(Say.it("tests-view.gauge"), "slip-heading"),
                entry("test-gauge", Say.it("tests-view.gauge-name"), "", f.gauge()),
                entry("test-number", Say.it("tests-view.gauge-number"), "", f.number()),
                entry("test-range", Say.it("tests-view.gauge-range"), "bar", f.upTo()),
                entry("test-step", Say.it("tests-view.gauge-step"), "bar", f.step()),
                entry("test-until", Say.it("tests-view.gauge-until"), "2027-03-01", f.until()),
                Text.of(Say.it("tests-view.signed"), "slip-heading"),
                Press.quiet(Say.it("tests-view.sign"), model::sign),
                entry("test-by", Say.it("tests-view.by"), "", f.by()),
                entry("test-on", Say.it("tests-view.on"), "2026-11-30", f.on()),
                entry("test-witness", Say.it("tests-view.witness"), "", f.witness()),
                Press.quiet(Say.it("tests-view.again"), model::again));
        return Slip.steady(content);
    }

    private void refresh() {
        Optional<Tested.One> open = model.open();
        list();
        boolean any = open.isPresent();
        page.getRight().setDisable(!any);
        plot.drawingProperty()
                .set(open.flatMap(t -> model.record().map(r -> TestPlot.of(t.ask(), shownRecord(t, r), model.units())))
                        .orElse(null));
        title.setText(
                open.map(t -> Say.it("tests-view.title", "test", t.ask().duty().title()))
                        .orElse(Say.it("tests-view.no-test")));
        says.setText(open.map(t -> t.ask().duty().says()).orElseGet(model::stillNeeded));
        findings.show(model.outcome().map(o -> o.findings()).orElse(List.of()), model.units());
        open.ifPresent(this::slipOf);
        figureBar();
    }

    /** What the line keeps itself stands in the takes, not in the job. */
    private static TestRecord shownRecord(Tested.One t, TestRecord r) {
        return t.last().orElse(r);
    }

    private void list() {
        List<Node> rows = new ArrayList<>();
        for (Tested.One t : model.tested().all()) {
            Button b =
                    new Button(Say.it("tests-view.test", "test", t.ask().duty().title(), "stands", model.stands(t)));
            b.getStyleClass().setAll("choice");
            b.setMinWidth(Region.USE_PREF_SIZE);
            b.pseudoClassStateChanged(
                    CHOSEN, model.open().filter(o -> o.ask().equals(t.ask())).isPresent());
            b.setOnAction(e -> model.open(t.ask()));
            b.setAccessibleText(b.getText());
            rows.add(b);
        }
        tests.getChildren().setAll(rows);
    }

    private void slipOf(Tested.One t) {
        TestRecord r = model.record().orElseThrow();
        boolean own = t.kept();
        boolean watches = t.ask().duty().kind().watchesPressure();
        There.show(own, kept, there);
        medium.offer(t.ask().media());
        medium.show(Optional.of(r.medium()));
        There.show(!own || !watches, figures);
        There.show(t.ask().target().isEmpty() && watches, target);
        There.show(model.isHold() && !own, volume, barometer, allowed);
        There.show(!model.isVacuum(), reading);
        There.show(model.isVacuum(), vacuum);
        There.show(!model.isVacuum() && !own, log);
        There.show(logger.isRunning(), play);
        run.setText(logger.isRunning() ? Say.it("tests-view.stop") : Say.it("tests-view.start"));
        List<String> lines = new ArrayList<>(model.readings(READINGS_SHOWN));
        if (model.count() > READINGS_SHOWN) {
            lines.add(0, Say.it("tests-view.earlier", "number", model.count() - READINGS_SHOWN));
        }
        List<Node> rows = new ArrayList<>();
        lines.forEach(l -> rows.add(Text.of(l, "soft")));
        if (model.count() > 0) {
            rows.add(Press.quiet(Say.it("tests-view.take-out"), model::removeLast));
        }
        readings.getChildren().setAll(rows);
        joints(t);
    }

    private void joints(Tested.One t) {
        List<TestJoint> now = t.ask().duty().kind().looks() ? t.joints() : List.of();
        if (!now.equals(shown)) {
            shown = now;
            looks.clear();
            joints.getChildren().clear();
            if (!now.isEmpty()) {
                joints.getChildren().add(Text.of(Say.it("tests-view.joints"), "slip-heading"));
            }
            for (TestJoint j : now) {
                ChoiceRow<Seen> row = new ChoiceRow<>(
                        j.what(), List.of(Seen.values()), Seen::word, s -> null, true, s -> model.seen(j, s));
                looks.add(row);
                joints.getChildren().add(row);
            }
        }
        for (int i = 0; i < shown.size(); i++) {
            String id = shown.get(i).id();
            looks.get(i).show(t.last().map(r -> r.looks().get(id)));
            looks.get(i).setDisable(t.kept());
        }
    }

    private void figureBar() {
        verdict.words(
                Say.it("tests-view.verdict"),
                model.outcome().map(model::verdict).orElse("–"),
                model.outcome()
                        .flatMap(o -> o.confidence())
                        .map(c -> Say.it("tests-view.confidence", "share", new Figure.OfShare(c).text(model.units())))
                        .orElse(""));
        leak.words(Say.it("tests-view.leak-rate"), model.leak(), model.band());
        toGo.words(Say.it("tests-view.may-be-read"), model.toGo(), Say.it("tests-view.as-it-goes"));
        passed.words(
                Say.it("tests-view.passed"),
                Long.toString(model.tested().passed()),
                Say.it("tests-view.of", "all", model.tested().all().size()));
    }

    private void tick() {
        logger.tick();
        if (!logger.isRunning()) {
            clock.stop();
            refresh();
        }
    }

    private void runOrStop() {
        if (logger.isRunning()) {
            logger.stop();
            clock.stop();
        } else {
            logger.start();
            if (logger.isRunning()) {
                clock.play();
            }
        }
        refresh();
    }

    private void file() {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(Say.it("tests-view.file"));
        chooser.getExtensionFilters().setAll(new FileChooser.ExtensionFilter(Say.it("tests-view.table"), "*.csv"));
        File file = chooser.showOpenDialog(page.getScene().getWindow());
        if (file != null) {
            logger.file(file.toPath());
        }
    }

    private void thither() {
        leads.to(Subject.LEAK_TEST);
    }

    @Override
    public Node node() {
        return page;
    }

    @Override
    public void opened() {
        refresh();
        if (model.open().isPresent()) {
            (model.isVacuum() ? vacuum : reading).field().requestFocus();
        }
    }
}
