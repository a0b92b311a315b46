package mellowflare.app.handover;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.FigureBox;
import mellowflare.app.entry.PathField;
import mellowflare.app.entry.Press;
import mellowflare.app.entry.Text;
import mellowflare.app.line.Slip;
import mellowflare.app.page.Mark;
import mellowflare.app.page.Page;
import mellowflare.core.job.HandOver;

/** The page of handing over: how the job stands, what is attached, who takes it. */
public final class HandOverView implements Page {
    /** Side of a small picture (dots). */
    private static final double SIDE = 150;
    /** Its frame, both sides together. */
    private static final double FRAME = 12;

    private final HandOverModel model;
    private final BorderPane page = new BorderPane();
    private final VBox sections = new VBox(14);
    private final FlowPane pictures = new FlowPane(12, 12);
    private final TextField to = new TextField();
    private final TextArea said = new TextArea();
    private final FigureBox holder = new FigureBox();
    private final FigureBox open = new FigureBox();
    private final FigureBox files = new FigureBox();
    private final Map<String, Node> cards = new HashMap<>();
    private List<HandOverModel.Shown> shown = List.of();
    private Optional<HandOver> laid = Optional.empty();

    public HandOverView(HandOverModel model) {
        this.model = model;
        sections.setId("hand-over");
        pictures.setId("attached");
        VBox body = new VBox(sections);
        body.getStyleClass().add("book-page");
        ScrollPane scroll = new ScrollPane(body);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("page-scroll");
        page.setCenter(scroll);
        page.setRight(slip());
        HBox bar = new HBox(44, holder, open, files);
        bar.getStyleClass().add("figure-bar");
        bar.setAlignment(Pos.CENTER_LEFT);
        page.setBottom(bar);
        model.currentProperty().addListener((o, was, now) -> {
            if (isOpen()) {
                refresh();
            }
        });
        refresh();
    }

    private Node slip() {
        to.setId("hand-to");
        to.setPromptText(Say.it("hand-over-view.to"));
        to.setAccessibleText(Say.it("hand-over-view.to"));
        to.textProperty().bindBidirectional(model.toProperty());
        to.setOnAction(e -> model.hand());
        said.setId("hand-said");
        said.setPromptText(Say.it("hand-over-view.said"));
        said.setAccessibleText(Say.it("hand-over-view.said"));
        said.setPrefRowCount(3);
        said.setWrapText(true);
        said.textProperty().bindBidirectional(model.saidProperty());
        Button hand = new Button(Say.it("hand-over-view.press"));
        hand.setId("hand");
        hand.getStyleClass().add("main-action");
        hand.setOnAction(e -> model.hand());
        PathField path = new PathField(
                Say.it("hand-over-view.path"),
                Say.it("hand-over-view.path-spoken"),
                Say.it("hand-over-view.add"),
                model::attach,
                model::tell);
        path.field().setId("attach-path");
        return Slip.steady(new VBox(
                8,
                Text.of(Say.it("hand-over-view.hand"), "slip-heading"),
                to,
                said,
                hand,
                Press.quiet(Say.it("hand-over-view.write"), model::write),
                Text.of(Say.it("hand-over-view.attach"), "slip-heading"),
                path,
                pictures));
    }

    private void refresh() {
        HandOver now = model.page();
        if (!laid.equals(Optional.of(now))) {
            laid = Optional.of(now);
            sections.getChildren()
                    .setAll(now.sections().stream().map(HandOverView::section).toList());
        }
        List<HandOverModel.Shown> attached = model.attached();
        if (!attached.equals(shown)) {
            shown = attached;
            List<Node> all = new ArrayList<>();
            attached.forEach(a -> all.add(cards.computeIfAbsent(a.of().file() + a.where(), k -> card(a))));
            pictures.getChildren().setAll(all);
        }
        holder.words(
                Say.it("hand-over-view.holds"),
                model.holder().orElse(Say.it("hand-over-view.nobody")),
                model.holder().isPresent() ? Say.it("hand-over-view.since") : Say.it("hand-over-view.never"));
        open.words(
                Say.it("hand-over-view.open"), Integer.toString(now.open().size()), Say.it("hand-over-view.of-page"));
        files.words(
                Say.it("hand-over-view.attached"), Integer.toString(attached.size()), Say.it("hand-over-view.files"));
    }

    private static Node section(HandOver.Section s) {
        VBox box = new VBox(5, Text.of(s.title(), "small-heading"));
        s.items().forEach(i -> box.getChildren().add(item(i)));
        return box;
    }

    private static Node item(HandOver.Item i) {
        return switch (i.weight()) {
            case DANGER -> row(Mark.STOP, Text.of(Say.it("hand-over-view.danger", "says", i.says()), "finding-says"));
            case OPEN -> row(Mark.WARN, Text.of(i.says(), "finding-says"));
            case KNOWN -> Text.of(i.says(), "finding-remedy");
        };
    }

    private static Node row(Mark mark, Label says) {
        HBox row = new HBox(9, mark.node(), says);
        HBox.setHgrow(says, Priority.ALWAYS);
        return row;
    }

    private Node card(HandOverModel.Shown a) {
        TextField words = new TextField(a.of().said());
        words.setPromptText(Say.it("hand-over-view.words"));
        words.setAccessibleText(Say.it("hand-over-view.words-spoken", "name", a.of().name()));
        words.setPrefWidth(SIDE);
        words.textProperty().addListener((o, was, now) -> model.says(a.of(), now));
        StackPane frame = new StackPane(small(a));
        frame.getStyleClass().add("attached-frame");
        frame.setMinSize(SIDE, SIDE);
        frame.setMaxSize(SIDE, SIDE);
        VBox card = new VBox(
                3,
                frame,
                Text.of(a.of().name(), "soft"),
                words,
                Press.quiet(Say.it("hand-over-view.off"), () -> model.detach(a.of())));
        card.setMaxWidth(SIDE);
        return card;
    }

    /** The photo, read small in the background; of what is none its name says all. */
    private static Node small(HandOverModel.Shown a) {
        if (a.where().isEmpty()) {
            return Text.of(Say.it("hand-over-view.gone"), "finding-remedy");
        }
        Image image = new Image(a.where().get().toUri().toString(), SIDE - FRAME, SIDE - FRAME, true, true, true);
        ImageView view = new ImageView(image);
        view.setAccessibleText(Say.it("hand-over-view.picture", "name", a.of().name()));
        String name = a.of().name();
        int dot = name.lastIndexOf('.');
        Label ending = Text.of(dot > 0 ? name.substring(dot + 1) : name, "slip-heading");
        ending.visibleProperty().bind(image.errorProperty());
        return new StackPane(view, ending);
    }

    @Override
    public Node node() {
        return page;
    }

    @Override
    public void opened() {
        refresh();
        to.requestFocus();
    }

    @Override
    public void act() {
        model.hand();
    }
}
