package mellowflare.core.hose;

import static mellowflare.core.Samples.DATA;
import static mellowflare.core.Samples.end;
import static mellowflare.core.Samples.id;
import static mellowflare.core.Samples.soundLine;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import mellowflare.core.LineSample;
import mellowflare.core.Stands;
import mellowflare.core.advice.Method;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.advice.Methods;
import mellowflare.core.advice.Practice;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.fluid.Ambient;
import mellowflare.core.fluid.Duty;
import mellowflare.core.fluid.Fluid;
import mellowflare.core.fluid.FluidTable;
import mellowflare.core.fluid.Service;
import mellowflare.core.hose.line.OldHose;
import mellowflare.core.line.PortTried;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.measure.FlowRate;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Temperature;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.parts.Catalogue;
import mellowflare.core.parts.Here;
import mellowflare.core.parts.HoseEndPart;
import mellowflare.core.parts.HosePart;
import mellowflare.core.procedure.MakeLog;
import org.junit.jupiter.api.Test;

/** Hoses of every kind, and the sound one changed in one place at a time, in whole. A line that differs is a fault, or to be taken over ({@link Stands}). */
class HosePlansStandTest {
    private static List<String> plan(LineSample line, Practice practice) {
        return Stands.whole(HosePlan.of(line.worked(practice, UnitSystem.METRIC, MakeLog.EMPTY)));
    }

    private static UnaryOperator<LineSample> service(UnaryOperator<Service> change) {
        return l -> l.withService(change.apply(l.service()));
    }

    private static UnaryOperator<LineSample> ambient(UnaryOperator<Ambient> change) {
        return service(s -> s.withAmbient(change.apply(s.ambient())));
    }

    private static UnaryOperator<LineSample> tried(UnaryOperator<PortTried> change) {
        return l ->
                l.withEnd(LineEnd.A, l.a().withTried(change.apply(l.a().port().tried())));
    }

    private static Optional<Length> mm(double mm) {
        return Optional.of(Length.ofMm(mm));
    }

    private static List<UnaryOperator<LineSample>> changes() {
        List<UnaryOperator<LineSample>> all = new ArrayList<>(List.of(
                l -> l,
                l -> LineSample.NEW,
                l -> l.withHose(Optional.empty()),
                l -> l.withHose(Optional.of("KH2-06")),
                l -> l.withHose(Optional.of("KH4-08")),
                l -> l.withBendRadius(mm(189)),
                l -> l.withBendRadius(mm(60)),
                l -> l.withBendRadius(Optional.empty()),
                l -> l.withClocking(Optional.of(Angle.ofDegrees(30))),
                l -> l.withFinished(Optional.empty()),
                l -> l.withFinished(Optional.of(CalledFigure.unsigned(Length.ofMm(120), "120"))),
                l -> l.withFinished(l.line().finished().map(f -> f.withSecond(mm(1180), "Tobbe"))),
                l -> l.withLaidOut(mm(1100)),
                l -> l.withOld(Optional.of(new OldHose(Length.ofMm(1130), Length.ofMm(12)))),
                l -> l.withHere(Here.UNSAID),
                l -> l.withHere(l.line().here().withMissing(Set.of("press", "caliper"))),
                l -> l.withHere(l.line().here().withRoom(LineEnd.A, mm(20))),
                l -> l.withHere(l.line().here().withRoomCut(mm(100))),
                l -> l.withHere(l.line().here().withPanel(Optional.of(new Here.Panel(Length.ofMm(12), true)))),
                tried(t -> PortTried.NOT),
                tried(t -> t.withHomeByHand(Optional.of(true))),
                tried(t -> t.withRingShows(Optional.of(true))),
                tried(t -> t.withMouth(mm(19.5))),
                tried(t -> t.withMouth(mm(20.7))),
                l -> l.withEnd(LineEnd.B, end("valve", id(EndCode.AN37, "-8", Gender.MALE), "KC08-J08F90")),
                l -> l.withEnd(LineEnd.B, end("valve", id(EndCode.ORB, "-8", Gender.FEMALE), "KC08-J08F90")),
                service(s -> Service.UNSAID),
                service(s -> s.withWorking(Optional.of(GaugePressure.ofBar(250)))),
                service(s -> s.withPeak(Optional.of(GaugePressure.ofBar(300)))),
                service(s -> s.withPeak(Optional.of(GaugePressure.ofBar(100)))),
                service(s -> s.withFluidTemperature(Optional.of(Temperature.ofCelsius(101)))),
                service(s -> s.withFluidTemperature(Optional.of(Temperature.ofCelsius(-41)))),
                service(s -> s.withFlow(Optional.of(FlowRate.ofLitresPerMinute(150)))),
                service(s -> s.withFlow(Optional.empty())),
                ambient(a -> Ambient.UNSAID),
                ambient(a -> a.withWet(Optional.of(true))),
                ambient(a -> a.withAir(Optional.of(Temperature.ofCelsius(149)))),
                l -> l.withEnd(LineEnd.A, l.a().withMetal(Optional.empty()))));
        for (Duty duty : Duty.values()) {
            all.add(service(s -> s.withDuty(duty)));
        }
        for (Ambient.Moves moves : Ambient.Moves.values()) {
            all.add(ambient(a -> a.withMoves(Optional.of(moves))));
        }
        for (Ambient.Opener opener : Ambient.Opener.values()) {
            all.add(ambient(a -> a.withOpener(Optional.of(opener))));
        }
        for (Fluid fluid : DATA.get(FluidTable.KEY).all()) {
            all.add(service(s -> s.withFluid(Optional.of(fluid.id()))));
        }
        return all;
    }

    @Test
    void testTheSoundHoseChangedInOnePlaceStandsAsItWasLookedThrough() {
        List<List<String>> cases = new ArrayList<>(changes().stream()
                .map(c -> plan(c.apply(soundLine()), Practice.USUAL))
                .toList());
        for (MethodTopic topic : List.of(
                MethodTopic.HOSE_CUTTING,
                MethodTopic.ASSEMBLY_LUBRICANT,
                MethodTopic.BRAID_CLOSING,
                MethodTopic.BARRIER_PRESS,
                MethodTopic.PIPE_THREAD_SEAL)) {
            for (Method method : DATA.get(Methods.KEY).of(topic)) {
                cases.add(plan(soundLine(), Practice.USUAL.with(topic, method.id())));
            }
        }
        Stands.as(getClass(), "changed.txt", Stands.apart(cases));
    }

    @Test
    void testHosesOfEveryKindStandAsTheyWereLookedThrough() {
        List<String> lines = new ArrayList<>();
        Set<String> seen = new HashSet<>();
        Catalogue catalogue = DATA.get(Catalogue.KEY);
        for (HosePart hose : catalogue.hoses()) {
            List<HoseEndPart> ends = catalogue.hoseEnds().stream()
                    .filter(e -> e.series().orElseThrow().equals(hose.series())
                            && e.hoseDash().orElseThrow().equals(hose.dash()))
                    .toList();
            for (HoseEndPart e : ends) {
                if (seen.add(hose.kind() + " " + e.attach())) {
                    lines.add(hose.part() + " " + e.part());
                    lines.addAll(plan(
                            KindLines.line(
                                    hose.part(),
                                    "water",
                                    6,
                                    20,
                                    e.part(),
                                    ends.get(0).part()),
                            Practice.USUAL));
                }
            }
        }
        Stands.as(getClass(), "kinds.txt", lines);
    }

    private static HosePlan of(LineSample line) {
        return HosePlan.of(line.worked(Practice.USUAL, UnitSystem.METRIC, MakeLog.EMPTY));
    }

    private static String built(FromShelf.Build b) {
        return b.hose().part() + ", " + b.a().part() + ", " + b.b().part() + ", " + b.adapters() + " warns "
                + b.warnings() + ", " + Stands.figure(b.cost());
    }

    /** What may be changed about a hose, of how many parts, and what can be built of the shelf instead. */
    @Test
    void testWaysToMendStandAsTheyWereLookedThrough() {
        List<String> lines = new ArrayList<>();
        for (UnaryOperator<LineSample> change : List.<UnaryOperator<LineSample>>of(
                l -> l,
                l -> LineSample.NEW,
                service(s -> s.withFluid(Optional.of("water"))),
                l -> l.withHose(Optional.of("KH2-06")),
                l -> l.withEnd(LineEnd.A, end("block", id(EndCode.NPT, "1/2", Gender.FEMALE), "")),
                l -> l.withEnd(LineEnd.B, end("valve", id(EndCode.BSPP, "1/2", Gender.MALE), "KC08-J08F90")))) {
            LineSample line = change.apply(soundLine());
            lines.add("line");
            HoseLineKind.HOSE.mendings(of(line)).forEach(m -> lines.add("  " + m.parts() + " " + m.words()));
            new FromShelf(line.line(), line.setting(Practice.USUAL, UnitSystem.METRIC, MakeLog.EMPTY), () -> false)
                    .find()
                    .forEach(b -> lines.add("  built " + built(b)));
        }
        Stands.as(getClass(), "mendings.txt", lines);
    }

    @Test
    void testItIsOfItsKind() {
        Stands.kind(HoseLineKind.HOSE, "hose", true, 0);
    }
}
