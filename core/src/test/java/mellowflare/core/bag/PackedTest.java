package mellowflare.core.bag;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.reference.Source;
import org.junit.jupiter.api.Test;

class PackedTest {
    private static BagPart part(String id, double price, boolean always) {
        return new BagPart(id, id + " part", Optional.of(price), always, Source.house("test"));
    }

    private static final Unseen WALL = new Unseen(
            List.of(
                    new Find("tube", "tube", 60, 50, List.of(Set.of("valve"))),
                    new Find("nipple", "nipple", 30, 50, List.of(Set.of("nipple", "tape"))),
                    new Find("rotten", "rotten", 8, 1000, List.of(Set.of("tap"))),
                    new Find("odd", "odd", 2, 50, List.of())),
            List.of(
                    part("cap", 1, true),
                    part("valve", 10, false),
                    part("nipple", 4, false),
                    part("tape", 1, false),
                    part("tap", 20, false)),
            0.9);

    private static Bag bag(Packed p) {
        return p.bag().orElseThrow();
    }

    @Test
    void testTheSmallestBagReachesWhatIsWanted() {
        Packed p = Packed.of(WALL, BagAsk.NONE);
        assertThat(bag(p).parts()).containsExactlyInAnyOrder("cap", "valve", "nipple", "tape");
        assertThat(p.chance(bag(p))).isCloseTo(0.9, within(1e-12));
        assertThat(p.price(bag(p))).contains(16.0);
        // 8 of 100 times 1000, and 2 of 100 times 50.
        assertThat(p.loss(bag(p))).isCloseTo(81, within(1e-9));
        assertThat(p.parts(bag(p)).get(0).id()).isEqualTo("cap");
    }

    @Test
    void testAChanceThatIsAskedForCountsBeforeTheUsualOne() {
        Packed p = Packed.of(WALL, BagAsk.NONE.withChance(Optional.of(0.5)));
        assertThat(bag(p).parts()).containsExactlyInAnyOrder("cap", "valve");
        Packed all = Packed.of(WALL, BagAsk.NONE.withChance(Optional.of(1.0)));
        assertThat(all.chance(bag(all))).isCloseTo(0.98, within(1e-12));
        assertThat(all.reaches(bag(all))).isFalse();
    }

    /** By cost the rare find that is dear to miss comes before the common one. */
    @Test
    void testByCostTheDearFindIsPackedFirst() {
        Packed p = Packed.of(WALL, BagAsk.NONE.withBy(BagAsk.By.COST).withChance(Optional.of(0.6)));
        assertThat(bag(p).parts()).containsExactlyInAnyOrder("cap", "tap");
        assertThat(p.chance(bag(p))).isCloseTo(0.08, within(1e-12));
        assertThat(p.loss(bag(p))).isCloseTo(46, within(1e-9));
        // It saves the cost that is wanted, and does not finish as often: that is said.
        assertThat(p.reaches(bag(p))).isFalse();
    }

    @Test
    void testWhatWasSeenShiftsTheFinds() {
        Packed ruled = Packed.of(WALL, BagAsk.NONE.sighted("tube", Optional.of(BagAsk.Sight.RULED_OUT)));
        assertThat(ruled.share(ruled.finds().get(0))).isZero();
        assertThat(bag(ruled).parts()).doesNotContain("valve");
        Packed likelier = Packed.of(WALL, BagAsk.NONE.sighted("nipple", Optional.of(BagAsk.Sight.LIKELIER)));
        // 4 x 30 of 60 + 120 + 8 + 2.
        assertThat(likelier.share(likelier.finds().get(1))).isCloseTo(120.0 / 190, within(1e-12));
        assertThat(likelier.likeliest().get(0).id()).isEqualTo("nipple");
    }

    @Test
    void testOwnFindsJoinThoseOfTheLineAndKnowItsParts() {
        BagAsk ask = BagAsk.NONE.with(new OwnFind("sleeve", 100, List.of("Valve part", "olive 15")));
        Packed p = Packed.of(WALL, ask.withChance(Optional.of(0.5)));
        assertThat(bag(p).parts()).contains("valve").anyMatch(id -> id.contains("olive"));
        assertThat(p.parts().stream().filter(x -> x.price().isEmpty()).map(BagPart::name))
                .containsExactly("olive 15");
        assertThat(Packed.of(WALL, ask.without("sleeve")).finds()).hasSize(4);
        Packed unpriced = Packed.of(Unseen.NONE, ask);
        assertThat(unpriced.price(bag(unpriced))).isEmpty();
    }

    @Test
    void testAJobOfWhichNothingIsUnseenHasNoBag() {
        Packed none = Packed.of(Unseen.NONE, BagAsk.NONE);
        assertThat(none.open()).isFalse();
        assertThat(none.bag()).isEmpty();
        BagAsk all = BagAsk.NONE
                .with(new OwnFind("only", 5, List.of("x")))
                .sighted("own-only", Optional.of(BagAsk.Sight.RULED_OUT));
        assertThat(Packed.of(Unseen.NONE, all).bag()).isEmpty();
        assertThat(Packed.of(Unseen.NONE, all).finds()).hasSize(1);
    }

    /** Two places that say nothing of each other: shares multiply, and a kit holds what both need. */
    @Test
    void testTwoUnseenPlacesAreFoundTogether() {
        Unseen other = new Unseen(
                List.of(Find.usual("a", "a", 3, List.of(Set.of("A"))), Find.usual("b", "b", 1, List.of())),
                List.of(part("A", 2, false)),
                0.9);
        Packed both = Packed.of(WALL.and(other), BagAsk.NONE);
        assertThat(both.finds()).hasSize(8);
        Find first = both.likeliest().get(0);
        assertThat(first.id()).isEqualTo("tube+a");
        assertThat(both.share(first)).isCloseTo(0.6 * 0.75, within(1e-12));
        assertThat(first.kits()).containsExactly(Set.of("valve", "A"));
        assertThat(both.chance(both.curve().get(both.curve().size() - 1))).isCloseTo(0.98 * 0.75, within(1e-12));
        assertThat(Unseen.NONE.and(other).finds()).isEqualTo(other.finds());
        assertThat(WALL.and(Unseen.NONE).parts()).hasSize(5);
    }

    @Test
    void testAFindIsReadAsItIsSaid() {
        assertThat(OwnFindText.read("copper stub 40: coupling 1/2, cap 1/2").value())
                .contains(new OwnFind("copper stub", 40, List.of("coupling 1/2", "cap 1/2")));
        assertThat(OwnFindText.read(" iron 3/4 12,5 % ").value()).contains(new OwnFind("iron 3/4", 12.5, List.of()));
        assertThat(OwnFindText.read("stub: cap").value()).isEmpty();
        assertThat(OwnFindText.read("stub 0: cap").value()).isEmpty();
        assertThat(OwnFindText.read("stub 5000").value()).isEmpty();
        assertThat(OwnFindText.read("").value()).isEmpty();
        assertThat(OwnFindText.read("x".repeat(500) + " 4").value()).isEmpty();
    }

    @Test
    void testWhatCannotBeIsRefused() {
        assertThatThrownBy(() -> new OwnFind(" ", 1, List.of())).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new OwnFind("x", Double.NaN, List.of())).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> BagAsk.NONE.withChance(Optional.of(1.2))).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Find("a", "a", 1, -1, List.of())).isInstanceOf(IllegalArgumentException.class);
    }

    private static Unseen many(String of, int count) {
        return new Unseen(
                IntStream.rangeClosed(1, count)
                        .mapToObj(n -> new Find(of + n, of + n, n, n, List.of(Set.of(of + n))))
                        .toList(),
                List.of(part(of, 1, false)),
                0.8);
    }

    /** Eight by eight finds are 64: sixty are kept, what is left weighs together what they weighed, and nothing finishes it. */
    @Test
    void testTheLeastLikelyOfManyPairsAreKeptAsOne() {
        Unseen both = many("a", 8).and(many("b", 8));
        assertThat(both.finds()).hasSize(61);
        Find rest = both.finds().get(60);
        assertThat(rest.id()).isEqualTo("rest");
        assertThat(rest.kits()).isEmpty();
        // Weights are 100 n m / 36^2; the four least are 1, 2, 2 and 3 of them.
        assertThat(rest.weight()).isCloseTo(100 * 8.0 / 1296, within(1e-9));
        assertThat(both.finds().stream().mapToDouble(Find::weight).sum()).isCloseTo(100, within(1e-9));
        assertThat(both.finds().subList(0, 60)).isSortedAccordingTo((x, y) -> Double.compare(y.weight(), x.weight()));
        assertThat(both.finds().get(0).id()).isEqualTo("a8+b8");
        assertThat(both.finds().get(0).miss()).isEqualTo(8);
        assertThat(both.parts()).extracting(BagPart::id).containsExactly("a", "b");
        assertThat(many("a", 6).and(many("b", 10)).finds()).hasSize(60).noneMatch(f -> f.id().equals("rest"));
        Unseen same = many("a", 2).and(many("a", 2));
        assertThat(same.parts()).hasSize(1);
        assertThat(Unseen.NONE.and(many("b", 2)).parts()).hasSize(1);
        assertThat(many("a", 2).and(Unseen.NONE).usual()).isEqualTo(0.8);
    }

    @Test
    void testAnOwnFindOfTheSameNameTakesThePlaceOfTheOther() {
        BagAsk ask = BagAsk.NONE
                .with(new OwnFind("x", 5, List.of("a")))
                .with(new OwnFind("y", 5, List.of("a")))
                .with(new OwnFind("x", 7, List.of("b")));
        assertThat(ask.own()).extracting(OwnFind::name).containsExactly("y", "x");
        assertThat(ask.own().get(1).weight()).isEqualTo(7);
        assertThat(ask.without("y").own()).extracting(OwnFind::name).containsExactly("x");
        assertThat(ask.sighted("f", Optional.of(BagAsk.Sight.LIKELIER))
                        .sighted("f", Optional.empty())
                        .sights())
                .isEmpty();
    }

    /** A step for each part: across to the size of a bag, up to its chance; the bag that is packed is the filled dot. */
    @Test
    void testThePlotIsAStairOfTheChances() {
        Packed p = Packed.of(WALL, BagAsk.NONE);
        Drawing plot = BagPlot.of(p, UnitSystem.METRIC);
        int most = p.curve().get(p.curve().size() - 1).parts().size() + 1;
        List<Shape.Disc> dots = plot.shapes().stream()
                .filter(Shape.Disc.class::isInstance)
                .map(Shape.Disc.class::cast)
                .toList();
        assertThat(dots).hasSameSizeAs(p.curve());
        for (int i = 0; i < dots.size(); i++) {
            Bag b = p.curve().get(i);
            assertThat(dots.get(i).centre().x()).isCloseTo(300.0 * b.parts().size() / most, within(1e-9));
            assertThat(dots.get(i).centre().y()).isCloseTo(120 * b.chance(), within(1e-9));
            assertThat(dots.get(i).fill() == Fill.BLACK).isEqualTo(b.equals(bag(p)));
        }
        Shape.Path stair = plot.shapes().stream()
                .filter(s -> s instanceof Shape.Path q && q.pen() == Pen.SELECTED)
                .map(Shape.Path.class::cast)
                .findFirst()
                .orElseThrow();
        assertThat(stair.points()).hasSize(2 * p.curve().size() + 1);
        assertThat(stair.points().get(0).y()).isZero();
        assertThat(stair.points().get(stair.points().size() - 1))
                .isEqualTo(new Point(300, dots.get(dots.size() - 1).centre().y()));
        Shape.Path wanted = plot.shapes().stream()
                .filter(s -> s instanceof Shape.Path q && q.pen() == Pen.MEASURED)
                .map(Shape.Path.class::cast)
                .findFirst()
                .orElseThrow();
        assertThat(wanted.points()).containsExactly(new Point(0, 108), new Point(300, 108));
        List<String> words = plot.shapes().stream()
                .filter(Shape.Label.class::isInstance)
                .map(s -> ((Shape.Label) s).text())
                .toList();
        assertThat(words).contains("25 %", "50 %", "75 %", "100 %", "90 %");
        assertThat(words)
                .containsAll(p.curve().stream()
                        .map(b -> Integer.toString(b.parts().size()))
                        .toList());
        Drawing empty = BagPlot.of(Packed.of(Unseen.NONE, BagAsk.NONE), UnitSystem.METRIC);
        assertThat(empty.shapes()).noneMatch(Shape.Disc.class::isInstance);
        assertThat(empty.box()).isEqualTo(plot.box());
    }

    /** The last that is taken of each, and the first that is not. */
    @Test
    void testTheLimitsOfOwnFinds() {
        List<String> most =
                IntStream.range(0, OwnFind.MOST).mapToObj(n -> "p" + n).toList();
        String text = "stub 1000: " + String.join(",", most);
        assertThat(OwnFindText.read(text).value()).contains(new OwnFind("stub", 1000, most));
        assertThat(OwnFindText.read(text + ",one more").value()).isEmpty();
        assertThat(OwnFindText.read("stub 1000.5").value()).isEmpty();
        String longest = "x".repeat(398) + " 4";
        assertThat(OwnFindText.read("x" + longest).refusal().orElseThrow()).contains("400");
        assertThat(OwnFindText.read(longest).refusal().orElse("")).doesNotContain("400");
        BagAsk ask = BagAsk.NONE;
        for (int n = 0; n < OwnFind.MOST; n++) {
            ask = ask.with(new OwnFind("find " + n, 1, List.of()));
        }
        BagAsk full = ask;
        assertThat(full.own()).hasSize(OwnFind.MOST);
        assertThatThrownBy(() -> full.with(new OwnFind("one more", 1, List.of())))
                .isInstanceOf(IllegalArgumentException.class);
        assertThat(Packing.proven(14)).isTrue();
        assertThat(Packing.proven(15)).isFalse();
        // A bag whose chance is just what is wanted reaches it.
        Packed just = Packed.of(WALL, BagAsk.NONE.withChance(Optional.of(0.9)));
        assertThat(just.reaches(bag(just))).isTrue();
        Packed over = Packed.of(WALL, BagAsk.NONE.withChance(Optional.of(0.99)));
        assertThat(over.reaches(bag(over))).isFalse();
    }
}
