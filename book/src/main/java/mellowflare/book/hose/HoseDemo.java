package mellowflare.book.hose;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.EndId;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.connection.Seat;
import mellowflare.core.fluid.Ambient;
import mellowflare.core.fluid.Service;
import mellowflare.core.fluid.Work;
import mellowflare.core.geometry.Vector;
import mellowflare.core.hose.HoseLineKind;
import mellowflare.core.hose.line.HoseEndPick;
import mellowflare.core.hose.line.HoseLine;
import mellowflare.core.hose.route.KeepOut;
import mellowflare.core.hose.route.PortAt;
import mellowflare.core.hose.route.RouteSketch;
import mellowflare.core.identify.Identification;
import mellowflare.core.identify.Identifier;
import mellowflare.core.identify.Observation;
import mellowflare.core.identify.RingSeen;
import mellowflare.core.identify.TaperSeen;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.line.Port;
import mellowflare.core.line.PortTried;
import mellowflare.core.line.Ports;
import mellowflare.core.material.Metal;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.measure.FlowRate;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Instrument;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.Temperature;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.parts.Here;
import mellowflare.core.procedure.MakeLog;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.thread.Pitch;

/** Hydraulic hoses of the demo yard: one half made, one not begun, one that stops. */
final class HoseDemo {
    private final ReferenceData data;
    private final Identifier identifier;

    private HoseDemo(ReferenceData data) {
        this.data = data;
        this.identifier = new Identifier(data);
    }

    /** The demo jobs, as of a moment. */
    static List<Job> jobs(ReferenceData data, Instant now) {
        HoseDemo slip = new HoseDemo(data);
        List<Job> jobs = new ArrayList<>(List.of(slip.tractor(), slip.winch(now), slip.slewHose(now)));
        jobs.addAll(new OtherHoses(data).jobs());
        return List.copyOf(jobs);
    }

    /** Half made: metric, crimped, straight to elbow. */
    private Job slewHose(Instant now) {
        Port motor = gauged(
                        "slew motor",
                        Observation.of(Gender.FEMALE)
                                .withDiameter(Optional.of(Length.ofMm(17.5)))
                                .withPitch(Optional.of(Pitch.ofPerInch(16)))
                                .withTaper(Optional.of(TaperSeen.PARALLEL))
                                .withSeat(Optional.of(Seat.PORT_ORING))
                                .withService(Optional.of("hydraulic")),
                        "17.5",
                        "16")
                .withTried(PortTried.NOT.withHomeByHand(Optional.of(false)));
        Port valve = gauged(
                "slew valve",
                Observation.of(Gender.MALE)
                        .withDiameter(Optional.of(Length.ofMm(18.92)))
                        .withPitch(Optional.of(Pitch.ofPerInch(16)))
                        .withTaper(Optional.of(TaperSeen.PARALLEL))
                        .withSeat(Optional.of(Seat.CONE37))
                        .withRing(Optional.of(RingSeen.NONE))
                        .withService(Optional.of("hydraulic")),
                "18.92",
                "16");
        HoseLine line = HoseLine.NEW
                .withEnd(LineEnd.A, HoseEndPick.of("KC08-B08M"))
                .withEnd(LineEnd.B, HoseEndPick.of("KC08-J08F90"))
                .withHose(Optional.of("KH2-08"))
                .withRoute(Optional.of(slewRoute()))
                .withHere(Here.UNSAID.withPresent(Set.of("press", "test-pump")))
                .withFinished(Optional.of(new CalledFigure(
                        Length.ofMm(1140),
                        "1140",
                        "Maren",
                        "Tobbe",
                        Instrument.TAPE,
                        Optional.of(Length.ofMm(1141)),
                        "Tobbe")))
                .withBendRadius(Optional.of(Length.ofMm(230)));
        Job job = Job.open("demo-slew-hose", "Crane slew hose, port side", "Dunlin, deck crane", UnitSystem.METRIC)
                .withPorts(
                        new Ports(motor.withMetal(Optional.of(Metal.STEEL)), valve.withMetal(Optional.of(Metal.STEEL))))
                .withService(new Service(
                                Optional.of("mineral-oil"),
                                Optional.of(GaugePressure.ofBar(210)),
                                Optional.of(GaugePressure.ofBar(235)),
                                Optional.of(Temperature.ofCelsius(65)),
                                Optional.of(FlowRate.ofLitresPerMinute(38)))
                        .withAmbient(new Ambient(
                                Optional.of(Temperature.ofCelsius(35)),
                                Optional.of(Ambient.Moves.VIBRATES),
                                Optional.of(Ambient.Opener.WORKSHOP),
                                Optional.of(true)))
                        .withWork(Optional.of(Work.REPLACEMENT)))
                .with(HoseLineKind.HOSE, line)
                .withNote("Old hose burst at the motor end; crane pinned and tagged.");
        Instant at = now.minus(Duration.ofMinutes(52));
        Evaluation e = Evaluation.of(job, data);
        e = tick(e, "safe", "Maren", at);
        e = tick(e, "catch", "Maren", at.plusSeconds(540));
        e = tick(e, "parts", "Tobbe", at.plusSeconds(900));
        e = tick(e, "scrap", "Tobbe", at.plusSeconds(1000));
        return tick(e, "mark", "Tobbe", at.plusSeconds(1080)).job();
    }

    /** From the motor forward, up and across to the valve, round the foot of the boom. */
    private static RouteSketch slewRoute() {
        return RouteSketch.of(
                        new PortAt(Vector.ZERO, new Vector(1, 0, 0), Optional.empty()),
                        new PortAt(new Vector(910, 320, 230), new Vector(0, 0, 1), Optional.of(new Vector(-1, 0, 0))))
                .withKeepOuts(
                        List.of(KeepOut.between("boom foot", new Vector(380, -80, 20), new Vector(520, 120, 260))));
    }

    /** Not begun: inch, screw-together ends, something still open. */
    private Job winch(Instant now) {
        Port pump = gauged(
                "winch pump",
                Observation.of(Gender.MALE)
                        .withDiameter(Optional.of(Length.ofInches(0.556)))
                        .withPitch(Optional.of(Pitch.ofPerInch(18)))
                        .withTaper(Optional.of(TaperSeen.PARALLEL))
                        .withSeat(Optional.of(Seat.CONE37))
                        .withWorn(true),
                "0.556",
                "18");
        Port motor = Port.unknown("winch motor");
        HoseLine line = HoseLine.NEW
                .withEnd(LineEnd.A, HoseEndPick.of("KR06-J06F"))
                .withHose(Optional.of("KH2-06"))
                .withFinished(Optional.of(CalledFigure.unsigned(Length.ofInches(30.5), "30 1/2")));
        return Job.open("demo-winch", "Slip winch, pump to motor", "Slipway winch", UnitSystem.INCH)
                .withPorts(new Ports(pump, motor))
                .withService(new Service(
                        Optional.of("mineral-oil"),
                        Optional.of(GaugePressure.ofBar(2500 / 14.5037738)),
                        Optional.empty(),
                        Optional.of(Temperature.ofCelsius(60)),
                        Optional.empty()))
                .with(HoseLineKind.HOSE, line)
                .withNote("Motor end still on the machine: measure it before the tide turns. Asked for "
                        + java.time.format.DateTimeFormatter.ISO_LOCAL_DATE
                                .withZone(java.time.ZoneOffset.UTC)
                                .format(now.plus(Duration.ofDays(1)))
                        + ".");
    }

    /** Stops on purpose: two elbows without a clock angle, and a bend that is too tight. */
    private Job tractor() {
        Port ram = picked("tipping ram", new EndId(EndCode.BSPP, "1/2", Gender.MALE));
        Port block = picked("valve block", new EndId(EndCode.BSPP, "1/2", Gender.MALE));
        HoseLine line = HoseLine.NEW
                .withEnd(LineEnd.A, HoseEndPick.of("KC08-G12F90"))
                .withEnd(LineEnd.B, HoseEndPick.of("KC08-G12F90"))
                .withHose(Optional.of("KH2-08"))
                .withFinished(Optional.of(CalledFigure.unsigned(Length.ofMm(640), "640")))
                .withBendRadius(Optional.of(Length.ofMm(160)));
        return Job.open("demo-tractor", "Tipping ram hose", "Yard tow tractor", UnitSystem.METRIC)
                .withPorts(new Ports(ram, block))
                .withService(new Service(
                        Optional.of("bio-ester"),
                        Optional.of(GaugePressure.ofBar(175)),
                        Optional.empty(),
                        Optional.of(Temperature.ofCelsius(70)),
                        Optional.empty()))
                .with(HoseLineKind.HOSE, line)
                .withNote("Both ends elbows; route passes close behind the axle.");
    }

    private Port gauged(String place, Observation seen, String diameter, String pitch) {
        Identification answer = identifier.identify(seen);
        Map<String, String> typed = new LinkedHashMap<>();
        typed.put("diameter", diameter);
        typed.put("pitch", pitch);
        Port end = Port.unknown(place).withSeen(seen, typed);
        return answer.best()
                .map(b -> end.taken(b.end().id(), Optional.of(b.probability())))
                .orElse(end);
    }

    private static Port picked(String place, EndId id) {
        return Port.unknown(place).taken(id, Optional.empty());
    }

    private Evaluation tick(Evaluation before, String step, String by, Instant at) {
        Read<MakeLog> log = before.bench().tick(step, by, at, Map.of());
        return Evaluation.after(
                before,
                before.job()
                        .withLog(log.value()
                                .orElseThrow(() -> new IllegalStateException("The demo cannot tick " + step + ": "
                                        + log.refusal().orElse("")))),
                data);
    }
}
