package mellowflare.core.pipe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import mellowflare.core.geometry.Vector;
import mellowflare.core.job.ShippedData;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.pipe.cut.PieceCut;
import mellowflare.core.pipe.cut.Pieces;
import mellowflare.core.pipe.cut.RunCuts;
import mellowflare.core.pipe.layout.Piece;
import mellowflare.core.pipe.layout.RunAsk;
import mellowflare.core.pipe.layout.RunText;
import mellowflare.core.pipe.makeup.EndKind;
import mellowflare.core.pipe.makeup.MakeUps;
import mellowflare.core.pipe.makeup.PartsInUse;
import mellowflare.core.pipe.makeup.PipeEnd;
import mellowflare.core.pipe.makeup.SetBacks;
import mellowflare.core.pipe.makeup.TakeOffs;
import mellowflare.core.pipe.offset.Rounding;
import mellowflare.core.pipe.space.Fitted;
import mellowflare.core.pipe.space.Laid;
import mellowflare.core.pipe.space.Odd;
import mellowflare.core.pipe.space.RunWalk;
import mellowflare.core.pipe.space.Spool;
import mellowflare.core.pipe.stock.PipeHouse;
import mellowflare.core.pipe.stock.PipeStock;
import mellowflare.core.reference.ReferenceData;
import org.junit.jupiter.api.Test;

class RunWalkTest {
    static final ReferenceData DATA = ShippedData.get()
            .with(PipeStock.KEY, PipeStock.load())
            .with(PipeHouse.KEY, PipeHouse.load())
            .with(MakeUps.KEY, MakeUps.load());

    static final Rounding WHOLE = new Rounding(Length.ofMm(1), Rounding.When.CUT);

    static PartsInUse parts(String system, String grade) {
        PipeStock stock = DATA.get(PipeStock.KEY);
        return new PartsInUse(
                stock.system(system),
                stock.grade(grade),
                Map.of(),
                Map.of(),
                MakeUps.By.STANDARD,
                SetBacks.By.FIXED,
                DATA);
    }

    static RunAsk run(String... calls) {
        List<Piece> pieces = new ArrayList<>();
        for (String call : calls) {
            pieces.add(RunText.read(call, UnitSystem.METRIC, Integer.toString(pieces.size() + 1))
                    .value()
                    .orElseThrow(() -> new AssertionError(call + ": "
                            + RunText.read(call, UnitSystem.METRIC, "x")
                                    .refusal()
                                    .orElse(""))));
        }
        return RunAsk.NEW.withPieces(pieces);
    }

    static Laid lay(RunAsk ask) {
        return RunWalk.of(ask, take(), "1");
    }

    static TakeOffs take() {
        return new TakeOffs(parts("malleable150", "steel-40"));
    }

    private static void at(Laid laid, String place, double x, double y, double z) {
        Vector v = laid.at(place).orElseThrow().at();
        assertThat(v.minus(new Vector(x, y, z)).length()).as(place + " at " + v).isLessThan(1e-9);
    }

    /** By hand, size 1: 90 degree elbow 1.50 - 0.6609 = 21.313 mm; port goes 16.787 beyond its face. */
    @Test
    void testARunTurnsWhereItIsCalledAndItsPiecesLoseTheirTakeOffs() {
        Laid laid = lay(run("riser: up 2.1 m", "ahead 1.5 m", "left 800", "end: to flange slip-on"));
        at(laid, "riser", 0, 0, 2100);
        at(laid, "2", 1500, 0, 2100);
        at(laid, "3", 1500, 800, 2100);
        assertThat(laid.fittings())
                .extracting(Fitted::kind)
                .containsExactly(Fitted.Kind.END, Fitted.Kind.ELBOW, Fitted.Kind.ELBOW, Fitted.Kind.END);
        List<Spool> s = laid.spools();
        assertThat(s.get(0).exact().orElseThrow().mm()).isCloseTo(2100 + 16.787 - 21.313, within(0.01));
        assertThat(s.get(1).exact().orElseThrow().mm()).isCloseTo(1500 - 2 * 21.313, within(0.01));
        assertThat(s.get(2).exact().orElseThrow().mm()).isCloseTo(800 - 21.313 - 6, within(0.01));
        assertThat(laid.odd()).isEmpty();
    }

    @Test
    void testA45TurnsHalfAndComesBack() {
        Laid laid = lay(run("ahead 500", "45 left 400", "45 right 600", "45 up", "on 300", "45 down 200", "to open"));
        double d = 400 * Math.sqrt(0.5);
        at(laid, "2", 500 + d, d, 0);
        at(laid, "3", 1100 + d, d, 0);
        double u = 300 * Math.sqrt(0.5);
        at(laid, "6", 1300 + d + u, d, u);
        assertThat(laid.fittings().stream().filter(f -> f.kind() == Fitted.Kind.ELBOW))
                .hasSize(4)
                .allSatisfy(f -> assertThat(f.angle().degrees()).isCloseTo(45, within(1e-9)));
    }

    @Test
    void testATeeLeadsOnAndItsBranchIsGoneOnFromByName() {
        Laid laid = lay(run(
                "ahead 1 m", "tee to washer left", "ahead 1 m", "cap", "from washer", "on 500", "up 300", "to port"));
        at(laid, "3", 2000, 0, 0);
        at(laid, "6", 1000, 500, 0);
        at(laid, "7", 1000, 500, 300);
        assertThat(laid.odd()).isEmpty();
        Laid cross = lay(run(
                "up 1 m",
                "cross left to a and b",
                "up 500",
                "cap",
                "from a",
                "on 200",
                "cap",
                "from b",
                "on 300",
                "cap"));
        at(cross, "6", 0, 200, 1000);
        at(cross, "9", 0, -300, 1000);
        assertThat(cross.odd()).isEmpty();
    }

    @Test
    void testTwoFittingsWithoutPipeBetweenGetACloseNipple() {
        Laid laid = lay(run("ahead 600", "valve", "union", "ahead 400", "to port"));
        Spool nipple = laid.spools().get(1);
        assertThat(nipple.implied()).isTrue();
        assertThat(nipple.bought().orElseThrow().inches()).isCloseTo(1.5, within(1e-9));
        assertThat(nipple.exact().orElseThrow().inches()).isCloseTo(1.5, within(1e-9));
        // Valve 78 / 2 and union 2.5 in / 2, each less 0.6609 in, and the nipple between.
        at(laid, "union", 0, 0, 0, laid.fittings().get(2).at());
        assertThat(laid.fittings().get(2).at().x()).isCloseTo(600 + 39 + 31.75 - 2 * 16.787 + 38.1, within(0.01));
    }

    private static void at(Laid laid, String what, double x, double y, double z, Vector v) {
        assertThat(v.y()).as(what).isEqualTo(y);
        assertThat(v.z()).as(what).isEqualTo(z);
    }

    @Test
    void testAReducerGoesOnSmallerAndABushingSitsInTheMouth() {
        Laid laid = lay(run("ahead 600", "reducer to 3/4", "ahead 400", "left 300", "to port"));
        assertThat(laid.spools()).extracting(Spool::size).containsExactly("1", "3/4", "3/4");
        // 90 degree elbow 3/4: 1.31 - 0.5533 = 19.220 mm; reducer 1.69 / 2 - 0.5533 = 7.409.
        assertThat(laid.spools().get(1).exact().orElseThrow().mm()).isCloseTo(400 - 19.220 - 7.409, within(0.01));
        Laid bushed = lay(run(
                "ahead 600", "tee left to gauge", "ahead 300", "cap", "from gauge", "bushing to 1/2", "on 200", "cap"));
        Spool small = bushed.spools().get(2);
        assertThat(small.size()).isEqualTo("1/2");
        // Tee 1.50 in, bushing stands out 11, thread 1/2 goes in 0.5343 in.
        assertThat(small.exact().orElseThrow().mm()).isCloseTo(200 - (38.1 + 11 - 13.571), within(0.01));
    }

    /** Its length is its own; what the fittings take goes by the size of each end. */
    @Test
    void testASwageNippleGoesIntoFittingsOfTwoSizes() {
        Laid laid = lay(run(
                "p: up 500", "e: ahead 300", "t: tee left", "s: swage 90 to 1/2", "k: 45 up", "q: on 300", "c: cap"));
        Spool swage = laid.spool("s").orElseThrow();
        assertThat(swage.size()).isEqualTo("1");
        assertThat(swage.swaged()).contains("1/2");
        assertThat(swage.bought().orElseThrow().mm()).isEqualTo(90);
        assertThat(laid.spool("q").orElseThrow().size()).isEqualTo("1/2");
        assertThat(laid.to(swage).mouths().get(0).size()).isEqualTo("1/2");
        double takes = laid.from(swage)
                        .mouths()
                        .get(swage.fromMouth())
                        .off()
                        .orElseThrow()
                        .length()
                        .mm()
                + laid.to(swage).mouths().get(0).off().orElseThrow().length().mm();
        assertThat(swage.points().mm()).isCloseTo(90 + takes, within(1e-9));
        assertThat(lay(run("up 500", "swage 90 to 9")).odd())
                .extracting(Odd::kind)
                .contains(Odd.Kind.SIZE);
    }

    @Test
    void testWhatAPieceWasMeasuredToIsTakenAsSaid() {
        Laid laid =
                lay(run("ahead 600", "left 500 cut", "right 400 faces", "left 300 to-face", "right 200", "to open"));
        List<Spool> s = laid.spools();
        assertThat(s.get(1).exact().orElseThrow().mm()).isCloseTo(500, within(1e-9));
        assertThat(s.get(1).points().mm()).isCloseTo(500 + 2 * 21.313, within(0.01));
        assertThat(s.get(2).points().mm()).isCloseTo(400 + 2 * 38.1, within(1e-9));
        assertThat(s.get(3).points().mm()).isCloseTo(300 + 38.1, within(1e-9));
    }

    @Test
    void testWhatCannotBeFollowedIsNotedAndTheRestIsLaid() {
        Laid laid =
                lay(run("a: ahead 600", "a: left 300", "right 200", "from nowhere", "up 100", "from nowhere", "plug"));
        assertThat(laid.odd())
                .extracting(Odd::kind)
                .containsExactly(
                        Odd.Kind.TWICE,
                        Odd.Kind.OPEN,
                        Odd.Kind.NO_BRANCH,
                        Odd.Kind.AFTER_END,
                        Odd.Kind.NO_BRANCH,
                        Odd.Kind.AFTER_END);
        Laid back = lay(run("ahead 600", "back 300", "to open"));
        assertThat(back.odd()).extracting(Odd::kind).containsExactly(Odd.Kind.BACK_ON_ITSELF);
        Laid open = lay(run("ahead 600", "tee left", "ahead 300", "cap"));
        assertThat(open.odd()).extracting(Odd::kind).containsExactly(Odd.Kind.OPEN);
        Laid used = lay(
                run("ahead 600", "tee to x left", "ahead 300", "cap", "from x", "on 200", "cap", "from x", "on 100"));
        assertThat(used.odd()).extracting(Odd::kind).containsExactly(Odd.Kind.BRANCH_USED, Odd.Kind.AFTER_END);
    }

    /** Random runs that come back to where they began, and the walk of the rounded cuts. */
    @Test
    void testRandomRunsCloseAndTheFarEndIsWhereAWalkOfTheRoundedCutsEnds() {
        Random random = new Random(7);
        for (int i = 0; i < 200; i++) {
            List<String> calls = new ArrayList<>(List.of("ahead 500"));
            double x = 500;
            double y = 0;
            double z = 0;
            for (int k = 0; k < 6; k++) {
                double up = 200 + random.nextInt(900) + random.nextDouble();
                calls.add((random.nextBoolean() ? "up " : "down ") + up + " mm");
                z += calls.get(calls.size() - 1).startsWith("up") ? up : -up;
                double on = 200 + random.nextInt(900);
                calls.add("ahead " + on + " mm");
                x += on;
            }
            if (z != 0) {
                calls.add((z > 0 ? "down " : "up ") + Math.abs(z) + " mm");
            }
            calls.add("back " + x + " mm");
            calls.add("to open");
            Laid laid = lay(run(calls.toArray(String[]::new)));
            Fitted last = laid.fittings().get(laid.fittings().size() - 1);
            assertThat(last.at().length()).isLessThan(1e-6);
            RunCuts cuts = RunCuts.of(laid, new Pieces(take(), WHOLE));
            Vector walked = Vector.ZERO;
            for (int k = 0; k < laid.spools().size(); k++) {
                Spool s = laid.spools().get(k);
                double offs = s.points().mm() - s.exact().orElseThrow().mm();
                PieceCut piece = cuts.pieces().get(k);
                walked = walked.plus(
                        s.direction().times(piece.shop().orElseThrow().mm() + offs));
            }
            Vector out = cuts.out().get(laid.fittings().size() - 1);
            assertThat(walked.minus(last.at()).minus(out).length()).isLessThan(1e-6);
        }
    }

    @Test
    void testCallsAreWrittenInTheWordsTheyAreReadIn() {
        List<String> calls = List.of(
                "1: up 2.1 m",
                "2: 45 left 600 mm",
                "3: 22.5 up",
                "x: 90 left",
                "4: tee left to washer",
                "5: cross up to a and b",
                "6: union",
                "7: valve",
                "8: flange weld-neck",
                "9: reducer to 1/2",
                "10: bushing to 1/4",
                "11: nipple 100 mm",
                "12: ahead 700 mm cut",
                "13: on 1.2 m faces",
                "14: back 900 mm to-face",
                "15: to flange slip-on set-back 8 mm",
                "16: to port loose",
                "17: to open",
                "18: cap",
                "19: plug",
                "20: flex",
                "21: dielectric",
                "22: coupling",
                "23: swage 90 mm to 1/2",
                "from washer");
        for (String call : calls) {
            Piece piece =
                    RunText.read(call, UnitSystem.METRIC, "x").value().orElseThrow(() -> new AssertionError(call));
            assertThat(RunText.write(piece, UnitSystem.METRIC)).isEqualTo(call);
        }
        assertThat(RunText.read("to tank: on 600", UnitSystem.METRIC, "x")
                        .value()
                        .orElseThrow()
                        .name())
                .isEqualTo("to tank");
        Piece tee = RunText.read("tee to washer left", UnitSystem.METRIC, "t")
                .value()
                .orElseThrow();
        assertThat(RunText.write(tee, UnitSystem.METRIC)).isEqualTo("t: tee left to washer");
    }

    @Test
    void testNonsenseIsRefusedInWords() {
        for (String call : List.of(
                "",
                "sideways 400",
                "45 600",
                "45",
                "0 left",
                "95 left",
                "up",
                "up 5",
                "tee",
                "cross x",
                "reducer",
                "nipple",
                "flange square",
                "to nowhere",
                "from",
                "union left",
                "up 300 m",
                "to flange slip-on to x")) {
            assertThat(RunText.read(call, UnitSystem.METRIC, "x").refusal())
                    .as(call)
                    .isPresent();
        }
        assertThat(RunText.read("to port", UnitSystem.METRIC, "x").value().orElseThrow())
                .isEqualTo(new Piece.End("x", PipeEnd.of(EndKind.PORT), true));
        assertThat(Optional.of(RunText.read("up 2.1 m", UnitSystem.INCH, "x"))
                        .get()
                        .value())
                .isPresent();
    }
}
