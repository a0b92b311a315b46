package mellowflare.app.air;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import javafx.animation.PauseTransition;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import mellowflare.app.entry.ChoiceRow;
import mellowflare.app.entry.FigureBox;
import mellowflare.app.entry.Text;
import mellowflare.app.entry.WordCell;
import mellowflare.app.line.CallOutPane;
import mellowflare.app.line.KindChoice;
import mellowflare.app.line.LineModel;
import mellowflare.app.line.Slip;
import mellowflare.app.look.Look;
import mellowflare.app.page.FindingList;
import mellowflare.app.page.Leads;
import mellowflare.app.page.LeafPage;
import mellowflare.app.page.LeafRow;
import mellowflare.app.page.Page;
import mellowflare.app.page.TurnByHand;
import mellowflare.app.paint.DrawingPane;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Method;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.advice.Subject;
import mellowflare.core.air.AirPlan;
import mellowflare.core.air.draw.DayPlot;
import mellowflare.core.air.layout.Piece;
import mellowflare.core.air.stock.PipeSystem;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.air.work.Together;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.run.cut.BarStrips;
import mellowflare.core.run.stock.PipeSize;

/** The page of Air: the main in its room, what is worked on, and what was judged. */
public final class AirView implements Page {
    private static final List<String> WORDS = List.of(
            "up", "down", "left", "right", "ahead", "back", "drop", "drain", "hose", "valve", "tank", "close", "from",
            "cap");

    private final AirModel model;
    private final WalkModel walk;
    private final AirWork work;
    private final LeafPage page;
    private final DrawingPane room = new DrawingPane(new Insets(46, 30, 18, 24), 12);
    private final DrawingPane flat = new DrawingPane(new Insets(52, 30, 14, 30), 12);
    private final CallOutPane<Piece> walkPane;
    private final ToolsPane tools;
    private final SizesPane sizes;
    private final DayPane day;
    private final WaterPane water;
    private final CutPane cut;
    private final TestPane test;
    private final FilesPane files;
    private final FindingList findings;
    private final ComboBox<PipeSystem> system = new ComboBox<>();
    private final VBox sizeChoices = new VBox(4);
    private final ChoiceRow<Method> small;
    private final FigureBox tightest = new FigureBox();
    private final FigureBox need = new FigureBox();
    private final FigureBox pipe = new FigureBox();
    private final FigureBox third = new FigureBox();
    private final FigureBox judged = new FigureBox();
    private final PauseTransition pause = new PauseTransition(Duration.millis(600));
    private AirLeaf leaf = AirLeaf.WALK;
    private List<PipeSize> offered = List.of();
    private boolean showing;

    public AirView(
            AirModel model, WalkModel walk, AirWork work, HeldModel held, LineModel line, Look look, Leads leads) {
        this.model = model;
        this.walk = walk;
        this.work = work;
        this.page = new LeafPage(new LeafRow(
                Arrays.stream(AirLeaf.values()).map(l -> "AIR-" + l.name()).toList(),
                Arrays.stream(AirLeaf.values()).map(AirLeaf::word).toList(),
                i -> turnTo(AirLeaf.values()[i])));
        this.findings = new FindingList(leads);
        this.walkPane = new CallOutPane<>(
                walk,
                "walk",
                WORDS,
                new CallOutPane.Asks(
                        "up 2.6 m",
                        Say.it("walk-pane.the-next-piece-as"),
                        Say.it("walk-pane.stand-at-compressor-call")),
                this::drawn);
        this.tools = new ToolsPane(model, walk, work);
        this.sizes = new SizesPane(model, work);
        this.day = new DayPane(model, work);
        this.water = new WaterPane(model);
        this.cut = new CutPane(model, work);
        this.test = new TestPane(model, held);
        this.files = new FilesPane(model, new FilesModel(model.desk()));
        this.small = new ChoiceRow<>(
                Say.it("air-view.light-use"),
                model.methods(MethodTopic.AIR_SMALL_SHOP),
                Method::name,
                s -> null,
                false,
                s -> s.ifPresent(model::method));
        LeafPage.dress(room, look, "air-room", Say.it("air-view.the-main-its-room"));
        room.tells(part -> model.plan().figuresOf(part));
        LeafPage.dress(flat, look, "air-flat", Say.it("air-view.the-day-or-bars"));
        TurnByHand.on(room, (right, down) -> {
            model.turn(right, down);
            drawn();
        });
        walk.onDraft(() -> {
            walkPane.refresh();
            drawn();
        });
        work.onChange(this::refresh);
        // Once the hands rest, all that may run together is looked at, unless something else is being worked out.
        pause.setOnFinished(e -> {
            if (isOpen()
                    && model.isAir()
                    && !model.c().together().all()
                    && work.doingProperty().get().isEmpty()) {
                work.allCases();
            }
        });
        tightest.setId("tightest");
        page.frame(slip(line), tightest, need, pipe, third, judged);
        model.currentProperty().addListener((o, was, now) -> {
            if (isOpen() && model.isAir()) {
                refresh();
                pause.playFromStart();
            }
        });
        turnTo(AirLeaf.WALK);
    }

    private Node slip(LineModel line) {
        system.getItems().setAll(model.systems());
        WordCell.dress(
                system,
                s -> s.rated() ? s.name() : Say.it("air-view.never", "system", s.name()),
                Say.it("air-view.say-what-main-made"));
        system.setId("air-system");
        system.setMaxWidth(Double.MAX_VALUE);
        system.setAccessibleText(Say.it("air-view.what-main-made"));
        system.valueProperty().addListener((o, was, now) -> {
            if (!showing && now != null) {
                model.system(now);
            }
        });
        VBox content = new VBox(
                4,
                new KindChoice(line),
                Text.of(Say.it("air-view.pipe"), "slip-heading"),
                system,
                sizeChoices,
                small,
                Text.of(Say.it("air-view.checks"), "slip-heading"),
                findings);
        content.getStyleClass().add("slip-content");
        ScrollPane scroll = new ScrollPane(content);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("slip");
        return scroll;
    }

    /** Sizes to press, made anew when another system is chosen. */
    private void sizeChoices() {
        List<PipeSize> now = model.sizes();
        if (!now.equals(offered) || sizeChoices.getChildren().isEmpty()) {
            offered = now;
            sizeChoices.getChildren().clear();
            if (!now.isEmpty()) {
                List<String> names = now.stream().map(PipeSize::size).toList();
                ChoiceRow<String> main =
                        new ChoiceRow<>(Say.it("air-view.main"), names, n -> n, n -> null, true, model::size);
                main.setId("air-size");
                ChoiceRow<String> drops =
                        new ChoiceRow<>(Say.it("air-view.drops"), names, n -> n, n -> null, true, model::dropSize);
                sizeChoices.getChildren().setAll(main, drops);
            }
        }
        if (sizeChoices.getChildren().size() == 2) {
            show(0, model.line().size());
            show(1, model.line().dropSize());
        }
    }

    @SuppressWarnings("unchecked")
    private void show(int row, Optional<String> size) {
        ((ChoiceRow<String>) sizeChoices.getChildren().get(row)).show(size);
    }

    /** Turns to a leaf: what is drawn, and what stands beside or under it. */
    void turnTo(AirLeaf to) {
        leaf = to;
        switch (to) {
            case WALK -> page.beside(to.ordinal(), walkPane);
            case TOOLS -> page.alone(to.ordinal(), tools);
            case SIZES -> page.alone(to.ordinal(), sizes);
            case DAY -> page.under(to.ordinal(), day);
            case WATER -> page.under(to.ordinal(), water);
            case CUT -> page.under(to.ordinal(), cut);
            case TEST -> page.under(to.ordinal(), test);
            case PAPERS -> page.alone(to.ordinal(), files);
        }
        refresh();
        page.keepFocus();
    }

    private void leaf() {
        switch (leaf) {
            case WALK -> walkPane.refresh();
            case TOOLS -> tools.refresh();
            case SIZES -> sizes.refresh();
            case DAY -> day.refresh();
            case WATER -> water.refresh();
            case CUT -> {
                work.pack();
                cut.refresh();
            }
            case TEST -> test.refresh();
            case PAPERS -> files.refresh();
        }
    }

    private void drawn() {
        if (!model.isAir()) {
            return;
        }
        Optional<Drawing> other = switch (leaf) {
            case DAY -> work.day().map(d -> DayPlot.of(model.c(), d));
            case CUT ->
                work.bars().isEmpty() ? Optional.empty() : Optional.of(BarStrips.of(work.bars(), model.units()));
            default -> Optional.empty();
        };
        DrawingPane pane = other.isPresent() ? flat : room;
        pane.drawingProperty()
                .set(other.orElseGet(() -> leaf == AirLeaf.WALK
                        ? model.drawing(walk.shown(), walk.pointed())
                        : model.drawing(model.c(), walk.chosenPiece().map(p -> p.name()))));
        page.show(pane);
    }

    private void refresh() {
        if (!model.isAir()) {
            return;
        }
        showing = true;
        AirPlan plan = model.plan();
        AirCase c = plan.c();
        leaf();
        drawn();
        system.setValue(c.system().orElse(null));
        sizeChoices();
        small.show(Optional.of(model.method(MethodTopic.AIR_SMALL_SHOP)));
        findings.show(model.currentProperty().get().lineFindings(), model.units());
        Together t = c.together();
        tightest.words(
                Say.it("air-view.tightest-tool"),
                t.tight()
                        .flatMap(x -> c.pressure(AirCase.toolAt(x)))
                        .map(p -> Figure.of(p).text(model.units()))
                        .orElse("–"),
                t.tight()
                        .map(x -> Say.it(
                                "air-view.bar-spare",
                                "x",
                                x,
                                "margin",
                                LengthFormat.decimal(t.margin().bar(), 2, 0)))
                        .orElse(
                                c.choices().isEmpty()
                                        ? Say.it("air-view.put-tool-at-outlet")
                                        : Say.it("air-view.say-pipe-size-compressor")));
        need.words(
                Say.it("air-view.air-needed"),
                c.choices().isEmpty() ? "–" : Figure.of(c.need().needed()).text(model.units()),
                c.feeds().isEmpty()
                        ? Say.it("air-view.choose-compressor")
                        : Say.it(
                                "air-view.made",
                                "delivered",
                                Figure.of(c.delivered()).text(model.units())));
        Length length = c.pipeLength();
        pipe.words(
                Say.it("air-view.pipe-word"),
                length.mm() > 0 ? new Figure.OfReach(length).text(model.units()) : "–",
                c.work()
                        .map(w -> Say.it("air-view.joints-seal", "joints", w.joints()))
                        .orElse(Say.it("air-view.centre-centre")));
        third(c);
        Slip.stops(judged, plan.findings());
        showing = false;
    }

    /** The figure that the open leaf is about. */
    private void third(AirCase c) {
        switch (leaf) {
            case WATER ->
                third.words(
                        Say.it("air-view.water-pipes"),
                        c.water()
                                .map(w -> new Figure.OfLitres(w.inPipes()).text(model.units()))
                                .orElse("–"),
                        Say.it("air-view.working-day"));
            case TEST ->
                third.words(
                        Say.it("air-view.leak"),
                        c.heldResult()
                                .map(r -> Figure.of(r.leak()).text(model.units()))
                                .orElse("–"),
                        c.heldResult().isPresent()
                                ? Say.it("air-view.from-leak-test")
                                : Say.it("air-view.two-readings-needed"));
            default ->
                third.words(
                        Say.it("air-view.costs"),
                        c.work().map(w -> LengthFormat.decimal(w.price(), 0, 0)).orElse("–"),
                        Say.it("air-view.catalogue-prices-pipe-by"));
        }
    }

    @Override
    public Node node() {
        return page.node();
    }

    @Override
    public void lead(Subject part) {
        AirLeaf.of(part).ifPresent(this::turnTo);
    }

    @Override
    public void opened() {
        refresh();
        if (model.isAir() && leaf == AirLeaf.WALK) {
            walkPane.takeFocus();
        }
    }
}
