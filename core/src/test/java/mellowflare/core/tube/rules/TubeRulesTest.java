package mellowflare.core.tube.rules;

import static mellowflare.core.tube.TubeSamples.end;
import static mellowflare.core.tube.TubeSamples.failed;
import static mellowflare.core.tube.TubeSamples.line;
import static mellowflare.core.tube.TubeSamples.of;
import static mellowflare.core.tube.TubeSamples.says;
import static mellowflare.core.tube.TubeSamples.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.advice.Practice;
import mellowflare.core.advice.State;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.fluid.Service;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.FlowRate;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Temperature;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.tube.TubeSamples;
import mellowflare.core.tube.end.TubeEndKind;
import mellowflare.core.tube.form.Measured;
import mellowflare.core.tube.line.Reading;
import mellowflare.core.tube.line.TubeCase;
import mellowflare.core.tube.line.TubeLine;
import mellowflare.core.tube.line.TubePick;
import mellowflare.core.tube.line.TubeRoom;
import org.junit.jupiter.api.Test;

class TubeRulesTest {
    private static TubeCase fluid(String id, UnaryOperator<TubeLine> change) {
        return of(
                change.apply(line()),
                TubeSamples.service().withFluid(Optional.of(id)),
                EndCode.JIC37,
                "-6",
                Practice.USUAL);
    }

    private static TubeCase service(UnaryOperator<Service> change) {
        return of(line(), change.apply(TubeSamples.service()), EndCode.JIC37, "-6", Practice.USUAL);
    }

    private static Measured points(Vector... corners) {
        return new Measured.Points(List.of(corners));
    }

    @Test
    void theSoundLineFailsOnNothingThatMatters() {
        TubeCase c = of(line());
        // What always stands: the caution for oil.
        assertThat(failed(c)).containsExactly("law-note");
        assertThat(TubeRules.check(c))
                .filteredOn(f -> f.state() == State.NOT_CHECKED)
                .extracting(f -> f.rule().id() + ": " + f.missing())
                .isEmpty();
    }

    @Test
    void anEmptyLineSaysWhatItNeeds() {
        TubeCase c = of(TubeLine.NEW, Service.UNSAID, EndCode.JIC37, "-6", Practice.USUAL);
        assertThat(TubeRules.check(c)).noneMatch(Finding::stops);
        assertThat(says(c, "shape.holds", State.NOT_CHECKED)).containsExactly("Enter the shape of the tube.");
    }

    @Test
    void theShapeIsJudged() {
        TubeCase overlap = with(l -> l.withMeasured(
                points(new Vector(0, 0, 0), new Vector(100, 0, 0), new Vector(100, 30, 0), new Vector(200, 30, 0))));
        assertThat(says(overlap, "shape.holds", State.FAIL))
                .first()
                .asString()
                .contains("Between points 2 and 3 the bends overlap");
        assertThat(overlap.cut()).isEmpty();
        TubeCase wrong = with(l -> l.withReading(l.reading().withCheck(Optional.of(Length.ofMm(350)), "Tobbe")));
        assertThat(says(wrong, "shape.second-reading", State.FAIL))
                .first()
                .asString()
                .contains("350 mm");
        TubeCase clash = with(l -> l.withMeasured(points(
                new Vector(0, 0, 0),
                new Vector(250, 0, 0),
                new Vector(250, 150, 0),
                new Vector(120, 150, 0),
                new Vector(120, -150, 3))));
        assertThat(failed(clash)).contains("shape.clash");
    }

    @Test
    void pressureHeatAndFlowAreJudged() {
        assertThat(failed(service(s -> s.withPeak(Optional.of(GaugePressure.ofBar(400))))))
                .contains("tube.pressure");
        assertThat(says(service(s -> s.withPeak(Optional.of(GaugePressure.ofBar(400)))), "tube.pressure", State.FAIL))
                .first()
                .asString()
                .contains("highest surge");
        assertThat(failed(service(s -> s.withFluidTemperature(Optional.of(Temperature.ofCelsius(400))))))
                .contains("tube.heat");
        assertThat(failed(service(s -> s.withFlow(Optional.of(FlowRate.ofLitresPerMinute(60))))))
                .contains("tube.velocity");
    }

    @Test
    void tubeAndEndMustSuitTheFluid() {
        TubeCase copper = fluid("brake-fluid", l -> l.withTube(Optional.of(new TubePick.Listed("ACR-3/8"))));
        assertThat(says(copper, "tube.suits", State.FAIL)).first().asString().contains("plain copper hardens");
        assertThat(TubeRules.check(copper))
                .anyMatch(f -> f.stops() && f.rule().id().startsWith("tube.suits"));
        TubeCase compression = fluid("brake-fluid", l -> l.withEnd(LineEnd.A, end(TubeEndKind.COMPRESSION, "none")));
        assertThat(says(compression, "tube-end.suits", State.FAIL))
                .anyMatch(s -> s.contains("no compression joint on a brake line"));
        assertThat(says(fluid("nitrous-oxide", l -> l), "tube.suits", State.NOT_CHECKED))
                .first()
                .asString()
                .contains(
                        "The tables do not say whether low carbon steel, annealed is compatible with nitrous oxide: ask the maker.");
    }

    @Test
    void whatDoesNotMateIsStopped() {
        TubeCase on45 = of(line(), TubeSamples.service(), EndCode.SAE45, "3/8", Practice.USUAL);
        assertThat(says(on45, "tube-end.mates", State.FAIL))
                .hasSize(2)
                .first()
                .asString()
                .contains("never seals");
        TubeCase small = of(line(), TubeSamples.service(), EndCode.JIC37, "-4", Practice.USUAL);
        assertThat(says(small, "tube-end.size", State.FAIL))
                .hasSize(2)
                .first()
                .asString()
                .contains("6.35 mm");
    }

    @Test
    void hardTubeIsNotFlared() {
        TubeCase m = with(l -> l.withTube(Optional.of(new TubePick.Listed("B88-M-3/8"))));
        assertThat(says(m, "flare.soft", State.FAIL)).first().asString().contains("too hard to flare");
        TubeCase k = with(l -> l.withTube(Optional.of(new TubePick.Listed("B88-K-1/4"))));
        assertThat(says(k, "flare.soft", State.PASS)).hasSize(1);
        assertThat(says(k, "tube.named", State.FAIL))
                .first()
                .asString()
                .contains(
                        "1/4 is a bore size, 3/8 outside: flare bar, nut and bender go by the outside diameter, 9.52 mm.");
    }

    @Test
    void aStickOutThatMissesTheBandIsSaidWithTheRightOne() {
        TubeCase c = with(l -> l.withEnd(LineEnd.A, l.a().withStickOut(Optional.of(Length.ofMm(3)))));
        assertThat(says(c, "flare.band", State.FAIL)).hasSize(1);
        Finding f = TubeSamples.findings(c, "flare.band")
                .filter(x -> x.state() == State.FAIL)
                .findFirst()
                .orElseThrow();
        assertThat(f.remedy(UnitSystem.METRIC)).contains("Set 1.").contains("scrap");
        assertThat(failed(c)).contains("flare.passes");
        TubeCase no = with(l -> l.withEnd(LineEnd.A, l.a().withTool(Optional.empty())));
        assertThat(says(no, "flare.band", State.NOT_CHECKED)).first().asString().contains("flaring tool for end A");
    }

    @Test
    void theRuleOfThumbIsASchoolThatIsWarnedOf() {
        Practice thumb = Practice.USUAL.with(MethodTopic.FLARE_STICK_OUT, "thumb");
        TubeCase c = of(line(), TubeSamples.service(), EndCode.JIC37, "-6", thumb);
        assertThat(c.a().stickOut()).contains(Length.ofMm(1.5));
        assertThat(says(c, "flare.thumb", State.PASS)).hasSize(2);
        TubeLine cuni = line().withTube(Optional.of(new TubePick.Listed("ACR-5/8")))
                .withEnd(LineEnd.A, end(TubeEndKind.REFRIGERATION45, "clutch-45"))
                .withEnd(LineEnd.B, end(TubeEndKind.REFRIGERATION45, "clutch-45"));
        TubeCase far = of(cuni, TubeSamples.service().withFluid(Optional.of("r410a")), EndCode.SAE45, "5/8", thumb);
        assertThat(says(far, "flare.thumb", State.FAIL)).hasSize(2);
        assertThat(says(of(line()), "flare.thumb", State.FAIL)).isEmpty();
    }

    @Test
    void straightTubeBehindTheEndsIsAskedFor() {
        Measured shortEnd =
                points(new Vector(0, 0, 0), new Vector(150, 0, 0), new Vector(150, 120, 0), new Vector(200, 120, 0));
        TubeCase trim = with(l -> l.withMeasured(shortEnd));
        assertThat(says(trim, "tube-end.straight", State.FAIL))
                .first()
                .asString()
                .contains("nut, sleeve and bar");
        // Flared before bending the bar needs no room there, but the nut still does.
        Practice first = Practice.USUAL.with(MethodTopic.FLARE_ORDER, "first");
        TubeCase before = of(
                line().withMeasured(points(
                        new Vector(0, 0, 0), new Vector(150, 0, 0), new Vector(150, 120, 0), new Vector(214, 120, 0))),
                TubeSamples.service(),
                EndCode.JIC37,
                "-6",
                first);
        assertThat(says(before, "tube-end.straight", State.FAIL)).isEmpty();
    }

    @Test
    void theBenderIsJudged() {
        TubeCase other = with(l -> l.withBender(Optional.of("hand-lever-1/2")));
        assertThat(says(other, "bends.former", State.FAIL))
                .first()
                .asString()
                .contains("Hand lever bender 1/2 is for 12.7 mm tube, not 9.52 mm: it would flatten the tube or slip.");
        TubeCase tight = with(l -> l.withRadius(Optional.of(Length.ofMm(14))));
        assertThat(failed(tight)).contains("bends.radius");
        TubeCase hand = with(l -> l.withBender(Optional.empty()).withRadius(Optional.of(Length.ofMm(30))));
        assertThat(failed(hand)).contains("bends.by-hand");
        TubeCase round = with(l -> l.withBender(Optional.empty())
                .withTube(Optional.of(new TubePick.Listed("ACR-3/8")))
                .withRadius(Optional.of(Length.ofMm(80))));
        assertThat(says(round, "bends.by-hand", State.FAIL)).isEmpty();
        TubeCase close = with(l -> l.withMeasured(
                points(new Vector(0, 0, 0), new Vector(150, 0, 0), new Vector(150, 65, 0), new Vector(300, 65, 0))));
        assertThat(says(close, "bends.order", State.FAIL)).first().asString().contains("too little straight");
    }

    @Test
    void springBackWithoutATrialIsNoted() {
        TubeCase c = with(l -> l.withSpring(mellowflare.core.tube.form.SpringBack.NONE));
        assertThat(says(c, "bends.spring-back", State.FAIL))
                .first()
                .asString()
                .contains(
                        "No trial bend yet: spring-back is taken as usual for low carbon steel, annealed, which keeps 96.5 % of a bend.");
        assertThat(says(of(line()), "bends.spring-back", State.PASS))
                .first()
                .asString()
                .contains("Spring-back comes from trial bends: for 90° pull the lever to 93.1°.");
    }

    @Test
    void buriedJointsAreStoppedUnlessBrazed() {
        TubeCase c = with(l -> l.withBuried(Optional.of(true)));
        assertThat(says(c, "law.buried", State.FAIL)).hasSize(2);
        TubeCase code = of(
                TubeSamples.line().withBuried(Optional.of(true)),
                TubeSamples.service(),
                EndCode.JIC37,
                "-6",
                Practice.USUAL.with(MethodTopic.BURIED_JOINTS, "code"));
        assertThat(says(code, "law.buried-by-code", State.FAIL)).hasSize(2);
        assertThat(TubeSamples.findings(code, "law.buried").filter(Finding::stops))
                .isEmpty();
        TubeCase brazed = with(l -> l.withBuried(Optional.of(true))
                .withEnd(LineEnd.A, end(TubeEndKind.SWAGE, "none"))
                .withEnd(LineEnd.B, end(TubeEndKind.SWAGE, "none")));
        assertThat(says(brazed, "law.buried", State.FAIL)).isEmpty();
        for (String fluid : List.of("brake-fluid", "petrol", "lpg", "r410a")) {
            assertThat(says(fluid(fluid, l -> l), "law-warn", State.FAIL))
                    .as(fluid)
                    .hasSize(1);
        }
    }

    @Test
    void roomAndToolsAreAskedForBeforeTheFirstCut() {
        TubeCase narrow = with(l -> l.withRoom(new TubeRoom(
                Optional.of(Length.ofMm(20)), Optional.of(Length.ofMm(20)), Optional.of(Length.ofMm(20)))));
        assertThat(says(narrow, "here.room", State.FAIL)).hasSize(3);
        TubeCase wrench = with(l -> l.withHere(l.here().withRoom(LineEnd.B, Optional.of(Length.ofMm(10)))));
        assertThat(says(wrench, "here.room", State.FAIL)).first().asString().contains("wrench at end B");
        TubeCase tool = with(l -> l.withHere(l.here().withMissing(Set.of("caliper"))));
        assertThat(says(tool, "here.tool", State.FAIL)).first().asString().contains("caliper");
    }

    @Test
    void aSecondReadingOfATemplateIsHeldAgainstItsLength() {
        TubeCase c = with(l -> l.withMeasured(new Measured.Template(Length.ofMm(640)))
                .withReading(Reading.NONE.withCheck(Optional.of(Length.ofMm(641)), "Tobbe")));
        assertThat(says(c, "shape.second-reading", State.PASS)).hasSize(1);
        assertThat(c.cut().orElseThrow().developed()).isEqualTo(Length.ofMm(640));
        assertThat(says(c, "bends", State.FAIL)).isEmpty();
    }

    /** 15 L/min through 10.9 mm of bore is 2.68 m/s: over 2.4 cold; 9 L/min is 1.61: fine cold, too fast hot; 6 is 1.07: too fast above 60 C. */
    @Test
    void waterInCopperIsKeptSlowerTheHotterItIs() {
        for (double[] c : new double[][] {{15, 15, 0}, {9, 15, 1}, {9, 50, 0}, {6, 50, 1}, {6, 70, 0}, {4, 70, 1}}) {
            TubeCase tube = TubeSamples.of(
                    TubeSamples.line().withTube(Optional.of(new TubePick.Listed("B88-L-3/8"))),
                    TubeSamples.service()
                            .withFluid(Optional.of("potable-water"))
                            .withFlow(Optional.of(FlowRate.ofLitresPerMinute(c[0])))
                            .withFluidTemperature(Optional.of(Temperature.ofCelsius(c[1]))),
                    EndCode.SAE45,
                    "1/2",
                    Practice.USUAL);
            assertThat(tube.tube().orElseThrow().bore().mm()).isCloseTo(10.92, within(0.05));
            assertThat(TubeRules.check(tube))
                    .filteredOn(f -> f.rule().id().equals("tube.water-velocity"))
                    .singleElement()
                    .satisfies(f -> assertThat(f.state())
                            .as(c[0] + " L/min at " + c[1])
                            .isEqualTo(c[2] == 1 ? State.PASS : State.FAIL));
        }
    }
}
