package mellowflare.core;

import java.util.Optional;
import java.util.Set;
import mellowflare.core.advice.Practice;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.EndId;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.fluid.Ambient;
import mellowflare.core.fluid.Service;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.job.ShippedData;
import mellowflare.core.line.PortTried;
import mellowflare.core.line.Ports;
import mellowflare.core.line.Setting;
import mellowflare.core.material.Metal;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.measure.FlowRate;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Temperature;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.parts.Here;
import mellowflare.core.procedure.MakeLog;
import mellowflare.core.reference.ReferenceData;

/** A sound line that every check passes, to break in one place at a time. */
public final class Samples {
    public static final ReferenceData DATA = ShippedData.load();

    private Samples() {}

    public static EndId id(EndCode code, String size, Gender gender) {
        return new EndId(code, size, gender);
    }

    public static EndSample end(String place, EndId port, String hoseEnd) {
        return EndSample.unknown(place)
                .taken(port, Optional.of(0.97))
                .withMetal(Optional.of(Metal.STEEL))
                .withHoseEnd(Optional.of(hoseEnd));
    }

    /** Boss port to 37 degree flare, two-wire -8, mineral oil at 210 bar. */
    public static LineSample soundLine() {
        return LineSample.NEW
                .withEnd(
                        LineEnd.A,
                        end("slew motor", id(EndCode.ORB, "-8", Gender.FEMALE), "KC08-B08M")
                                .withTried(PortTried.NOT.withHomeByHand(Optional.of(false))))
                .withEnd(LineEnd.B, end("slew valve", id(EndCode.JIC37, "-8", Gender.MALE), "KC08-J08F90"))
                .withHose(Optional.of("KH2-08"))
                .withService(new Service(
                                Optional.of("mineral-oil"),
                                Optional.of(GaugePressure.ofBar(210)),
                                Optional.of(GaugePressure.ofBar(235)),
                                Optional.of(Temperature.ofCelsius(65)),
                                Optional.of(FlowRate.ofLitresPerMinute(38)))
                        .withAmbient(new Ambient(
                                Optional.of(Temperature.ofCelsius(35)),
                                Optional.of(Ambient.Moves.STILL),
                                Optional.of(Ambient.Opener.WORKSHOP),
                                Optional.of(false))))
                .withHere(Here.UNSAID.withPresent(Set.of("press", "ac-press", "nitrogen", "test-pump", "flush")))
                .withFinished(Optional.of(CalledFigure.unsigned(Length.ofMm(1140), "1140")
                        .withSigned("Maren", "Tobbe")
                        .withSecond(Optional.of(Length.ofMm(1141)), "Tobbe")))
                .withBendRadius(Optional.of(Length.ofMm(230)));
    }

    public static HoseCase hoseCase(LineSample line) {
        return line.worked(Practice.USUAL, UnitSystem.METRIC, MakeLog.EMPTY);
    }

    /** A setting for lines without ports. */
    public static Setting setting(Practice practice, MakeLog log, ReferenceData data) {
        return new Setting(Ports.UNKNOWN, Service.UNSAID, practice, UnitSystem.METRIC, log, data);
    }
}
