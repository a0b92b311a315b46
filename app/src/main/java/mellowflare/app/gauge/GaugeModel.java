package mellowflare.app.gauge;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;
import mellowflare.app.desk.Desk;
import mellowflare.app.entry.FieldState;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.advice.Methods;
import mellowflare.core.advice.State;
import mellowflare.core.connection.Body;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.connection.Seat;
import mellowflare.core.identify.Candidate;
import mellowflare.core.identify.Evidence;
import mellowflare.core.identify.FlankSeen;
import mellowflare.core.identify.HandSeen;
import mellowflare.core.identify.Identification;
import mellowflare.core.identify.Identifier;
import mellowflare.core.identify.IdentifyCase;
import mellowflare.core.identify.NextCheck;
import mellowflare.core.identify.Observation;
import mellowflare.core.identify.ObservationWords;
import mellowflare.core.identify.RingSeen;
import mellowflare.core.identify.SecondDiameter;
import mellowflare.core.identify.ShopFindings;
import mellowflare.core.identify.SwivelSeen;
import mellowflare.core.identify.TaperSeen;
import mellowflare.core.job.Evaluation;
import mellowflare.core.line.Port;
import mellowflare.core.lookalike.LookAlike;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Instrument;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.LengthText;
import mellowflare.core.measure.QuantityText;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.Refusal;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.sealing.SealAdvice;
import mellowflare.core.section.HalfSection;
import mellowflare.core.thread.Pitch;
import mellowflare.core.thread.PitchReading;

/** What Gauge does, without a window: typed readings in, ranked answer and drawing out, the end into the line. */
public final class GaugeModel {
    private static final int KINDS_OF_TWIN_SHOWN = 3;
    private static final int TWINS_NAMED = 6;
    private static final Observation FRESH = Observation.of(Gender.MALE).withBody(Optional.of(Body.THREAD));
    private static final List<String> RANKING_SHOWS = List.of("end.settled", "end.nothing-fits");
    /** What was seen when an unsettled answer was asked for. */
    private Observation asked;

    private final Desk desk;
    private Identifier identifier;
    private ShopFindings weighed = ShopFindings.NONE;
    private final ObjectProperty<LineEnd> which = new SimpleObjectProperty<>(LineEnd.A);
    private final ReadOnlyObjectWrapper<GaugeResult> result = new ReadOnlyObjectWrapper<>();
    private final FieldState<Length> diameter = length();
    private final FieldState<PitchReading> pitch = new FieldState<>(PitchReading::read, (p, u) -> p.understood());
    private final FieldState<SecondDiameter> second =
            new FieldState<>(SecondDiameter::read, (s, u) -> s.text(u.other()));
    private FieldState<Length> measuring = diameter;
    private final FieldState<Length> hex = measure();
    private final FieldState<Length> tube = measure();
    private final FieldState<Angle> seatAngle = FieldState.of(GaugeModel::readAngle, a -> "from the axis, or included");

    public GaugeModel(Desk desk) {
        this.desk = desk;
        this.identifier = new Identifier(desk.data());
        diameter.onChange(() -> see("diameter", o -> o.withDiameter(diameter.value())));
        pitch.onChange(() -> see("pitch", o -> o.withPitchReading(pitch.value())));
        second.onChange(() -> see("second diameter", o -> o.withSecond(second.value())));
        hex.onChange(() -> see("hex", o -> o.withHex(hex.value())));
        tube.onChange(() -> see("tube", o -> o.withTube(tube.value())));
        seatAngle.onChange(() -> see("seat angle", o -> o.withSeatAngle(seatAngle.value())));
        desk.currentProperty().addListener((o, was, now) -> {
            if (concerns(was, now)) {
                refresh();
            }
        });
        which.addListener((o, was, now) -> refresh());
        desk.findingsProperty().addListener((o, was, now) -> refresh());
        refresh();
    }

    private static FieldState<Length> length() {
        return new FieldState<>(GaugeModel::readDiameter, (v, u) -> LengthFormat.figure(v, u.other()));
    }

    private static FieldState<Length> measure() {
        return new FieldState<>(
                (t, u) -> LengthText.read(t, u)
                        .then(l -> Observation.isMeasure(l)
                                ? Read.of(l)
                                : Read.refuse(
                                        Refusal.OUT_OF_RANGE,
                                        LengthFormat.figure(l, u)
                                                + " is no size of a hex or tube: expected 0.5 to 400 mm.")),
                (v, u) -> LengthFormat.figure(v, u.other()));
    }

    private static Read<Length> readDiameter(String text, UnitSystem units) {
        return LengthText.read(text, units)
                .then(l -> Observation.isDiameter(l)
                        ? Read.of(l)
                        : Read.refuse(
                                Refusal.OUT_OF_RANGE,
                                LengthFormat.figure(l, units)
                                        + " is no size of a fitting: expected more than 0 and up to 400 mm."));
    }

    private static Read<Angle> readAngle(String text) {
        return QuantityText.angle(text, Optional.of("deg"))
                .then(a -> a.degrees() >= 5 && a.degrees() <= 130
                        ? Read.of(a)
                        : Read.refuse(Refusal.OUT_OF_RANGE, "A seat angle lies between 5 and 130 degrees."));
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

    public FieldState<Length> diameter() {
        return diameter;
    }

    public FieldState<PitchReading> pitch() {
        return pitch;
    }

    public FieldState<SecondDiameter> second() {
        return second;
    }

    public FieldState<Length> hex() {
        return hex;
    }

    public FieldState<Length> tube() {
        return tube;
    }

    public FieldState<Angle> seatAngle() {
        return seatAngle;
    }

    public Port port() {
        return desk.job().ports().of(which.get());
    }

    /** Which end is held and what it belongs to, as far as it has a name. */
    public String heldWhere() {
        String side = "End " + which.get();
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

    public List<String> services() {
        return sorted(desk.data().get(EndTable.KEY).services());
    }

    public List<String> regions() {
        return sorted(desk.data().get(EndTable.KEY).regions());
    }

    public List<String> machines() {
        return sorted(desk.data().get(EndTable.KEY).machines());
    }

    private static List<String> sorted(Set<String> words) {
        return words.stream().sorted().toList();
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
        see("outside", o -> {
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
        see("hand", o -> o.withHand(h));
    }

    public void swivel(Optional<SwivelSeen> s) {
        see("swivel", o -> o.withSwivel(s));
    }

    public void region(Optional<String> r) {
        see("region", o -> o.withRegion(r));
    }

    public void machine(Optional<String> m) {
        see("machine", o -> o.withMachine(m));
    }

    public void gender(Gender g) {
        see("gender", o -> o.withGender(g));
    }

    public void taper(Optional<TaperSeen> t) {
        see("taper", o -> o.withTaper(t));
    }

    public void seat(Optional<Seat> s) {
        see("seat", o -> o.withSeat(s));
    }

    public void ring(Optional<RingSeen> r) {
        see("ring", o -> o.withRing(r));
    }

    public void flank(Optional<FlankSeen> f) {
        see("flank", o -> o.withFlank(f));
    }

    public void worn(boolean w) {
        see("worn", o -> o.withWorn(w));
    }

    public void instrument(Instrument i) {
        see("instrument", o -> o.withInstrument(i));
    }

    public void service(Optional<String> s) {
        see("service", o -> o.withService(s));
    }

    /** Begins afresh on this end: the readings go, the port stays until another is taken. */
    public void clear() {
        see("new reading", o -> FRESH.withGender(o.gender()));
    }

    /** The field that the next reading of a caliper goes into; across the end while no other was entered last. */
    public void measuring(FieldState<Length> field) {
        measuring = field;
    }

    /** A reading from a caliper lands in the field that is being measured. */
    public void take(Read<Length> reading) {
        reading.value().ifPresent(l -> measuring.textProperty().set(LengthFormat.figure(l, desk.units())));
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
            desk.tell("Nothing in the tables fits well: there is no end to use yet.");
            return false;
        }
        if (answer.best().isEmpty()) {
            return false;
        }
        if (!answer.named() && !asked()) {
            asked = seen();
            desk.tell("Check this first: "
                    + answer.nextCheck().map(NextCheck::says).orElseGet(answer::safeCourse));
            return false;
        }
        use(answer.best().get());
        return true;
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
                "end " + side + " is " + candidate.end().brief(),
                "",
                j -> j.withPort(
                        side, j.ports().of(side).taken(candidate.end().id(), Optional.of(candidate.probability()))));
        desk.tell("End " + side + " is now " + candidate.end().title() + ", "
                + candidate.end().gender().word() + ".");
        asked = null;
        if (side == LineEnd.A && desk.job().ports().b().end().isEmpty()) {
            which.set(LineEnd.B);
        }
    }

    private void see(String what, UnaryOperator<Observation> change) {
        LineEnd side = which.get();
        Observation after = change.apply(seen());
        Map<String, String> typed = new HashMap<>();
        typed.put("diameter", diameter.textProperty().get());
        typed.put("pitch", pitch.textProperty().get());
        typed.put("second", second.textProperty().get());
        typed.put("hex", hex.textProperty().get());
        typed.put("tube", tube.textProperty().get());
        typed.put("seatAngle", seatAngle.textProperty().get());
        desk.change(
                what + " of end " + side,
                "seen@" + side + what,
                j -> j.withPort(side, j.ports().of(side).withSeen(after, typed)));
    }

    /** The shop's findings weigh in unless its practice says otherwise. */
    private void weigh() {
        boolean own = desk.data()
                .get(Methods.KEY)
                .chosen(MethodTopic.END_PRIOR, desk.job().practice())
                .id()
                .equals("shop");
        ShopFindings now = own ? desk.findingsProperty().get() : ShopFindings.NONE;
        if (!now.equals(weighed)) {
            weighed = now;
            identifier = new Identifier(desk.data(), now);
        }
    }

    /** Whether a change has to do with what was measured, or with how it is judged. */
    private static boolean concerns(Evaluation was, Evaluation now) {
        return was.data() != now.data()
                || was.job().units() != now.job().units()
                || !was.job().id().equals(now.job().id())
                || !was.job().practice().equals(now.job().practice())
                || !was.job().ports().equals(now.job().ports());
    }

    private void refresh() {
        weigh();
        Port end = port();
        Observation seen = seen();
        UnitSystem units = desk.units();
        diameter.show(
                typedOr(end, "diameter", seen.diameter().map(d -> LengthFormat.figure(d, units))),
                seen.diameter(),
                units);
        pitch.show(typedOr(end, "pitch", seen.pitch().map(Pitch::text)), seen.pitchReading(), units);
        second.show(typedOr(end, "second", seen.second().map(s -> s.text(units))), seen.second(), units);
        hex.show(typedOr(end, "hex", seen.hex().map(h -> LengthFormat.figure(h, units))), seen.hex(), units);
        tube.show(typedOr(end, "tube", seen.tube().map(t -> LengthFormat.figure(t, units))), seen.tube(), units);
        seatAngle.show(
                typedOr(end, "seatAngle", seen.seatAngle().map(a -> LengthFormat.decimal(a.degrees(), 1, 0))),
                seen.seatAngle(),
                units);
        IdentifyCase c = IdentifyCase.of(seen, identifier, desk.data());
        Identification answer = c.answer();
        Optional<Candidate> best = answer.best().filter(b -> answer.standing() != Identification.Standing.NOTHING_FITS);
        result.set(new GaugeResult(
                answer,
                HalfSection.of(answer, units),
                held(seen),
                best.flatMap(this::seal),
                best.map(b -> says(b, Evidence.Verdict.FOR)).orElse(List.of()),
                answer.best().map(b -> says(b, Evidence.Verdict.AGAINST)).orElse(List.of()),
                best.map(GaugeModel::lookAlikes).orElse(List.of()),
                warnings(c),
                best.map(b -> goesWith(b.end())).orElse(""),
                c.otherUnit().flatMap(o -> o.observation().diameter())));
    }

    /** What the rules warn of, besides what the ranking shows by itself: that it is open, or that nothing fits. */
    private List<String> warnings(IdentifyCase c) {
        return c.findings().stream()
                .filter(f -> f.state() == State.FAIL
                        && !RANKING_SHOWS.contains(f.rule().id()))
                .map(f -> f.says(desk.units()) + " " + f.remedy(desk.units()))
                .toList();
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
            diameter.textProperty().set(text);
        }
    }

    private static String typedOr(Port end, String field, Optional<String> value) {
        return value.isEmpty() ? "" : end.typed().getOrDefault(field, value.get());
    }

    private Optional<SealAdvice> seal(Candidate c) {
        Seat seat =
                seen().seat().filter(c.end().seats()::contains).orElse(c.end().usualSeat());
        return desk.sealOn(c.end(), seat);
    }

    private List<String> says(Candidate c, Evidence.Verdict verdict) {
        return c.speaking(verdict).stream().map(e -> e.says(desk.units())).toList();
    }

    /** The first few by name, the others by number. */
    private static String names(List<LookAlike> lookAlikes) {
        String first = lookAlikes.stream()
                .limit(TWINS_NAMED)
                .map(t -> t.other().brief())
                .collect(Collectors.joining(", "));
        return lookAlikes.size() <= TWINS_NAMED ? first : first + " and " + (lookAlikes.size() - TWINS_NAMED) + " more";
    }

    /** What it goes together with, in words. */
    private String goesWith(End end) {
        return desk.data()
                .get(EndTable.KEY)
                .mate(end)
                .map(m -> "Goes with " + m.brief() + " " + m.gender().word())
                .orElse("Goes into its hose");
    }

    private static List<String> lookAlikes(Candidate c) {
        return c.lookAlikes().stream()
                .collect(Collectors.groupingBy(LookAlike::kind, LinkedHashMap::new, Collectors.toList()))
                .entrySet()
                .stream()
                .limit(KINDS_OF_TWIN_SHOWN)
                .map(e -> names(e.getValue()) + ": " + e.getKey().alike() + ". "
                        + e.getKey().ifForced())
                .toList();
    }

    private static String held(Observation seen) {
        String words = String.join(", ", ObservationWords.looks(seen));
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}
