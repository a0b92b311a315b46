package mellowflare.app.book;

import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.ChoiceRow;
import mellowflare.app.entry.FigureBox;
import mellowflare.app.entry.PathField;
import mellowflare.app.entry.Text;
import mellowflare.app.entry.WordCell;
import mellowflare.app.line.PaperPresses;
import mellowflare.app.line.Slip;
import mellowflare.app.look.Look;
import mellowflare.app.page.Page;
import mellowflare.app.paint.DrawingPane;
import mellowflare.book.job.Papers;
import mellowflare.book.store.Book;
import mellowflare.book.store.JobHead;
import mellowflare.core.advice.Method;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.job.LeftOff;
import mellowflare.core.measure.UnitSystem;

/** The page of Book. */
public final class BookView implements Page {
    private static final DateTimeFormatter MOMENT =
            DateTimeFormatter.ofPattern("d MMM yyyy HH:mm").withZone(ZoneId.systemDefault());
    private final BookModel model;
    private final BorderPane page = new BorderPane();
    private final TextField search = new TextField();
    private final ListView<JobHead> list = new ListView<>();
    private final DrawingPane drawing = new DrawingPane(new Insets(10, 20, 6, 20), 13);
    private final TextField title = new TextField();
    private final TextField machine = new TextField();
    private final TextArea note = new TextArea();
    private final VBox methods = new VBox(6);
    private final StackPane papers = new StackPane();
    private List<Papers.Offer> papersShown = List.of();
    private ChoiceRow<UnitSystem> units;
    private final FigureBox open = new FigureBox();
    private final FigureBox left = new FigureBox();
    private final FigureBox stops = new FigureBox();
    private static final double ROW = 53;
    private static final double NAMES_LEAST = 150;
    private boolean showing;

    /**
     * @param ask asks what a new job is, once one is open
     */
    public BookView(BookModel model, Look look, Runnable ask) {
        this.model = model;
        drawing.inkProperty().bind(look.ink());
        drawing.textScaleProperty().bind(look.scale());
        drawing.setAccessibleText(Say.it("book-view.the-line-open-job"));
        page.setCenter(left(look, ask));
        page.setRight(slip());
        page.setBottom(figures());
        model.jobsProperty().addListener((o, was, now) -> showJobs(now));
        model.currentProperty().addListener((o, was, now) -> {
            if (isOpen()) {
                refresh(now);
            }
        });
        showJobs(model.jobsProperty().get());
        refresh(model.currentProperty().get());
    }

    private Node left(Look look, Runnable ask) {
        search.setPromptText(Say.it("book-view.search-words-title-machine"));
        search.setId("search");
        search.getStyleClass().add("search");
        search.setAccessibleText(Say.it("book-view.search-book"));
        search.textProperty().bindBidirectional(model.searchProperty());
        HBox.setHgrow(search, Priority.ALWAYS);
        Button fresh = new Button(Say.it("book-view.new-job-ctrl-n"));
        fresh.getStyleClass().add("main-action");
        fresh.setMinWidth(Region.USE_PREF_SIZE);
        fresh.setOnAction(e -> {
            model.openNew();
            ask.run();
        });
        HBox top = new HBox(12, search, fresh);
        // Rows of one height: a book of ten thousand jobs need not be measured row by row.
        list.fixedCellSizeProperty().bind(look.scale().multiply(ROW));
        list.setCellFactory(v -> new HeadCell());
        list.setId("jobs");
        list.setAccessibleText(Say.it("book-view.jobs-book"));
        list.setPlaceholder(Text.of(Say.it("book-view.no-job-holds-these"), "soft"));
        list.getSelectionModel().selectedItemProperty().addListener((o, was, now) -> {
            if (!showing && now != null && !now.id().equals(model.job().id())) {
                model.open(now);
            }
        });
        VBox.setVgrow(list, Priority.ALWAYS);
        drawing.setMinHeight(110);
        drawing.setPrefHeight(140);
        Label said = Text.of("", "finding-says");
        Button earlier = quiet(Say.it("book-view.open-its-last-readable"), a -> model.openLastReadable(a));
        Button asItLies = quiet(Say.it("book-view.write-out-as-lies"), a -> model.writeAsItLies(a));
        VBox stuck = new VBox(4, said, new HBox(12, earlier, asItLies));
        stuck.setId("set-aside");
        stuck.managedProperty().bind(stuck.visibleProperty());
        model.asideProperty().addListener((o, was, now) -> showAside(stuck, said, now));
        showAside(stuck, said, model.asideProperty().get());
        VBox box = new VBox(12, top, stuck, list, drawing);
        box.getStyleClass().add("book-page");
        return box;
    }

    private Button quiet(String words, Consumer<String> does) {
        Button b = new Button(words);
        b.getStyleClass().setAll("quiet-action");
        b.setOnAction(e -> model.asideProperty().get().ifPresent(a -> does.accept(a.id())));
        return b;
    }

    private static void showAside(Node box, Label said, Optional<Book.SetAside> aside) {
        box.setVisible(aside.isPresent());
        said.setText(aside.map(Book.SetAside::says).orElse(""));
    }

    private Node slip() {
        title.textProperty().addListener((o, was, now) -> unlessShowing(() -> model.title(now)));
        machine.textProperty().addListener((o, was, now) -> unlessShowing(() -> model.machine(now)));
        note.textProperty().addListener((o, was, now) -> unlessShowing(() -> model.note(now)));
        title.setId("title");
        note.setPrefRowCount(2);
        note.setWrapText(true);
        units = new ChoiceRow<>(
                Say.it("book-view.worked"),
                List.of(UnitSystem.METRIC, UnitSystem.INCH),
                u -> u == UnitSystem.METRIC ? Say.it("book-view.millimetres") : Say.it("book-view.inches"),
                u -> null,
                false,
                u -> model.units(u.orElseThrow()));
        PathField in = new PathField(
                Say.it("book-view.path-job-file-or"),
                Say.it("book-view.path-job-file-take"),
                Say.it("book-view.import"),
                model::importFrom,
                model::tell);
        VBox content = new VBox(
                7,
                Text.of(Say.it("book-view.the-open-job"), "slip-heading"),
                labelled(Say.it("book-view.title"), title),
                labelled(Say.it("book-view.machine"), machine),
                labelled(Say.it("book-view.note"), note),
                units,
                Text.of(Say.it("book-view.print-export"), "slip-heading"),
                papers,
                in,
                Text.of(Say.it("book-view.how-this-shop-does"), "slip-heading"),
                methods);
        content.getStyleClass().add("slip-content");
        ScrollPane scroll = new ScrollPane(content);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().addAll("slip", "words-slip");
        return scroll;
    }

    /** The papers of the open job; made anew when another kind of line is open. */
    private void papers() {
        List<Papers.Offer> now = model.papers();
        if (!now.equals(papersShown)) {
            papersShown = now;
            papers.getChildren().setAll(new PaperPresses(now, model::write));
        }
    }

    private static Node labelled(String word, Node field) {
        Label l = Text.of(word, "entry-word");
        field.setAccessibleText(word);
        HBox row = new HBox(8, l, field);
        HBox.setHgrow(field, Priority.ALWAYS);
        row.setAlignment(Pos.BASELINE_LEFT);
        return row;
    }

    private Node figures() {
        HBox bar = new HBox(44, open, left, stops);
        bar.getStyleClass().add("figure-bar");
        bar.setAlignment(Pos.CENTER_LEFT);
        return bar;
    }

    private void unlessShowing(Runnable action) {
        if (!showing) {
            action.run();
        }
    }

    private void showJobs(List<JobHead> jobs) {
        showing = true;
        if (!jobs.equals(list.getItems())) {
            list.getItems().setAll(jobs);
        }
        select();
        open.words(
                model.searchProperty().get().isBlank()
                        ? Say.it("book-view.jobs-book-2")
                        : Say.it("book-view.jobs-found"),
                Integer.toString(jobs.size()),
                Say.it(
                        "book-view.in-progress",
                        "count",
                        jobs.stream()
                                .filter(j -> LeftOff.read(j.leftOff()).inProgress())
                                .count()));
        showing = false;
    }

    private void select() {
        list.getItems().stream()
                .filter(h -> h.id().equals(model.job().id()))
                .findFirst()
                .ifPresentOrElse(list.getSelectionModel()::select, list.getSelectionModel()::clearSelection);
    }

    private void refresh(Evaluation now) {
        showing = true;
        Job job = now.job();
        papers();
        set(title, job.title());
        set(machine, job.machine());
        if (!note.getText().equals(job.note())) {
            note.setText(job.note());
        }
        units.show(Optional.of(job.units()));
        drawing.drawingProperty().set(now.plan().strip());
        select();
        showMethods();
        left.words(
                Say.it("book-view.work"),
                now.leftOff().brief(),
                now.leftOff().inProgress() ? now.leftOff().title() : job.machine());
        Slip.stops(stops, now.findings());
        showing = false;
    }

    private void showMethods() {
        methods.getChildren().clear();
        for (MethodTopic topic : MethodTopic.values()) {
            ComboBox<Method> box = new ComboBox<>();
            box.getItems().setAll(model.methods(topic));
            WordCell.dress(box, Method::name, "");
            box.setValue(model.chosen(topic));
            box.setMaxWidth(Double.MAX_VALUE);
            box.setAccessibleText(topic.word());
            box.valueProperty().addListener((o, was, chosen) -> unlessShowing(() -> model.choose(chosen)));
            methods.getChildren()
                    .addAll(
                            Text.of(topic.word(), "small-heading"),
                            box,
                            Text.of(model.chosen(topic).reason(), "soft"));
        }
    }

    private static void set(TextField field, String text) {
        if (!field.getText().equals(text)) {
            field.setText(text);
        }
    }

    @Override
    public Node node() {
        return page;
    }

    @Override
    public void opened() {
        refresh(model.currentProperty().get());
        model.refresh();
        search.requestFocus();
    }

    private static Label line(String text, String style) {
        Label l = new Label(text);
        l.getStyleClass().add(style);
        return l;
    }

    private final class HeadCell extends ListCell<JobHead> {
        HeadCell() {
            setPrefWidth(0);
        }

        @Override
        protected void updateItem(JobHead item, boolean empty) {
            super.updateItem(item, empty);
            setText(null);
            if (empty || item == null) {
                setGraphic(null);
                return;
            }
            Button away = new Button(item.putAway() ? Say.it("book-view.unarchive") : Say.it("book-view.archive"));
            away.getStyleClass().setAll("quiet-action");
            away.setMinWidth(Region.USE_PREF_SIZE);
            away.setOnAction(e -> model.putAway(item));
            Label name = line(item.title().isBlank() ? Say.it("book-view.no-title") : item.title(), "job-title");
            Label where = line(item.machine(), "soft");
            LeftOff left = LeftOff.read(item.leftOff());
            Label state = line(left.text(), left.inProgress() ? "job-half" : "soft");
            Label when = line(MOMENT.format(item.changedAt()), "soft");
            VBox names = new VBox(2, name, where);
            VBox states = new VBox(2, state, when);
            states.setAlignment(Pos.CENTER_RIGHT);
            // A row is as high as every other: what is too long for it ends in dots.
            HBox.setHgrow(names, Priority.ALWAYS);
            names.setMinWidth(NAMES_LEAST);
            states.setMinWidth(0);
            HBox row = new HBox(14, names, states, away);
            row.setAlignment(Pos.CENTER_LEFT);
            row.setOpacity(item.putAway() ? 0.55 : 1);
            setGraphic(row);
        }
    }
}
