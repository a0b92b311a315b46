package mellowflare.core.air;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.core.air.layout.AirWalk;
import mellowflare.core.air.layout.Piece;
import mellowflare.core.air.main.AirMain;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.Length;
import mellowflare.core.run.walk.Fall;
import mellowflare.core.run.walk.Joints;
import mellowflare.core.run.walk.Station;
import mellowflare.core.run.walk.TakeOff;
import mellowflare.core.run.walk.Turn;
import mellowflare.core.run.walk.Walked;
import org.junit.jupiter.api.Test;

class WalkedTest {
    private static final Station HERE = new Station(Length.ofMm(0), Length.ofMm(0), Length.ofMm(0), 0);

    private static Walked walk(Piece... pieces) {
        return AirWalk.of(HERE, List.of(pieces));
    }

    private static Piece pipe(String name, Turn turn, double metres) {
        return AirSamples.pipe(name, turn, metres);
    }

    /** By hand: 3 up, 4 ahead, 2 left, 1 right (ahead again), 1 down, 5 ahead. */
    @Test
    void testTurnsAreSeenByTheOneWhoWalks() {
        Walked w = walk(
                pipe("a", Turn.UP, 3),
                pipe("b", Turn.AHEAD, 4),
                pipe("c", Turn.LEFT, 2),
                pipe("d", Turn.RIGHT, 1),
                pipe("e", Turn.DOWN, 1),
                pipe("f", Turn.AHEAD, 5));
        assertThat(w.spots().get("c").at()).isEqualTo(new Vector(4000, 2000, 3000));
        assertThat(w.spots().get("f").at()).isEqualTo(new Vector(10_000, 2000, 2000));
        assertThat(w.odd()).isEmpty();
    }

    @Test
    void testDropsAndDrainsHangWhereTheyLeaveAndTheWalkGoesOn() {
        Walked w = walk(
                pipe("a", Turn.AHEAD, 4),
                AirSamples.drop("tap", 1.5, ""),
                new Piece.Drain("low", Length.ofMm(500)),
                pipe("b", Turn.AHEAD, 1));
        assertThat(w.spots().get("tap").at()).isEqualTo(new Vector(4000, 0, -1500));
        assertThat(w.spots().get("tap leg").at()).isEqualTo(new Vector(4000, 0, -1800));
        assertThat(w.spots().get("low").at()).isEqualTo(new Vector(4000, 0, -500));
        assertThat(w.spots().get("b").at()).isEqualTo(new Vector(5000, 0, 0));
        assertThat(w.at("a")).hasSize(4);
    }

    @Test
    void testALoopClosesAndOneThatMissesItsPlaceIsSaid() {
        Walked square = walk(
                pipe("a", Turn.AHEAD, 4),
                pipe("b", Turn.LEFT, 3),
                pipe("c", Turn.LEFT, 4),
                new Piece.Close("d", AirWalk.START, Optional.empty()));
        assertThat(square.odd()).isEmpty();
        assertThat(square.runs().get(3).length().mm()).isCloseTo(3000, within(1e-9));
        Walked off = walk(
                pipe("a", Turn.AHEAD, 4),
                pipe("b", Turn.LEFT, 3),
                pipe("c", Turn.LEFT, 3.5),
                new Piece.Close("d", AirWalk.START, Optional.empty()));
        assertThat(off.odd()).containsExactly(new Walked.Odd(Walked.Odd.Kind.SLANTS, "d", AirWalk.START));
        assertThat(off.runs().get(3).length().mm()).isCloseTo(Math.hypot(3000, 500), within(1e-9));
    }

    @Test
    void testWhatCannotBeFollowedIsNamedAndTheRestStands() {
        Walked w = walk(
                pipe("a", Turn.AHEAD, 4),
                pipe("a", Turn.AHEAD, 1),
                pipe("z", Turn.AHEAD, 0),
                new Piece.From("g", "nowhere"),
                new Piece.Close("h", "z", Optional.empty()),
                new Piece.Feed("second", "s-7"),
                new Piece.Feed("third", "s-7"),
                pipe("b", Turn.LEFT, 2));
        assertThat(w.odd())
                .extracting(o -> o.kind() + " " + o.piece())
                .containsExactly("TWICE a", "NO_LENGTH z", "NO_SUCH_PLACE g", "TO_ITSELF h", "FEED_TWICE third");
        assertThat(w.spots()).containsKey("a (2)");
        assertThat(w.spots().get("b").at()).isEqualTo(new Vector(5000, 2000, 0));
    }

    @Test
    void testEveryPlaceGetsItsFitting() {
        Walked w = walk(
                AirSamples.hose("flex", Turn.AHEAD, 0.6),
                new Piece.Drain("foot", Length.ofMm(400)),
                pipe("riser", Turn.UP, 2),
                pipe("m1", Turn.AHEAD, 3),
                AirSamples.drop("tap", 1.5, ""),
                pipe("m2", Turn.AHEAD, 2),
                pipe("m3", Turn.AHEAD, 2),
                new Piece.From("", "m1"),
                pipe("side", Turn.LEFT, 2),
                new Piece.From("", "m3"),
                pipe("end", Turn.LEFT, 1));
        Joints j = Joints.of(w);
        assertThat(kind(j, "flex")).isEqualTo(Joints.Kind.TEE);
        assertThat(j.at("flex").orElseThrow().branch().orElseThrow().name()).isEqualTo("flex");
        assertThat(kind(j, "riser")).isEqualTo(Joints.Kind.ELBOW);
        assertThat(kind(j, "m1")).isEqualTo(Joints.Kind.TWO_TEES);
        assertThat(kind(j, "m2")).isEqualTo(Joints.Kind.THROUGH);
        assertThat(kind(j, "m3")).isEqualTo(Joints.Kind.ELBOW);
        assertThat(kind(j, "tap")).isEqualTo(Joints.Kind.TEE);
        assertThat(kind(j, "tap leg")).isEqualTo(Joints.Kind.END);
        assertThat(kind(j, "end")).isEqualTo(Joints.Kind.OPEN);
        assertThat(kind(j, AirWalk.START)).isEqualTo(Joints.Kind.END);
    }

    private static Joints.Kind kind(Joints j, String spot) {
        return j.at(spot).orElseThrow().kind();
    }

    /** By hand: 12 m along the wall at 10 mm a metre is 120 mm lower at the far end. */
    @Test
    void testTheMainFallsAndWaterRunsToTheDrain() {
        AirCase c = AirSamples.of(AirSamples.small());
        assertThat(c.fall().height("m2").mm()).isCloseTo(900 + 2400 - 120, within(1e-6));
        assertThat(c.fall().holding()).isEmpty();
        List<Piece> undrained = new ArrayList<>(AirSamples.small().pieces());
        undrained.set(8, new Piece.Cap("far"));
        assertThat(AirSamples.of(AirSamples.small().withPieces(undrained))
                        .fall()
                        .holding())
                .containsExactly("m3");
        Walked w = c.walked();
        Fall back = Fall.of(w, c.joints(), Fall.Way.BACK, 10);
        assertThat(back.height("m2").mm()).isCloseTo(900 + 2400 + 120, within(1e-6));
        assertThat(back.holding()).isEmpty();
        assertThat(Fall.of(w, c.joints(), Fall.Way.LEVEL, 10).height("m2").mm()).isCloseTo(3300, within(1e-6));
    }

    /** Level runs one after the other, hung from 3.3 m: 5, 7 and half a metre at 10 mm a metre. */
    @Test
    void testEverySectionSaysTheHeightsItHangsAt() {
        AirCase c = AirSamples.of(AirSamples.small());
        List<Fall.Section> sections = c.fall().sections(c.walked());
        assertThat(sections).extracting(s -> s.run().name()).containsExactly("m1", "m2", "m3");
        assertThat(sections)
                .extracting(s ->
                        Math.round(s.first().mm()) + " " + Math.round(s.second().mm()) + " "
                                + Math.round(s.falls().mm()))
                .containsExactly("3300 3250 50", "3250 3180 70", "3180 3175 5");
        Fall back = Fall.of(c.walked(), c.joints(), Fall.Way.BACK, 10);
        assertThat(back.sections(c.walked()).get(1).falls().mm()).isCloseTo(-70, within(1e-6));
    }

    @Test
    void testADropFromBelowDrainsTheMainAndOneOverTheTopDoesNot() {
        List<Piece> pieces = new ArrayList<>(AirSamples.small().pieces());
        pieces.subList(7, 9).clear();
        assertThat(AirSamples.of(AirSamples.small().withPieces(pieces)).fall().holding())
                .containsExactly("m2");
        Piece.Drop d = (Piece.Drop) pieces.get(6);
        pieces.set(6, new Piece.Drop(d.name(), d.down(), d.size(), TakeOff.BELOW, d.leg(), d.outlet()));
        assertThat(AirSamples.of(AirSamples.small().withPieces(pieces)).fall().holding())
                .isEmpty();
    }

    @Test
    void testPiecesAreMovedInsertedAndRenamedWithWhatSpeaksOfThem() {
        AirMain m = AirSamples.ring();
        AirMain named = m.replace(2, ((Piece.Pipe) m.pieces().get(2)).named("climb"));
        assertThat(((Piece.Close) named.pieces().get(10)).to()).isEqualTo("climb");
        assertThat(m.insert(3, pipe("x", Turn.AHEAD, 1)).pieces().get(3).name()).isEqualTo("x");
        assertThat(m.move(3, 5).pieces().get(5).name()).isEqualTo("m1");
        assertThat(m.remove(3).pieces()).hasSize(m.pieces().size() - 1);
        assertThat(m.freeName()).isEqualTo("1");
        assertThat(m.withSystem(Optional.of("copper")).size()).isEmpty();
    }
}
