package mellowflare.app.testing;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import mellowflare.app.desk.Desk;
import mellowflare.core.advice.Figure;
import mellowflare.core.flow.hold.HoldTest;
import mellowflare.core.job.Evaluation;
import mellowflare.core.measure.FreeAir;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.testing.Medium;
import mellowflare.core.testing.Outcome;
import mellowflare.core.testing.Seen;
import mellowflare.core.testing.Span;
import mellowflare.core.testing.TestAsk;
import mellowflare.core.testing.TestJoint;
import mellowflare.core.testing.TestKind;
import mellowflare.core.testing.TestRecord;
import mellowflare.core.testing.Tested;
import mellowflare.core.testing.VacuumReading;

/** What the page of the tests does, without a window: which test is open, what is written down, what it proves. */
public final class TestsModel {
    private final Desk desk;
    private final TestFields fields;
    private final ReadOnlyObjectWrapper<Optional<Tested.One>> open = new ReadOnlyObjectWrapper<>(Optional.empty());
    private Evaluation of;
    private Tested tested;
    private String key = "";

    public TestsModel(Desk desk) {
        this.desk = desk;
        this.fields = new TestFields(this);
        desk.currentProperty().addListener((o, was, now) -> refresh());
        refresh();
    }

    private void refresh() {
        List<Tested.One> all = tested().all();
        Optional<Tested.One> now = all.stream()
                .filter(t -> t.ask().key().equals(key))
                .findFirst()
                .or(() -> all.stream().filter(t -> !t.passed()).findFirst())
                .or(() -> all.stream().findFirst());
        key = now.map(t -> t.ask().key()).orElse("");
        fields.show(now);
        open.set(now);
    }

    /** The tests of the open line; worked out once for each state of it. */
    public Tested tested() {
        if (of != desk.current()) {
            of = desk.current();
            tested = of.tested();
        }
        return tested;
    }

    public ReadOnlyObjectProperty<Evaluation> currentProperty() {
        return desk.currentProperty();
    }

    /** The test that is open; empty where the line needs none. */
    public Optional<Tested.One> open() {
        return open.get();
    }

    public ReadOnlyObjectProperty<Optional<Tested.One>> openProperty() {
        return open.getReadOnlyProperty();
    }

    /** Opens a test of the line. */
    public void open(TestAsk ask) {
        key = ask.key();
        refresh();
    }

    public UnitSystem units() {
        return desk.units();
    }

    public TestFields fields() {
        return fields;
    }

    /** Why there is no test. */
    public String stillNeeded() {
        return desk.current().steps().isEmpty()
                ? desk.current().plan().stillNeeded()
                : Say.it("tests-model.none-asked");
    }

    // --- the record ---

    /** The record that is written on: the last one, or a new one. */
    public Optional<TestRecord> record() {
        return open().map(t -> t.last().orElseGet(() -> TestRecord.of(t.ask())));
    }

    /** Changes the record that is written on. */
    void change(String what, UnaryOperator<TestRecord> change) {
        Optional<Tested.One> now = open();
        if (now.isEmpty()) {
            return;
        }
        TestAsk ask = now.get().ask();
        desk.change(
                Say.it("tests-model.change", "test", ask.duty().title(), "what", what),
                "test" + ask.key() + what,
                j -> {
                    List<TestRecord> all = new ArrayList<>(j.taken());
                    int last = last(all, ask);
                    TestRecord before = last < 0 ? TestRecord.of(ask) : all.get(last);
                    TestRecord after = change.apply(before);
                    if (last < 0) {
                        all.add(after);
                    } else {
                        all.set(last, after);
                    }
                    return j.withTaken(all);
                });
    }

    private static int last(List<TestRecord> all, TestAsk ask) {
        for (int i = all.size() - 1; i >= 0; i--) {
            if (all.get(i).ask().equals(ask.key())) {
                return i;
            }
        }
        return -1;
    }

    /** Takes the test once more: what was read before stays in the job, gauge and volume go along. */
    public void again() {
        open().filter(t -> t.last().filter(TestRecord::begun).isPresent())
                .ifPresent(t -> desk.change(
                        Say.it("tests-model.again", "test", t.ask().duty().title()),
                        "again" + t.ask().key(),
                        j -> {
                            List<TestRecord> all = new ArrayList<>(j.taken());
                            int last = last(all, t.ask());
                            TestRecord fresh = TestRecord.of(t.ask());
                            if (last >= 0) {
                                fresh = fresh.withMedium(all.get(last).medium())
                                        .withGauge(all.get(last).gauge())
                                        .withVolume(all.get(last).volume())
                                        .withAllowed(all.get(last).allowed())
                                        .withBarometer(all.get(last).barometer());
                            }
                            all.add(fresh);
                            return j.withTaken(all);
                        }));
    }

    // --- readings ---

    /** Takes a reading in, in its place by time; what is read again within a second replaces the reading. */
    public void take(HoldTest.Reading r) {
        change(Say.it("tests-model.reading"), t -> {
            List<HoldTest.Reading> all = new ArrayList<>(t.readings());
            all.removeIf(x -> Math.abs(x.seconds() - r.seconds()) < HoldTest.LEAST_APART);
            all.add(r);
            all.sort(Comparator.comparingDouble(HoldTest.Reading::seconds));
            return t.withReadings(all);
        });
    }

    public void take(VacuumReading r) {
        change(Say.it("tests-model.reading"), t -> {
            List<VacuumReading> all = new ArrayList<>(t.vacuum());
            all.removeIf(x -> Math.abs(x.seconds() - r.seconds()) < HoldTest.LEAST_APART);
            all.add(r);
            all.sort(Comparator.comparingDouble(VacuumReading::seconds));
            return t.withVacuum(all);
        });
    }

    /** Takes all readings, in place of those that are there. */
    void takeAll(List<HoldTest.Reading> all, String note) {
        change(Say.it("tests-model.readings"), t -> t.withReadings(all).withNote(note.isEmpty() ? t.note() : note));
    }

    /** Takes the last reading out. */
    public void removeLast() {
        change(
                Say.it("tests-model.taken-out"),
                t -> t.vacuum().isEmpty()
                        ? t.withReadings(
                                t.readings().subList(0, Math.max(0, t.readings().size() - 1)))
                        : t.withVacuum(t.vacuum().subList(0, t.vacuum().size() - 1)));
    }

    /** The last readings in words, the newest last. */
    public List<String> readings(int most) {
        return record().map(r -> ReadingWords.last(r, most, units())).orElse(List.of());
    }

    public int count() {
        return record().map(r -> r.readings().size() + r.vacuum().size()).orElse(0);
    }

    // --- looks, medium, signature ---

    public Optional<Seen> seen(TestJoint joint) {
        return record().map(r -> r.looks().get(joint.id()));
    }

    /** What was seen at a joint; none takes it back. */
    public void seen(TestJoint joint, Optional<Seen> seen) {
        change(Say.it("tests-model.joint", "joint", joint.what()), t -> {
            Map<String, Seen> looks = new HashMap<>(t.looks());
            looks.remove(joint.id());
            seen.ifPresent(s -> looks.put(joint.id(), s));
            return t.withLooks(looks);
        });
    }

    public void medium(Medium medium) {
        change(Say.it("tests-model.medium"), t -> t.withMedium(medium));
    }

    /** Signs the test with the name of whoever works here, today. */
    public void sign() {
        LocalDate today = LocalDate.now(desk.clock());
        String by = desk.personProperty().get();
        if (by.isBlank()) {
            desk.tell(Say.it("tests-model.no-name"));
            return;
        }
        change(Say.it("tests-model.signed"), t -> t.withBy(by).withOn(Optional.of(today)));
    }

    void tell(String sentence) {
        desk.tell(sentence);
    }

    // --- words ---

    /** How a test stands, in a word or two. */
    public String stands(Tested.One t) {
        if (t.now().isEmpty()) {
            return Say.it("tests-model.not-taken");
        }
        return verdict(t.now().get());
    }

    public String verdict(Outcome o) {
        return Say.it("tests-model.verdict", "verdict", o.verdict());
    }

    /** The leak with its band; a dash where this test tells none. */
    public String leak() {
        return outcome()
                .flatMap(Outcome::leak)
                .map(l -> Figure.of(l.leak()).text(units()))
                .orElse("–");
    }

    /** The band of the leak, or what is asked. */
    public String band() {
        return outcome()
                .flatMap(Outcome::leak)
                .map(l -> Say.it(
                        "tests-model.band",
                        "band",
                        Figure.of(FreeAir.ofLitresPerMinute(l.plusMinus())).text(units())))
                .orElse("");
    }

    /** When it may be read. */
    public String toGo() {
        return outcome().flatMap(Outcome::toGo).map(Span::text).orElse("–");
    }

    public Optional<Outcome> outcome() {
        return open().flatMap(Tested.One::now);
    }

    /** Whether the open test takes pressures in time, and not a vacuum. */
    public boolean isVacuum() {
        return open().filter(t -> t.ask().duty().kind() == TestKind.VACUUM).isPresent();
    }

    public boolean isHold() {
        return open().filter(t -> t.ask().duty().kind() == TestKind.HOLD).isPresent();
    }
}
