package mellowflare.app.gauge;

import java.util.List;
import java.util.Optional;
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
import mellowflare.app.entry.ChoiceRow;
import mellowflare.app.entry.EntryRow;
import mellowflare.app.entry.FigureBox;
import mellowflare.app.entry.Text;
import mellowflare.app.look.Look;
import mellowflare.app.paint.DrawingPane;
import mellowflare.app.paint.Pictures;
import mellowflare.app.shell.Page;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.Seat;
import mellowflare.core.hose.Which;
import mellowflare.core.identify.FlankSeen;
import mellowflare.core.identify.Identification;
import mellowflare.core.identify.NextCheck;
import mellowflare.core.identify.Observation;
import mellowflare.core.identify.RingSeen;
import mellowflare.core.identify.TaperSeen;
import mellowflare.core.measure.Instrument;

/** The page of Gauge. */
public final class GaugeView implements Page {
    /** In the order of how often they are met. */
    private static final List<Seat> SEATS = List.of(
            Seat.NONE,
            Seat.CONE37,
            Seat.CONE60,
            Seat.PORT_ORING,
            Seat.WASHER,
            Seat.FACE_ORING,
            Seat.CONE24,
            Seat.CONE45,
            Seat.CONE30,
            Seat.INVERTED42,
            Seat.BUBBLE);

    private static final List<String> SERVICES =
            List.of("hydraulic", "pneumatic", "water", "gas", "fuel", "brake", "refrigerant");

    private final GaugeModel model;
    private final HoldModel hold;
    private final HoldPane holdPane;
    private final BorderPane page = new BorderPane();
    private final DrawingPane drawing = new DrawingPane(new Insets(88, 46, 12, 88), 15);
    private final Label held = Text.of("", "held");
    private final VBox speaksFor = new VBox(3);
    private final VBox speaksAgainst = new VBox(3);
    private Optional<NextCheck> nextShown = Optional.empty();
    private final VBox twins = new VBox(3);
    private final VBox next = new VBox(3);
    private final VBox warnings = new VBox(3);
    private final Button otherReading = new Button();
    private final AnswerList answers;
    private final FigureBox is = new FigureBox();
    private final FigureBox goesOn = new FigureBox();
    private final FigureBox tighten = new FigureBox();
    private final Button use = new Button();
    private final EntryRow diameter;
    private ChoiceRow<Which> ends;
    private ChoiceRow<Gender> gender;
    private ChoiceRow<TaperSeen> taper;
    private ChoiceRow<FlankSeen> flank;
    private ChoiceRow<Seat> seat;
    private ChoiceRow<RingSeen> ring;
    private ChoiceRow<Boolean> worn;
    private ChoiceRow<Instrument> instrument;
    private ChoiceRow<String> service;

    public GaugeView(GaugeModel model, HoldModel hold, Look look) {
        this.model = model;
        this.hold = hold;
        this.holdPane = new HoldPane(hold, look);
        this.answers = new AnswerList(model::use);
        this.diameter = new EntryRow("across the crests", "14.2 or 9/16", model.diameter());
        drawing.setId("half-section");
        drawing.inkProperty().bind(look.ink());
        drawing.textScaleProperty().bind(look.scale());
        drawing.setAccessibleText("Half-section of the end, to scale");
        page.setCenter(left());
        page.setRight(slip());
        page.setBottom(figures());
        model.resultProperty().addListener((o, was, now) -> refreshIfOpen());
        model.whichProperty().addListener((o, was, now) -> refreshIfOpen());
        refresh();
    }

    private Node left() {
        StackPane.setAlignment(held, Pos.TOP_LEFT);
        StackPane stack = new StackPane(drawing, held, holdPane);
        Button holdUp = new Button("hold it to the screen   F8");
        holdUp.setId("hold-up");
        holdUp.getStyleClass().setAll("quiet-action");
        holdUp.setOnAction(e -> hold.heldProperty().set(!hold.heldProperty().get()));
        StackPane.setAlignment(holdUp, Pos.TOP_RIGHT);
        StackPane.setMargin(holdUp, new Insets(10, 12, 0, 0));
        stack.getChildren().add(holdUp);
        holdPane.visibleProperty().bind(hold.heldProperty());
        hold.heldProperty().addListener((o, was, now) -> {
            holdUp.setText(now ? "back to the section   F8" : "hold it to the screen   F8");
            refreshIfOpen();
        });
        hold.trueSizeProperty().addListener((o, was, now) -> refreshIfOpen());
        hold.dotsPerMmProperty().addListener((o, was, now) -> refreshIfOpen());
        stack.getStyleClass().add("drawing-ground");
        stack.setMinHeight(250);
        HBox columns = new HBox(
                18,
                Text.column("Speaks for it", new VBox(3, speaksFor, speaksAgainst)),
                Text.column("Looks like it", twins),
                Text.column("Check next", next));
        columns.getStyleClass().add("under-drawing");
        VBox.setVgrow(stack, Priority.ALWAYS);
        warnings.getStyleClass().add("warnings");
        warnings.managedProperty().bind(warnings.visibleProperty());
        otherReading.getStyleClass().setAll("quiet-action");
        otherReading.setId("other-reading");
        otherReading.managedProperty().bind(otherReading.visibleProperty());
        otherReading.setOnAction(e -> model.takeOtherReading());
        return Text.page(new VBox(stack, new HBox(12, warnings, otherReading), columns));
    }

    private Node slip() {
        ends = new ChoiceRow<>(
                "",
                List.of(Which.values()),
                w -> "end " + w.name(),
                w -> null,
                false,
                w -> model.whichProperty().set(w.orElseThrow()));
        gender = new ChoiceRow<>(
                "thread is",
                List.of(Gender.values()),
                Gender::word,
                Pictures::gender,
                false,
                g -> model.gender(g.orElseThrow()));
        taper = new ChoiceRow<>(
                "along it", List.of(TaperSeen.values()), TaperSeen::word, Pictures::taper, true, model::taper);
        flank = new ChoiceRow<>(
                "", List.of(FlankSeen.values()), f -> f.word().replace(" flank", ""), f -> null, true, model::flank);
        seat = new ChoiceRow<>("seat", SEATS, GaugeView::seatWord, Pictures::seat, true, model::seat);
        ring = new ChoiceRow<>(
                "ring", List.of(RingSeen.values()), GaugeView::ringWord, Pictures::ring, true, model::ring);
        worn = new ChoiceRow<>(
                "looks",
                List.of(false, true),
                w -> w ? "worn" : "sound",
                w -> null,
                false,
                w -> model.worn(w.orElse(false)));
        instrument = new ChoiceRow<>(
                "",
                List.of(Instrument.CALIPER, Instrument.RULE, Instrument.EYE),
                Instrument::word,
                i -> null,
                false,
                i -> model.instrument(i.orElse(Instrument.CALIPER)));
        service = new ChoiceRow<>("found on", SERVICES, GaugeView::serviceWord, s -> null, true, model::service);
        EntryRow pitch = new EntryRow("pitch leaf", "18 or 1.5 mm", model.pitch());
        diameter.field().setId("diameter");
        pitch.field().setId("pitch");
        HBox head = new HBox(8, Text.of("What you hold", "slip-heading"), Text.spring(), ends);
        head.setAlignment(Pos.CENTER_LEFT);
        VBox entries = new VBox(
                5, head, gender, diameter, pitch, pair(taper, flank), seat, ring, pair(worn, instrument), service);
        ScrollPane scroll = new ScrollPane(entries);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("slip-inner");
        scroll.setMinHeight(120);
        scroll.prefHeightProperty().bind(entries.heightProperty().add(4));
        VBox content = new VBox(6, scroll, Text.of("Most likely", "slip-heading"), answers);
        answers.setMinHeight(Region.USE_PREF_SIZE);
        content.getStyleClass().addAll("slip", "slip-content");
        return content;
    }

    /** Two short choices in one line. */
    private static Node pair(Node first, Node second) {
        FlowPane pair = new FlowPane(10, 5, first, second);
        pair.setPrefWrapLength(200);
        return pair;
    }

    private static String seatWord(Seat seat) {
        return switch (seat) {
            case NONE -> "plain";
            case CONE37 -> "37°";
            case CONE45 -> "45°";
            case CONE30 -> "30°";
            case CONE60 -> "60° in";
            case CONE24 -> "24° in";
            case PORT_ORING -> "ring";
            case FACE_ORING -> "face";
            case INVERTED42, INVERTED45 -> "inv";
            case BUBBLE -> "bub";
            case WASHER -> "flat";
            case TAPER_SEAT -> "cone";
            case PILOT_ORING -> "pilot";
            case FERRULE -> "sleeve";
            case TUBE_ORING -> "in ring";
            case BARB -> "barb";
        };
    }

    private static String serviceWord(String service) {
        return switch (service) {
            case "pneumatic" -> "air";
            case "refrigerant" -> "cooling";
            default -> service;
        };
    }

    private static String ringWord(RingSeen ring) {
        return switch (ring) {
            case NONE -> "none";
            case THREAD_BASE -> "at foot";
            case FACE -> "in face";
        };
    }

    private Node figures() {
        use.setId("use");
        use.setMinWidth(Region.USE_PREF_SIZE);
        use.getStyleClass().add("main-action");
        use.setOnAction(e -> model.use());
        HBox bar = new HBox(36, is, goesOn, tighten, Text.spring(), use);
        bar.getStyleClass().add("figure-bar");
        bar.setAlignment(Pos.CENTER_LEFT);
        return bar;
    }

    private void refresh() {
        GaugeResult r = model.result();
        Observation seen = model.seen();
        ends.show(Optional.of(model.whichProperty().get()));
        gender.show(Optional.of(seen.gender()));
        taper.show(seen.taper());
        flank.show(seen.flank());
        seat.show(seen.seat());
        ring.show(seen.ring());
        worn.show(Optional.of(seen.worn()));
        instrument.show(Optional.of(seen.instrument()));
        service.show(seen.service());
        drawing.drawingProperty().set(r.drawing());
        if (hold.heldProperty().get()) {
            holdPane.show(r.answer());
        }
        held.setText(model.heldWhere() + ": " + r.held());
        answers.show(r.answer());
        Text.fill(speaksFor, r.reasonsFor(), "reason-for");
        Text.fill(speaksAgainst, r.reasonsAgainst(), "reason-against");
        Text.fill(twins, r.twins().isEmpty() ? List.of("Nothing in the tables.") : r.twins(), "twin");
        Text.fill(warnings, r.warnings(), "warning");
        warnings.setVisible(!r.warnings().isEmpty());
        otherReading.setVisible(r.otherReading().isPresent());
        otherReading.setText("take it as " + model.otherReading());
        showNext(r.answer());
        showFigures(r);
    }

    private void showNext(Identification answer) {
        if (answer.nextCheck().equals(nextShown) && !next.getChildren().isEmpty()) {
            return;
        }
        nextShown = answer.nextCheck();
        next.getChildren().clear();
        if (answer.nextCheck().isEmpty()) {
            next.getChildren().add(Text.of("Nothing more to learn by measuring.", "reason-for"));
        }
        answer.nextCheck().ifPresent(n -> {
            next.getChildren().add(Text.of(n.says(), "next-check"));
            n.outcomes()
                    .forEach(o ->
                            next.getChildren().add(Text.of("“" + o.seen() + "” speaks for " + o.then() + ".", "soft")));
        });
    }

    private void showFigures(GaugeResult r) {
        boolean none = r.answer().standing() == Identification.Standing.NOTHING_FITS;
        is.words(
                "it is",
                none
                        ? "none of ours"
                        : r.answer().best().map(b -> b.end().brief()).orElse("–"),
                none
                        ? "nothing in the tables fits well"
                        : r.answer()
                                .best()
                                .map(b -> b.end().threadName() + ", "
                                        + b.end().gender().word())
                                .orElse("measure across the crests"));
        goesOn.words(
                "goes on it",
                r.seal().map(s -> shorten(s.putOn().get(0))).orElse("–"),
                r.seal().map(s -> "seals on the " + s.sealsOn().words()).orElse(""));
        tighten.words(
                "never",
                r.seal().map(s -> shorten(s.never().get(0))).orElse("–"),
                r.seal().map(s -> s.source().shown()).orElse(""));
        use.setText("Use as end " + model.whichProperty().get());
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
        diameter.field().requestFocus();
    }

    @Override
    public void act() {
        model.use();
    }
}
