package mellowflare.core.air;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import mellowflare.core.Stands;
import mellowflare.core.air.demand.AirHouse;
import mellowflare.core.air.layout.Piece;
import mellowflare.core.air.main.AirMain;
import mellowflare.core.air.size.Sizing;
import mellowflare.core.air.stock.Fitting;
import mellowflare.core.air.stock.Freight;
import mellowflare.core.air.stock.PipeSystem;
import mellowflare.core.air.stock.PipeSystems;
import mellowflare.core.air.stock.Sundry;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.measure.Length;
import mellowflare.core.run.stock.PipeSize;
import mellowflare.core.run.walk.Turn;
import mellowflare.core.table.FigureTable;
import org.junit.jupiter.api.Test;

/** What the tables of air hold when they are loaded anew, what is said of each part of a main, and a walk that is changed. */
class AirListedTest {
    @Test
    void testStockStandsAsItIsLoaded() {
        PipeSystems pipe = PipeSystems.load();
        List<String> lines = new ArrayList<>();
        for (PipeSystem s : pipe.all()) {
            lines.add(s.id() + ", " + s.joint() + ", rated " + s.rated() + ", plastic " + s.plastic() + ", nipples "
                    + s.nipples() + ", density " + Stands.figure(s.density()) + ", grows "
                    + Stands.figure(s.grows(Length.ofMm(10_000), 50).mm()) + ", bars "
                    + Stands.figure(s.longBar().mm()) + " "
                    + Stands.figure(s.shortBar().mm()) + ", " + s.years() + " years, "
                    + Stands.figure(s.most().bar()) + " bar, "
                    + Stands.figure(s.warmest().celsius()) + " C, "
                    + s.tools().size() + " tools");
            assertEquals(Optional.of(s), pipe.find(s.id()));
            assertEquals(s.rated(), pipe.rated().contains(s));
            List<PipeSize> sizes = pipe.sizes(s.id());
            for (int i = 0; i < sizes.size(); i++) {
                PipeSize z = sizes.get(i);
                lines.add("  " + z.size() + ", outside "
                        + Stands.figure(z.outside().mm()) + ", bore "
                        + Stands.figure(z.bore().mm()) + ", metre " + Stands.figure(z.metre()));
                assertEquals(Optional.of(z), pipe.size(s.id(), z.size()));
                assertEquals(i + 1 < sizes.size() ? Optional.of(sizes.get(i + 1)) : Optional.empty(), pipe.above(z));
            }
        }
        for (Fitting f : Fitting.values()) {
            lines.add(f + " " + Stands.figure(pipe.k(f)));
        }
        for (boolean parcel : new boolean[] {false, true}) {
            Freight f = pipe.freight(parcel);
            lines.add("parcel " + parcel + ": " + Stands.figure(f.price()) + " up to " + Stands.figure(f.kilograms()));
            assertEquals(f.price(), f.priceOf(0));
            assertEquals(f.price(), f.priceOf(f.kilograms()));
            assertEquals(2 * f.price(), f.priceOf(f.kilograms() * 1.001));
        }
        for (Sundry s : Sundry.values()) {
            PipeSystems.Bought b = pipe.sundry(s);
            lines.add(s + " by the metre " + b.metres() + ", " + Stands.figure(b.price()));
        }
        Stands.as(getClass(), "stock.txt", lines);
    }

    /** Other sizes are put in order by what they measure outside, and the next one up is found by it. */
    @Test
    void testSizesOfAShopAreOrderedByTheirOutside() {
        PipeSystems house = PipeSystems.load();
        List<PipeSize> backwards = new ArrayList<>(house.sizes("copper"));
        backwards.sort(Comparator.comparing(PipeSize::outside).reversed());
        PipeSystems shop = house.with(backwards);
        assertThat(shop.sizes("copper")).isSortedAccordingTo(Comparator.comparing(PipeSize::outside));
        assertEquals(house.sizes("copper"), shop.sizes("copper"));
        assertThat(shop.sizes("steel-thread")).isEmpty();
        PipeSize stranger = house.sizes("steel-thread").get(0);
        assertEquals(Optional.empty(), shop.above(stranger));
    }

    /** By the table itself at its rows, halfway between two of them, and as its ends beyond them. */
    @Test
    void testFewerToolsRunTogetherTheMoreThereAre() {
        AirHouse house = AirHouse.load();
        assertEquals(1, house.together(0));
        assertEquals(1, house.together(1));
        List<String> lines = new ArrayList<>();
        double before = 1;
        for (int n = 1; n <= 120; n++) {
            double now = house.together(n);
            assertThat(now).isLessThanOrEqualTo(before).isPositive();
            lines.add(n + " " + Stands.figure(now));
            before = now;
        }
        assertEquals(before, house.together(100_000));
        house.tools()
                .forEach(t -> lines.add(t.id() + " " + t.kind() + " "
                        + Stands.figure(t.flow().litresPerMinute()) + " L/min, duty " + Stands.figure(t.duty())));
        house.compressors()
                .forEach(
                        c -> lines.add(c.id() + " " + Stands.figure(c.delivers().litresPerMinute()) + " L/min, "
                                + Stands.figure(c.cutIn().bar()) + " to "
                                + Stands.figure(c.cutOut().bar()) + ", highest "
                                + Stands.figure(c.highest().bar())));
        Stands.as(getClass(), "house.txt", lines);
    }

    /** What is said of each run and outlet by itself is what its tables say. */
    @Test
    void testWhatIsSaidOfEachPartStandsAsItWasLookedThrough() {
        AirPlan plan = AirPlan.of(AirSamples.of(AirSamples.small()));
        TreeSet<String> parts = new TreeSet<>();
        plan.c().walked().runs().forEach(r -> {
            parts.add(r.name());
            parts.add(r.from());
            parts.add(r.to());
        });
        List<String> lines = new ArrayList<>();
        for (String part : parts) {
            lines.add(part);
            plan.figuresOf(part).forEach(f -> lines.add("  " + f));
        }
        assertThat(plan.figuresOf("nobody's")).isEmpty();
        Stands.as(getClass(), "about.txt", lines);
    }

    private static AirMain threaded(double metres) {
        List<Piece> pieces = new ArrayList<>(AirSamples.small().pieces());
        pieces.set(3, new Piece.Pipe("m1", Turn.AHEAD, Length.ofMm(metres * 1000), Optional.empty()));
        return AirSamples.small()
                .withPieces(pieces)
                .withSystem(Optional.of("steel-black"))
                .withSize(Optional.of("1"))
                .withDropSize(Optional.of("1/2"));
    }

    private static AirMain nippled(AirMain main) {
        return main.withMaking(main.making().withNipples(true));
    }

    /** A run of 160 mm between two fittings is a nipple that is bought where nipples are wanted; one of five metres is cut. */
    @Test
    void testAShortThreadedRunIsBoughtAsANipple() {
        FigureTable nipples = AirPlan.of(AirSamples.of(nippled(threaded(0.16))))
                .table(FigureTable.What.NIPPLES)
                .orElseThrow();
        assertThat(nipples.rows())
                .filteredOn(AirListedTest::ofTheRun)
                .extracting(FigureTable.Row::cells)
                .containsExactly(List.of("m1", "119", "4 1/2"));
        assertThat(AirPlan.of(AirSamples.of(nippled(threaded(5))))
                        .table(FigureTable.What.NIPPLES)
                        .orElseThrow()
                        .rows())
                .isNotEmpty()
                .noneMatch(AirListedTest::ofTheRun);
        assertThat(AirPlan.of(AirSamples.of(threaded(0.16))).table(FigureTable.What.NIPPLES))
                .isEmpty();
    }

    private static boolean ofTheRun(FigureTable.Row row) {
        return row.cells().get(0).startsWith("m1");
    }

    @Test
    void testALineThatSpeaksOfAPieceFollowsItsName() {
        AirMain ring = AirSamples.ring();
        int riser = 2;
        assertEquals("riser", ring.pieces().get(riser).name());
        AirMain renamed = ring.replace(riser, new Piece.Pipe("up", Turn.UP, Length.ofMm(2400), Optional.empty()));
        assertThat(renamed.pieces()).contains(new Piece.Close("m5", "up", Optional.empty()));
        assertThat(renamed.taken("riser")).isFalse();
        AirMain from = ring.insert(4, new Piece.From("2", "m1"))
                .replace(3, new Piece.Pipe("wall", Turn.AHEAD, Length.ofMm(8000), Optional.empty()));
        assertThat(from.pieces()).contains(new Piece.From("2", "wall"));
        AirMain longer = ring.replace(riser, new Piece.Pipe("riser", Turn.UP, Length.ofMm(3000), Optional.empty()));
        assertThat(longer.pieces()).contains(new Piece.Close("m5", "riser", Optional.empty()));
    }

    @Test
    void testAFreeNameIsTheFirstNumberThatNobodyHas() {
        AirMain main = AirMain.NEW;
        assertEquals("1", main.freeName());
        main = main.insert(0, new Piece.Valve("1")).insert(1, new Piece.Valve("3"));
        assertEquals("2", main.freeName());
        assertEquals("4", main.insert(9, new Piece.Valve("2")).freeName());
        assertTrue(main.taken("3"));
        assertFalse(main.taken("2"));
        assertEquals(
                List.of("3", "1"),
                main.move(0, 9).pieces().stream().map(Piece::name).toList());
        assertEquals(
                List.of("3"), main.remove(0).pieces().stream().map(Piece::name).toList());
    }

    /** A search says how far it is and never that it is done, and gives nothing once it is given up. */
    @Test
    void testASearchForSizesSaysHowFarItIs() {
        AirCase c = AirSamples.of(AirSamples.small());
        PipeSystem copper = AirSamples.DATA.get(PipeSystems.KEY).find("copper").orElseThrow();
        List<Double> told = new ArrayList<>();
        assertThat(Sizing.of(c, copper, Sizing.Way.STEPPED, told::add, () -> false))
                .isPresent();
        assertThat(told).isNotEmpty().isSorted().allMatch(p -> p > 0 && p <= 0.95);
        assertEquals(0.25, told.get(0));
        assertThat(Sizing.of(c, copper, Sizing.Way.STEPPED, p -> {}, () -> true))
                .isEmpty();
        int[] asked = {0};
        assertThat(Sizing.of(c, copper, Sizing.Way.STEPPED, p -> {}, () -> ++asked[0] > 3))
                .isEmpty();
    }
}
