package mellowflare.app.shell;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ForkJoinPool;
import javafx.application.Platform;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import mellowflare.app.book.BookModel;
import mellowflare.app.book.BookView;
import mellowflare.app.desk.Desk;
import mellowflare.app.entry.Focus;
import mellowflare.app.entry.Text;
import mellowflare.app.gauge.CaliperModel;
import mellowflare.app.gauge.GaugeModel;
import mellowflare.app.gauge.GaugeView;
import mellowflare.app.gauge.HoldModel;
import mellowflare.app.handover.HandOverModel;
import mellowflare.app.handover.HandOverView;
import mellowflare.app.line.LineModel;
import mellowflare.app.look.Look;
import mellowflare.app.machine.MachineModel;
import mellowflare.app.machine.MachineView;
import mellowflare.app.make.MakeModel;
import mellowflare.app.make.MakeView;
import mellowflare.app.mend.MendModel;
import mellowflare.app.mend.MendView;
import mellowflare.app.pack.PackModel;
import mellowflare.app.pack.PackView;
import mellowflare.app.page.Leads;
import mellowflare.app.page.Page;
import mellowflare.app.page.PageLeaves;
import mellowflare.app.page.Place;
import mellowflare.app.shelf.ShelfModel;
import mellowflare.app.shelf.ShelfView;
import mellowflare.app.start.StartModel;
import mellowflare.app.start.StartView;
import mellowflare.app.start.TourModel;
import mellowflare.app.tables.TablesModel;
import mellowflare.app.tables.TablesView;
import mellowflare.app.testing.LoggerModel;
import mellowflare.app.testing.TestsModel;
import mellowflare.app.testing.TestsView;
import mellowflare.app.trouble.PressuresModel;
import mellowflare.app.trouble.PressuresView;
import mellowflare.app.trouble.TroubleModel;
import mellowflare.app.trouble.TroubleView;
import mellowflare.core.advice.Need;
import mellowflare.core.advice.Subject;
import mellowflare.core.connection.End;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.NextThing;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Read;

/** The window's root: band above, thumb index at the right edge, the open place between. */
public final class Shell extends BorderPane implements Leads {
    private static final PseudoClass NEXT = PseudoClass.getPseudoClass("next");
    private static final PseudoClass OPEN = PseudoClass.getPseudoClass("open");
    private final Desk desk;
    private final Look look;
    private final GaugeModel gauge;
    private final HoldModel hold;
    private final TablesModel tables;
    private final CaliperModel caliper;
    private final TestsModel tests;
    private final LoggerModel logger;
    private final LineModel line;
    private final Map<Place, Page> pages = new EnumMap<>(Place.class);
    private final Map<Place, Button> tabs = new EnumMap<>(Place.class);
    private final StackPane ground = new StackPane();
    private final StartView start;
    private Place open = Place.GAUGE;

    /**
     * @param desk the job and its saving
     * @param look day or night
     * @param caliper the instrument that F9 reads
     */
    public Shell(Desk desk, Look look, CaliperModel caliper) {
        this.desk = desk;
        this.look = look;
        this.caliper = caliper;
        this.line = new LineModel(desk);
        this.gauge = new GaugeModel(desk);
        this.hold = new HoldModel(desk);
        this.tables = new TablesModel(desk);
        this.tests = new TestsModel(desk);
        this.logger = caliper.isPractice()
                ? LoggerModel.practice(tests, ForkJoinPool.commonPool(), Platform::runLater)
                : LoggerModel.none(tests);
        this.start = StartView.of(new StartModel(desk, AppKinds.begins(), this::next));
        getStyleClass().add("shell");
        setTop(new Band(desk, look, this, () -> go(Place.MAKE), this::next, this::mend));
        setCenter(ground);
        setRight(index());
        desk.currentProperty().addListener((o, was, now) -> markNext(now));
        markNext(desk.current());
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
    }

    private Node index() {
        VBox box = new VBox(6);
        box.getStyleClass().add("thumb-index");
        for (Place place : Place.values()) {
            Button tab = new Button(place.word());
            tab.setGraphic(Text.of(Say.it("shell.alt", "letter", place.letter()), "tab-key"));
            tab.setContentDisplay(ContentDisplay.BOTTOM);
            tab.getStyleClass().setAll("tab");
            tab.setId("tab-" + place.word());
            tab.setFocusTraversable(false);
            tab.setOnAction(e -> go(place));
            tabs.put(place, tab);
            box.getChildren().add(tab);
        }
        return box;
    }

    /** Pages are made when they are first opened, so that the window stands sooner. */
    private Page make(Place place) {
        return switch (place) {
            case GAUGE -> new GaugeView(gauge, hold, caliper, look, this::lookUp, this::next);
            case LINE, AIR -> new KindPage(place, line, kind -> kind.page(desk, line, look, this), this::go);
            case PACK -> new PackView(new PackModel(desk), look);
            case MAKE ->
                new MakeView(new MakeModel(desk), look, ask -> {
                    tests.open(ask);
                    go(Place.TESTS);
                });
            case TESTS -> new TestsView(tests, logger, look, this);
            case TROUBLE -> trouble();
            case MACHINE ->
                new MachineView(
                        new MachineModel(desk, ForkJoinPool.commonPool(), Platform::runLater),
                        look,
                        () -> go(Place.LINE));
            case BOOK -> book();
            case TABLES -> new TablesView(tables, look);
        };
    }

    private Page trouble() {
        PressuresModel pressures = new PressuresModel(desk, ForkJoinPool.commonPool(), Platform::runLater);
        return new PageLeaves(
                List.of("signs", "pressures"),
                List.of(Say.it("shell.signs"), Say.it("shell.pressures")),
                List.of(new TroubleView(new TroubleModel(desk), look, this), new PressuresView(pressures, look)));
    }

    private Page book() {
        ShelfModel shelf = new ShelfModel(desk, ForkJoinPool.commonPool(), Platform::runLater);
        return new PageLeaves(
                List.of("jobs", "shelf", "hand-over"),
                List.of(Say.it("shell.jobs"), Say.it("shell.shelf"), Say.it("shell.hand-over")),
                List.of(
                        new BookView(new BookModel(desk), look, this::ask),
                        new ShelfView(shelf, look),
                        new HandOverView(new HandOverModel(desk))));
    }

    /** Lays a place open without giving it the focus yet. */
    public void lay(Place place) {
        Node page = pages.computeIfAbsent(place, this::make).node();
        open = place;
        if (!ground.getChildren().equals(List.of(page))) {
            ground.getChildren().setAll(page);
        }
        tabs.forEach((p, tab) -> tab.pseudoClassStateChanged(OPEN, p == place));
    }

    /** Opens a place. */
    public void go(Place asked) {
        // Some kinds of line have a place of their own; the key of Line leads there too.
        Place place = asked == Place.LINE ? AppKinds.of(desk.job().kind()).place() : asked;
        lay(place);
        // Fields inside a scroll pane only stand in the scene, and can take the focus, once styles were applied.
        ground.applyCss();
        ground.layout();
        pages.get(place).opened();
    }

    /** Never on a page that a question lies over. */
    private void act() {
        if (pages.get(open).isOpen()) {
            pages.get(open).act();
        }
    }

    /** Asks what the open job is. */
    public void ask() {
        ask(start);
    }

    /** Shows a way into the demo book. */
    public void tour() {
        ask(StartView.of(new TourModel((job, place) -> {
            desk.open(job);
            go(place);
        })));
    }

    /** Shows ways to mend the open line, over the page that is open. */
    private void mend() {
        Place from = open;
        MendView mending =
                new MendView(new MendModel(desk, ForkJoinPool.commonPool(), Platform::runLater), look, () -> go(from));
        ground.getChildren().setAll(mending.node());
        ground.applyCss();
        ground.layout();
        mending.opened();
    }

    private void ask(StartView start) {
        ground.getChildren().setAll(start.node());
        tabs.values().forEach(tab -> tab.pseudoClassStateChanged(OPEN, false));
        ground.applyCss();
        ground.layout();
        start.opened();
    }

    /** To what comes next with the open job. */
    private void next() {
        NextThing.of(desk.current()).ifPresent(this::lead);
    }

    private void lead(NextThing next) {
        if (next.need().isPresent()) {
            to(next.need().get());
        } else {
            to(next.at());
        }
    }

    /** Marks the place at which it goes on. */
    private void markNext(Evaluation now) {
        Optional<Place> at = NextThing.of(now).map(n -> placeOf(n.at()));
        tabs.forEach((place, tab) ->
                tab.pseudoClassStateChanged(NEXT, at.filter(place::equals).isPresent()));
    }

    private Place placeOf(Subject subject) {
        return subject == Subject.END_A || subject == Subject.END_B
                ? Place.GAUGE
                : AppKinds.of(desk.job().kind()).placeOf(subject);
    }

    public Place open() {
        return open;
    }

    private void lookUp(End end) {
        tables.lookUp(end);
        go(Place.TABLES);
    }

    private void measure(LineEnd which) {
        gauge.whichProperty().set(which);
        go(Place.GAUGE);
    }

    @Override
    public void to(Need need) {
        to(need.at());
        applyCss();
        layout();
        Focus.on(ground, need.entry());
    }

    @Override
    public void to(Subject subject) {
        if (subject == Subject.END_A || subject == Subject.END_B) {
            measure(subject == Subject.END_A ? LineEnd.A : LineEnd.B);
        } else {
            go(AppKinds.of(desk.job().kind()).placeOf(subject));
            pages.get(open).lead(subject);
        }
    }

    private void key(KeyEvent e) {
        if (e.isAltDown() && !e.isShortcutDown()) {
            if (e.getCode() == KeyCode.N) {
                next();
                e.consume();
                return;
            }
            for (Place place : Place.values()) {
                if (e.getCode().getName().equals(String.valueOf(place.letter()))) {
                    go(place);
                    e.consume();
                    return;
                }
            }
        }
        if (e.isShortcutDown()) {
            shortcut(e);
        } else if (e.getCode() == KeyCode.F8) {
            go(Place.GAUGE);
            hold.heldProperty().set(!hold.heldProperty().get());
            e.consume();
        } else if (e.getCode() == KeyCode.F9) {
            if (open != Place.GAUGE) {
                go(Place.GAUGE);
            }
            caliper.read(this::measured, desk::tell);
            e.consume();
        } else if (e.getCode() == KeyCode.SPACE
                && open == Place.MAKE
                && !(getScene().getFocusOwner() instanceof TextInputControl)
                && !(getScene().getFocusOwner() instanceof Button)) {
            act();
            e.consume();
        }
    }

    /** A reading lands where the fitter stands and the focus goes on, as with a keyboard-type caliper. */
    private void measured(Read<Length> reading) {
        gauge.take(reading);
        if (reading.value().isPresent() && getScene().getFocusOwner() instanceof TextInputControl field) {
            Focus.next(field);
        }
    }

    private void shortcut(KeyEvent e) {
        boolean used = true;
        switch (e.getCode()) {
            case Z -> {
                if (e.isShiftDown()) {
                    desk.redo();
                } else {
                    desk.undo();
                }
            }
            case Y -> desk.redo();
            case N -> {
                desk.openNew();
                ask();
            }
            case M -> mend();
            case ENTER -> act();
            case D -> look.nightProperty().set(!look.nightProperty().get());
            case T -> look.largeProperty().set(!look.largeProperty().get());
            default -> used = false;
        }
        if (used) {
            e.consume();
        }
    }
}
