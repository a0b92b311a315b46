package mellowflare.core.tube.rules;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mellowflare.core.Stands;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.advice.Practice;
import mellowflare.core.advice.State;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.fluid.Ambient;
import mellowflare.core.fluid.Service;
import mellowflare.core.geometry.Vector;
import mellowflare.core.material.Metal;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.FlowRate;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Instrument;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Temperature;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.parts.Here;
import mellowflare.core.tube.TubePlan;
import mellowflare.core.tube.TubeSamples;
import mellowflare.core.tube.end.TubeEndKind;
import mellowflare.core.tube.form.Measured;
import mellowflare.core.tube.form.Row;
import mellowflare.core.tube.form.SpringBack;
import mellowflare.core.tube.line.Reading;
import mellowflare.core.tube.line.TubeCase;
import mellowflare.core.tube.line.TubeEnd;
import mellowflare.core.tube.line.TubeLine;
import mellowflare.core.tube.line.TubePick;
import mellowflare.core.tube.line.TubeRoom;
import org.junit.jupiter.api.Test;

/** All rules of tube over many lines: each can pass, fail and say what it lacks, and always in whole sentences. */
class EveryTubeRuleTest {
    /** Rules that say a thing whenever it is so, and are silent else: nothing to pass, or nothing to ask for. */
    private static final Set<String> NEVER_PASS = Set.of("law-note", "law-warn");

    private static final Set<String> NEVER_ASK =
            Set.of("law-note", "tube.named", "flare.thumb", "flare.soft", "line.surge-above-working");

    /** Rules of one check with several texts, and the one that asks for what all of them lack. */
    private static final Map<String, String> ASKED_BY = Map.ofEntries(
            Map.entry("bends.by-hand", "bends.radius"),
            Map.entry("joint.belongs-warn", "joint.belongs-stop"),
            Map.entry("bends.former", "bends.radius"),
            Map.entry("bends.sequence", "bends.order"),
            Map.entry("fit.rounding", "fit.chance"),
            Map.entry("flare.passes", "flare.band"),
            Map.entry("flare.split", "flare.band"),
            Map.entry("shape.rubs", "shape.clash"),
            Map.entry("joint.metals-limited", "joint.metals"),
            Map.entry("joint.metals-inside", "joint.metals"),
            Map.entry("tube-end.size", "tube-end.mates"),
            Map.entry("tube-end.suits-warn", "tube-end.suits-stop"),
            Map.entry("tube.suits-warn", "tube.suits-stop"));

    /** Rules of one check with several weights, and the one that stands for none of them. */
    private static final Map<String, String> PASSED_BY = Map.of(
            "here.tool-warn", "here.tool-stop",
            "joint.belongs-warn", "joint.belongs-stop",
            "shape.clash", "shape.rubs",
            "joint.metals-limited", "joint.metals",
            "joint.metals-inside", "joint.metals",
            "tube-end.suits-warn", "tube-end.suits-stop",
            "tube.suits-warn", "tube.suits-stop");

    private static Optional<Length> mm(double mm) {
        return Optional.of(Length.ofMm(mm));
    }

    private static Measured points(double... xyz) {
        List<Vector> corners = new ArrayList<>();
        for (int i = 0; i < xyz.length; i += 3) {
            corners.add(new Vector(xyz[i], xyz[i + 1], xyz[i + 2]));
        }
        return new Measured.Points(corners);
    }

    private static UnaryOperator<TubeLine> both(TubeEndKind kind, String tool) {
        return l -> l.withEnd(LineEnd.A, TubeSamples.end(kind, tool)).withEnd(LineEnd.B, TubeSamples.end(kind, tool));
    }

    private static UnaryOperator<TubeLine> tube(String id) {
        return l -> l.withTube(Optional.of(new TubePick.Listed(id)));
    }

    /** One change at a time, each of the kind that a fitter makes. */
    private static List<UnaryOperator<TubeLine>> lines() {
        return List.of(
                l -> l,
                l -> TubeLine.NEW,
                l -> l.withTube(Optional.empty()),
                l -> l.withBender(Optional.empty()),
                l -> l.withBender(Optional.empty()).withRadius(mm(30)),
                l -> l.withBender(Optional.empty()).withRadius(mm(90)),
                l -> l.withBender(Optional.of("hand-lever-1/2")),
                l -> l.withBender(Optional.of("bench-3/8"))
                        .withMeasured(points(0, 0, 0, 150, 0, 0, 150, 92, 0, 300, 92, 0)),
                l -> l.withRadius(mm(14)),
                l -> l.withSpring(SpringBack.NONE),
                l -> l.withBuried(Optional.empty()),
                l -> l.withBuried(Optional.of(true)),
                l -> l.withHere(Here.UNSAID),
                l -> l.withHere(l.here().withMissing(Set.of("caliper", "deburr"))),
                l -> l.withHere(l.here().withMissing(Set.of("flaring-tool"))),
                l -> l.withBender(Optional.empty())
                        .withRadius(mm(90))
                        .withTube(Optional.of(new TubePick.Listed("ACR-3/8")))
                        .withMeasured(points(0, 0, 0, 400, 0, 0, 400, 300, 0)),
                l -> l.withTube(Optional.of(new TubePick.Own(Length.ofMm(70), Length.ofMm(3), "steel-soft"))),
                l -> l.withHere(l.here().withRoom(LineEnd.B, mm(10))),
                l -> l.withRoom(TubeRoom.UNSAID),
                l -> l.withRoom(new TubeRoom(mm(15), mm(15), mm(15))),
                l -> l.withReading(Reading.NONE),
                l -> l.withReading(l.reading().withCheck(mm(350), "Tobbe")),
                l -> l.withReading(new Reading("Maren", "", Instrument.EYE, Optional.empty(), "")),
                l -> l.withMeasured(points(0, 0, 0, 900, 0, 0, 900, 1200, 0, 2600, 1200, 0)),
                l -> l.withMeasured(points(0, 0, 0, 150, 0, 0, 150, 120, 0, 195, 120, 0)),
                l -> l.withMeasured(points(0, 0, 0, 300, 0, 0, 300, 85, 0, 450, 85, 0)),
                l -> l.withMeasured(points(0, 0, 0, 250, 0, 0, 250, 90, 0, 60, 90, 11.5, 60, -120, 11.5)),
                l -> l.withMeasured(points(0, 0, 0, 150, 0, 0, 150, 65, 0, 300, 65, 0)),
                l -> l.withMeasured(points(0, 0, 0, 150, 0, 0, 150, 30, 0, 300, 30, 0)),
                l -> l.withMeasured(points(0, 0, 0, 250, 0, 0, 250, 150, 0, 120, 150, 0, 120, -150, 3)),
                l -> l.withMeasured(points(0, 0, 0, 250, 0, 0, 250, 90, 0, 20, 90, 14, 20, 5, 14)),
                l -> l.withMeasured(new Measured.Template(Length.ofMm(640)))
                        .withReading(Reading.NONE.withCheck(mm(655), "Tobbe")),
                l -> l.withEnd(LineEnd.A, l.a().withStickOut(mm(3))),
                l -> l.withEnd(LineEnd.A, l.a().withStickOut(mm(0.3))),
                l -> l.withEnd(LineEnd.A, l.a().withTool(Optional.empty())),
                l -> l.withEnd(LineEnd.A, TubeEnd.UNSAID),
                both(TubeEndKind.SINGLE45, "clutch-45"),
                both(TubeEndKind.COMPRESSION, "none"),
                both(TubeEndKind.SWAGE, "none"),
                tube("B88-M-3/8"),
                tube("B88-K-1/4"),
                tube("B88-K-1/2"),
                tube("ACR-3/8"),
                tube("A269-3/8x0.065"),
                tube("J524-3/8x0.035"),
                tube("J524-1/2x0.049"));
    }

    private static List<UnaryOperator<Service>> services() {
        List<UnaryOperator<Service>> all = new ArrayList<>(List.of(
                s -> s,
                s -> Service.UNSAID,
                s -> s.withWorking(Optional.of(GaugePressure.ofBar(900))),
                s -> s.withWorking(Optional.empty()),
                s -> s.withPeak(Optional.of(GaugePressure.ofBar(400))),
                s -> s.withFluidTemperature(Optional.of(Temperature.ofCelsius(400))),
                s -> s.withFluidTemperature(Optional.empty()),
                s -> s.withFlow(Optional.of(FlowRate.ofLitresPerMinute(60))),
                s -> s.withFlow(Optional.empty()),
                s -> s.withAmbient(Ambient.UNSAID),
                s -> s.withAmbient(s.ambient().withWet(Optional.of(true))),
                s -> s.withAmbient(s.ambient().withMoves(Optional.of(Ambient.Moves.SWINGS)))));
        for (String fluid :
                List.of("brake-fluid", "petrol", "lpg", "r410a", "potable-water", "nitrous-oxide", "compressed-air")) {
            all.add(s -> s.withFluid(Optional.of(fluid)));
        }
        all.add(s -> s.withFluid(Optional.of("oxygen")));
        return all;
    }

    private static Stream<TubeCase> cases() {
        List<TubeCase> all = new ArrayList<>();
        Practice thumb = Practice.USUAL.with(MethodTopic.FLARE_STICK_OUT, "thumb");
        for (UnaryOperator<TubeLine> l : lines()) {
            TubeLine line = l.apply(TubeSamples.line());
            all.add(TubeSamples.of(line));
            all.add(TubeSamples.of(line, TubeSamples.service(), EndCode.SAE45, "3/8", thumb));
        }
        for (UnaryOperator<Service> s : services()) {
            all.add(TubeSamples.of(
                    TubeSamples.line(), s.apply(TubeSamples.service()), EndCode.JIC37, "-6", Practice.USUAL));
        }
        Service wet = TubeSamples.service()
                .withAmbient(TubeSamples.service().ambient().withWet(Optional.of(true)));
        for (Metal metal : List.of(Metal.STEEL, Metal.ALUMINIUM)) {
            all.add(TubeSamples.of(
                    tube("ACR-3/8").apply(TubeSamples.line()),
                    TubeSamples.port(LineEnd.A, EndCode.JIC37, "-6", Gender.MALE, metal),
                    TubeSamples.port(LineEnd.B, EndCode.JIC37, "-6", Gender.MALE, metal),
                    wet,
                    Practice.USUAL));
        }
        TubeLine tap = both(TubeEndKind.SWAGE, "none").apply(tube("B88-K-1/2").apply(TubeSamples.line()));
        for (String fluid : List.of("water", "potable-water")) {
            for (double hot : new double[] {40, 108}) {
                for (double bar : new double[] {6, 22}) {
                    Service water = TubeSamples.service()
                            .withFluid(Optional.of(fluid))
                            .withWorking(Optional.of(GaugePressure.ofBar(bar)))
                            .withPeak(Optional.empty())
                            .withFluidTemperature(Optional.of(Temperature.ofCelsius(hot)));
                    all.add(TubeSamples.of(tap, water, EndCode.NPT, "1/2", thumb));
                    Service hammer = water.withPeak(Optional.of(GaugePressure.ofBar(30)));
                    all.add(TubeSamples.of(tap, hammer, EndCode.NPT, "1/2", thumb));
                    all.add(TubeSamples.of(tap, water.withWorking(Optional.empty()), EndCode.NPT, "1/2", thumb));
                    all.add(TubeSamples.of(tap, water.withFlow(Optional.empty()), EndCode.NPT, "1/2", thumb));
                }
            }
        }
        TubeLine chiller = both(TubeEndKind.REFRIGERATION45, "clutch-45")
                .apply(tube("ACR-5/8").apply(TubeSamples.line()));
        all.add(TubeSamples.of(
                chiller, TubeSamples.service().withFluid(Optional.of("r410a")), EndCode.SAE45, "5/8", thumb));
        return all.stream();
    }

    @Test
    void everyRulePassesFailsAndAsks() {
        Map<String, Set<State>> seen = new TreeMap<>();
        cases().flatMap(c -> TubeRules.check(c).stream())
                .forEach(f -> seen.computeIfAbsent(f.rule().id(), i -> new TreeSet<>())
                        .add(f.state()));
        assertThat(seen).hasSizeGreaterThanOrEqualTo(30);
        List<String> lacks = new ArrayList<>();
        seen.forEach((rule, states) -> {
            if (!states.contains(State.FAIL)) {
                lacks.add(rule + " never fails");
            }
            if (!NEVER_PASS.contains(rule)
                    && !seen.get(PASSED_BY.getOrDefault(rule, rule)).contains(State.PASS)) {
                lacks.add(rule + " never passes");
            }
            if (!NEVER_ASK.contains(rule)
                    && !seen.get(ASKED_BY.getOrDefault(rule, rule)).contains(State.NOT_CHECKED)) {
                lacks.add(rule + " never asks");
            }
        });
        assertThat(lacks).isEmpty();
    }

    @Test
    void plansStandAsTheyWereLookedThrough() {
        Stands.as(
                getClass(),
                "plans.txt",
                Stands.apart(cases().map(c -> Stands.plan(TubePlan.of(c))).toList()));
    }

    @Test
    void everyFindingReadsAsASentenceInBothUnits() {
        Set<String> sentences = cases().flatMap(c -> TubeRules.check(c).stream())
                .flatMap(f -> Stream.of(UnitSystem.METRIC, UnitSystem.INCH).flatMap(u -> texts(f, u)))
                .collect(Collectors.toSet());
        assertThat(sentences).hasSizeGreaterThan(300);
        assertThat(sentences)
                .allSatisfy(s -> assertThat(s).doesNotContain("{", "}", "NaN", "Infinity", "null", "  ", "..", " ."))
                .noneMatch(s -> s.contains("-0 ") || s.contains("-0°"));
    }

    private static Stream<String> texts(Finding f, UnitSystem u) {
        assertThat(f.says(u))
                .as(f.rule().id())
                .isNotBlank()
                .matches(
                        s -> Character.isUpperCase(s.charAt(0)) || s.charAt(0) == '“' || Character.isDigit(s.charAt(0)),
                        "begins as a sentence");
        assertThat(f.says(u)).as(f.rule().id()).matches("(?s).*[.?]");
        if (f.state() == State.FAIL) {
            assertThat(f.remedy(u)).as(f.rule().id()).isNotBlank();
        }
        return Stream.of(f.says(u), f.because(u), f.remedy(u));
    }

    @Test
    void noLineHoweverOddBreaksARule() {
        Random random = new Random(20261126);
        List<UnaryOperator<TubeLine>> lines = lines();
        List<UnaryOperator<Service>> services = services();
        EndCode[] codes = {EndCode.JIC37, EndCode.SAE45, EndCode.INVFLARE, EndCode.BUBBLE, EndCode.NPT};
        String[] sizes = {"-6", "3/8", "3/8", "M10x1", "3/8"};
        for (int i = 0; i < 300; i++) {
            TubeLine line = TubeSamples.line();
            Service service = TubeSamples.service();
            for (int n = 0; n < 4; n++) {
                line = lines.get(random.nextInt(lines.size())).apply(line);
                service = services.get(random.nextInt(services.size())).apply(service);
            }
            if (random.nextInt(4) == 0) {
                line = line.withMeasured(wild(random));
            }
            int code = random.nextInt(codes.length);
            TubeCase c = TubeSamples.of(line, service, codes[code], sizes[code], Practice.USUAL);
            List<Finding> findings = TubeRules.check(c);
            assertThat(findings).as("line " + i).isNotEmpty().allSatisfy(f -> texts(f, UnitSystem.INCH));
            assertThat(new TreeSet<>(findings.stream()
                            .map(f -> f.rule().id() + f.about() + f.says(UnitSystem.METRIC))
                            .toList()))
                    .as("line %d says a thing twice", i)
                    .hasSameSizeAs(findings);
        }
    }

    private static Measured wild(Random random) {
        List<Row> rows = new ArrayList<>();
        int n = random.nextInt(6);
        for (int i = 0; i <= n; i++) {
            rows.add(new Row(
                    Length.ofMm(random.nextInt(4) == 0 ? 0 : random.nextDouble(300)),
                    Angle.ofDegrees(i == n ? 0 : random.nextInt(-180, 180)),
                    Angle.ofDegrees(i == n ? 0 : random.nextDouble(1, 178))));
        }
        return new Measured.Rows(rows);
    }
}
