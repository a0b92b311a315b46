package mellowflare.core.shelf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.UnitSystem;
import org.junit.jupiter.api.Test;

/** What lies on the shelf after what was taken, came back and was counted. */
class ShelfTest {
    private static final Instant NINE = Instant.parse("2026-11-01T09:00:00Z");

    private static Instant at(int minutes) {
        return NINE.plusSeconds(60L * minutes);
    }

    private static Move took(int minutes, String key, double pieces) {
        return new Move("job", "fit@A", at(minutes), "Maren", Used.counted(key, key, pieces, Used.From.SHELF));
    }

    private static Move cut(int minutes, double metres, Double piece, Double left, Used.From from) {
        return new Move(
                "job",
                "cut",
                at(minutes),
                "Maren",
                new Used(
                        "H8",
                        "hose",
                        metres,
                        true,
                        from,
                        Optional.ofNullable(piece).map(Length::ofMm),
                        Optional.ofNullable(left).map(Length::ofMm)));
    }

    private static Shelf listed(List<Count> counts, Move... moves) {
        return Shelf.of(counts, List.of(moves))
                .listing(Map.of("E1", new Shelf.Listed(3, false), "H8", new Shelf.Listed(6.2, true)));
    }

    @Test
    void testWhatIsTakenIsNotThereAndWhatIsTakenBackIs() {
        Shelf shelf = listed(List.of(), took(1, "E1", 1), took(2, "E1", 1));
        assertThat(shelf.held("E1")).hasValue(new Held(1, List.of(), 0));
        assertThat(shelf.withJob("job", List.of(took(1, "E1", 1))).held("E1")).hasValue(new Held(2, List.of(), 0));
        assertThat(shelf.withJob("other", List.of(took(3, "E1", 1))).held("E1"))
                .describedAs("what one job took does not come back by another")
                .hasValue(new Held(0, List.of(), 0));
        assertThat(shelf.held("E2"))
                .describedAs("no shelf is kept of what is in no list")
                .isEmpty();
    }

    @Test
    void testNothingLiesThereBelowZeroAndTheShelfSaysThatItWantsCounting() {
        Held held =
                listed(List.of(), took(1, "E1", 2), took(2, "E1", 3)).held("E1").orElseThrow();
        assertThat(held).isEqualTo(new Held(0, List.of(), 2));
        assertThat(held.wantsCounting()).isTrue();
        assertThatThrownBy(() -> new Held(-1, List.of(), 0)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void testACountHoldsWhateverWasTakenBeforeIt() {
        Count five = Count.of("E1", "end", 5, at(10), "Oda");
        Shelf shelf = listed(List.of(five), took(1, "E1", 9), took(11, "E1", 2));
        assertThat(shelf.held("E1")).hasValue(new Held(3, List.of(), 0));
        assertThat(shelf.moves("E1")).extracting(Move::at).containsExactly(at(11));
        Count older = Count.of("E1", "end", 40, at(2), "Oda");
        assertThat(listed(List.of(five, older), took(11, "E1", 2))
                        .held("E1")
                        .orElseThrow()
                        .amount())
                .isEqualTo(3);
        assertThat(shelf.counted(Count.of("E1", "end", 7, at(12), "Oda"))
                        .held("E1")
                        .orElseThrow()
                        .amount())
                .isEqualTo(7);
    }

    @Test
    void testARemnantComesBackAndIsCutAgain() {
        Shelf shelf = listed(List.of(), cut(1, 1.14, 6200.0, 5058.0, Used.From.SHELF));
        assertThat(shelf.pieces("H8")).containsExactly(Length.ofMm(5058));
        Shelf twice = shelf.withJob("two", List.of(cut(2, 0.9, 5058.0, 4156.0, Used.From.SHELF)));
        assertThat(twice.held("H8")).hasValue(new Held(4.156, List.of(Length.ofMm(4156)), 0));
        assertThat(shelf.without(m -> true).pieces("H8"))
                .describedAs("as before it was taken")
                .containsExactly(Length.ofMm(6200));
    }

    @Test
    void testAPieceThatDidNotLieThereIsSaidAndItsRemnantCounts() {
        Held held = listed(List.of(), cut(1, 1.14, 3000.0, 1858.0, Used.From.SHELF))
                .held("H8")
                .orElseThrow();
        assertThat(held.pieces()).containsExactly(Length.ofMm(6200), Length.ofMm(1858));
        assertThat(held.over()).isEqualTo(1.14);
        Held none = listed(List.of(), cut(1, 1.14, null, null, Used.From.SHELF))
                .held("H8")
                .orElseThrow();
        assertThat(none.over()).isEqualTo(1.14);
        assertThat(none.amount()).isEqualTo(6.2);
    }

    @Test
    void testWhatWasBoughtForTheJobTakesNothingAndLeavesItsRemnant() {
        Shelf shelf = Shelf.of(List.of(), List.of(cut(1, 4, 6000.0, 1997.0, Used.From.JOB)));
        assertThat(shelf.pieces("H8")).containsExactly(Length.ofMm(1997));
        assertThat(Shelf.of(List.of(), List.of(cut(1, 4, 6000.0, null, Used.From.JOB)))
                        .held("H8"))
                .isEmpty();
    }

    @Test
    void testWhatMovedIsKnownByItsJobAndByItsPart() {
        Shelf shelf = listed(List.of(Count.of("E2", "ring", 4, at(1), "Oda")), took(2, "E1", 1));
        assertThat(shelf.touched()).containsExactly("E1", "E2");
        assertThat(shelf.of("job")).hasSize(1);
        assertThat(shelf.of("other")).isEmpty();
        assertThat(Shelf.AS_LISTED.touched()).isEmpty();
        Shelf late = shelf.withJob("other", List.of(took(1, "E1", 1)));
        assertThat(late.moves("E1"))
                .extracting(Move::at)
                .describedAs("in order of time")
                .containsExactly(at(1), at(2));
        Held held = shelf.held("E1").orElseThrow();
        assertThat(held.wantsCounting()).isFalse();
        assertThat(held.longest()).isEqualTo(Length.ZERO);
        assertThat(new Held(6.2, List.of(Length.ofMm(4200), Length.ofMm(2000)), 0).longest())
                .isEqualTo(Length.ofMm(4200));
    }

    @Test
    void testOfTwoPiecesTheOneThatIsMeantGoes() {
        Count two = Count.lengths("H8", "hose", List.of(Length.ofMm(1000), Length.ofMm(1000.4)), at(0), "Oda");
        Shelf shelf = listed(List.of(two), cut(1, 0.5, 1000.4, null, Used.From.SHELF));
        assertThat(shelf.pieces("H8")).containsExactly(Length.ofMm(1000));
        Shelf longer = listed(
                List.of(two), cut(1, 0.2, 1000.0, 798.0, Used.From.SHELF), cut(2, 0.1, 900.0, null, Used.From.SHELF));
        assertThat(longer.pieces("H8")).containsExactly(Length.ofMm(1000.4), Length.ofMm(798));
        assertThat(longer.held("H8").orElseThrow().over()).isEqualTo(0.1);
    }

    @Test
    void testCountedLengthsComeLongestFirst() {
        Count lengths = Count.lengths("H8", "hose", List.of(Length.ofMm(800), Length.ofMm(2400)), at(5), "Oda");
        Shelf shelf = listed(List.of(lengths), cut(6, 0.5, 800.0, null, Used.From.SHELF));
        assertThat(lengths.amount()).isEqualTo(3.2);
        assertThat(shelf.pieces("H8")).containsExactly(Length.ofMm(2400));
    }

    private static Read<Count> read(String text, boolean metres, UnitSystem units) {
        return CountText.read(text, new CountText.Of("k", "n", metres, 2), units, NINE, "Oda");
    }

    @Test
    void testCountsAsTheyAreWritten() {
        assertThat(read("6", false, UnitSystem.METRIC).value().orElseThrow().amount())
                .isEqualTo(6);
        assertThat(read("+4", false, UnitSystem.METRIC).value().orElseThrow().amount())
                .isEqualTo(6);
        assertThat(read("- 2", false, UnitSystem.METRIC).value().orElseThrow().amount())
                .isZero();
        assertThat(read("4200; 2 x 1.8 m", true, UnitSystem.METRIC)
                        .value()
                        .orElseThrow()
                        .pieces())
                .containsExactly(Length.ofMm(4200), Length.ofMm(1800), Length.ofMm(1800));
        assertThat(read("36 1/2", true, UnitSystem.INCH).value().orElseThrow().pieces())
                .containsExactly(Length.ofInches(36.5));
        assertThat(read("0", true, UnitSystem.METRIC).value().orElseThrow().pieces())
                .isEmpty();
    }

    @Test
    void testNoCountIsRefusedInASentence() {
        for (String bad : List.of("six", "", "1.5", "9999999", "1e3", "٣")) {
            assertThat(read(bad, false, UnitSystem.METRIC).refusal())
                    .describedAs(bad)
                    .isPresent();
        }
        assertThat(read("-3", false, UnitSystem.METRIC).refusal().orElseThrow()).contains("Only 2");
        for (String bad : List.of("", "long", "4200;;900", "-3", "0; 400", "900 x 1000", "0 x 400")) {
            assertThat(read(bad, true, UnitSystem.METRIC).refusal())
                    .describedAs(bad)
                    .isPresent();
        }
    }

    @Test
    void testImpossibleThingsCannotBeBuilt() {
        assertThatThrownBy(() -> Used.counted("E1", "end", 0, Used.From.SHELF))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Used(
                        "E1", "end", 1, false, Used.From.SHELF, Optional.of(Length.ofMm(10)), Optional.empty()))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> cut(1, 1, 900.0, 900.0, Used.From.SHELF)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Count.of("E1", "end", 3, NINE, " ")).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Count.of("E1", "end", -1, NINE, "Oda")).isInstanceOf(IllegalArgumentException.class);
    }
}
