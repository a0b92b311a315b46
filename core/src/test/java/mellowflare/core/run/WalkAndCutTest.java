package mellowflare.core.run;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.cutting.CutPlan;
import mellowflare.core.cutting.CutTask;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.Refusal;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.reference.Source;
import mellowflare.core.run.cut.Bars;
import mellowflare.core.run.cut.Rods;
import mellowflare.core.run.cut.Stretch;
import mellowflare.core.run.cut.Stretches;
import mellowflare.core.run.stock.PipeSize;
import mellowflare.core.run.walk.Call;
import mellowflare.core.run.walk.Called;
import mellowflare.core.run.walk.Fall;
import mellowflare.core.run.walk.Joints;
import mellowflare.core.run.walk.Sized;
import mellowflare.core.run.walk.Station;
import mellowflare.core.run.walk.TakeOff;
import mellowflare.core.run.walk.Turn;
import mellowflare.core.run.walk.Walk;
import mellowflare.core.run.walk.Walked;
import org.junit.jupiter.api.Test;

/** A run that belongs to no kind of line: cold water from a stop cock. All figures by hand. */
class WalkAndCutTest {
    private static final Station HERE = new Station(Length.ZERO, Length.ZERO, Length.ofMm(500), 0);

    /** Goes 15 into a fitting, elbow 30, tee 35, branch 40 from centre to stop, coupling's gap 4, hung every 1.5 m. */
    private static final PipeSize SIZE = new PipeSize(
            "made up",
            "22",
            Length.ofMm(22),
            Length.ofMm(1),
            Length.ofMm(15),
            Length.ofMm(30),
            Length.ofMm(35),
            Length.ofMm(40),
            Length.ofMm(4),
            Length.ofMm(1500),
            10,
            1,
            1,
            1,
            1,
            1,
            Source.house("test"));

    private record Word(String name) implements Called {}

    /** Up 2 m, 7 m to the left with a drop half way, capped. */
    private static Walked water() {
        Walk w = new Walk("stop cock", HERE);
        w.pipe(new Word("riser"), Turn.UP, Length.ofMm(2000), Optional.empty());
        w.pipe(new Word("wall"), Turn.LEFT, Length.ofMm(3500), Optional.empty());
        w.drop(new Word("basin"), Length.ofMm(1200), Optional.empty(), TakeOff.BELOW, Optional.empty());
        w.pipe(new Word("end"), Turn.AHEAD, Length.ofMm(3500), Optional.empty());
        w.cap();
        return w.walked();
    }

    private static List<Stretch> stretches(Walked w, double bar, boolean trim) {
        List<Sized> sized =
                w.runs().stream().map(r -> new Sized(r, Optional.of(SIZE))).toList();
        return Stretches.of(
                w,
                Joints.of(w),
                sized,
                new Stretches.Bar(Length.ofMm(bar), Length.ofMm(2), trim),
                (size, between) -> between.mm() < 1200 ? Optional.of(Length.ofMm(1150)) : Optional.empty());
    }

    @Test
    void testThePlacesLieWhereTheCallsLead() {
        Walked w = water();
        assertThat(w.start()).isEqualTo("stop cock");
        assertThat(w.spots().get("riser").at()).isEqualTo(new Vector(0, 0, 2500));
        assertThat(w.spots().get("end").at()).isEqualTo(new Vector(0, 7000, 2500));
        assertThat(w.spots().get("basin").at()).isEqualTo(new Vector(0, 3500, 1300));
        Joints j = Joints.of(w);
        assertThat(List.of("stop cock", "riser", "wall", "basin", "end"))
                .extracting(s -> j.at(s).orElseThrow().kind())
                .containsExactly(Joints.Kind.END, Joints.Kind.ELBOW, Joints.Kind.TEE, Joints.Kind.END, Joints.Kind.END);
        assertThat(j.at("wall").orElseThrow().branch().orElseThrow().name()).isEqualTo("basin");
    }

    @Test
    void testEachStretchIsCentresLessWhatTheFittingsTake() {
        List<Stretch> all = stretches(water(), 6000, false);
        assertThat(all).extracting(Stretch::name).containsExactly("riser", "wall", "basin", "end");
        // Riser: half a coupling at the cock, elbow on top. Wall: elbow and tee. Basin: the tee's branch. End: tee and
        // cap.
        assertThat(all)
                .extracting(s -> s.between().mm())
                .containsExactly(2000.0 - 2 - 30, 3500.0 - 30 - 35, 1200.0 - 40 - 2, 3500.0 - 35 - 2);
        assertThat(all.get(2).nipple()).contains(Length.ofMm(1150));
        assertThat(all.get(2).over()).contains(Length.ofMm(1150 - 1158));
        assertThat(all.get(0).nipple()).isEmpty();
        // (3500 - 600) / 1500 = 1.93, so two spaces and three hangers.
        assertThat(all.get(1).hangers()).isEqualTo(3);
    }

    @Test
    void testALongStretchIsMadeOfWholeBarsAndARestThatFillsTwoFittings() {
        // 3435 of bars of 2000, trimmed by 2 at the saw: 1998, then 3435 - 1998 - 4.
        assertThat(stretches(water(), 2000, true).get(1).pieces())
                .extracting(Length::mm)
                .containsExactly(1998.0, 1433.0);
        assertThat(stretches(water(), 2000, false).get(1).pieces())
                .extracting(Length::mm)
                .containsExactly(2000.0, 1431.0);
        // Bars of 3400: a rest of 31 is less than three depths of 15; both pieces become half of what they were.
        assertThat(stretches(water(), 3400, false).get(1).pieces())
                .extracting(Length::mm)
                .containsExactly(1715.5, 1715.5);
    }

    @Test
    void testBarsAtHandComeFirstAndReadyPiecesAreNotCut() {
        List<Stretch> all = stretches(water(), 6000, false);
        Stretches.Bar bar = new Stretches.Bar(Length.ofMm(6000), Length.ofMm(2), false);
        Map<String, CutTask> tasks = Bars.tasks(
                all,
                new Bars.Rack(
                        bar,
                        List.of(
                                new Bars.AtHand("22", Length.ofMm(2500), 1),
                                new Bars.AtHand("15", Length.ofMm(9000), 5)),
                        Map.of()));
        assertThat(tasks).containsOnlyKeys("22");
        CutPlan plan = CutPlan.of(tasks.get("22"));
        assertThat(plan.complete()).isTrue();
        assertThat(plan.atHand()).isEqualTo(1);
        // 1968 from the old bar, 3435 and 3463 from two new ones: both do not go into six metres.
        assertThat(plan.bought()).isEqualTo(2);
    }

    @Test
    void testRodsGrowLongerByWhatTheLineHasFallen() {
        Walked w = water();
        Fall fall = Fall.of(w, Joints.of(w), Fall.Way.FAR, 10);
        List<Stretch> all = stretches(w, 6000, false);
        Rods hang = Rods.of(Length.ofMm(200), w, fall);
        assertThat(hang.along(all.get(0))).isEmpty();
        // 10 mm a metre: 3 mm at the first hanger 300 mm along, 17.5 half way, 32 at the last.
        assertThat(hang.along(all.get(1)))
                .extracting(r -> Math.round(r.length().mm() * 10) / 10.0)
                .containsExactly(203.0, 217.5, 232.0);
        assertThat(fall.holding()).containsExactly("end");
    }

    @Test
    void testWhatCannotBeFollowedIsNotedAndTheRestGoesOn() {
        Walk w = new Walk("stop cock", HERE);
        assertThat(w.take("a")).isEqualTo("a");
        w.pipe(new Word("a"), Turn.AHEAD, Length.ofMm(1000), Optional.empty());
        assertThat(w.take("a")).isEqualTo("a (2)");
        assertThat(w.take("a")).isEqualTo("a (3)");
        w.from(new Word("f"), "nowhere");
        w.close(new Word("c"), "a", Optional.empty());
        w.feed(new Word("s"), "pump");
        w.feed(new Word("t"), "pump");
        w.pipe(new Word("b"), Turn.LEFT, Length.ofMm(1000), Optional.empty());
        w.close(new Word("d"), "stop cock", Optional.empty());
        assertThat(w.walked().odd())
                .extracting(o -> o.kind() + " " + o.piece() + " " + o.other())
                .containsExactly(
                        "TWICE a ",
                        "TWICE a ",
                        "NO_SUCH_PLACE f nowhere",
                        "TO_ITSELF c a",
                        "FEED_TWICE t a",
                        "SLANTS d stop cock");
        assertThat(w.walked().spot("a").orElseThrow().feed()).contains("pump");
    }

    @Test
    void testACallComesApartIntoWhatItsKindKnows() {
        Call.Words words = new Call.Words("ahead or left with a length", List.of("size", "tee to"), List.of("buried"));
        Call c = Call.read("yard: left 2.5 m size 22 buried", "1", "stop cock", words)
                .value()
                .orElseThrow();
        assertThat(c.name()).isEqualTo("yard");
        assertThat(c.verb()).isEqualTo("left");
        assertThat(c.first()).isEqualTo("2.5 m");
        assertThat(c.maybe("size")).contains("22");
        assertThat(c.says("buried")).isTrue();
        assertThat(c.only(List.of("size", "buried")).value()).contains(c);
        assertThat(refusal(c.only(List.of("buried")))).isEqualTo(Refusal.NOT_A_NUMBER);
        assertThat(refusal(Call.read("stop cock: left 2 m", "1", "stop cock", words)))
                .isEqualTo(Refusal.OUT_OF_RANGE);
        assertThat(refusal(Call.length("2.6", UnitSystem.METRIC, "length"))).isEqualTo(Refusal.UNIT_MISSING);
        assertThat(Call.length("60", UnitSystem.METRIC, "length").value()).contains(Length.ofMm(60));
        assertThat(Call.reach(Length.ofMm(1000), UnitSystem.METRIC)).isEqualTo("1 m");
        assertThat(Call.reach(Length.ofMm(999), UnitSystem.METRIC)).isEqualTo("999 mm");
    }

    private static Refusal refusal(Read<?> read) {
        return ((Read.Refused<?>) read).reason();
    }
}
