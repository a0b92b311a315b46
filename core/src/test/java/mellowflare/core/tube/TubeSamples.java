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
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.Which;
import mellowflare.core.fluid.Service;
import mellowflare.core.fluid.Surroundings;
import mellowflare.core.geometry.Vector;
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
                .withEnd(Which.A, end(TubeEndKind.SINGLE37, "bar-37"))
                .withEnd(Which.B, end(TubeEndKind.SINGLE37, "bar-37"))
                .withBuried(Optional.of(false))
                .withHere(Here.UNSAID
                        .withPresent(
                                Set.of("press", "ac-press", "nitrogen", "test-pump", "flush", "flaring-tool", "bender"))
                        .withRoom(Which.A, Optional.of(Length.ofMm(60)))
                        .withRoom(Which.B, Optional.of(Length.ofMm(60))))
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
                .withAround(new Surroundings(
                        Optional.of(Temperature.ofCelsius(35)),
                        Optional.of(Surroundings.Moves.STILL),
                        Optional.of(Surroundings.Opener.WORKSHOP),
                        Optional.of(false)));
    }

    public static TubePort port(Which which, EndCode code, String size, Gender gender) {
        return port(which, code, size, gender, Metal.STEEL);
    }

    public static TubePort port(Which which, EndCode code, String size, Gender gender, Metal metal) {
        return new TubePort(
                which,
                which == Which.A ? "pump" : "valve",
                Samples.DATA.get(EndTable.KEY).find(Samples.id(code, size, gender)),
                Optional.of(metal));
    }

    public static TubeCase of(TubeLine line, Service service, EndCode code, String size, Practice practice) {
        Gender gender = code == EndCode.INVFLARE || code == EndCode.BUBBLE ? Gender.FEMALE : Gender.MALE;
        return TubeCase.of(
                line,
                port(Which.A, code, size, gender),
                port(Which.B, code, size, gender),
                service,
                practice,
                UnitSystem.METRIC,
                MakeLog.EMPTY,
                Samples.DATA);
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
