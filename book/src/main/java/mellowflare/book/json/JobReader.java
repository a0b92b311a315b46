package mellowflare.book.json;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.book.BookTrouble;
import mellowflare.core.advice.Practice;
import mellowflare.core.advice.SchoolTopic;
import mellowflare.core.air.AirMain;
import mellowflare.core.connection.Body;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.EndId;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.Seat;
import mellowflare.core.fluid.Duty;
import mellowflare.core.fluid.PressureBasis;
import mellowflare.core.fluid.Service;
import mellowflare.core.fluid.Surroundings;
import mellowflare.core.fluid.Work;
import mellowflare.core.hose.HoseLine;
import mellowflare.core.hose.LineEnd;
import mellowflare.core.hose.PortTried;
import mellowflare.core.identify.FlankSeen;
import mellowflare.core.identify.HandSeen;
import mellowflare.core.identify.Observation;
import mellowflare.core.identify.RingSeen;
import mellowflare.core.identify.SecondDiameter;
import mellowflare.core.identify.SwivelSeen;
import mellowflare.core.identify.TaperSeen;
import mellowflare.core.job.Job;
import mellowflare.core.job.LineKind;
import mellowflare.core.material.Metal;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.measure.FlowRate;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Instrument;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Temperature;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.parts.Here;
import mellowflare.core.procedure.MakeLog;
import mellowflare.core.procedure.ReadBack;
import mellowflare.core.procedure.StepEntry;
import mellowflare.core.thread.Pitch;
import mellowflare.core.thread.PitchReading;
import mellowflare.core.tube.TubeLine;

/** Reads a job from a tree; every refusal names the field. */
final class JobReader {
    private static final TubeJson TUBES = new TubeJson(JsonNodeFactory.instance);
    private static final AirJson AIR = new AirJson(JsonNodeFactory.instance);
    private static final PlaceJson PLACES = new PlaceJson(JsonNodeFactory.instance);

    Job read(JsonNode root) throws BookTrouble {
        if (root == null
                || !root.isObject()
                || !JobJson.FORMAT.equals(root.path("format").asText())) {
            throw new BookTrouble(
                    "This is JSON, but no job of this program: “format” is not “" + JobJson.FORMAT + "”.");
        }
        int version = root.path("version").asInt(0);
        if (version < 1 || version > JobJson.VERSION) {
            throw new BookTrouble("This job has version " + root.path("version").asText("none")
                    + "; this program reads versions 1 to " + JobJson.VERSION + ".");
        }
        Fields f = new Fields(root, "");
        try {
            LineKind kind = f.maybeWord("kind", LineKind.class).orElse(LineKind.HOSE);
            return new Job(
                    f.text("id"),
                    f.text("title"),
                    f.textOr("machine", ""),
                    f.textOr("note", ""),
                    f.word("units", Map.of("metric", UnitSystem.METRIC, "inch", UnitSystem.INCH)),
                    practice(f.object("practice")),
                    kind,
                    line(f.object("line")),
                    f.has("tube") ? TUBES.read(f.object("tube")) : TubeLine.NEW,
                    f.has("air") ? AIR.read(f.object("air")) : AirMain.NEW,
                    logs(kind, f));
        } catch (IllegalArgumentException e) {
            throw new BookTrouble("The job cannot be right: " + e.getMessage() + ".", e);
        }
    }

    private Practice practice(Fields f) throws BookTrouble {
        Practice practice = Practice.USUAL;
        for (SchoolTopic topic : SchoolTopic.values()) {
            Optional<String> school = f.maybeText(JobWriter.word(topic));
            if (school.isPresent()) {
                practice = practice.with(topic, school.get());
            }
        }
        return practice;
    }

    private HoseLine line(Fields f) throws BookTrouble {
        return new HoseLine(
                end(f.object("a")),
                end(f.object("b")),
                f.maybeText("hose"),
                service(f.object("service")),
                f.has("finished") ? Optional.of(figure(f.object("finished"))) : Optional.empty(),
                f.maybeNumber("bendRadius").map(Length::ofMm),
                f.maybeNumber("clocking").map(Angle::ofDegrees),
                f.has("route") ? Optional.of(PLACES.route(f.object("route"))) : Optional.empty(),
                f.has("oldHose") ? Optional.of(PLACES.old(f.object("oldHose"))) : Optional.empty(),
                f.maybeNumber("laidOut").map(Length::ofMm),
                f.has("here") ? PLACES.here(f.object("here")) : Here.UNSAID);
    }

    private LineEnd end(Fields f) throws BookTrouble {
        return new LineEnd(
                f.textOr("place", ""),
                f.has("seen") ? Optional.of(seen(f.object("seen"))) : Optional.empty(),
                f.texts("typed"),
                f.has("port") ? Optional.of(endId(f.object("port"))) : Optional.empty(),
                f.maybeNumber("certainty"),
                f.maybeText("hoseEnd"),
                f.words("adapters"),
                f.maybeWord("metal", Metal.class),
                new PortTried(
                        f.has("homeByHand") ? Optional.of(f.flag("homeByHand")) : Optional.empty(),
                        f.has("ringShows") ? Optional.of(f.flag("ringShows")) : Optional.empty(),
                        f.maybeNumber("mouth").map(Length::ofMm)));
    }

    private EndId endId(Fields f) throws BookTrouble {
        return new EndId(f.word("code", EndCode.class), f.text("size"), f.word("gender", Gender.class));
    }

    private Observation seen(Fields f) throws BookTrouble {
        Optional<Pitch> pitch =
                f.maybeText("pitch").flatMap(t -> Pitch.readWithUnit(t).value());
        if (f.has("pitch") && pitch.isEmpty()) {
            throw f.wrong("pitch", "is no pitch such as “18 tpi”");
        }
        Optional<Seat> seat = f.maybeText("seat").flatMap(Seat::ofCode);
        if (f.has("seat") && seat.isEmpty()) {
            throw f.wrong("seat", "is none of the known seats");
        }
        Optional<Integer> counted =
                f.maybeNumber("counted").map(Double::intValue).filter(c -> c > 0);
        return Observation.of(f.word("gender", Gender.class))
                .withBody(f.maybeWord("body", Body.class))
                .withDiameter(f.maybeNumber("diameter").map(Length::ofMm))
                .withInstrument(f.has("instrument") ? f.word("instrument", Instrument.class) : Instrument.CALIPER)
                .withPitchReading(pitch.map(p -> new PitchReading(p, counted)))
                .withFlank(f.maybeWord("flank", FlankSeen.class))
                .withHand(f.maybeWord("hand", HandSeen.class))
                .withTaper(f.maybeWord("taper", TaperSeen.class))
                .withSecond(f.has("second") ? Optional.of(second(f.object("second"))) : Optional.empty())
                .withSeat(seat)
                .withSeatAngle(f.maybeNumber("seatAngle").map(Angle::ofDegrees))
                .withRing(f.maybeWord("oring", RingSeen.class))
                .withSwivel(f.maybeWord("swivel", SwivelSeen.class))
                .withHex(f.maybeNumber("hex").map(Length::ofMm))
                .withTube(f.maybeNumber("tube").map(Length::ofMm))
                .withWorn(f.flag("worn"))
                .withService(f.maybeText("service"))
                .withRegion(f.maybeText("region"))
                .withMachine(f.maybeText("machine"));
    }

    private SecondDiameter second(Fields f) throws BookTrouble {
        return new SecondDiameter(Length.ofMm(f.number("diameter")), Length.ofMm(f.number("apart")));
    }

    private Service service(Fields f) throws BookTrouble {
        return new Service(
                f.maybeText("fluid"),
                f.maybeNumber("working").map(GaugePressure::ofBar),
                f.maybeNumber("peak").map(GaugePressure::ofBar),
                f.maybeNumber("fluidTemperature").map(Temperature::ofCelsius),
                f.maybeNumber("flow").map(FlowRate::ofLitresPerMinute),
                f.maybeWord("duty", Duty.class).orElse(Duty.PRESSURE),
                new Surroundings(
                        f.maybeNumber("surroundings").map(Temperature::ofCelsius),
                        f.maybeWord("moves", Surroundings.Moves.class),
                        f.maybeWord("opener", Surroundings.Opener.class),
                        f.has("wet") ? Optional.of(f.flag("wet")) : Optional.empty()),
                f.maybeWord("pressureTables", PressureBasis.class).orElse(PressureBasis.INCH),
                f.maybeWord("work", Work.class));
    }

    private CalledFigure figure(Fields f) throws BookTrouble {
        return new CalledFigure(
                Length.ofMm(f.number("value")),
                f.textOr("entered", ""),
                f.textOr("calledBy", ""),
                f.textOr("writtenBy", ""),
                f.has("instrument") ? f.word("instrument", Instrument.class) : Instrument.TAPE,
                f.maybeNumber("second").map(Length::ofMm),
                f.textOr("secondBy", ""));
    }

    /** What was done belongs to what the line was made of; a file from before logs were kept apart has one, of its own kind. */
    private Map<LineKind, MakeLog> logs(LineKind kind, Fields f) throws BookTrouble {
        Map<LineKind, MakeLog> logs = new EnumMap<>(LineKind.class);
        Fields others = f.object("madeAs");
        for (LineKind each : LineKind.values()) {
            String word = JobWriter.word(each);
            if (others.has(word)) {
                logs.put(each, made(others.object(word)));
            }
        }
        logs.put(kind, made(f.object("made")));
        return logs;
    }

    private MakeLog made(Fields f) throws BookTrouble {
        List<StepEntry> entries = new ArrayList<>();
        for (Fields e : f.array("entries")) {
            entries.add(new StepEntry(
                    e.text("step"),
                    e.word("outcome", StepEntry.Outcome.class),
                    e.text("by"),
                    e.instant("at"),
                    new HashMap<>(e.texts("figures")),
                    e.textOr("reason", "")));
        }
        Optional<ReadBack> back = Optional.empty();
        if (f.has("readBack")) {
            Fields r = f.object("readBack");
            back = Optional.of(new ReadBack(Length.ofMm(r.number("figure")), r.text("by"), instant(r)));
        }
        return new MakeLog(entries, back);
    }

    private static Instant instant(Fields f) throws BookTrouble {
        return f.instant("at");
    }
}
