package mellowflare.core.tee;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.Stands;
import mellowflare.core.Variants;
import mellowflare.core.advice.Practice;
import mellowflare.core.fluid.Service;
import mellowflare.core.job.ShippedData;
import mellowflare.core.line.Plan;
import mellowflare.core.line.Ports;
import mellowflare.core.line.Setting;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.procedure.MakeLog;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.tee.line.TeeLine;
import mellowflare.core.tee.stock.TeeFluid;
import mellowflare.core.tee.stock.TeeMethod;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;

/** A tee by every joint into every line that is allowed to have one, and two changed in one place at a time, in whole. A line that differs is a fault, or to be taken over ({@link Stands}). */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class TeeInsStandTest {
    /** Loaded anew: what loads the tables is looked at too. */
    private final ReferenceData data = ShippedData.load();

    private Plan plan(TeeLine line) {
        return TeeInKind.TEE.plan(
                line,
                new Setting(Ports.UNKNOWN, Service.UNSAID, Practice.USUAL, UnitSystem.METRIC, MakeLog.EMPTY, data),
                Optional.empty());
    }

    private static Optional<Length> mm(double mm) {
        return Optional.of(Length.ofMm(mm));
    }

    private static TeeLine tee(TeeFluid fluid, TeeMethod.Id method) {
        return TeeLine.NEW
                .with()
                .fluid(Optional.of(fluid))
                .method(Optional.of(method))
                .tube(mm(12))
                .across(mm(62))
                .goesIn(mm(11))
                .slackA(mm(6))
                .slackB(mm(6))
                .straightA(mm(100))
                .straightB(mm(100))
                .isolated(Optional.of(true))
                .plugged(Optional.of(true))
                .room(Optional.of(true))
                .licensed(Optional.of(true))
                .build();
    }

    @Test
    void testTeesStandAsTheyWereLookedThrough() {
        List<String> lines = new ArrayList<>();
        List<List<String>> cases = new ArrayList<>();
        for (TeeFluid fluid : TeeFluid.values()) {
            for (TeeMethod.Id method : TeeMethod.Id.values()) {
                cases.add(Stands.changed(new Variants.Variant<>(fluid + " " + method, tee(fluid, method)), this::plan));
            }
        }
        for (TeeLine base : List.of(
                tee(TeeFluid.GAS, TeeMethod.Id.FLARE),
                tee(TeeFluid.FUEL, TeeMethod.Id.BARB),
                tee(TeeFluid.WATER, TeeMethod.Id.THREAD).withUnionAcross(mm(40)),
                TeeLine.NEW)) {
            lines.addAll(Stands.apart(Variants.of(base, Map.of()).stream()
                    .map(v -> Stands.changed(v, this::plan))
                    .toList()));
        }
        lines.addAll(Stands.apart(cases));
        Stands.as(getClass(), "tees.txt", lines);
    }

    @Test
    void testItIsOfItsKind() {
        Stands.kind(TeeInKind.TEE, "tee", false, 0);
    }
}
