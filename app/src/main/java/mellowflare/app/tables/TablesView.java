package mellowflare.app.tables;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.FigureBox;
import mellowflare.app.entry.Text;
import mellowflare.app.entry.WordCell;
import mellowflare.app.look.Look;
import mellowflare.app.paint.DrawingPane;
import mellowflare.app.shell.Page;
import mellowflare.core.connection.End;
import mellowflare.core.connection.Seat;
import mellowflare.core.hose.Which;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.sealing.SealAdvice;

/** The page of Tables. */
public final class TablesView implements Page {
    private final TablesModel model;
    private final BorderPane page = new BorderPane();
    private final DrawingPane drawing = new DrawingPane(new Insets(64, 46, 12, 46), 15);
    private final Label held = Text.of("", "held");
    private final VBox facts = new VBox(3);
    private final VBox seals = new VBox(3);
    private final VBox screws = new VBox(3);
    private final TextField search = new TextField();
    private final ListView<End> list = new ListView<>();
    private final Label count = Text.of("", "soft");
    private final FigureBox is = new FigureBox();
    private final FigureBox band = new FigureBox();
    private final FigureBox pitch = new FigureBox();
    private final VBox uses = new VBox(6);
    private boolean showing;

    public TablesView(TablesModel model, Look look) {
        this.model = model;
        drawing.setId("table-section");
        facts.setId("end-facts");
        drawing.inkProperty().bind(look.ink());
        drawing.textScaleProperty().bind(look.scale());
        drawing.setAccessibleText("Half-section of the chosen end, to scale");
        page.setCenter(left());
        page.setRight(slip());
        page.setBottom(figures());
        model.foundProperty().addListener((o, was, now) -> showFound());
        model.chosenProperty().addListener((o, was, now) -> refresh());
        showFound();
        refresh();
    }

    private Node left() {
        StackPane.setAlignment(held, Pos.TOP_LEFT);
        StackPane stack = new StackPane(drawing, held);
        stack.getStyleClass().add("drawing-ground");
        stack.setMinHeight(230);
        HBox columns = new HBox(
                18,
                Text.column("The end", facts),
                Text.column("Goes on it and seals", seals),
                Text.column("Goes on it and leaks", screws));
        columns.getStyleClass().add("under-drawing");
        VBox.setVgrow(stack, Priority.ALWAYS);
        return Text.page(new VBox(stack, columns));
    }

    private Node slip() {
        search.setId("end-search");
        search.setPromptText("FIP 1/2, dash 8, M14x1.5, flare brake");
        search.getStyleClass().add("search");
        search.setAccessibleText("Search the ends by any name of any trade");
        search.textProperty().bindBidirectional(model.searchProperty());
        list.setId("ends");
        list.setAccessibleText("Ends found");
        list.setCellFactory(
                v -> WordCell.wrapping(e -> e.title() + ", " + e.gender().word()));
        list.setPlaceholder(Text.of("No end of the tables goes by these words.", "soft"));
        list.getSelectionModel().selectedItemProperty().addListener((o, was, now) -> {
            if (!showing && now != null) {
                model.choose(now);
            }
        });
        VBox.setVgrow(list, Priority.ALWAYS);
        Button card = new Button("true-size gauge card, PDF");
        card.setId("gauge-card");
        card.getStyleClass().setAll("choice");
        card.setOnAction(e -> model.gaugeCard());
        VBox content =
                new VBox(8, Text.of("By whatever name it is asked for", "slip-heading"), search, count, list, card);
        content.getStyleClass().addAll("slip", "slip-content");
        return content;
    }

    private Node figures() {
        uses.getChildren().setAll(use(Which.A), use(Which.B));
        uses.setAlignment(Pos.CENTER_RIGHT);
        HBox bar = new HBox(36, is, band, pitch, Text.spring(), uses);
        bar.getStyleClass().add("figure-bar");
        bar.setAlignment(Pos.CENTER_LEFT);
        return bar;
    }

    private Button use(Which which) {
        Button use = new Button("Use as end " + which);
        use.setId("pick-" + which);
        use.getStyleClass().addAll("main-action", "one-of-two");
        use.setMinWidth(Region.USE_PREF_SIZE);
        use.setOnAction(e -> model.use(which));
        return use;
    }

    private void showFound() {
        showing = true;
        List<End> ends = model.foundProperty().get();
        list.getItems().setAll(ends);
        count.setText(ends.size() == 1 ? "one end" : ends.size() + " ends");
        select();
        showing = false;
    }

    private void select() {
        model.chosenProperty().get().ifPresent(list.getSelectionModel()::select);
    }

    private void refresh() {
        Optional<End> chosen = model.chosenProperty().get();
        drawing.drawingProperty().set(model.drawing().orElse(null));
        held.setText(chosen.map(e -> e.title() + ", " + e.gender().word()).orElse("Nothing found"));
        Text.fill(seals, model.goesOn(true), "reason-for");
        Text.fill(screws, model.goesOn(false), "twin");
        Text.fill(facts, chosen.map(this::facts).orElse(List.of()), "reason-for");
        uses.setDisable(chosen.isEmpty());
        UnitSystem units = model.units();
        is.words(
                "it is",
                chosen.map(End::brief).orElse("–"),
                chosen.map(e -> e.source().shown()).orElse(""));
        band.words("across the crests", chosen.isEmpty() ? "–" : model.band(units), model.band(units.other()));
        pitch.words(
                "pitch leaf",
                chosen.flatMap(End::thread).map(t -> t.pitch().text()).orElse("–"),
                chosen.flatMap(End::thread).map(t -> t.pitch().otherText()).orElse(""));
        showing = true;
        select();
        showing = false;
    }

    private List<String> facts(End e) {
        String names = e.form().aliases().isEmpty()
                ? ""
                : "Also asked for as " + String.join(", ", e.form().aliases()) + ".";
        String seats = "Seat: "
                + String.join(" or ", e.seats().stream().map(Seat::words).toList()) + ".";
        String met = "Met on " + String.join(", ", e.form().metIn()) + " lines.";
        int times = model.fittedHere();
        String fitted = times == 0 ? "" : "Named and fitted here " + (times == 1 ? "once." : times + " times.");
        String put = model.seal()
                .map((SealAdvice s) ->
                        "Put on: " + String.join("; ", s.putOn()) + ". Never " + String.join("; ", s.never()) + ".")
                .orElse("");
        return List.of(
                        e.threadName()
                                + e.thread()
                                        .map(t -> ", " + t.form().angleText() + " flanks")
                                        .orElse(""),
                        seats,
                        put,
                        names,
                        met,
                        fitted)
                .stream()
                .filter(t -> !t.isEmpty())
                .toList();
    }

    @Override
    public Node node() {
        return page;
    }

    @Override
    public void opened() {
        refresh();
        search.requestFocus();
    }
}
