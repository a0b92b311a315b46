package mellowflare.book.json;

import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Optional;
import mellowflare.book.BookTrouble;
import mellowflare.core.fluid.Ambient;
import mellowflare.core.fluid.Duty;
import mellowflare.core.fluid.PressureBasis;
import mellowflare.core.fluid.Service;
import mellowflare.core.fluid.Work;
import mellowflare.core.measure.FlowRate;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Temperature;

/** What a line must do, to and from a tree. */
public final class ServiceJson {
    private ServiceJson() {}

    public static ObjectNode write(Service s) {
        ObjectNode n = JsonNodeFactory.instance.objectNode();
        s.fluid().ifPresent(f -> n.put("fluid", f));
        s.working().ifPresent(p -> n.put("working", p.bar()));
        s.peak().ifPresent(p -> n.put("peak", p.bar()));
        s.fluidTemperature().ifPresent(t -> n.put("fluidTemperature", t.celsius()));
        s.flow().ifPresent(q -> n.put("flow", q.litresPerMinute()));
        n.put("duty", Words.of(s.duty()));
        s.ambient().air().ifPresent(t -> n.put("ambient", t.celsius()));
        s.ambient().moves().ifPresent(m -> n.put("moves", Words.of(m)));
        s.ambient().opener().ifPresent(o -> n.put("opener", Words.of(o)));
        s.ambient().wet().ifPresent(w -> n.put("wet", w));
        if (s.basis() != PressureBasis.INCH) {
            n.put("pressureTables", Words.of(s.basis()));
        }
        s.work().ifPresent(w -> n.put("work", Words.of(w)));
        return n;
    }

    public static Service read(Fields f) throws BookTrouble {
        return new Service(
                f.maybeText("fluid"),
                f.maybeNumber("working").map(GaugePressure::ofBar),
                f.maybeNumber("peak").map(GaugePressure::ofBar),
                f.maybeNumber("fluidTemperature").map(Temperature::ofCelsius),
                f.maybeNumber("flow").map(FlowRate::ofLitresPerMinute),
                f.maybeWord("duty", Duty.class).orElse(Duty.PRESSURE),
                new Ambient(
                        f.maybeNumber("ambient").map(Temperature::ofCelsius),
                        f.maybeWord("moves", Ambient.Moves.class),
                        f.maybeWord("opener", Ambient.Opener.class),
                        f.has("wet") ? Optional.of(f.flag("wet")) : Optional.empty()),
                f.maybeWord("pressureTables", PressureBasis.class).orElse(PressureBasis.INCH),
                f.maybeWord("work", Work.class));
    }
}
