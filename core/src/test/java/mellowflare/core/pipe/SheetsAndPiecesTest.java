package mellowflare.core.pipe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.Stands;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.pipe.cut.NippleOffer;
import mellowflare.core.pipe.cut.PieceCut;
import mellowflare.core.pipe.cut.Pieces;
import mellowflare.core.pipe.line.PipeCase;
import mellowflare.core.pipe.line.PipeLine;
import mellowflare.core.pipe.makeup.EndKind;
import mellowflare.core.pipe.makeup.PipeEnd;
import mellowflare.core.pipe.makeup.TakeOffs;
import mellowflare.core.pipe.offset.Effort;
import mellowflare.core.pipe.offset.Legs;
import mellowflare.core.pipe.offset.OffsetAsk;
import mellowflare.core.pipe.offset.OffsetFigure;
import mellowflare.core.pipe.offset.OffsetWay;
import mellowflare.core.pipe.offset.Rounding;
import mellowflare.core.pipe.offset.SumLine;
import mellowflare.core.pipe.offset.SumRow;
import mellowflare.core.pipe.offset.Taken;
import mellowflare.core.pipe.stock.HouseSize;
import mellowflare.core.pipe.stock.PipeHouse;
import org.junit.jupiter.api.Test;

/** Sum sheets of offsets measured in every way, and pieces with the nipples that are offered for them. */
class SheetsAndPiecesTest {
    private static OffsetAsk measured(OffsetWay way, double... mm) {
        Map<OffsetFigure, Taken> figures = new EnumMap<>(OffsetFigure.class);
        List<OffsetFigure> asked = OffsetAsk.NEW.withWay(way).asked();
        for (int i = 0; i < asked.size(); i++) {
            if (mm[i] > 0) {
                figures.put(asked.get(i), PipeSamples.taken(mm[i]));
            }
        }
        return PipeSamples.offset().offset().withWay(way).withFigures(figures);
    }

    private static List<PipeLine> lines() {
        List<OffsetAsk> asks = new ArrayList<>();
        for (OffsetWay way : OffsetWay.values()) {
            boolean two = way.figures().size() == 2;
            for (double[] mm : two
                    ? new double[][] {{300, 400, 1200}, {400, 300, 1200}, {300, 400, 0}, {0, 400, 1200}, {300, 300, 900}
                    }
                    : new double[][] {{250, 1200}, {250, 0}, {0, 1200}, {900, 700}}) {
                asks.add(measured(way, mm));
            }
        }
        OffsetAsk plain = measured(OffsetWay.OFFSET, 254, 1300);
        asks.add(plain.withFitting(Angle.ofDegrees(90)));
        asks.add(plain.withFitting(Angle.ofDegrees(22.5)));
        asks.add(plain.withLegs(new Legs.Shifted(Length.ofMm(80))));
        asks.add(plain.withLegs(new Legs.Shifted(Length.ofMm(-80))));
        asks.add(plain.withLegs(new Legs.GivenA(Length.ofMm(333))));
        asks.add(plain.withPipes(3).withSpread(Optional.of(Length.ofMm(120))));
        for (EndKind end : EndKind.values()) {
            asks.add(plain.withA(PipeEnd.of(end)));
            asks.add(plain.withC(PipeEnd.of(end)));
        }
        return asks.stream().map(a -> PipeSamples.offset().withOffset(a)).toList();
    }

    @Test
    void testSheetsStandAsTheyWereLookedThrough() {
        List<String> all = new ArrayList<>();
        for (PipeLine l : lines()) {
            PipeCase c = PipeSamples.of(l);
            all.add(l.offset().way() + " " + l.offset().figures().size() + " "
                    + l.offset().legs());
            for (SumLine s : c.sheet()) {
                all.add("  " + s.row() + " | " + s.says() + " | " + s.worked() + " | " + s.exactText(UnitSystem.METRIC)
                        + " | " + s.exactText(UnitSystem.INCH) + " | " + s.shopText(UnitSystem.METRIC) + " | "
                        + s.shopText(UnitSystem.INCH));
                assertThat(s.held().shop()).isEmpty();
                assertEquals(s.exact(), s.held().exact());
            }
            c.sum()
                    .ifPresent(s -> all.add("  cuts " + s.cuts().size() + " step "
                            + s.parallelStep().map(x -> Stands.figure(x.mm())).orElse("-") + " slips "
                            + s.slipB().map(x -> Stands.figure(x.mm())).orElse("-")));
        }
        Stands.as(getClass(), "sheets.txt", all);
    }

    @Test
    void testRowsThatAreCutAndRowsThatBeginABlock() {
        EnumSet<SumRow> cut = EnumSet.noneOf(SumRow.class);
        EnumSet<SumRow> begin = EnumSet.noneOf(SumRow.class);
        for (SumRow r : SumRow.values()) {
            if (r.cut()) {
                cut.add(r);
            }
            if (r.begins()) {
                begin.add(r);
            }
        }
        assertEquals(EnumSet.of(SumRow.CUT_A, SumRow.CUT_B, SumRow.CUT_C), cut);
        assertEquals(EnumSet.of(SumRow.CUT_A, SumRow.ALONG), begin);
    }

    /** A figure in whole sixty-fourths stands as a fraction, any other with three decimals; below zero it keeps its sign. */
    @Test
    void testInchesAreFractionsWhereTheyAreOnes() {
        assertEquals("12 1/64", SumLine.bare(Length.ofInches(12 + 1 / 64.0), UnitSystem.INCH));
        assertEquals("12.01", SumLine.bare(Length.ofInches(12.01), UnitSystem.INCH));
        assertEquals("304.8", SumLine.bare(Length.ofInches(12), UnitSystem.METRIC));
        assertEquals("−3 1/2", SumLine.marked(Length.ofInches(-3.5), UnitSystem.INCH));
        assertEquals("3 1/2", SumLine.marked(Length.ofInches(3.5), UnitSystem.INCH));
        assertEquals("0", SumLine.marked(Length.ZERO, UnitSystem.INCH));
    }

    /** Signatures stay with a figure that is typed again as it was, and fall away with another. */
    @Test
    void testAFigureTypedAgainKeepsItsSignatures() {
        Taken taken = PipeSamples.taken(1200);
        assertEquals(Optional.of(true), taken.calledAgrees());
        assertTrue(taken.confirmed());
        Taken same = taken.retyped(Length.ofMm(1200), "1.2 m");
        assertEquals(taken.called(), same.called());
        assertEquals("1.2 m", same.written().entered());
        Taken other = taken.retyped(Length.ofMm(1201), "1201");
        assertThat(other.called()).isEmpty();
        assertEquals(Length.ofMm(1201), other.value());
        assertEquals("door post", other.reference());
        assertFalse(Taken.of(Length.ofMm(5)).confirmed());
        assertThat(Taken.of(Length.ofMm(5)).calledAgrees()).isEmpty();
        Taken hair = taken.withCalled(Optional.of(Length.ofMm(1200.05)));
        assertEquals(Optional.of(true), hair.calledAgrees());
        assertEquals(
                Optional.of(false),
                taken.withCalled(Optional.of(Length.ofMm(1200.06))).calledAgrees());
        CalledFigure once = CalledFigure.unsigned(Length.ofMm(7), "7");
        assertEquals(Length.ofMm(7), taken.withWritten(once).value());
        assertEquals("post", taken.withReference(" post ").reference());
    }

    private static Pieces pieces(String size, String grade) {
        PipeCase c =
                PipeSamples.of(PipeSamples.offset().withSize(Optional.of(size)).withGrade(Optional.of(grade)));
        return new Pieces(new TakeOffs(c.parts()), c.rounding());
    }

    private static String said(PieceCut p) {
        return p.shop().map(l -> Stands.figure(l.mm())).orElse("-") + " error "
                + Stands.figure(p.error().mm()) + " least "
                + p.least().map(l -> Stands.figure(l.mm())).orElse("-") + (p.tooShort() ? " too short" : "")
                + (p.overlaps() ? " overlaps" : "") + " ends " + p.endsWord() + ", nipple "
                + p.nipple().map(SheetsAndPiecesTest::said).orElse("-");
    }

    private static String said(NippleOffer n) {
        return Stands.figure(n.length().mm()) + " over "
                + Stands.figure(n.over().mm()) + " serves " + n.serves()
                + " for " + Stands.figure(n.price()) + " beside " + Stands.figure(n.cutPrice()) + " and "
                + Stands.figure(n.cutMinutes()) + " min";
    }

    @Test
    void testPiecesStandAsTheyWereLookedThrough() {
        List<String> all = new ArrayList<>();
        for (String size : List.of("1/2", "1", "2")) {
            Pieces made = pieces(size, "steel-40");
            all.add(size + " band "
                    + made.band(size).map(l -> Stands.figure(l.mm())).orElse("-"));
            for (double mm : new double[] {-4, 0, 0.4, 20, 38.1, 50, 76.3, 90, 120.7, 152.4, 200, 330, 331, 900}) {
                for (int threads = 0; threads <= 2; threads++) {
                    PieceCut p = made.of(
                            "p", size, Length.ofMm(mm + 30), Optional.of(Length.ofMm(mm)), Optional.empty(), threads);
                    all.add("  " + mm + " " + threads + ": " + said(p));
                    assertThat(p.held().shop()).isEmpty();
                }
            }
            PieceCut bought = made.of(
                    "n", size, Length.ofMm(130), Optional.of(Length.ofMm(100)), Optional.of(Length.ofMm(101.6)), 2);
            assertThat(bought.nipple()).isEmpty();
            assertTrue(bought.bought());
            assertFalse(bought.tooShort());
            assertEquals(Optional.of(Length.ofMm(101.6)), bought.held().shop());
            PieceCut open = made.of("o", size, Length.ofMm(130), Optional.empty(), Optional.empty(), 2);
            assertFalse(open.tooShort() || open.overlaps());
            assertEquals(Length.ZERO, open.error());
        }
        assertThat(pieces("1", "steel-80")
                        .of("p", "1", Length.ofMm(150), Optional.of(Length.ofMm(120)), Optional.empty(), 2)
                        .nipple()
                        .orElseThrow()
                        .price())
                .isGreaterThan(pieces("1", "steel-40")
                        .of("p", "1", Length.ofMm(150), Optional.of(Length.ofMm(120)), Optional.empty(), 2)
                        .nipple()
                        .orElseThrow()
                        .price());
        Stands.as(getClass(), "pieces.txt", all);
    }

    /** By hand: three pieces cut and threaded at both ends, the joints made up; or welded, where no thread is cut. */
    @Test
    void testEffortByHand() {
        HouseSize h = PipeHouse.load().of("1").orElseThrow();
        double cut = h.minutes(HouseSize.Work.CUT_MIN);
        double thread = h.minutes(HouseSize.Work.THREAD_MIN);
        double joint = h.minutes(HouseSize.Work.JOINT_MIN);
        double weld = h.minutes(HouseSize.Work.WELD_MIN);
        double metre = h.price(HouseSize.Item.METRE);
        Effort threaded = Effort.offset(h, 2.5, 1.2, 1.1, false, 2, false);
        assertEquals(3, threaded.pieces());
        assertEquals(6, threaded.joints());
        assertEquals(3 * cut + 6 * thread + 6 * joint, threaded.minutes(), 1e-9);
        assertEquals(2.5 * metre * 1.1 + 2 * 1.2 * h.price(HouseSize.Item.ELBOW_45), threaded.price(), 1e-9);
        Effort welded = Effort.offset(h, 2.5, 1.2, 1.1, true, 1, true);
        assertEquals(5, welded.joints());
        assertEquals(3 * cut + 5 * weld, welded.minutes(), 1e-9);
        assertEquals(2.5 * metre * 1.1 + 2 * 1.2 * h.price(HouseSize.Item.ELBOW_90), welded.price(), 1e-9);
        Effort straight = Effort.straight(h, 2, 1, 2, false);
        assertEquals(new Effort(1, 2, cut + 2 * thread + 2 * joint, 2 * metre), straight);
    }

    /** Half a step goes up, a step down stays; before the take-offs or once at the end. */
    @Test
    void testCutsAreRoundedAtTheirTime() {
        Rounding end = new Rounding(Length.ofMm(2), Rounding.When.CUT);
        assertEquals(102, end.round(Length.ofMm(101)).mm(), 1e-9);
        assertEquals(100, end.round(Length.ofMm(100.99)).mm(), 1e-9);
        assertEquals(-100, end.round(Length.ofMm(-101)).mm(), 1e-9);
        assertEquals(78, end.cut(Length.ofMm(101), Length.ofMm(77.5)).mm(), 1e-9);
        Rounding before = new Rounding(Length.ofMm(2), Rounding.When.BEFORE);
        // 101 becomes 102; less 23.5 it is 78.5, which is nearer to 78.
        assertEquals(78, before.cut(Length.ofMm(101), Length.ofMm(77.5)).mm(), 1e-9);
        // 103.2 becomes 104; less 23.5 it is 80.5 and becomes 80, where once at the end 79.7 becomes 80 too; 102.9
        // tells them apart.
        assertEquals(78, before.cut(Length.ofMm(102.9), Length.ofMm(79.4)).mm(), 1e-9);
        assertEquals(80, end.cut(Length.ofMm(102.9), Length.ofMm(79.4)).mm(), 1e-9);
    }
}
