package mellowflare.app.gauge;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.ChoiceRow;
import mellowflare.app.entry.EntryRow;
import mellowflare.app.entry.FieldState;
import mellowflare.app.entry.Focus;
import mellowflare.app.entry.Text;
import mellowflare.app.paint.Pictures;
import mellowflare.core.connection.Body;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.connection.Seat;
import mellowflare.core.identify.ClueKind;
import mellowflare.core.identify.FlankSeen;
import mellowflare.core.identify.HandSeen;
import mellowflare.core.identify.Observation;
import mellowflare.core.identify.RingSeen;
import mellowflare.core.identify.SwivelSeen;
import mellowflare.core.identify.TaperSeen;
import mellowflare.core.measure.Instrument;
import mellowflare.core.measure.Length;

/** The slip beside the drawing: what is held, in the fitter's order; what is asked for seldom opens on a press. */
final class GaugeSlip extends VBox {
    private final GaugeModel model;
    private final ChoiceRow<LineEnd> ends;
    private final ChoiceRow<Gender> gender;
    private final ChoiceRow<Body> body;
    private final EntryRow diameter;
    private final EntryRow pitch;
    private final ChoiceRow<TaperSeen> taper;
    private final ChoiceRow<FlankSeen> flank;
    private final Node alongIt;
    private final ChoiceRow<Seat> seat;
    private final ChoiceRow<RingSeen> ring;
    private final ChoiceRow<Boolean> worn;
    private final ChoiceRow<Instrument> instrument;
    private final ChoiceRow<String> service;
    private final Button more = new Button();
    private final VBox rest;
    private final ScrollPane scroll = new ScrollPane();
    private final ChoiceRow<HandSeen> hand;
    private final ChoiceRow<SwivelSeen> swivel;
    private final EntryRow second;
    private final EntryRow seatAngle;
    private final EntryRow hex;
    private final EntryRow tube;
    private final ChoiceRow<String> region;
    private final ChoiceRow<String> machine;

    /**
     * @param model what Gauge does
     * @param caliper the caliper that is connected
     * @param answers the ranked answers, to stand at the foot
     */
    GaugeSlip(GaugeModel model, CaliperModel caliper, Node answers) {
        super(6);
        this.model = model;
        // A bar that comes and goes with the answers would move the fields.
        scroll.setVbarPolicy(ScrollPane.ScrollBarPolicy.ALWAYS);
        ends = row(
                "",
                List.of(LineEnd.values()),
                w -> Say.it("gauge-slip.end", "name", w.name()),
                w -> null,
                w -> model.whichProperty().set(w));
        gender = row(Say.it("gauge-slip.is"), List.of(Gender.values()), Gender::word, Pictures::gender, model::gender);
        body = row(Say.it("gauge-slip.has"), List.of(Body.values()), Words::body, Pictures::body, model::body);
        diameter = new EntryRow(
                Say.it("gauge-slip.over-crests"), "14.2 or 9/16", model.fields().diameter());
        pitch = new EntryRow(
                Say.it("gauge-slip.thread-pitch"),
                "18, 1.5 mm, 10 over 14",
                model.fields().pitch());
        taper = loose(
                Say.it("gauge-slip.taper"),
                List.of(TaperSeen.values()),
                TaperSeen::word,
                Pictures::taper,
                model::taper);
        flank = loose("", List.of(FlankSeen.values()), FlankSeen::brief, f -> null, model::flank);
        alongIt = pair(taper, flank);
        seat = loose(Say.it("gauge-slip.seat"), List.of(Seat.values()), Words::seat, Pictures::seat, model::seat);
        ring = loose(
                Say.it("gauge-slip.ring-word"), List.of(RingSeen.values()), Words::ring, Pictures::ring, model::ring);
        worn = row(
                Say.it("gauge-slip.condition"),
                List.of(false, true),
                w -> w ? Say.it("gauge-slip.worn") : Say.it("gauge-slip.sound"),
                w -> null,
                model::worn);
        instrument = row(
                "",
                List.of(Instrument.CALIPER, Instrument.RULE, Instrument.EYE),
                Instrument::word,
                i -> null,
                model::instrument);
        service = loose(
                Say.it("gauge-slip.found-on"),
                model.choices(EndTable::services),
                Words::service,
                s -> null,
                model::service);
        swivel = loose(
                Say.it("gauge-slip.nut"), List.of(SwivelSeen.values()), SwivelSeen::word, s -> null, model::swivel);
        hand = loose(Say.it("gauge-slip.turns"), List.of(HandSeen.values()), HandSeen::word, h -> null, model::hand);
        second = new EntryRow(
                Say.it("gauge-slip.second-diameter"),
                "20.2 at 12",
                model.fields().second());
        second.setTooltipText(Say.it("gauge-slip.over-crests-again-toward"));
        seatAngle = new EntryRow(
                Say.it("gauge-slip.seat-angle"), "37", model.fields().seatAngle());
        hex = new EntryRow(
                Say.it("gauge-slip.hex-across-flats"),
                "27 or 1-1/16",
                model.fields().hex());
        tube = new EntryRow(
                Say.it("gauge-slip.tube-outside"), "12 or 1/2", model.fields().tube());
        region = loose(
                Say.it("gauge-slip.made"), model.choices(EndTable::regions), Words::region, r -> null, model::region);
        machine = loose(
                Say.it("gauge-slip.machine"), model.choices(EndTable::machines), m -> m, m -> null, model::machine);
        rest = new VBox(4, service, swivel, hand, second, seatAngle, hex, tube, region, machine);
        if (caliper.isPractice()) {
            rest.getChildren().add(caliper(caliper));
        }
        rest.managedProperty().bind(rest.visibleProperty());
        rest.setVisible(false);
        measures(diameter, model.fields().diameter());
        measures(hex, model.fields().hex());
        measures(tube, model.fields().tube());
        diameter.field().setId("diameter");
        pitch.field().setId("pitch");
        second.field().setId("second-diameter");
        seatAngle.field().setId("seat-angle");
        hex.field().setId("hex");
        tube.field().setId("tube");
        more.setId("more-clues");
        more.getStyleClass().setAll("quiet-action");
        more.setWrapText(true);
        more.setMinHeight(USE_PREF_SIZE);
        more.setOnAction(e -> unfold(!rest.isVisible()));
        open(false);
        HBox head = new HBox(8, Text.of(Say.it("gauge-slip.what-you-hold"), "slip-heading"), Text.spring(), ends);
        head.setAlignment(Pos.CENTER_LEFT);
        VBox entries = new VBox(
                4, head, gender, body, diameter, pitch, alongIt, seat, ring, pair(worn, instrument), more, rest);
        scroll.setContent(entries);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("slip-inner");
        scroll.setMinHeight(120);
        scroll.prefHeightProperty().bind(entries.heightProperty().add(4));
        getChildren().setAll(scroll, answers);
        getStyleClass().addAll("slip", "slip-content");
    }

    /** A caliper's reading goes where the fitter stands. */
    private void measures(EntryRow row, FieldState<Length> state) {
        row.field().focusedProperty().addListener((o, was, now) -> {
            if (now) {
                model.fields().measuring(state);
            }
        });
    }

    /** The practice caliper's unit key and plug. */
    private static Node caliper(CaliperModel caliper) {
        Label stands = new Label();
        stands.getStyleClass().add("soft");
        Button unit = new Button(Say.it("gauge-slip.unit-key"));
        Button plug = new Button();
        Runnable show = () -> {
            stands.setText(Say.it("gauge-slip.practice-caliper-f9", "stands", caliper.stands()));
            plug.setText(
                    caliper.stands().equals("unplugged")
                            ? Say.it("gauge-slip.put-plug")
                            : Say.it("gauge-slip.pull-plug"));
        };
        unit.setOnAction(e -> {
            caliper.switchUnit();
            show.run();
        });
        plug.setOnAction(e -> {
            caliper.pullOrPlug();
            show.run();
        });
        unit.getStyleClass().setAll("quiet-action");
        plug.getStyleClass().setAll("quiet-action");
        plug.setId("plug");
        show.run();
        FlowPane row = new FlowPane(6, 0, stands, unit, plug);
        row.setPrefWrapLength(200);
        return row;
    }

    /** A choice that always stands. */
    private static <T> ChoiceRow<T> row(
            String word, List<T> values, Function<T, String> name, Function<T, Node> picture, Consumer<T> chosen) {
        return new ChoiceRow<>(word, values, name, picture, false, v -> v.ifPresent(chosen));
    }

    /** A choice that can be let go of. */
    private static <T> ChoiceRow<T> loose(
            String word,
            List<T> values,
            Function<T, String> name,
            Function<T, Node> picture,
            Consumer<Optional<T>> chosen) {
        return new ChoiceRow<>(word, values, name, picture, true, chosen);
    }

    /** Two short choices in one line. */
    private static Node pair(Node first, Node second) {
        FlowPane pair = new FlowPane(10, 5, first, second);
        pair.setPrefWrapLength(200);
        return pair;
    }

    private void open(boolean wide) {
        rest.setVisible(wide);
        String said = model.besides();
        more.setText(
                wide
                        ? Say.it("gauge-slip.less-go-by")
                        : Say.it(
                                "gauge-slip.more-clues",
                                "part",
                                said.isEmpty() ? Say.it("gauge-slip.where-found-nut-hand") : said));
    }

    /** Opens the rest and brings it into sight. */
    private void unfold(boolean wide) {
        open(wide);
        applyCss();
        layout();
        if (wide) {
            Focus.on(this, more.getId());
        } else {
            scroll.setVvalue(0);
        }
    }

    void show(Observation seen) {
        boolean threaded = model.body() == Body.THREAD;
        ends.show(Optional.of(model.whichProperty().get()));
        gender.show(Optional.of(seen.gender()));
        body.show(Optional.of(model.body()));
        diameter.setWord(Words.across(model.body(), seen.gender()));
        only(threaded, pitch, alongIt, hand, second);
        taper.show(seen.taper());
        flank.show(seen.flank());
        List<Seat> seats = model.seats();
        seat.offer(seats);
        only(seats.size() > 1 || seen.seat().isPresent(), seat);
        only(threaded || model.body() == Body.FLANGE, ring);
        seat.show(seen.seat());
        ring.show(seen.ring());
        worn.show(Optional.of(seen.worn()));
        instrument.show(Optional.of(seen.instrument()));
        service.show(seen.service());
        hand.show(seen.hand());
        swivel.show(seen.swivel());
        region.show(seen.region());
        machine.show(seen.machine());
        open(rest.isVisible());
    }

    private static void only(boolean there, Node... nodes) {
        for (Node n : nodes) {
            n.setVisible(there);
            n.setManaged(there);
        }
    }

    void focusFirst() {
        diameter.field().requestFocus();
    }

    /** Puts the focus where the outcome of a check goes. */
    void lead(ClueKind clue) {
        List<ClueKind> late = new ArrayList<>(
                List.of(ClueKind.HAND, ClueKind.TAPER_READING, ClueKind.SEAT_ANGLE, ClueKind.SWIVEL, ClueKind.HEX));
        late.addAll(List.of(ClueKind.TUBE, ClueKind.SERVICE, ClueKind.REGION, ClueKind.MACHINE));
        if (late.contains(clue)) {
            unfold(true);
        }
        switch (clue) {
            case BODY -> body.takeFocus();
            case DIAMETER -> diameter.field().requestFocus();
            case PITCH -> pitch.field().requestFocus();
            case FLANK -> flank.takeFocus();
            case HAND -> hand.takeFocus();
            case TAPER -> taper.takeFocus();
            case TAPER_READING -> second.field().requestFocus();
            case SEAT -> seat.takeFocus();
            case SEAT_ANGLE -> seatAngle.field().requestFocus();
            case RING -> ring.takeFocus();
            case SWIVEL -> swivel.takeFocus();
            case HEX -> hex.field().requestFocus();
            case TUBE -> tube.field().requestFocus();
            case SERVICE -> service.takeFocus();
            case REGION -> region.takeFocus();
            case MACHINE -> machine.takeFocus();
        }
    }

    /** Short words for choices. */
    static final class Words {
        private Words() {}

        static String across(Body body, Gender gender) {
            boolean male = gender == Gender.MALE;
            return switch (body) {
                case THREAD -> Say.it("gauge-slip.over-crests");
                case FLANGE -> male ? Say.it("gauge-slip.across-head") : Say.it("gauge-slip.bolts-long-way");
                case BARB -> Say.it("gauge-slip.over-barb");
                case TUBE -> male ? Say.it("gauge-slip.outside-tube") : Say.it("gauge-slip.across-mouth");
                case COUPLER -> male ? Say.it("gauge-slip.across-plug") : Say.it("gauge-slip.across-mouth");
            };
        }

        static String body(Body body) {
            return switch (body) {
                case THREAD -> Say.it("gauge-slip.thread");
                case FLANGE -> Say.it("gauge-slip.flange");
                case BARB -> Say.it("gauge-slip.barbs");
                case TUBE -> Say.it("gauge-slip.tube");
                case COUPLER -> Say.it("gauge-slip.coupler");
            };
        }

        static String seat(Seat seat) {
            return switch (seat) {
                case NONE -> Say.it("gauge-slip.plain");
                case CONE37 -> "37°";
                case CONE45 -> "45°";
                case CONE30 -> "30°";
                case CONE60 -> "60° in";
                case CONE24 -> "24° in";
                case PORT_ORING -> Say.it("gauge-slip.ring-word");
                case FACE_ORING -> Say.it("gauge-slip.face-word");
                case INVERTED42 -> Say.it("gauge-slip.inv");
                case INVERTED45 -> Say.it("gauge-slip.inv-45");
                case BUBBLE -> Say.it("gauge-slip.bub");
                case WASHER -> Say.it("gauge-slip.flat");
                case TAPER_SEAT -> Say.it("gauge-slip.cone");
                case PILOT_ORING -> Say.it("gauge-slip.pilot");
                case FERRULE -> Say.it("gauge-slip.sleeve");
                case TUBE_ORING -> Say.it("gauge-slip.ring");
                case BARB -> Say.it("gauge-slip.barbs");
            };
        }

        static String service(String service) {
            return switch (service) {
                case "pneumatic" -> Say.it("gauge-slip.air");
                case "refrigerant" -> Say.it("gauge-slip.cooling");
                default -> service;
            };
        }

        static String region(String region) {
            return switch (region) {
                case "north-america" -> Say.it("gauge-slip.north-america");
                case "europe" -> Say.it("gauge-slip.europe");
                case "japan" -> Say.it("gauge-slip.japan");
                default -> region;
            };
        }

        static String ring(RingSeen ring) {
            return switch (ring) {
                case NONE -> Say.it("gauge-slip.none");
                case THREAD_BASE -> Say.it("gauge-slip.at-foot");
                case FACE -> Say.it("gauge-slip.face");
            };
        }
    }
}
