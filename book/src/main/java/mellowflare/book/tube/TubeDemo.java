package mellowflare.book.tube;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.EndId;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.fluid.Ambient;
import mellowflare.core.fluid.Service;
import mellowflare.core.fluid.Work;
import mellowflare.core.geometry.Vector;
import mellowflare.core.job.Job;
import mellowflare.core.line.Port;
import mellowflare.core.line.Ports;
import mellowflare.core.material.Metal;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Instrument;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Temperature;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.tube.TubeLineKind;
import mellowflare.core.tube.end.TubeEndKind;
import mellowflare.core.tube.form.Leg;
import mellowflare.core.tube.form.LegTo;
import mellowflare.core.tube.form.Measured;
import mellowflare.core.tube.form.SpringBack;
import mellowflare.core.tube.line.Reading;
import mellowflare.core.tube.line.TubeEnd;
import mellowflare.core.tube.line.TubeLine;
import mellowflare.core.tube.line.TubePick;

/** The yard's lines of formed and flared tube: fuel, brake, refrigerant, gas. */
final class TubeDemo {
    private TubeDemo() {}

    static List<Job> jobs() {
        return List.of(fuel(), brake(), chiller(), ring());
    }

    /** Measured as points from the tank valve; steel, 37 degree flares at both ends. */
    private static Job fuel() {
        Measured way = points(
                new double[][] {{0, 0, 0}, {180, 0, 0}, {180, 140, 0}, {180, 140, 220}, {420, 260, 220}, {560, 260, 220}
                });
        TubeLine tube = TubeLine.NEW
                .withMeasured(way)
                .withReading(new Reading("Maren", "Tobbe", Instrument.TAPE, Optional.of(Length.ofMm(656)), "Tobbe"))
                .withTube(Optional.of(new TubePick.Listed("A269-3/8x0.035")))
                .withBender(Optional.of("hand-lever-3/8"))
                .withSpring(new SpringBack(
                        Optional.of(new SpringBack.Trial(Angle.ofDegrees(90), Angle.ofDegrees(85))), Optional.empty()))
                .withBuried(Optional.of(false));
        return job(
                "demo-tube-fuel",
                "Day tank to lift pump, tube",
                "Dunlin, engine room",
                ends(tube, TubeEndKind.SINGLE37, "roller-37"),
                service("diesel", 3, 45),
                EndCode.JIC37,
                "-6",
                Gender.MALE,
                "tank valve",
                "lift pump",
                Metal.STEEL);
    }

    /** Measured as legs along the frame with rule and angle gauge; copper-nickel, double flares. */
    private static Job brake() {
        List<Leg> legs = new ArrayList<>();
        legs.add(leg(120, 0, 90));
        legs.add(leg(260, 0, 45));
        legs.add(leg(410, 180, 45));
        legs.add(leg(300, 90, 90));
        legs.add(leg(140, 0, 0));
        TubeLine tube = TubeLine.NEW
                .withMeasured(new Measured.Legs(legs, LegTo.OUTSIDE))
                .withTube(Optional.of(new TubePick.Listed("CUNI-4.75x0.71")))
                .withBender(Optional.of("hand-lever-4.75"))
                .withBuried(Optional.of(false));
        return job(
                "demo-tube-brake",
                "Brake tube along the frame",
                "Yard tow tractor",
                ends(tube, TubeEndKind.DOUBLE45, "hydraulic-kit"),
                service("brake-fluid", 80, 60),
                EndCode.INVFLARE,
                "3/16",
                Gender.FEMALE,
                "frame tee",
                "axle hose",
                Metal.STEEL);
    }

    /** Refrigeration copper with a socket at the coil that is brazed in. */
    private static Job chiller() {
        Measured way = points(new double[][] {{0, 0, 0}, {150, 0, 0}, {150, 0, -260}, {150, 320, -260}});
        TubeLine tube = TubeLine.NEW
                .withMeasured(way)
                .withTube(Optional.of(new TubePick.Listed("ACR-3/8")))
                .withBender(Optional.of("hand-lever-3/8"))
                .withBuried(Optional.of(false))
                .withEnd(
                        LineEnd.A,
                        TubeEnd.UNSAID
                                .withKind(Optional.of(TubeEndKind.REFRIGERATION45))
                                .withTool(Optional.of("clutch-45")))
                .withEnd(LineEnd.B, TubeEnd.UNSAID.withKind(Optional.of(TubeEndKind.SWAGE)));
        Job chiller = job(
                "demo-tube-chiller",
                "Chiller liquid line",
                "Dunlin, fish hold",
                tube,
                service("r134a", 16, 50),
                EndCode.SAE45,
                "3/8",
                Gender.MALE,
                "receiver valve",
                "coil",
                Metal.BRASS);
        // The coil's end is bare tube: it is brazed into the socket.
        return chiller.withPort(LineEnd.B, Port.unknown("coil").withMetal(Optional.of(Metal.COPPER)));
    }

    /** A template of soft wire gave its length; bent by hand on the job. */
    private static Job ring() {
        TubeLine tube = TubeLine.NEW
                .withMeasured(new Measured.Template(Length.ofMm(840)))
                .withTube(Optional.of(new TubePick.Listed("B88-L-1/4")))
                .withRadius(Optional.of(Length.ofMm(80)));
        return job(
                "demo-tube-ring",
                "Gas ring, copper tube",
                "Mess room",
                ends(tube, TubeEndKind.SINGLE45, "bar-45"),
                service("lpg", 0.05, 20),
                EndCode.SAE45,
                "3/8",
                Gender.MALE,
                "regulator",
                "gas ring",
                Metal.BRASS);
    }

    private static Measured points(double[][] all) {
        List<Vector> corners = new ArrayList<>();
        for (double[] p : all) {
            corners.add(new Vector(p[0], p[1], p[2]));
        }
        return new Measured.Points(corners);
    }

    private static Leg leg(double mm, double turn, double bend) {
        return new Leg(Length.ofMm(mm), Angle.ofDegrees(turn), Angle.ofDegrees(bend));
    }

    private static TubeLine ends(TubeLine tube, TubeEndKind kind, String tool) {
        TubeEnd end = TubeEnd.UNSAID.withKind(Optional.of(kind)).withTool(Optional.of(tool));
        return tube.withEnd(LineEnd.A, end).withEnd(LineEnd.B, end);
    }

    private static Service service(String fluid, double bar, double celsius) {
        return Service.UNSAID
                .withFluid(Optional.of(fluid))
                .withWorking(Optional.of(GaugePressure.ofBar(bar)))
                .withFluidTemperature(Optional.of(Temperature.ofCelsius(celsius)))
                .withAmbient(Ambient.UNSAID.withWet(Optional.of(false)))
                .withWork(Optional.of(Work.NEW));
    }

    private static Job job(
            String id,
            String title,
            String machine,
            TubeLine tube,
            Service service,
            EndCode code,
            String size,
            Gender gender,
            String placeA,
            String placeB,
            Metal metal) {
        EndId port = new EndId(code, size, gender);
        return Job.open(id, title, machine, UnitSystem.METRIC)
                .withKind(TubeLineKind.TUBE)
                .withPorts(new Ports(
                        Port.unknown(placeA).taken(port, Optional.empty()).withMetal(Optional.of(metal)),
                        Port.unknown(placeB).taken(port, Optional.empty()).withMetal(Optional.of(metal))))
                .withService(service)
                .with(TubeLineKind.TUBE, tube);
    }
}
