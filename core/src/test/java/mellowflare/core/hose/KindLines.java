package mellowflare.core.hose;

import static mellowflare.core.Samples.DATA;
import static mellowflare.core.Samples.end;
import static mellowflare.core.Samples.soundLine;

import java.util.Optional;
import mellowflare.core.EndSample;
import mellowflare.core.LineSample;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.fluid.Service;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Temperature;
import mellowflare.core.parts.Catalogue;

/** Lines of any kind, ports made to suit their ends, everything else as in the sound line. */
public final class KindLines {
    private KindLines() {}

    public static LineSample line(String hose, String fluid, double bar, double celsius, String endA, String endB) {
        Service s = soundLine()
                .service()
                .withFluid(Optional.of(fluid))
                .withWorking(Optional.of(GaugePressure.ofBar(bar)))
                .withPeak(Optional.of(GaugePressure.ofBar(bar)))
                .withFluidTemperature(Optional.of(Temperature.ofCelsius(celsius)))
                .withFlow(Optional.empty());
        return soundLine()
                .withHose(Optional.of(hose))
                .withService(s)
                .withBendRadius(Optional.of(Length.ofMm(500)))
                .withFinished(Optional.of(CalledFigure.unsigned(Length.ofMm(800), "800")
                        .withSigned("Maren", "Tobbe")
                        .withSecond(Optional.of(Length.ofMm(800)), "Tobbe")))
                .withEnd(LineEnd.A, on(endA))
                .withEnd(LineEnd.B, on(endB));
    }

    private static EndSample on(String part) {
        var p = DATA.get(Catalogue.KEY).hoseEnd(part).orElseThrow();
        var port = DATA.get(EndTable.KEY)
                .mate(DATA.get(EndTable.KEY).find(p.end()).orElseThrow())
                .orElseThrow();
        return end("port", port.id(), part).withMetal(p.metal());
    }
}
