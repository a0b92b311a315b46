package mellowflare.app.gauge;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;
import mellowflare.app.desk.Desk;
import mellowflare.core.advice.Figure;
import mellowflare.core.connection.Body;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.connection.Seat;
import mellowflare.core.identify.Candidate;
import mellowflare.core.identify.FlankSeen;
import mellowflare.core.identify.HandSeen;
import mellowflare.core.identify.Identification;
import mellowflare.core.identify.IdentifyCase;
import mellowflare.core.identify.NextCheck;
import mellowflare.core.identify.Observation;
import mellowflare.core.identify.ObservationWords;
import mellowflare.core.identify.RingSeen;
import mellowflare.core.identify.SwivelSeen;
import mellowflare.core.identify.TaperSeen;
import mellowflare.core.line.Port;
import mellowflare.core.measure.Instrument;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.Read;

/** What Gauge does, without a window: typed readings in, ranked answer and drawing out, the end into the line. */
public final class GaugeModel {
    private static final Observation FRESH = Observation.of(Gender.MALE).withBody(Optional.of(Body.THREAD));
    /** What was seen when an unsettled answer was asked for. */
    private Observation asked;

    private final Desk desk;
    private final Weighed weighed;
    private final ObjectProperty<LineEnd> which = new SimpleObjectProperty<>(LineEnd.A);
    private final ReadOnlyObjectWrapper<GaugeResult> result = new ReadOnlyObjectWrapper<>();
    private final GaugeFields fields = new GaugeFields();

    public GaugeModel(Desk desk) {
        this.desk = desk;
        this.weighed = new Weighed(desk);
        fields.onChange(this::see);
        desk.currentProperty().addListener((o, was, now) -> {
            if (GaugeResult.concerns(was, now)) {
                refresh();
            }
        });
        which.addListener((o, was, now) -> refresh());
        desk.findingsProperty().addListener((o, was, now) -> refresh());
        refresh();
    }

    /** Which end of the line is held. */
    public ObjectProperty<LineEnd> whichProperty() {
        return which;
    }

    public ReadOnlyObjectProperty<GaugeResult> resultProperty() {
        return result.getReadOnlyProperty();
    }

    public GaugeResult result() {
        return result.get();
    }

    /** Where the readings go in. */
    public GaugeFields fields() {
        return fields;
    }

    public Port port() {
        return desk.job().ports().of(which.get());
    }

    /** Which end is held and what it belongs to, as far as it has a name. */
    public String heldWhere() {
        String side = Say.it("gauge-model.end", "which", which.get());
        String place = port().place().strip();
        return place.isEmpty() || place.equalsIgnoreCase(side) ? side : side + ", " + place;
    }

    public Observation seen() {
        return port().seen().orElse(FRESH);
    }

    /** What it is outside; a thread until something else is said. */
    public Body body() {
        return seen().body().orElse(Body.THREAD);
    }

    /** The seats that such an end may have, the commonest first, and the one that was seen. */
    public List<Seat> seats() {
        List<Seat> seats = new ArrayList<>(desk.data().get(EndTable.KEY).seats(body(), seen().gender()));
        seen().seat().filter(s -> !seats.contains(s)).ifPresent(seats::add);
        return seats;
    }

    /** Words of the table of ends that may be chosen from, such as services, in the order of the alphabet. */
    public List<String> choices(Function<EndTable, Set<String>> words) {
        return words.apply(desk.data().get(EndTable.KEY)).stream().sorted().toList();
    }

    /** What was said besides size, pitch and the usual looks, so that it is seen while its fields are folded away. */
    public String besides() {
        List<String> words = new ArrayList<>(ObservationWords.besides(seen(), desk.units()));
        seen().hand().ifPresent(h -> words.add(h.word()));
        seen().swivel().ifPresent(s -> words.add(s.word()));
        return String.join(", ", words);
    }

    /** What it is outside; looks that only a thread has fall away with the thread. */
    public void body(Body b) {
        List<Seat> possible = desk.data().get(EndTable.KEY).seats(b, seen().gender());
        see(Say.it("gauge-model.outside"), o -> {
            Observation as = o.withBody(Optional.of(b)).withSeat(o.seat().filter(possible::contains));
            return b == Body.THREAD
                    ? as
                    : as.withPitch(Optional.empty())
                            .withFlank(Optional.empty())
                            .withHand(Optional.empty())
                            .withTaper(Optional.empty())
                            .withSecond(Optional.empty());
        });
    }

    public void hand(Optional<HandSeen> h) {
        see(Say.it("gauge-model.hand"), o -> o.withHand(h));
    }

    public void swivel(Optional<SwivelSeen> s) {
        see(Say.it("gauge-model.swivel"), o -> o.withSwivel(s));
    }

    public void region(Optional<String> r) {
        see(Say.it("gauge-model.region"), o -> o.withRegion(r));
    }

    public void machine(Optional<String> m) {
        see(Say.it("gauge-model.machine"), o -> o.withMachine(m));
    }

    public void gender(Gender g) {
        see(Say.it("gauge-model.gender"), o -> o.withGender(g));
    }

    public void taper(Optional<TaperSeen> t) {
        see(Say.it("gauge-model.taper"), o -> o.withTaper(t));
    }

    public void seat(Optional<Seat> s) {
        see(Say.it("gauge-model.seat"), o -> o.withSeat(s));
    }

    public void ring(Optional<RingSeen> r) {
        see(Say.it("gauge-model.ring"), o -> o.withRing(r));
    }

    public void flank(Optional<FlankSeen> f) {
        see(Say.it("gauge-model.flank"), o -> o.withFlank(f));
    }

    public void worn(boolean w) {
        see(Say.it("gauge-model.worn"), o -> o.withWorn(w));
    }

    public void instrument(Instrument i) {
        see(Say.it("gauge-model.instrument"), o -> o.withInstrument(i));
    }

    public void service(Optional<String> s) {
        see(Say.it("gauge-model.service"), o -> o.withService(s));
    }

    /** Begins afresh on this end: the readings go, the port stays until another is taken. */
    public void clear() {
        see(Say.it("gauge-model.new-reading"), o -> FRESH.withGender(o.gender()));
    }

    /** A reading from a caliper lands in the field that is being measured. */
    public void take(Read<Length> reading) {
        reading.value().ifPresent(l -> fields.measuring().textProperty().set(LengthFormat.figure(l, desk.units())));
        reading.refusal().ifPresent(desk::tell);
    }

    /**
     * The likeliest becomes the port of this side of the line. One that is not settled is taken only when it is asked for a second time; the first
     * time says what to look at.
     *
     * @return whether it was taken
     */
    public boolean use() {
        Identification answer = result().answer();
        if (answer.standing() == Identification.Standing.NOTHING_FITS) {
            desk.tell(Say.it("gauge-model.nothing-tables-fits-well"));
            return false;
        }
        if (answer.best().isEmpty()) {
            return false;
        }
        if (!answer.named() && !asked()) {
            asked = seen();
            desk.tell(Say.it(
                    "gauge-model.check-this-first",
                    "orElseGet",
                    answer.nextCheck().map(NextCheck::says).orElseGet(answer::safeCourse)));
            return false;
        }
        use(answer.best().get());
        return true;
    }

    /** Whether both ends of the line are known. */
    public boolean bothKnown() {
        return desk.job().ports().a().end().isPresent()
                && desk.job().ports().b().end().isPresent();
    }

    /** Whether this very answer was asked for while it was not settled. */
    public boolean asked() {
        return seen().equals(asked);
    }

    /** How sure a candidate is, as it is shown. */
    public String shareOf(Candidate candidate) {
        return new Figure.OfShare(candidate.probability()).text(desk.units());
    }

    /** This candidate becomes the port of this side of the line. */
    public void use(Candidate candidate) {
        LineEnd side = which.get();
        desk.change(
                Say.it(
                        "gauge-model.end-is",
                        "side",
                        side,
                        "end",
                        candidate.end().brief()),
                "",
                j -> j.withPort(
                        side, j.ports().of(side).taken(candidate.end().id(), Optional.of(candidate.probability()))));
        desk.tell(Say.it(
                "gauge-model.end-now",
                "side",
                side,
                "end",
                candidate.end().title(),
                "gender",
                candidate.end().gender().word()));
        asked = null;
        if (side == LineEnd.A && desk.job().ports().b().end().isEmpty()) {
            which.set(LineEnd.B);
        }
    }

    private void see(String what, UnaryOperator<Observation> change) {
        LineEnd side = which.get();
        Observation after = change.apply(seen());
        desk.change(
                Say.it("gauge-model.of-end", "what", what, "side", side),
                "seen@" + side + what,
                j -> j.withPort(side, j.ports().of(side).withSeen(after, fields.typed())));
    }

    private void refresh() {
        Observation seen = seen();
        fields.show(port(), seen, desk.units());
        IdentifyCase c = IdentifyCase.of(seen, weighed.identifier(), desk.data());
        result.set(GaugeResult.of(c, desk));
    }

    /** The diameter as it would be typed in the unit that fits far better; empty while there is none. */
    public String otherReading() {
        return result().otherReading()
                .map(d -> d.compareTo(seen().diameter().orElse(d)) > 0 ? LengthFormat.inches(d) : LengthFormat.mm(d))
                .orElse("");
    }

    /** Takes the diameter in the unit that fits far better. */
    public void takeOtherReading() {
        String text = otherReading();
        if (!text.isEmpty()) {
            fields.diameter().textProperty().set(text);
        }
    }
}
