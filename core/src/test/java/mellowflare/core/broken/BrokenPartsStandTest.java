package mellowflare.core.broken;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.Stands;
import mellowflare.core.Variants;
import mellowflare.core.advice.Practice;
import mellowflare.core.broken.line.BrokenLine;
import mellowflare.core.broken.stock.StuckFluid;
import mellowflare.core.broken.stock.StuckMaterial;
import mellowflare.core.broken.stock.StuckState;
import mellowflare.core.broken.stock.ThreadState;
import mellowflare.core.fluid.Service;
import mellowflare.core.job.ShippedData;
import mellowflare.core.line.Plan;
import mellowflare.core.line.Ports;
import mellowflare.core.line.Setting;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.procedure.MakeLog;
import mellowflare.core.reference.ReferenceData;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;

/** Stuck parts of every material in every fluid, and two changed in one place at a time, in whole. A line that differs is a fault, or to be taken over ({@link Stands}). */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class BrokenPartsStandTest {
    private static final Map<String, List<?>> WORDS =
            Map.of("size", List.of("1/8", "1/2", "1", "2", "7"), "set", List.of("yard set", "nobody's"));

    /** Loaded anew: what loads the tables is looked at too. */
    private final ReferenceData data = ShippedData.load();

    private Plan plan(BrokenLine line) {
        BrokenPlan plan = BrokenPartKind.BROKEN.plan(
                line,
                new Setting(Ports.UNKNOWN, Service.UNSAID, Practice.USUAL, UnitSystem.METRIC, MakeLog.EMPTY, data),
                Optional.empty());
        return plan;
    }

    private static BrokenLine stuck(StuckMaterial.Id material, StuckFluid.Id fluid) {
        return BrokenLine.NEW
                .with()
                .state(Optional.of(StuckState.STUMP))
                .size(Optional.of("3/4"))
                .material(Optional.of(material))
                .fluid(Optional.of(fluid))
                .set(Optional.of("yard set"))
                .isolated(Optional.of(true))
                .branchFirm(Optional.of(true))
                .filled(Optional.of(false))
                .near(Optional.of(false))
                .room(Optional.of(true))
                .power(Optional.of(true))
                .licensed(Optional.of(true))
                .build();
    }

    @Test
    void testStuckPartsStandAsTheyWereLookedThrough() {
        List<String> lines = new ArrayList<>();
        List<List<String>> cases = new ArrayList<>();
        for (StuckMaterial.Id material : StuckMaterial.Id.values()) {
            for (StuckFluid.Id fluid : StuckFluid.Id.values()) {
                cases.add(Stands.changed(
                        new Variants.Variant<>(material + " " + fluid, stuck(material, fluid)), this::plan));
            }
        }
        for (BrokenLine base : List.of(
                stuck(StuckMaterial.Id.STEEL, StuckFluid.Id.HEATING_WATER),
                stuck(StuckMaterial.Id.STEEL, StuckFluid.Id.GAS)
                        .withState(Optional.of(StuckState.STUCK))
                        .withThread(Optional.of(ThreadState.BAD)),
                BrokenLine.NEW)) {
            lines.addAll(Stands.apart(Variants.of(base, WORDS).stream()
                    .map(v -> Stands.changed(v, this::plan))
                    .toList()));
        }
        lines.addAll(Stands.apart(cases));
        Stands.as(getClass(), "parts.txt", lines);
    }

    @Test
    void testItIsOfItsKind() {
        Stands.kind(BrokenPartKind.BROKEN, "broken", false, 1);
    }
}
