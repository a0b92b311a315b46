package mellowflare.book.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import mellowflare.book.BookTrouble;
import mellowflare.book.Jobs;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.advice.Practice;
import mellowflare.core.connection.Body;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.EndId;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.Seat;
import mellowflare.core.flow.hold.HoldTest;
import mellowflare.core.fluid.Ambient;
import mellowflare.core.fluid.PressureBasis;
import mellowflare.core.fluid.Service;
import mellowflare.core.geometry.Vector;
import mellowflare.core.hose.HoseLineKind;
import mellowflare.core.hose.line.HoseEndPick;
import mellowflare.core.hose.line.HoseLine;
import mellowflare.core.hose.line.OldHose;
import mellowflare.core.hose.route.KeepOut;
import mellowflare.core.hose.route.PortAt;
import mellowflare.core.hose.route.RouteSketch;
import mellowflare.core.identify.FlankSeen;
import mellowflare.core.identify.HandSeen;
import mellowflare.core.identify.Observation;
import mellowflare.core.identify.RingSeen;
import mellowflare.core.identify.SecondDiameter;
import mellowflare.core.identify.SwivelSeen;
import mellowflare.core.identify.TaperSeen;
import mellowflare.core.job.Job;
import mellowflare.core.job.Kinds;
import mellowflare.core.line.Port;
import mellowflare.core.line.PortTried;
import mellowflare.core.line.Ports;
import mellowflare.core.material.Metal;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.measure.FlowRate;
import mellowflare.core.measure.FreeAir;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Instrument;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.PressureDifference;
import mellowflare.core.measure.Temperature;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.measure.Volume;
import mellowflare.core.parts.Here;
import mellowflare.core.procedure.MakeLog;
import mellowflare.core.procedure.ReadBack;
import mellowflare.core.procedure.StepEntry;
import mellowflare.core.testing.Medium;
import mellowflare.core.testing.Seen;
import mellowflare.core.testing.TestGauge;
import mellowflare.core.testing.TestRecord;
import mellowflare.core.testing.VacuumReading;
import mellowflare.core.thread.Pitch;
import mellowflare.core.thread.PitchReading;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class JobJsonTest {
    private static final Schema SCHEMA = schema("job");
    private static final Map<String, Schema> LINES =
            Kinds.ALL.stream().map(k -> k.id().word()).collect(Collectors.toMap(k -> k, k -> schema("line." + k)));

    private static Schema schema(String name) {
        try {
            String text = Files.readString(Path.of("..", "docs", "schema", name + ".schema.json"));
            return SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                    .getSchema(new ObjectMapper().readTree(text));
        } catch (java.io.IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    /** What the published schemas find wrong with a job and with each of its lines. */
    private static List<Object> wrong(JsonNode job) {
        List<Object> all = new ArrayList<>(SCHEMA.validate(job));
        job.path("lines")
                .properties()
                .forEach(l -> all.addAll(LINES.get(l.getKey()).validate(l.getValue())));
        return all;
    }

    @Property(tries = 300)
    void everyJobReadsBackEqualAndFitsThePublishedSchema(@ForAll("jobs") Job job) throws Exception {
        String text = JobJson.write(job);
        assertThat(JobJson.read(text)).isEqualTo(job);
        assertThat(wrong(new ObjectMapper().readTree(text))).isEmpty();
    }

    @Provide
    Arbitrary<Job> jobs() {
        Arbitrary<String> words = Arbitraries.strings().ofMaxLength(20);
        Arbitrary<HoseLine> lines = Combinators.combine(
                        picks(), picks(), figures().optional(), lengths().optional(), angles().optional())
                .as((a, b, f, r, c) -> HoseLine.NEW
                        .withA(a)
                        .withB(b)
                        .withHose(Optional.of("KH2-08"))
                        .withFinished(f)
                        .withBendRadius(r)
                        .withClocking(c))
                .flatMap(l -> Combinators.combine(routes().optional(), olds().optional(), heres())
                        .as((route, old, here) -> l.withRoute(route)
                                .withOld(old)
                                .withLaidOut(old.map(OldHose::length))
                                .withHere(here)));
        Arbitrary<Ports> ports = Combinators.combine(ends(), ends()).as(Ports::new);
        return Combinators.combine(
                        words,
                        Arbitraries.of(UnitSystem.class),
                        practices(),
                        Combinators.combine(ports, services(), tests().list().ofMaxSize(2))
                                .as(Joined::new),
                        lines,
                        logs(),
                        logs(),
                        Arbitraries.of(Kinds.ALL))
                .as((t, u, p, joined, l, log, other, kind) -> Job.open("id-1", t, t + "'s", u)
                        .withNote("note “x”\n2")
                        .withPractice(p)
                        .withPorts(joined.ports())
                        .withService(joined.service())
                        .with(HoseLineKind.HOSE, l)
                        .withLog(log)
                        .withKind(kind)
                        .withLog(other)
                        .withTaken(joined.tests()));
    }

    private record Joined(Ports ports, Service service, List<TestRecord> tests) {}

    private static Arbitrary<TestRecord> tests() {
        Arbitrary<List<HoldTest.Reading>> readings = Arbitraries.integers()
                .between(0, 4)
                .map(n -> IntStream.range(0, n)
                        .mapToObj(i -> new HoldTest.Reading(
                                i * 37.5,
                                GaugePressure.ofBar(7.9 - i * 0.013),
                                n > 2 ? Optional.of(Temperature.ofCelsius(18.25 - i)) : Optional.empty(),
                                i == 1 ? Optional.of(AbsolutePressure.ofBar(1.007)) : Optional.empty()))
                        .toList());
        Arbitrary<TestGauge> gauges = Combinators.combine(
                        Arbitraries.of("", "dial"),
                        Arbitraries.doubles().between(1, 700).optional(),
                        Arbitraries.doubles().between(0.01, 5).optional())
                .as((name, end, step) -> new TestGauge(
                        name,
                        name.isEmpty() ? "" : "G 7",
                        end.map(GaugePressure::ofBar),
                        step.map(PressureDifference::ofBar),
                        end.map(x -> LocalDate.of(2027, 2, 28))));
        return Combinators.combine(
                        readings,
                        gauges,
                        Arbitraries.of(Medium.class),
                        Arbitraries.doubles().between(0.1, 400).optional(),
                        Arbitraries.of(Seen.class).optional())
                .as((r, g, medium, v, seen) -> new TestRecord(
                        "proof/proof-minute",
                        medium,
                        v.map(GaugePressure::ofBar),
                        g,
                        v.map(Volume::ofLitres),
                        v.map(x -> AbsolutePressure.SEA_LEVEL),
                        v.map(FreeAir::ofLitresPerMinute),
                        r,
                        medium == Medium.VACUUM
                                ? List.of(new VacuumReading(3, AbsolutePressure.ofBar(0.0012)))
                                : List.of(),
                        seen.map(x -> Map.of("line", x, "joint@A", Seen.DRY)).orElse(Map.of()),
                        v.map(x -> "Tobbe").orElse(""),
                        "",
                        v.map(x -> LocalDate.of(2026, 11, 30)),
                        seen.map(x -> "cold").orElse("")));
    }

    private static Arbitrary<HoseEndPick> picks() {
        return Combinators.combine(
                        Arbitraries.of("KC08-B08M").optional(),
                        Arbitraries.of("KA-JM8-OM8").list().ofMaxSize(1))
                .as(HoseEndPick::new);
    }

    private static Arbitrary<Vector> vectors() {
        Arbitrary<Double> mm = Arbitraries.doubles().between(-3000, 3000);
        return Combinators.combine(mm, mm, mm).as(Vector::new);
    }

    private static Arbitrary<PortAt> portsAt() {
        return Combinators.combine(
                        vectors(),
                        vectors().filter(v -> v.length() > 1),
                        vectors().optional())
                .as(PortAt::new);
    }

    private static Arbitrary<RouteSketch> routes() {
        Arbitrary<KeepOut> boxes = Combinators.combine(
                        vectors(), Arbitraries.doubles().between(1, 500))
                .as((v, wide) -> KeepOut.between("pipe", v, v.plus(new Vector(wide, wide + 1, wide + 2))));
        return Combinators.combine(
                        portsAt(),
                        portsAt(),
                        lengths().optional(),
                        vectors().list().ofMaxSize(3),
                        boxes.list().ofMaxSize(2),
                        vectors().list().ofMaxSize(2))
                .as(RouteSketch::new);
    }

    private static Arbitrary<OldHose> olds() {
        return Combinators.combine(lengths(), lengths()).as(OldHose::new);
    }

    private static Arbitrary<Here> heres() {
        Arbitrary<Here.Panel> panels =
                Combinators.combine(lengths(), Arbitraries.of(true, false)).as(Here.Panel::new);
        return Combinators.combine(
                        Arbitraries.of("vice", "caps").set().ofMaxSize(2),
                        Arbitraries.of("press").set().ofMaxSize(1),
                        Arbitraries.of("7/8 in").set().ofMaxSize(1),
                        lengths().optional(),
                        lengths().optional(),
                        lengths().optional(),
                        panels.optional())
                .as(Here::new);
    }

    private static Arbitrary<Length> lengths() {
        return Arbitraries.doubles().between(0.5, 5000).map(Length::ofMm);
    }

    private static Arbitrary<Angle> angles() {
        return Arbitraries.doubles().between(0, 360).map(Angle::ofDegrees);
    }

    private static Arbitrary<Practice> practices() {
        return Arbitraries.of(MethodTopic.class)
                .map(t -> Practice.USUAL.with(t, "any-school"))
                .injectDuplicates(0.1);
    }

    private static Arbitrary<Service> services() {
        Arbitrary<GaugePressure> bar = Arbitraries.doubles().between(-1, 700).map(GaugePressure::ofBar);
        Arbitrary<Temperature> t = Arbitraries.doubles().between(-60, 200).map(Temperature::ofCelsius);
        Arbitrary<FlowRate> q = Arbitraries.doubles().between(0, 900).map(FlowRate::ofLitresPerMinute);
        return Combinators.combine(
                        Arbitraries.of("mineral-oil", "diesel").optional(),
                        bar.optional(),
                        bar.optional(),
                        t.optional(),
                        q.optional())
                .as(Service::new)
                .flatMap(s -> Combinators.combine(
                                t.optional(),
                                Arbitraries.of(Ambient.Moves.class).optional(),
                                Arbitraries.of(Ambient.Opener.class).optional(),
                                Arbitraries.of(true, false).optional(),
                                Arbitraries.of(PressureBasis.class))
                        .as((air, moves, opener, wet, basis) -> s.withAmbient(new Ambient(air, moves, opener, wet))
                                .withBasis(basis)));
    }

    private static Arbitrary<CalledFigure> figures() {
        Arbitrary<String> names = Arbitraries.of("", "Maren", "Tobbe");
        return Combinators.combine(
                        lengths(),
                        names,
                        names,
                        Arbitraries.of(Instrument.class),
                        lengths().optional(),
                        names)
                .as((v, c, w, i, s, b) -> new CalledFigure(v, v.mm() + "", c, w, i, s, b));
    }

    private static Arbitrary<Port> ends() {
        Arbitrary<EndId> ids = Combinators.combine(
                        Arbitraries.of(EndCode.class), Arbitraries.of("-8", "1/2"), Arbitraries.of(Gender.class))
                .as(EndId::new);
        return Combinators.combine(
                        Arbitraries.strings().ofMaxLength(12),
                        seen().optional(),
                        ids.optional(),
                        Arbitraries.doubles().between(0, 1).optional())
                .as((place, s, id, sure) -> new Port(
                        place,
                        s,
                        Map.of("diameter", "17.5"),
                        id,
                        sure,
                        id.map(x -> Metal.BRASS),
                        new PortTried(
                                sure.map(x -> x < 0.5),
                                id.map(x -> x.size().length() > 2),
                                sure.map(x -> Length.ofMm(1 + 40 * x)))));
    }

    private static Arbitrary<Observation> seen() {
        Arbitrary<Pitch> pitch = Arbitraries.of(Pitch.ofPerInch(11.5), Pitch.ofPerInch(18), Pitch.ofMm(1.5));
        Arbitrary<Length> diameter = Arbitraries.doubles().between(1, 399).map(Length::ofMm);
        return Combinators.combine(
                        Arbitraries.of(Gender.class),
                        diameter.optional(),
                        Arbitraries.of(Instrument.class),
                        pitch.optional(),
                        Arbitraries.of(FlankSeen.class).optional(),
                        Arbitraries.of(TaperSeen.class).optional(),
                        Arbitraries.of(Seat.class).optional(),
                        Arbitraries.of(RingSeen.class).optional())
                .as((g, d, i, p, f, t, s, r) -> Observation.of(g)
                        .withDiameter(d)
                        .withInstrument(i)
                        .withPitchReading(p.map(x -> new PitchReading(x, d.map(y -> 10))))
                        .withFlank(f)
                        .withTaper(t)
                        .withSeat(s)
                        .withSeatAngle(Optional.of(Angle.ofDegrees(37)))
                        .withRing(r)
                        .withWorn(true)
                        .withService(Optional.of("hydraulic"))
                        .withBody(t.map(x -> Body.THREAD))
                        .withHand(f.map(x -> HandSeen.LEFT))
                        .withSecond(d.map(x -> new SecondDiameter(x, Length.ofMm(12.5))))
                        .withSwivel(r.map(x -> SwivelSeen.LOOSE_NUT))
                        .withHex(d)
                        .withTube(d)
                        .withRegion(s.map(x -> "europe"))
                        .withMachine(s.map(x -> "farm")));
    }

    private static Arbitrary<MakeLog> logs() {
        Instant at = Instant.parse("2026-11-01T08:30:00.123Z");
        StepEntry done = new StepEntry("safe", StepEntry.Outcome.DONE, "Maren", at, Map.of("crimp", "26.3 mm"), "");
        StepEntry over = new StepEntry("proof", StepEntry.Outcome.PASSED_OVER, "Tobbe", at, Map.of(), "no pump");
        return Arbitraries.of(
                MakeLog.EMPTY,
                new MakeLog(List.of(done), Optional.empty()),
                new MakeLog(List.of(done, over), Optional.of(new ReadBack(Length.ofMm(1056), "Maren", at))));
    }

    @Test
    void testDemoJobsFitTheSchemaAndReadBack() throws Exception {
        for (Job job : Jobs.demo()) {
            assertThat(JobJson.read(JobJson.write(job))).isEqualTo(job);
            assertThat(wrong(JobJson.tree(job))).isEmpty();
        }
    }

    @Test
    void testSchemaHelperReallyRefuses() throws Exception {
        var broken = JobJson.tree(Jobs.demo().get(0));
        broken.put("units", "furlongs");
        assertThat(wrong(broken)).isNotEmpty();
        var odd = JobJson.tree(Jobs.demo().get(0));
        ((ObjectNode) odd.path("lines").path("hose")).put("rope", 8);
        assertThat(wrong(odd)).as("a field that no hose has").isNotEmpty();
    }

    private static String with(String from, String to) {
        String text = JobJson.write(Jobs.demo().get(2));
        assertThat(text).contains(from);
        return text.replace(from, to);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "\"units\":\"metric\"|\"units\":\"furlongs\"|“units” is not a known word",
                "\"hose\":\"KH2-08\"|\"hose\":8|“lines.hose.hose” is not a text",
                "\"value\":1140.0|\"value\":\"1140\"|“lines.hose.finished.value” is not a number",
                "\"value\":1140.0|\"value\":-5|above zero",
                "\"working\":210.0|\"working\":-9|above full vacuum",
                "\"diameter\":17.5|\"diameter\":9000|up to 400 mm",
                "\"pitch\":\"16.0 tpi\"|\"pitch\":\"sixteen\"|is not a pitch",
                "\"seat\":\"port-oring\"|\"seat\":\"soft\"|is not a known seat",
                "\"bendRadius\":230.0|\"bendRadius\":0|bend radius is above zero",
                "\"certainty\":|\"certainty\":7,\"x\":|between 0 and 1",
                "\"step\":\"safe\"|\"step\":null|“logs.hose.entries[0].step” is missing",
                "\"at\":\"20|\"at\":\"noon 20|is not a time",
                "\"outcome\":\"done\"|\"outcome\":\"maybe\"|is not a known word",
                "\"version\":2|\"version\":3|reads versions 1 to 2",
                "\"version\":2|\"version\":\"new\"|has version new",
                "\"format\":\"mellow-flare-job\"|\"format\":\"other\"|not a job of this program",
                "\"title\":|\"title\":\"twice\",\"title\":|damaged",
            })
    void testDamagedOrForeignJobIsRefusedByFieldInASentence(String from, String to, String says) {
        assertThatThrownBy(() -> JobJson.read(with(from, to)))
                .isInstanceOf(BookTrouble.class)
                .hasMessageContaining(says)
                .hasMessageEndingWith(".");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "~~|is empty",
                "{|damaged",
                "[]|not a job",
                "12|not a job",
                "{} x|damaged",
                "nonsense|not valid JSON"
            })
    void testWhatIsNoJsonObjectIsRefused(String text, String says) {
        assertThatThrownBy(() -> JobJson.read(text))
                .isInstanceOf(BookTrouble.class)
                .hasMessageContaining(says);
    }

    @Test
    void testCutOffFileIsRefusedAtEveryLength() {
        String whole = JobJson.write(Jobs.demo().get(2));
        for (int cut = 1; cut < whole.length(); cut += 7) {
            String part = whole.substring(0, cut);
            assertThatThrownBy(() -> JobJson.read(part)).isInstanceOf(BookTrouble.class);
        }
    }
}
