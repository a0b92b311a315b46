package mellowflare.core.line;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;
import mellowflare.core.Samples;
import mellowflare.core.advice.Practice;
import mellowflare.core.bag.BagPart;
import mellowflare.core.bag.Find;
import mellowflare.core.bag.Unseen;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.fluid.Service;
import mellowflare.core.identify.Candidate;
import mellowflare.core.identify.Identifier;
import mellowflare.core.identify.Observation;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.procedure.MakeLog;
import mellowflare.core.reference.Source;
import org.junit.jupiter.api.Test;

/** What a port keeps when it is taken for an end, and what it may be while it is not. */
class PortTest {
    private static final Observation SEEN = Observation.of(Gender.MALE).withDiameter(Optional.of(Length.ofMm(19)));

    private static Port looked() {
        return Port.unknown("pump").withSeen(SEEN, Map.of("diameter", "19"));
    }

    @Test
    void testWhatWasTriedAtItAsAnotherEndFallsAway() {
        PortTried tried = PortTried.NOT.withHomeByHand(Optional.of(true)).withRingShows(Optional.of(false));
        assertEquals(Optional.of(false), tried.ringShows());
        assertEquals(Optional.of(true), tried.homeByHand());
        Length mouth = Length.ofMm(21);
        assertEquals(Optional.of(mouth), tried.withMouth(Optional.of(mouth)).mouth());
        var orb = Samples.id(EndCode.ORB, "-8", Gender.FEMALE);
        Port taken = looked().taken(orb, Optional.of(0.9)).withTried(tried);
        assertEquals(tried, taken.taken(orb, Optional.empty()).tried());
        Port other = taken.taken(Samples.id(EndCode.JIC37, "-8", Gender.MALE), Optional.empty());
        assertEquals(PortTried.NOT, other.tried());
        assertEquals(Optional.of(SEEN), other.seen());
        Port renamed = taken.withPlace("valve");
        assertEquals("valve", renamed.place());
        assertEquals(taken, renamed.withPlace("pump"));
    }

    @Test
    void testKindsAreOrderedAndNamedByTheirWord() {
        assertThat(new KindId("gas")).isLessThan(new KindId("hose")).hasToString("gas");
        assertThat(new KindId("tee-in").compareTo(new KindId("tee-in"))).isZero();
    }

    private static Setting setting(Port a) {
        return new Setting(
                new Ports(a, Port.unknown("valve")),
                Service.UNSAID,
                Practice.USUAL,
                UnitSystem.METRIC,
                MakeLog.EMPTY,
                Samples.DATA);
    }

    private static BagPart part(String id, double price) {
        return new BagPart(
                id, "part " + id, price < 0 ? Optional.empty() : Optional.of(price), false, Source.house("t"));
    }

    private static List<Candidate> likely() {
        return new Identifier(Samples.DATA)
                .identify(SEEN).candidates().stream()
                        .filter(c -> c.probability() >= 0.02)
                        .limit(6)
                        .toList();
    }

    /** As likely as the readings make it; the three cheapest of what goes on each, what has no price last. */
    @Test
    void testEachEndThatAPortMayBeIsAFind() {
        Function<End, List<BagPart>> carried = e -> List.of(
                part("z-" + e.id(), 9), part("none-" + e.id(), -1), part("b-" + e.id(), 2), part("a-" + e.id(), 4));
        Unseen unseen = UnseenEnds.of(setting(looked()), carried);
        List<Candidate> likely = likely();
        assertThat(likely).hasSizeGreaterThan(1);
        assertEquals(likely.size() + 1, unseen.finds().size());
        double rest = 100;
        Set<String> parts = new TreeSet<>();
        for (int i = 0; i < likely.size(); i++) {
            Find f = unseen.finds().get(i);
            End end = likely.get(i).end();
            assertEquals("A-" + end.id(), f.id());
            assertEquals(100 * likely.get(i).probability(), f.weight(), 1e-9);
            List<String> on = List.of("b-" + end.id(), "a-" + end.id(), "z-" + end.id());
            assertEquals(on.stream().map(Set::of).toList(), f.kits());
            parts.addAll(on);
            rest -= f.weight();
        }
        Find other = unseen.finds().get(likely.size());
        assertEquals("A-other", other.id());
        assertEquals(Math.max(0, rest), other.weight(), 1e-9);
        assertThat(other.kits()).isEmpty();
        assertEquals(
                List.copyOf(parts), unseen.parts().stream().map(BagPart::id).toList());
        assertThat(unseen.parts().stream().map(BagPart::name)).isSorted();
    }

    @Test
    void testWhereNothingIsCarriedItIsMetByItsCounterpart() {
        Unseen unseen = UnseenEnds.of(setting(looked()), e -> List.of());
        List<Candidate> likely = likely();
        EndTable ends = Samples.DATA.get(EndTable.KEY);
        for (int i = 0; i < likely.size(); i++) {
            Set<Set<String>> mates = ends.mate(likely.get(i).end()).stream()
                    .map(m -> Set.of(m.id().toString()))
                    .collect(Collectors.toSet());
            assertEquals(mates, Set.copyOf(unseen.finds().get(i).kits()));
        }
        assertThat(unseen.parts()).isNotEmpty().allMatch(p -> p.price().isEmpty() && !p.always());
    }

    @Test
    void testAPortThatNobodyLookedAtOrThatIsTakenIsNoFind() {
        List<End> asked = new ArrayList<>();
        Function<End, List<BagPart>> carried = e -> {
            asked.add(e);
            return List.of();
        };
        assertEquals(Unseen.NONE, UnseenEnds.of(setting(Port.unknown("pump")), carried));
        Port taken = looked().taken(Samples.id(EndCode.ORB, "-8", Gender.FEMALE), Optional.empty());
        assertEquals(Unseen.NONE, UnseenEnds.of(setting(taken), carried));
        assertThat(asked).isEmpty();
        assertThat(UnseenEnds.of(
                                new Setting(
                                        new Ports(Port.unknown("valve"), looked()),
                                        Service.UNSAID,
                                        Practice.USUAL,
                                        UnitSystem.METRIC,
                                        MakeLog.EMPTY,
                                        Samples.DATA),
                                carried)
                        .finds()
                        .get(0)
                        .id())
                .startsWith(LineEnd.B + "-");
    }
}
