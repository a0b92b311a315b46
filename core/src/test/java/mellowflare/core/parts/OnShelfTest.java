package mellowflare.core.parts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import mellowflare.core.Samples;
import mellowflare.core.Stands;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.State;
import mellowflare.core.advice.Subject;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.reference.FileKind;
import mellowflare.core.reference.OwnLists;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.shelf.Count;
import mellowflare.core.shelf.Held;
import mellowflare.core.shelf.Move;
import mellowflare.core.shelf.Shelf;
import mellowflare.core.shelf.Used;
import org.junit.jupiter.api.Test;

/** What lies on the shelf of the parts that lists know, and of those they do not; tools and room at hand. */
class OnShelfTest {
    private static final Instant NINE = Instant.parse("2026-11-01T09:00:00Z");
    private static final ReferenceData PLAIN = Samples.DATA;
    private static final Stock STOCK = Stock.of(PLAIN);

    private static final HosePart HOSE =
            STOCK.hoses().stream().filter(h -> !h.whole()).findFirst().orElseThrow();
    private static final HoseEndPart END = STOCK.ends().get(0);
    private static final Ferrule FERRULE = STOCK.ferrules().get(0);
    private static final AdapterPart ADAPTER = STOCK.adapters().get(0);
    private static final SealPart SEAL = STOCK.seals().get(0);

    private static Count count(String key, double pieces) {
        return Count.of(key, "counted " + key, pieces, NINE, "Maren");
    }

    private static ReferenceData shelved(List<Count> counts, Move... moves) {
        return Shelved.over(PLAIN, Shelf.of(counts, List.of(moves)));
    }

    private static ShelfLine line(String key, ReferenceData data) {
        return ShelfLine.of(key, data).orElseThrow(() -> new AssertionError(key));
    }

    private static ReferenceData counted() {
        return shelved(List.of(
                count(END.part(), 7),
                count(FERRULE.part(), 8),
                count(ADAPTER.part(), 9),
                count(SEAL.part(), 11),
                count("own nut", 4),
                Count.lengths(HOSE.part(), "hose", List.of(Length.ofMm(2500), Length.ofMm(400)), NINE, "Maren"),
                Count.lengths("own tube", "own tube", List.of(Length.ofMm(6000)), NINE, "Maren")));
    }

    @Test
    void testEveryPartOfTheListsIsOnTheShelfOnce() {
        ReferenceData data = shelved(List.of());
        List<ShelfLine> all = ShelfLine.all(data);
        assertThat(all)
                .hasSize(STOCK.count() - STOCK.tools().size())
                .extracting(ShelfLine::key)
                .doesNotHaveDuplicates();
        assertEquals(END.name(), line(END.part(), data).name());
        assertEquals(END.onShelf(), line(END.part(), data).held().amount());
        assertThat(line(HOSE.part(), data).metres()).isTrue();
        assertEquals(HOSE.title(), line(HOSE.part(), data).name());
        assertThat(line(END.part(), data).metres()).isFalse();
        STOCK.hoses().stream()
                .filter(HosePart::whole)
                .forEach(h -> assertThat(line(h.part(), data).metres()).isFalse());
        assertEquals(Optional.empty(), ShelfLine.of("nobody's", data));
        assertThat(STOCK.count())
                .isEqualTo(STOCK.hoses().size()
                        + STOCK.ends().size()
                        + STOCK.adapters().size()
                        + STOCK.ferrules().size()
                        + STOCK.seals().size()
                        + STOCK.tools().size());
    }

    @Test
    void testWhatWasCountedTakesThePlaceOfTheList() {
        ReferenceData data = counted();
        Catalogue c = data.get(Catalogue.KEY);
        assertEquals(7, c.hoseEnd(END.part()).orElseThrow().onShelf());
        assertEquals(8, c.ferrule(FERRULE.part()).orElseThrow().onShelf());
        assertEquals(2.9, c.hose(HOSE.part()).orElseThrow().onShelf(), 1e-9);
        assertEquals(
                9, data.get(AdapterTable.KEY).find(ADAPTER.part()).orElseThrow().onShelf());
        assertEquals(
                11,
                c.seals().stream()
                        .filter(s -> s.part().equals(SEAL.part()))
                        .findFirst()
                        .orElseThrow()
                        .onShelf());
        HoseEndPart other = STOCK.ends().get(1);
        assertEquals(other, c.hoseEnd(other.part()).orElseThrow());
        assertEquals(2.9, line(HOSE.part(), data).held().amount(), 1e-9);
        assertThat(line(HOSE.part(), data).held().pieces()).containsExactly(Length.ofMm(2500), Length.ofMm(400));
    }

    @Test
    void testWhatIsInNoListIsShownUnderTheNameItWasCountedOrTakenBy() {
        ReferenceData data = counted();
        assertEquals("counted own nut", line("own nut", data).name());
        assertThat(line("own nut", data).metres()).isFalse();
        assertThat(line("own tube", data).metres()).isTrue();
        Move cut = new Move(
                "job",
                "cut",
                NINE,
                "Maren",
                new Used(
                        "own bar",
                        "a bar of ours",
                        1.2,
                        true,
                        Used.From.JOB,
                        Optional.of(Length.ofMm(6000)),
                        Optional.of(Length.ofMm(4798))));
        ReferenceData moved = shelved(List.of(), cut);
        assertEquals("a bar of ours", line("own bar", moved).name());
        assertThat(line("own bar", moved).metres()).isTrue();
        assertThat(line("own bar", moved).held().pieces()).containsExactly(Length.ofMm(4798));
    }

    @Test
    void testTheStripShowsEachPieceToScaleAndEachPartAsABin() {
        List<String> lines = new ArrayList<>();
        Held pieces = new Held(2.96, List.of(Length.ofMm(2500), Length.ofMm(400), Length.ofMm(60)), 0);
        lines.addAll(Stands.drawing(ShelfStrip.of(new ShelfLine("H", "hose", true, pieces), 6.2, UnitSystem.METRIC)));
        lines.addAll(Stands.drawing(ShelfStrip.of(new ShelfLine("H", "hose", true, pieces), 0, UnitSystem.INCH)));
        for (int bins : new int[] {0, 3, 15, 40}) {
            lines.add(bins + " bins");
            lines.addAll(Stands.drawing(ShelfStrip.of(
                    new ShelfLine("E", "end", false, new Held(bins, List.of(), 0)), 6.2, UnitSystem.METRIC)));
        }
        Stands.as(getClass(), "strips.txt", lines);
    }

    // --- tools and room ---

    private static Tool tool(boolean usual) {
        return PLAIN.get(ToolTable.KEY).all().stream()
                .filter(t -> t.usual() == usual)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void testAToolIsPressedFromUnknownToThereToMissing() {
        Tool own = tool(false);
        Here there = Here.UNSAID.pressed(own);
        assertEquals(Optional.empty(), Here.UNSAID.has(own));
        assertEquals(Optional.of(true), there.has(own));
        Here gone = there.pressed(own);
        assertEquals(Optional.of(false), gone.has(own));
        assertEquals(Here.UNSAID, gone.pressed(own));
        Tool usual = tool(true);
        assertEquals(Optional.of(true), Here.UNSAID.has(usual));
        assertEquals(Optional.of(false), Here.UNSAID.pressed(usual).has(usual));
        assertEquals(Here.UNSAID, Here.UNSAID.pressed(usual).pressed(usual));
        // What is said of one tool stays said while another is pressed.
        Here both = gone.pressed(usual);
        assertEquals(Set.of(own.id(), usual.id()), both.missing());
        assertEquals(Set.of(), both.withPresent(Set.of(own.id(), usual.id())).missing());
        assertEquals(Set.of(), there.withMissing(Set.of(own.id())).present());
        assertThatThrownBy(() -> new Here(
                        Set.of("x"),
                        Set.of("x"),
                        Set.of(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty()))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void testRoomIsKeptForEachEndAndTheCut() {
        Optional<Length> ten = Optional.of(Length.ofMm(10));
        Optional<Length> twenty = Optional.of(Length.ofMm(20));
        Here here = Here.UNSAID
                .withRoom(LineEnd.A, ten)
                .withRoom(LineEnd.B, twenty)
                .withRoomCut(Optional.of(Length.ofMm(30)))
                .withNoWrench(Set.of("7/8"))
                .withPanel(Optional.of(new Here.Panel(Length.ofMm(40), true)));
        assertEquals(ten, here.room(LineEnd.A));
        assertEquals(twenty, here.room(LineEnd.B));
        assertEquals(Optional.of(Length.ofMm(30)), here.roomCut());
        assertEquals(Set.of("7/8"), here.noWrench());
        assertThat(here.panel().orElseThrow().guarded()).isTrue();
        assertThatThrownBy(() -> new Here.Panel(Length.ZERO, true)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void testTheToolsThatWorkNeedsAreAskedForOneByOne() {
        Tool own = tool(false);
        Tool usual = tool(true);
        List<Tool> both = List.of(own, usual);
        List<Finding> unsaid = AtHand.tools(both, Here.UNSAID, Optional.empty());
        assertThat(unsaid).singleElement().satisfies(f -> {
            assertEquals(State.NOT_CHECKED, f.state());
            assertEquals("tool-" + own.id(), f.missing().get(0).id());
        });
        assertThat(AtHand.tools(both, Here.UNSAID.withPresent(Set.of(own.id())), Optional.empty()))
                .isEmpty();
        List<Finding> gone =
                AtHand.tools(both, Here.UNSAID.withMissing(Set.of(own.id(), usual.id())), Optional.empty());
        assertThat(gone).hasSize(2).allSatisfy(f -> assertEquals(State.FAIL, f.state()));
        assertThat(gone.get(0).says(UnitSystem.METRIC)).contains(own.name());
        assertEquals(own.without(Optional.empty()).severity(), gone.get(0).severity());
        assertThat(gone.get(0).remedy(UnitSystem.METRIC)).isNotBlank();
        Finding wrench = AtHand.noWrench("7/8 in", "the nut", Subject.END_B);
        assertThat(wrench.says(UnitSystem.METRIC)).contains("7/8 in");
        assertEquals(Subject.END_B, wrench.about());
        assertEquals(State.PASS, AtHand.all().state());
    }

    @Test
    void testThereIsRoomFromTheLastMillimetreOn() {
        Length need = Length.ofMm(30);
        assertEquals(State.PASS, room(Optional.of(need), need).state());
        assertEquals(State.FAIL, room(Optional.of(Length.ofMm(29.9)), need).state());
        Finding unsaid = room(Optional.empty(), need);
        assertEquals(State.NOT_CHECKED, unsaid.state());
        assertEquals("room-END_A", unsaid.missing().get(0).id());
        assertThat(room(Optional.of(Length.ofMm(29.9)), need).says(UnitSystem.METRIC))
                .contains("29.9 mm")
                .contains("30 mm");
    }

    private static Finding room(Optional<Length> has, Length need) {
        return AtHand.room("wrench", has, need, "a crow's foot", Subject.END_A);
    }

    /** Half of 2.2 times the hex and 3; half over the corners and 7; a hole 2 wider: 27 is 31.18 over its corners. */
    @Test
    void testRoomOfWrenches() {
        Length hex = Length.ofMm(27);
        assertEquals(32.7, WrenchRoom.openWrench(hex).mm(), 1e-9);
        assertEquals(22.588, WrenchRoom.crowFoot(hex).mm(), 1e-3);
        assertEquals(29, WrenchRoom.hole(hex).mm(), 1e-9);
        for (HoseEndPart e : STOCK.ends()) {
            Optional<Length> largest = WrenchRoom.largestHex(e);
            assertThat(WrenchRoom.passes(e).map(Length::mm).orElse(0.0))
                    .as(e.part())
                    .isCloseTo(
                            largest.map(h -> h.mm() * 2 / Math.sqrt(3)
                                            + e.drop().map(Length::mm).orElse(0.0))
                                    .orElse(0.0),
                            within(1e-9));
        }
        assertThat(STOCK.ends()).anyMatch(e -> WrenchRoom.largestHex(e).isPresent());
        assertThat(STOCK.ends()).anyMatch(e -> e.drop().isPresent());
    }

    // --- nipples ---

    /** Of 1/2: close at 1 1/8, then 1 1/2 by halves to 6 and by whole inches to 12. */
    @Test
    void testNipplesAreStockedByHalvesToSixAndByInchesToTwelve() {
        Nipples nipples = Nipples.load();
        List<Double> inches = nipples.lengths("1/2").stream()
                .map(l -> Math.round(l.inches() * 1e6) / 1e6)
                .toList();
        assertThat(inches)
                .containsExactly(
                        1.125, 1.5, 2.0, 2.5, 3.0, 3.5, 4.0, 4.5, 5.0, 5.5, 6.0, 7.0, 8.0, 9.0, 10.0, 11.0, 12.0);
        assertThat(nipples.lengths("nobody's")).isEmpty();
        assertEquals(
                2.5, nipples.nearest("1/2", Length.ofInches(2.6)).orElseThrow().inches(), 1e-9);
        assertEquals(
                3, nipples.nearest("1/2", Length.ofInches(2.8)).orElseThrow().inches(), 1e-9);
        assertEquals(
                12, nipples.nearest("1/2", Length.ofInches(12.5)).orElseThrow().inches(), 1e-9);
        assertEquals(Optional.empty(), nipples.nearest("1/2", Length.ofInches(12.51)));
        assertEquals(
                1.125,
                nipples.nearest("1/2", Length.ofInches(0.2)).orElseThrow().inches(),
                1e-9);
    }

    // --- own lists ---

    private static <T> void comesBack(OwnLists<T> lists, T rows) {
        ReferenceData over = lists.over(rows, PLAIN);
        assertEquals(lists.count(rows), lists.count(lists.plus(lists.none(), rows)));
        assertEquals(0, lists.count(lists.none()));
        assertSame(PLAIN, lists.over(lists.none(), PLAIN));
        assertThat(lists.count(lists.of(over))).isGreaterThanOrEqualTo(lists.count(rows));
        for (FileKind file : lists.files()) {
            assertThat(lists.csv(file, rows)).startsWith(String.join(",", file.columns()));
        }
    }

    @Test
    void testASuppliersListIsLaidOverAndComesBack() {
        Suppliers.Lists lists = new Suppliers.Lists();
        List<Suppliers.Supplier> rows = List.of(
                new Suppliers.Supplier("E1", "north depot", "N-1"), new Suppliers.Supplier("H8", "quay store", ""));
        comesBack(lists, rows);
        ReferenceData data = lists.over(rows, PLAIN);
        assertEquals(Optional.of(rows.get(0)), data.get(Suppliers.KEY).of("E1"));
        assertEquals(rows, lists.of(data));
        ReferenceData more = lists.over(List.of(new Suppliers.Supplier("E1", "hill depot", "7")), data);
        assertEquals(
                "hill depot", more.get(Suppliers.KEY).of("E1").orElseThrow().supplier());
        assertEquals(2, lists.of(more).size());
        assertThat(lists.csv(lists.files().get(0), rows))
                .contains("E1,north depot,N-1")
                .contains("H8,quay store,");
        assertThatThrownBy(() -> new Suppliers.Supplier(" ", "x", "")).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Suppliers.Supplier("x", " ", "")).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void testOwnPartsAreLaidOverTheCatalogue() {
        Stock own = Stock.ofEnds(List.of(END.withOnShelf(END.onShelf() + 5)));
        comesBack(OwnParts.LISTS, own);
        assertEquals(
                END.onShelf() + 5,
                OwnParts.LISTS
                        .over(own, PLAIN)
                        .get(Catalogue.KEY)
                        .hoseEnd(END.part())
                        .orElseThrow()
                        .onShelf());
        assertThat(OwnParts.LISTS.files()).hasSize(PartFile.values().length);
    }
}
