package mellowflare.app.tables;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.ChoiceRow;
import mellowflare.app.entry.FigureBox;
import mellowflare.app.entry.Text;
import mellowflare.app.entry.WordCell;
import mellowflare.app.look.Look;
import mellowflare.app.page.Page;
import mellowflare.app.paint.Pictures;
import mellowflare.core.connection.Body;
import mellowflare.core.connection.End;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.measure.UnitSystem;

/** The page of Tables. */
public final class TablesView implements Page {
    private final TablesModel model;
    private final BorderPane page = new BorderPane();
    private final OneEndPane one;
    private final BesidePane beside;
    private final LookAlikesPane lookAlikes;
    private final FitsPane fits;
    private final StackPane shown = new StackPane();
    private final ChoiceRow<Mode> modes;
    private final ChoiceRow<Gender> gender;
    private final ChoiceRow<Body> body;
    private final ChoiceRow<Boolean> fitted;
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
        this.one = new OneEndPane(model, look);
        this.beside = new BesidePane(model, look);
        this.lookAlikes = new LookAlikesPane(model);
        this.fits = new FitsPane(model);
        this.modes = new ChoiceRow<>(
                "", List.of(Mode.values()), Mode::words, m -> null, false, m -> model.show(m.orElseThrow()));
        this.gender = new ChoiceRow<>("", List.of(Gender.values()), Gender::word, g -> null, true, model::only);
        this.body =
                new ChoiceRow<>("", List.of(Body.values()), b -> b.words(), Pictures::body, true, model::onlyOutside);
        this.fitted = new ChoiceRow<>(
                "",
                List.of(true),
                f -> Say.it("tables-view.fitted-here"),
                f -> null,
                true,
                f -> model.onlyFitted(f.isPresent()));
        body.getStyleClass().add("pictures-only");
        page.setCenter(left());
        page.setRight(slip());
        page.setBottom(figures());
        model.foundProperty().addListener((o, was, now) -> showFound());
        model.chosenProperty().addListener((o, was, now) -> refresh());
        model.modeProperty().addListener((o, was, now) -> refresh());
        model.keptProperty().addListener((o, was, now) -> refresh());
        showFound();
        refresh();
    }

    private Node left() {
        modes.setPadding(new Insets(8, 12, 0, 24));
        ScrollPane scroll = Text.page(shown);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        return new VBox(modes, scroll);
    }

    private Node slip() {
        search.setId("end-search");
        search.setPromptText(Say.it("tables-view.fip-1-2-dash"));
        search.getStyleClass().add("search");
        search.setAccessibleText(Say.it("tables-view.search-ends-by-any"));
        search.textProperty().bindBidirectional(model.searchProperty());
        list.setId("ends");
        list.setAccessibleText(Say.it("tables-view.ends-found"));
        list.setCellFactory(v -> WordCell.wrapping(model::listed));
        list.setPlaceholder(Text.of(Say.it("tables-view.no-end-tables-goes"), "soft"));
        list.getSelectionModel().selectedItemProperty().addListener((o, was, now) -> {
            if (!showing && now != null) {
                model.choose(now);
            }
        });
        VBox.setVgrow(list, Priority.ALWAYS);
        Button card = new Button(Say.it("tables-view.true-size-gauge-card"));
        card.setId("gauge-card");
        card.getStyleClass().setAll("choice");
        card.setOnAction(e -> model.gaugeCard());
        VBox content = new VBox(
                8,
                Text.of(Say.it("tables-view.by-whatever-name-asked"), "slip-heading"),
                search,
                new HBox(8, gender, body, fitted),
                count,
                list,
                card);
        content.getStyleClass().addAll("slip", "slip-content");
        return content;
    }

    private Node figures() {
        uses.getChildren().setAll(use(LineEnd.A), use(LineEnd.B));
        uses.setAlignment(Pos.CENTER_RIGHT);
        HBox bar = new HBox(36, is, band, pitch, Text.spring(), uses);
        bar.getStyleClass().add("figure-bar");
        bar.setAlignment(Pos.CENTER_LEFT);
        return bar;
    }

    private Button use(LineEnd which) {
        Button use = new Button(Say.it("tables-view.use-as-end", "which", which));
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
        count.setText(
                ends.size() == 1 ? Say.it("tables-view.one-end") : Say.it("tables-view.ends", "size", ends.size()));
        select();
        showing = false;
        gender.show(model.gender());
        body.show(model.body());
        fitted.show(model.fittedOnly() ? Optional.of(true) : Optional.empty());
        if (model.modeProperty().get() == Mode.LOOK_ALIKES) {
            lookAlikes.refresh();
        }
    }

    private void select() {
        Optional<End> chosen = model.chosenProperty().get().filter(list.getItems()::contains);
        if (chosen.isEmpty()) {
            list.getSelectionModel().clearSelection();
        }
        chosen.filter(e -> !e.equals(list.getSelectionModel().getSelectedItem()))
                .ifPresent(e -> {
                    list.getSelectionModel().select(e);
                    list.scrollTo(e);
                });
    }

    private void refresh() {
        Mode mode = model.modeProperty().get();
        modes.show(Optional.of(mode));
        Node now = switch (mode) {
            case ONE_END -> {
                one.refresh();
                yield one;
            }
            case BESIDE -> {
                beside.refresh();
                yield beside;
            }
            case LOOK_ALIKES -> {
                lookAlikes.refresh();
                yield lookAlikes;
            }
            case FITS -> {
                fits.refresh();
                yield fits;
            }
        };
        if (!shown.getChildren().equals(List.of(now))) {
            shown.getChildren().setAll(now);
        }
        showFigures(model.chosenProperty().get());
        showing = true;
        select();
        showing = false;
    }

    private void showFigures(Optional<End> chosen) {
        uses.setDisable(chosen.isEmpty());
        UnitSystem units = model.units();
        is.words(
                Say.it("tables-view.is"),
                chosen.map(End::brief).orElse("–"),
                chosen.map(e -> e.source().shown()).orElse(""));
        band.words(
                chosen.map(e -> e.body().across(e.gender())).orElse(Say.it("tables-view.across")),
                chosen.isEmpty() ? "–" : model.band(units),
                chosen.flatMap(End::across).map(a -> model.band(units.other())).orElse(""));
        pitch.words(
                Say.it("tables-view.thread-pitch"),
                chosen.flatMap(End::thread).map(t -> t.pitch().text()).orElse("–"),
                chosen.flatMap(End::thread).map(t -> t.pitch().otherText()).orElse(""));
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
