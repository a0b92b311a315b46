package mellowflare.book.pipe;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import mellowflare.core.fluid.Ambient;
import mellowflare.core.fluid.Service;
import mellowflare.core.geometry.Vector;
import mellowflare.core.job.Job;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Instrument;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Temperature;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.pipe.PipeLineKind;
import mellowflare.core.pipe.layout.Box;
import mellowflare.core.pipe.layout.Piece;
import mellowflare.core.pipe.layout.RunAsk;
import mellowflare.core.pipe.layout.RunText;
import mellowflare.core.pipe.line.PieceState;
import mellowflare.core.pipe.line.PipeLine;
import mellowflare.core.pipe.line.PipeMaking;
import mellowflare.core.pipe.line.PipeShape;
import mellowflare.core.pipe.makeup.EndKind;
import mellowflare.core.pipe.makeup.PipeEnd;
import mellowflare.core.pipe.offset.Obstruction;
import mellowflare.core.pipe.offset.OffsetAsk;
import mellowflare.core.pipe.offset.OffsetFigure;
import mellowflare.core.pipe.offset.OffsetWay;
import mellowflare.core.pipe.offset.Taken;

/** Rigid pipe in the yard: wash water past the hoist frame, cooling water in inches, a rolling offset, a run through the wash place, and one that stops. */
final class PipeDemo {
    private PipeDemo() {}

    static List<Job> jobs() {
        return List.of(wash(), cooling(), rolling(), run(), slip());
    }

    private static Taken taken(double mm, String caller, String writer, double second, String reference) {
        return new Taken(
                new CalledFigure(
                        Length.ofMm(mm), "", caller, writer, Instrument.TAPE, Optional.of(Length.ofMm(second)), writer),
                Optional.of(Length.ofMm(mm)),
                reference);
    }

    private static Taken inches(double inches, double second, String reference) {
        return new Taken(
                new CalledFigure(
                        Length.ofInches(inches),
                        "",
                        "Ilse",
                        "Tobbe",
                        Instrument.TAPE,
                        Optional.of(Length.ofInches(second)),
                        "Tobbe"),
                Optional.of(Length.ofInches(inches)),
                reference);
    }

    private static OffsetAsk offset(OffsetWay way, Map<OffsetFigure, Taken> figures) {
        return OffsetAsk.NEW.withWay(way).withFigures(figures);
    }

    private static PipeLine galvanised(String size, OffsetAsk offset) {
        return PipeLine.NEW
                .withSystem(Optional.of("malleable150-galvanised"))
                .withGrade(Optional.of("galvanised-40"))
                .withSize(Optional.of(size))
                .withOffset(offset);
    }

    private static Service water(double bar, double celsius) {
        return Service.UNSAID
                .withFluid(Optional.of("water"))
                .withWorking(Optional.of(GaugePressure.ofBar(bar)))
                .withFluidTemperature(Optional.of(Temperature.ofCelsius(celsius)))
                .withAmbient(Ambient.UNSAID.withWet(Optional.of(true)));
    }

    /** Between two flanges, past the frame of the hoist: the travel is shifted until it clears it. */
    private static Job wash() {
        OffsetAsk ask = offset(
                        OffsetWay.READINGS,
                        Map.of(
                                OffsetFigure.READING_1, taken(1842, "Maren", "Tobbe", 1842, "door post"),
                                OffsetFigure.READING_2, taken(1436, "Tobbe", "Maren", 1436, "door post"),
                                OffsetFigure.OVERALL, taken(1290, "Maren", "Tobbe", 1291, "")))
                .withA(PipeEnd.of(EndKind.SLIP_ON).withSetBack(Optional.of(Length.ofMm(6))))
                .withC(PipeEnd.of(EndKind.SLIP_ON).withSetBack(Optional.of(Length.ofMm(6))))
                .withObstruction(Optional.of(new Obstruction(
                        "hoist frame", Length.ofMm(760), Length.ofMm(180), Length.ofMm(40), Length.ofMm(120))))
                .withFaces(Stream.of(1290.0, 1290.5, 1290.0, 1290.0)
                        .map(Length::ofMm)
                        .toList());
        PipeLine line = galvanised("1", ask)
                .withMaking(PipeMaking.USUAL.withOld(List.of(new PipeMaking.OldBar("1", Length.ofMm(1620), 1))));
        return job("demo-pipe-wash", "Wash water past the hoist frame", "Wash place", UnitSystem.METRIC, line)
                .withService(water(6, 15))
                .withNote("The frame stays. Two flanges are there and cannot be moved.");
    }

    /** In inches, half made: leg A stands, the travel is cut. */
    private static Job cooling() {
        OffsetAsk ask = offset(
                        OffsetWay.OFFSET,
                        Map.of(
                                OffsetFigure.OFFSET, inches(16.5625, 16.5625, ""),
                                OffsetFigure.OVERALL, inches(51.375, 51.375, "")))
                .withA(PipeEnd.of(EndKind.SLIP_ON).withSetBack(Optional.of(Length.ofInches(0.1875))))
                .withC(PipeEnd.of(EndKind.SLIP_ON).withSetBack(Optional.of(Length.ofInches(0.1875))))
                .withFaces(Stream.of(51.375, 51.375, 51.375, 51.3906)
                        .map(Length::ofInches)
                        .toList());
        PipeLine line = PipeLine.NEW
                .withSystem(Optional.of("malleable150"))
                .withGrade(Optional.of("steel-40"))
                .withSize(Optional.of("3/4"))
                .withOffset(ask)
                .withMaking(PipeMaking.USUAL.withBar(Length.ofInches(252)).withKerf(Length.ofInches(0.125)))
                .with("A", new PieceState(PieceState.Done.MADE_UP, Optional.of(Length.ofInches(16.8125))))
                .with("B", new PieceState(PieceState.Done.CUT, Optional.of(Length.ofInches(22.5625))));
        return job("demo-pipe-cooling", "Cooling water to the engine", "Dunlin, engine room", UnitSystem.INCH, line)
                .withService(water(3, 60));
    }

    /** Out of plane, between two ports that cannot move: a union must stand somewhere. */
    private static Job rolling() {
        OffsetAsk ask = offset(
                        OffsetWay.ROLLING,
                        Map.of(
                                OffsetFigure.RISE, taken(310, "Maren", "Tobbe", 310, ""),
                                OffsetFigure.ROLL, taken(240, "Maren", "Tobbe", 241, ""),
                                OffsetFigure.OVERALL, taken(1460, "Tobbe", "Maren", 1460, "")))
                .withFitting(Angle.ofDegrees(45))
                .withA(PipeEnd.of(EndKind.PORT))
                .withC(PipeEnd.of(EndKind.PORT));
        PipeLine line = PipeLine.NEW
                .withSystem(Optional.of("en10242"))
                .withGrade(Optional.of("en10255-m"))
                .withSize(Optional.of("3/4"))
                .withOffset(ask);
        return job("demo-pipe-rolling", "Return over the bilge pump", "Dunlin, engine room", UnitSystem.METRIC, line)
                .withService(water(4, 40));
    }

    /** Through the wash place: up, along, a tee to the washer, a valve that can be taken out again. */
    private static Job run() {
        RunAsk run = RunAsk.NEW
                .withPieces(calls(
                        "riser: up 2.1 m",
                        "wall: ahead 1.6 m",
                        "tee right to washer",
                        "along: on 900",
                        "union",
                        "to tank: on 600",
                        "45 left",
                        "past post: on 420",
                        "45 right",
                        "last: on 500",
                        "tank: to flange threaded",
                        "from washer",
                        "drop: on 250",
                        "lower: down 1.2 m",
                        "valve",
                        "stub: on 300",
                        "hose end: to open"))
                .withBoxes(List.of(new Box("post", new Vector(3200, -400, 0), new Vector(3400, -60, 2600))))
                .withCheck(Optional.of(new RunAsk.Check(
                        "tank",
                        Optional.empty(),
                        Optional.of(Length.ofMm(3898)),
                        Optional.of(Length.ofMm(297)),
                        Optional.of(Length.ofMm(2100)))));
        PipeLine line = galvanised("1", OffsetAsk.NEW)
                .withShape(PipeShape.RUN)
                .withRun(run)
                .withMaking(PipeMaking.USUAL.withOld(List.of(new PipeMaking.OldBar("1", Length.ofMm(2380), 1))));
        return job("demo-pipe-run", "Wash place, from riser to tank", "Wash place", UnitSystem.METRIC, line)
                .withService(water(6, 15));
    }

    /** What was called is not what was written, and the travel was marked by the offset: nothing is cut. */
    private static Job slip() {
        OffsetAsk ask = offset(
                        OffsetWay.READINGS,
                        Map.of(
                                OffsetFigure.READING_1, taken(905, "Tobbe", "Ilse", 905, "string"),
                                OffsetFigure.READING_2, taken(625, "Tobbe", "Ilse", 624, "string"),
                                OffsetFigure.OVERALL,
                                        taken(1209, "Maren", "Tobbe", 1209, "")
                                                .withCalled(Optional.of(Length.ofMm(1290)))))
                .withA(PipeEnd.of(EndKind.SLIP_ON))
                .withC(PipeEnd.of(EndKind.SLIP_ON));
        PipeLine line =
                galvanised("3/4", ask).with("B", new PieceState(PieceState.Done.TO_CUT, Optional.of(Length.ofMm(258))));
        return job("demo-pipe-slip", "Drain behind the net shed", "Net shed", UnitSystem.METRIC, line)
                .withService(water(2, 15));
    }

    private static List<Piece> calls(String... texts) {
        List<Piece> pieces = new ArrayList<>();
        for (String text : texts) {
            pieces.add(RunText.read(text, UnitSystem.METRIC, Integer.toString(pieces.size() + 1))
                    .value()
                    .orElseThrow());
        }
        return pieces;
    }

    private static Job job(String id, String title, String machine, UnitSystem units, PipeLine line) {
        return Job.open(id, title, machine, units).withKind(PipeLineKind.PIPE).with(PipeLineKind.PIPE, line);
    }
}
