package mellowflare.book.hose;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.fluid.Ambient;
import mellowflare.core.fluid.Service;
import mellowflare.core.hose.HoseLineKind;
import mellowflare.core.hose.line.HoseEndPick;
import mellowflare.core.hose.line.HoseLine;
import mellowflare.core.job.Job;
import mellowflare.core.line.Port;
import mellowflare.core.line.Ports;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Temperature;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.parts.Catalogue;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.upkeep.Upkeep;

/** The yard's lines that carry no hydraulic oil: fuel, refrigerant, air, brake, gas, water. One of each, not begun. */
final class OtherHoses {
    private final ReferenceData data;

    OtherHoses(ReferenceData data) {
        this.data = data;
    }

    List<Job> jobs() {
        return List.of(
                job(
                        "demo-tap",
                        "Tap in the mess room",
                        "Mess room",
                        line("KHW-05", "potable-water", 4, 20, 470, "KW05-Q12F", "wall valve", "KW05-Q12F", "tap")),
                job(
                        "demo-ring",
                        "Gas ring",
                        "Mess room",
                        line("KHG-06", "lpg", 0.05, 20, 700, "KG06-L38F", "regulator", "KG06-S38F", "gas ring")),
                job(
                        "demo-brake",
                        "Brake hose, left rear",
                        "Yard tow tractor",
                        line(
                                "KHK-02",
                                "brake-fluid",
                                80,
                                60,
                                335,
                                "KK02-I316M",
                                "axle tee",
                                "KK02-I316F",
                                "frame tube")),
                job(
                        "demo-drop",
                        "Hose from the main to the chipping bench",
                        "Blasting and rigging shed",
                        line(
                                "KHA-08",
                                "compressed-air",
                                8,
                                30,
                                2400,
                                "KA08-N12M",
                                "drop valve",
                                "KA08-G12F",
                                "bench manifold")),
                job(
                        "demo-chiller",
                        "Chiller suction hose",
                        "Dunlin, fish hold",
                        line("KHB-10", "r134a", 6, 15, 820, "KB10-C10F90", "evaporator", "KB10-C10F90", "compressor")
                                .change(HoseLineKind.HOSE, l -> l.withClocking(Optional.of(Angle.ofDegrees(120))))
                                .withTaken(ChillerTests.taken())),
                job(
                        "demo-day-tank",
                        "Day tank feed",
                        "Dunlin, engine room",
                        line("KHF-06", "diesel", 3, 45, 960, "KB06-A06F", "tank valve", "KB06-A06F45", "lift pump")
                                .withUpkeep(new Upkeep(
                                        Optional.of(LocalDate.of(2024, 9, 28)),
                                        Optional.of(LocalDate.of(2024, 3, 1)),
                                        List.of(new Upkeep.Done(
                                                "fuel-hose",
                                                LocalDate.of(2025, 10, 3),
                                                Say.it("other-hoses.tobbe"),
                                                Say.it("other-hoses.dry")))))));
    }

    private Job job(String id, String title, String machine, Job line) {
        return line.withId(id).withTitle(title).withMachine(machine);
    }

    private Job line(
            String hose,
            String fluid,
            double bar,
            double celsius,
            double mm,
            String endA,
            String placeA,
            String endB,
            String placeB) {
        Service service = Service.UNSAID
                .withFluid(Optional.of(fluid))
                .withWorking(Optional.of(GaugePressure.ofBar(bar)))
                .withFluidTemperature(Optional.of(Temperature.ofCelsius(celsius)))
                .withAmbient(Ambient.UNSAID.withOpener(Optional.of(Ambient.Opener.WORKSHOP)));
        HoseLine line = HoseLine.NEW
                .withEnd(LineEnd.A, HoseEndPick.of(endA))
                .withEnd(LineEnd.B, HoseEndPick.of(endB))
                .withHose(Optional.of(hose))
                .withFinished(Optional.of(CalledFigure.unsigned(Length.ofMm(mm), Long.toString(Math.round(mm)))));
        return Job.open("demo", "", "", UnitSystem.METRIC)
                .withPorts(new Ports(port(placeA, endA), port(placeB, endB)))
                .withService(service)
                .with(HoseLineKind.HOSE, line);
    }

    private Port port(String place, String part) {
        var hoseEnd = data.get(Catalogue.KEY).hoseEnd(part).orElseThrow();
        var port = data.get(EndTable.KEY)
                .mate(data.get(EndTable.KEY).find(hoseEnd.end()).orElseThrow())
                .orElseThrow();
        return Port.unknown(place).taken(port.id(), Optional.empty()).withMetal(hoseEnd.metal());
    }
}
