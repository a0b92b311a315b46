package mellowflare.core.pipe;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Practice;
import mellowflare.core.fluid.Ambient;
import mellowflare.core.fluid.Service;
import mellowflare.core.job.ShippedData;
import mellowflare.core.line.Ports;
import mellowflare.core.line.Setting;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Instrument;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Temperature;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.pipe.layout.RunAsk;
import mellowflare.core.pipe.line.PipeCase;
import mellowflare.core.pipe.line.PipeLine;
import mellowflare.core.pipe.line.PipeShape;
import mellowflare.core.pipe.makeup.EndKind;
import mellowflare.core.pipe.makeup.PipeEnd;
import mellowflare.core.pipe.offset.OffsetAsk;
import mellowflare.core.pipe.offset.OffsetFigure;
import mellowflare.core.pipe.offset.OffsetWay;
import mellowflare.core.pipe.offset.Taken;
import mellowflare.core.procedure.MakeLog;
import mellowflare.core.reference.ReferenceData;

/** Sound lines of rigid pipe, for tests that break them in one place. */
public final class PipeSamples {
    public static final ReferenceData DATA = ShippedData.get();

    private PipeSamples() {}

    public static Taken taken(double mm) {
        return new Taken(
                new CalledFigure(
                        Length.ofMm(mm), "", "Maren", "Tobbe", Instrument.TAPE, Optional.of(Length.ofMm(mm)), "Tobbe"),
                Optional.of(Length.ofMm(mm)),
                "door post");
    }

    /** The metric offset of the trade notes, between two slip-on flanges. */
    public static PipeLine offset() {
        return PipeLine.NEW
                .withSystem(Optional.of("malleable150"))
                .withGrade(Optional.of("steel-40"))
                .withSize(Optional.of("1"))
                .withOffset(OffsetAsk.NEW
                        .withWay(OffsetWay.READINGS)
                        .withFigures(Map.of(
                                OffsetFigure.READING_1, taken(1842),
                                OffsetFigure.READING_2, taken(1436),
                                OffsetFigure.OVERALL, taken(1290)))
                        .withA(PipeEnd.of(EndKind.SLIP_ON))
                        .withC(PipeEnd.of(EndKind.SLIP_ON))
                        .withFaces(
                                List.of(Length.ofMm(1290), Length.ofMm(1290), Length.ofMm(1290), Length.ofMm(1290))));
    }

    /** A run as called out, between a port and whatever its last call says. */
    public static PipeLine run(String... calls) {
        return run(RunWalkTest.run(calls));
    }

    public static PipeLine run(RunAsk ask) {
        return offset().withShape(PipeShape.RUN).withRun(ask);
    }

    public static Service water() {
        return Service.UNSAID
                .withFluid(Optional.of("water"))
                .withWorking(Optional.of(GaugePressure.ofBar(6)))
                .withFluidTemperature(Optional.of(Temperature.ofCelsius(20)))
                .withAmbient(Ambient.UNSAID.withWet(Optional.of(false)));
    }

    public static Setting setting(Service service, Practice practice) {
        return new Setting(Ports.UNKNOWN, service, practice, UnitSystem.METRIC, MakeLog.EMPTY, DATA);
    }

    public static PipeCase of(PipeLine line) {
        return PipeCase.of(line, setting(water(), Practice.USUAL));
    }

    public static PipePlan plan(PipeLine line) {
        return PipePlan.of(of(line));
    }

    public static PipePlan plan(PipeLine line, Service service, Practice practice) {
        return PipePlan.of(PipeCase.of(line, setting(service, practice)));
    }

    /** All sentences that failed with a severity of stop. */
    public static List<String> stops(PipePlan plan) {
        return plan.findings().stream()
                .filter(f -> f.stops())
                .map(f -> f.says(UnitSystem.METRIC))
                .toList();
    }
}
