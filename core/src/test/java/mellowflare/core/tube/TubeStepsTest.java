package mellowflare.core.tube;

import static mellowflare.core.tube.TubeSamples.end;
import static mellowflare.core.tube.TubeSamples.line;
import static mellowflare.core.tube.TubeSamples.of;
import static mellowflare.core.tube.TubeSamples.service;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.advice.Practice;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.procedure.Step;
import mellowflare.core.table.FigureTable;
import mellowflare.core.tube.end.TubeEndKind;
import mellowflare.core.tube.form.Measured;
import mellowflare.core.tube.line.Redo;
import mellowflare.core.tube.line.TubeCase;
import mellowflare.core.tube.line.TubeCut;
import mellowflare.core.tube.line.TubeEnd;
import mellowflare.core.tube.line.TubeLine;
import mellowflare.core.tube.line.TubePick;
import org.junit.jupiter.api.Test;

class TubeStepsTest {
    private static final Practice FIRST = Practice.USUAL.with(MethodTopic.FLARE_ORDER, "first");

    private static List<Step> steps(TubeCase c) {
        return TubePlan.of(c).steps();
    }

    private static List<String> ids(TubeCase c) {
        return steps(c).stream().map(Step::id).toList();
    }

    private static String says(TubeCase c, String id) {
        return steps(c).stream()
                .filter(s -> s.id().equals(id))
                .findFirst()
                .map(s -> s.says(UnitSystem.METRIC))
                .orElseThrow();
    }

    private static TubeCase brake(Practice practice) {
        TubeLine l = line().withTube(Optional.of(new TubePick.Listed("J527-3/16")))
                .withBender(Optional.of("hand-lever-3/16"))
                .withEnd(LineEnd.A, end(TubeEndKind.DOUBLE45, "brake-kit"))
                .withEnd(LineEnd.B, end(TubeEndKind.DOUBLE45, "brake-kit"));
        return of(l, service().withFluid(Optional.of("brake-fluid")), EndCode.INVFLARE, "3/16", practice);
    }

    @Test
    void softTubeIsShapedToItsTemplate() {
        TubeCase c = TubeSamples.with(
                l -> l.withMeasured(new Measured.Template(Length.ofMm(640))).withRadius(Optional.empty()));
        assertThat(ids(c)).containsSubsequence("cut", "marks", "bend", "offer");
        assertThat(says(c, "bend"))
                .contains("Lay it on the template after every bend")
                .doesNotContain("…");
        assertThat(ids(c)).doesNotContain("trial");
    }

    @Test
    void doubleFlaresAndBubblesAreMadeAndLookedAtInTheirOwnWay() {
        TubeCase folded = brake(Practice.USUAL);
        assertThat(says(folded, "flare@A")).contains("bulges the mouth", "folds the wall in on itself");
        assertThat(says(folded, "look@A")).contains("two walls all round", "no crack along the fold");
        TubeLine l = folded.line()
                .withEnd(LineEnd.A, end(TubeEndKind.BUBBLE, "brake-kit"))
                .withEnd(LineEnd.B, end(TubeEndKind.BUBBLE, "brake-kit"));
        TubeCase bubble = of(l, folded.service(), EndCode.BUBBLE, "3/16", Practice.USUAL);
        assertThat(says(bubble, "flare@A")).contains("no cone follows").doesNotContain("folds", "…");
        assertThat(says(bubble, "look@B")).contains("flat back for the nut").doesNotContain("two walls");
        assertThat(says(of(line()), "look@A")).contains("one rim");
    }

    @Test
    void aDoubleFlareHasTheNutThatItsSeatAsksFor() {
        assertThat(says(brake(Practice.USUAL), "nut@A")).contains("so that its nose will press behind the flare");
        TubeCase body = of(brake(Practice.USUAL).line(), service(), EndCode.SAE45, "3/16", Practice.USUAL);
        assertThat(says(body, "nut@A")).contains("its thread toward the end.").doesNotContain("nose");
    }

    @Test
    void sleevesAreTightenedByTheTurnsOfTheirTable() {
        TubeCase c = of(
                line().withEnd(LineEnd.A, end(TubeEndKind.CUTTING_RING, "none"))
                        .withEnd(LineEnd.B, end(TubeEndKind.CUTTING_RING, "none")),
                service(),
                EndCode.DIN24L,
                "L10",
                Practice.USUAL);
        assertThat(says(c, "ring@A")).contains("1 1/2").doesNotContain("the turns its maker gives");
    }

    /** The order that costs a piece when it is broken: nut before flare at each end, the second nut before the first bend. */
    @Test
    void nutsGoOnBeforeFlaresAndBends() {
        for (Practice p : List.of(Practice.USUAL, FIRST)) {
            TubeCase c = of(line(), service(), EndCode.JIC37, "-6", p);
            List<String> ids = ids(c);
            String secondNut = ids.contains("second-nut@B") ? "second-nut@B" : "nut@B";
            assertThat(ids.indexOf("nut@A")).isLessThan(ids.indexOf("flare@A"));
            assertThat(ids.indexOf(secondNut)).isLessThan(ids.indexOf("bend")).isPositive();
            assertThat(ids.indexOf(secondNut)).isLessThan(ids.indexOf("flare@B"));
            assertThat(ids.indexOf("scrap")).isLessThan(ids.indexOf("cut"));
            assertThat(ids.indexOf("room")).isLessThan(ids.indexOf("cut"));
            assertThat(ids.indexOf("loose")).isLessThan(ids.indexOf("fit@A"));
            assertThat(ids).doesNotHaveDuplicates();
        }
        assertThat(ids(of(line())).indexOf("flare@B"))
                .isGreaterThan(ids(of(line())).indexOf("bend"));
        List<String> first = ids(of(line(), service(), EndCode.JIC37, "-6", FIRST));
        assertThat(first.indexOf("flare@B")).isLessThan(first.indexOf("bend"));
    }

    @Test
    void holdPointsStandWhereAPieceIsLost() {
        List<Step> steps = steps(of(line()));
        for (String id : List.of(
                "room", "scrap", "cut", "ream", "nut@A", "flare@A", "look@A", "second-nut@B", "bend", "loose")) {
            assertThat(steps).as(id).anyMatch(s -> s.id().equals(id) && s.hold().isPresent());
        }
        assertThat(steps).anyMatch(s -> s.gate() == Step.Gate.CUT_FIGURE);
        assertThat(says(of(line()), "nut@A")).contains("sleeve with its wide mouth toward the end");
        assertThat(says(of(line()), "fit@A")).contains("No tape, no paste");
    }

    @Test
    void foldedFlaresAreMadeInTwoSteps() {
        assertThat(says(brake(Practice.USUAL), "flare@A"))
                .contains("a drop of clean brake fluid on the cone")
                .contains("folds the wall in");
        assertThat(says(brake(Practice.USUAL), "ream"))
                .contains("For a double flare chamfer the inside too: it frees the die.");
        assertThat(ids(brake(Practice.USUAL))).contains("bleed", "safe").doesNotContain("test");
        TubeCase straight = of(
                line().withMeasured(new Measured.Template(Length.ofMm(500))),
                service(),
                EndCode.JIC37,
                "-6",
                Practice.USUAL);
        assertThat(ids(straight)).contains("offer", "nut@B").doesNotContain("trial", "second-nut@B");
    }

    @Test
    void schoolsChangeTheWords() {
        Practice other = Practice.USUAL.with(MethodTopic.FLARE_CLAMP, "grip").with(MethodTopic.FLARE_CLOSING, "steps");
        assertThat(says(of(line(), service(), EndCode.JIC37, "-6", other), "flare@A"))
                .contains("End A: bar just gripping, watched so that nothing slides, tube 1.31 mm out of it.")
                .contains("Then small steps with a look in between, the cone never moved.");
        assertThat(says(of(line()), "flare@A")).contains("bar fully clamped").contains("one stroke to the stop");
    }

    @Test
    void everyFluidHasItsOwnEndOfWork() {
        TubeLine r = line().withTube(Optional.of(new TubePick.Listed("ACR-3/8")))
                .withEnd(LineEnd.A, end(TubeEndKind.REFRIGERATION45, "bar-45"))
                .withEnd(LineEnd.B, end(TubeEndKind.SWAGE, "none"));
        TubeCase c = of(r, service().withFluid(Optional.of("r410a")), EndCode.SAE45, "3/8", Practice.USUAL);
        assertThat(ids(c)).contains("dry", "swage@B", "braze@B");
        assertThat(says(c, "swage@B")).contains("7 mm deep");
        assertThat(says(c, "test")).contains("never oxygen").contains("then evacuate");
        TubeCase wide = of(
                r,
                service().withFluid(Optional.of("r410a")),
                EndCode.SAE45,
                "3/8",
                Practice.USUAL.with(MethodTopic.SOCKET_DEPTH, "tube-wide"));
        assertThat(says(wide, "swage@B")).contains("9.52 mm deep");
        assertThat(ids(of(line(), service().withFluid(Optional.of("petrol")), EndCode.JIC37, "-6", Practice.USUAL)))
                .contains("flush");
        assertThat(says(
                        of(line(), service().withFluid(Optional.of("lpg")), EndCode.JIC37, "-6", Practice.USUAL),
                        "test"))
                .contains("never a flame")
                .contains("never with oxygen");
    }

    @Test
    void marksAndBendsStandInTheSteps() {
        String marks = says(of(line()), "marks");
        // Legs 150, 120, 140, radius 23.8: leg marks at 150 and 270 less one gain of 10.22, both past what flare A
        // takes.
        double takes = of(line()).a().takes().mm();
        assertThat(marks)
                .contains("bend 1 at " + Math.round(150 + takes) + " mm")
                .contains("bend 2 at " + Math.round(270 - 10.215 + takes) + " mm")
                .contains("leg mark");
        assertThat(says(of(line()), "bend")).contains("lever to 93.1°");
    }

    @Test
    void whatIsMissingChangesThePlan() {
        TubeCase c = TubeSamples.with(l -> l.withHere(l.here().withMissing(Set.of("caliper"))));
        assertThat(says(c, "look@A")).contains("Without caliper");
    }

    @Test
    void cutIsDevelopedPlusWhatTheEndsTake() {
        TubeCase c = of(line());
        TubeCut cut = c.cut().orElseThrow();
        double gain = 23.8 * (2 - Math.PI / 2);
        assertThat(cut.developed().mm()).isCloseTo(410 - 2 * gain, within(1e-9));
        // Flare by hand: from 9.525 to the middle of 11.68 and 12.45 at 37 degrees.
        double onCone = (12.065 - 9.525) / (2 * Math.sin(Math.toRadians(37)));
        assertThat(cut.endA().mm()).isCloseTo(onCone * (1 - Math.cos(Math.toRadians(37))), within(1e-6));
        assertThat(cut.exact().mm())
                .isCloseTo(cut.developed().mm() + 2 * cut.endA().mm() + 2 + 10, within(1e-9));
        assertThat(cut.shop(UnitSystem.METRIC).mm())
                .isEqualTo(Math.ceil(cut.exact().mm()));
        // By hand: 410 - 20.430 + 2 x 0.4249 + 2 + 10 = 402.420.
        FigureTable sum = TubeTables.of(c).get(0);
        assertThat(sum.rows())
                .extracting(r -> r.cells().get(1))
                .containsExactly("389.57", "0.42", "0.42", "2", "10", "0.58");
        assertThat(sum.sum().orElseThrow()).containsExactly("cut", "403");
        assertThat(cut.rounding(UnitSystem.METRIC)).isEqualTo("rounded up by 0.58 mm");
        TubeCut both = of(line(), service(), EndCode.JIC37, "-6", FIRST).cut().orElseThrow();
        assertThat(both.trim()).isEqualTo(Length.ZERO);
        TubeCut reach = TubeSamples.with(l -> l.withEnd(LineEnd.B, l.b().withReach(Length.ofMm(12))))
                .cut()
                .orElseThrow();
        assertThat(reach.exact().mm()).isCloseTo(cut.exact().mm() + 12, within(1e-9));
    }

    @Test
    void aBadFlareIsCutOffAndTheTubeMayStillServe() {
        TubeCase c = of(line());
        Redo spare =
                Redo.of(c, LineEnd.B, Length.ofMm(8), false, Length.ofMm(10)).orElseThrow();
        assertThat(spare.serves()).isEqualTo(Redo.Serves.AS_IT_IS);
        assertThat(spare.lacks()).isEqualTo(Length.ZERO);
        Redo eased = Redo.of(c, LineEnd.A, Length.ofMm(4), true, Length.ZERO).orElseThrow();
        assertThat(eased.serves()).isEqualTo(Redo.Serves.OPEN_A_BEND);
        assertThat(eased.straightLeft().orElseThrow().mm()).isCloseTo(150 - 23.8 - 4, within(1e-9));
        Redo piece = Redo.of(c, LineEnd.A, Length.ofMm(30), true, Length.ZERO).orElseThrow();
        assertThat(piece.serves()).isEqualTo(Redo.Serves.PIECE_IN);
        Redo none = Redo.of(c, LineEnd.A, Length.ofMm(110), true, Length.ZERO).orElseThrow();
        assertThat(none.serves()).isEqualTo(Redo.Serves.NEW_PIECE);
        assertThat(none.left().mm()).isCloseTo(c.cut().orElseThrow().exact().mm() - 110, within(1e-9));
        assertThatThrownBy(() -> Redo.of(c, LineEnd.A, Length.ZERO, true, Length.ZERO));
        assertThat(Redo.of(of(TubeLine.NEW), LineEnd.A, Length.ofMm(4), true, Length.ZERO))
                .isEmpty();
    }

    @Test
    void ownTubeAndImpossibleLinesAreRefusedInWords() {
        assertThatThrownBy(() -> new TubePick.Own(Length.ofMm(6), Length.ofMm(3), "stainless"))
                .hasMessageContaining("less than half");
        assertThatThrownBy(() -> line().withRadius(Optional.of(Length.ZERO)));
        assertThatThrownBy(() -> line().withFactor(1));
        assertThatThrownBy(() -> line().withSquareUp(Length.ofMm(-1)));
        assertThatThrownBy(() -> TubeEnd.UNSAID.withReach(Length.ofMm(-1)));
        TubeCase own = TubeSamples.with(
                l -> l.withTube(Optional.of(new TubePick.Own(Length.ofMm(9.5), Length.ofMm(1.2), "stainless"))));
        assertThat(own.tube().orElseThrow().material().id()).isEqualTo("stainless");
        assertThat(TubeSamples.with(l -> l.withTube(Optional.of(new TubePick.Listed("gone"))))
                        .tube())
                .isEmpty();
        assertThat(own.levers()).allMatch(a -> a.degrees() > 90).hasSize(2);
        assertThat(Angle.ofDegrees(90)).isEqualTo(own.marks(LineEnd.A).get(0).angle());
    }
}
