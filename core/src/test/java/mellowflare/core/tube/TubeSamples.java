package mellowflare.core.tube;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import mellowflare.core.Samples;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Practice;
import mellowflare.core.advice.State;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.fluid.Ambient;
import mellowflare.core.fluid.Service;
import mellowflare.core.geometry.Vector;
import mellowflare.core.line.Port;
import mellowflare.core.line.Ports;
import mellowflare.core.line.Setting;
import mellowflare.core.material.Metal;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.FlowRate;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Instrument;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Temperature;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.parts.Here;
import mellowflare.core.procedure.MakeLog;
import mellowflare.core.tube.end.TubeEndKind;
import mellowflare.core.tube.form.Measured;
import mellowflare.core.tube.form.SpringBack;
import mellowflare.core.tube.line.Reading;
import mellowflare.core.tube.line.TubeCase;
import mellowflare.core.tube.line.TubeEnd;
import mellowflare.core.tube.line.TubeLine;
import mellowflare.core.tube.line.TubePick;
import mellowflare.core.tube.line.TubeRoom;
import mellowflare.core.tube.rules.TubeRules;

/** A sound tube line, to break in one place at a time. */
public final class TubeSamples {
    private TubeSamples() {}

    public static final Measured WAY = new Measured.Points(
            List.of(new Vector(0, 0, 0), new Vector(150, 0, 0), new Vector(150, 120, 0), new Vector(290, 120, 0)));

    public static TubeEnd end(TubeEndKind kind, String tool) {
        return TubeEnd.UNSAID.withKind(Optional.of(kind)).withTool(Optional.of(tool));
    }

    /** Oil through soft steel 3/8 x 0.049 from a 37 degree port to another. */
    public static TubeLine line() {
        return TubeLine.NEW
                .withMeasured(WAY)
                .withReading(new Reading(
                        "Maren", "Tobbe", Instrument.TAPE, Optional.of(Length.ofMm(Math.hypot(290, 120))), "Tobbe"))
                .withTube(Optional.of(new TubePick.Listed("J524-3/8x0.049")))
                .withBender(Optional.of("hand-lever-3/8"))
                .withSpring(new SpringBack(
                        Optional.of(new SpringBack.Trial(Angle.ofDegrees(90), Angle.ofDegrees(87))), Optional.empty()))
                .withEnd(LineEnd.A, end(TubeEndKind.SINGLE37, "bar-37"))
                .withEnd(LineEnd.B, end(TubeEndKind.SINGLE37, "bar-37"))
                .withBuried(Optional.of(false))
                .withHere(Here.UNSAID
                        .withPresent(
                                Set.of("press", "ac-press", "nitrogen", "test-pump", "flush", "flaring-tool", "bender"))
                        .withRoom(LineEnd.A, Optional.of(Length.ofMm(60)))
                        .withRoom(LineEnd.B, Optional.of(Length.ofMm(60))))
                .withRoom(new TubeRoom(
                        Optional.of(Length.ofMm(90)), Optional.of(Length.ofMm(120)), Optional.of(Length.ofMm(300))));
    }

    public static Service service() {
        return new Service(
                        Optional.of("mineral-oil"),
                        Optional.of(GaugePressure.ofBar(120)),
                        Optional.of(GaugePressure.ofBar(130)),
                        Optional.of(Temperature.ofCelsius(60)),
                        Optional.of(FlowRate.ofLitresPerMinute(10)))
                .withAmbient(new Ambient(
                        Optional.of(Temperature.ofCelsius(35)),
                        Optional.of(Ambient.Moves.STILL),
                        Optional.of(Ambient.Opener.WORKSHOP),
                        Optional.of(false)));
    }

    public static Port port(LineEnd which, EndCode code, String size, Gender gender) {
        return port(which, code, size, gender, Metal.STEEL);
    }

    public static Port port(LineEnd which, EndCode code, String size, Gender gender, Metal metal) {
        return Port.unknown(which == LineEnd.A ? "pump" : "valve")
                .taken(Samples.id(code, size, gender), Optional.empty())
                .withMetal(Optional.of(metal));
    }

    public static TubeCase of(TubeLine line, Service service, EndCode code, String size, Practice practice) {
        Gender gender = code == EndCode.INVFLARE || code == EndCode.BUBBLE ? Gender.FEMALE : Gender.MALE;
        return of(line, port(LineEnd.A, code, size, gender), port(LineEnd.B, code, size, gender), service, practice);
    }

    public static TubeCase of(TubeLine line, Port a, Port b, Service service, Practice practice) {
        return TubeCase.of(
                line, new Setting(new Ports(a, b), service, practice, UnitSystem.METRIC, MakeLog.EMPTY, Samples.DATA));
    }

    public static TubeCase of(TubeLine line) {
        return of(line, service(), EndCode.JIC37, "-6", Practice.USUAL);
    }

    public static TubeCase with(UnaryOperator<TubeLine> change) {
        return of(change.apply(line()));
    }

    /** Says of all findings of a rule and state. */
    public static List<String> says(TubeCase c, String rule, State state) {
        return findings(c, rule)
                .filter(f -> f.state() == state)
                .map(f -> f.says(UnitSystem.METRIC))
                .toList();
    }

    public static Stream<Finding> findings(TubeCase c, String rule) {
        return TubeRules.check(c).stream().filter(f -> f.rule().id().startsWith(rule));
    }

    public static List<String> failed(TubeCase c) {
        return TubeRules.check(c).stream()
                .filter(f -> f.state() == State.FAIL)
                .map(f -> f.rule().id())
                .toList();
    }
}
