package mellowflare.core.water;

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
import mellowflare.core.water.line.WaterLine;
import mellowflare.core.water.stock.HouseAge;
import mellowflare.core.water.stock.HouseMaterial;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;

/** A point that is seen and one in an old wall, each changed in one place at a time, in whole. A line that differs is a fault, or to be taken over ({@link Stands}). */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class WaterPointsStandTest {
    private static final Map<String, List<?>> WORDS = Map.of(
            "equipment", List.of("faucet", "toilet", "washer-na", "washer-eu", "heater", "shower"),
            "nippleSize", List.of("1/2", "3/4", "1"),
            "taken", List.of("COMPRESSION-FLEX", "PUSH-FLEX"));

    /** Loaded anew: what loads the tables is looked at too. */
    private final ReferenceData data = ShippedData.load();

    private Plan plan(WaterLine line) {
        return WaterPointKind.WATER.plan(
                line,
                new Setting(Ports.UNKNOWN, Service.UNSAID, Practice.USUAL, UnitSystem.METRIC, MakeLog.EMPTY, data),
                Optional.empty());
    }

    private static WaterLine seen() {
        return WaterLine.NEW
                .with()
                .equipment(Optional.of("faucet"))
                .material(Optional.of(HouseMaterial.COPPER))
                .outside(Optional.of(Length.ofInches(0.625)))
                .seen(Optional.of(true))
                .straight(Optional.of(Length.ofMm(40)))
                .distance(Optional.of(Length.ofMm(320)))
                .offset(Optional.of(Length.ofMm(20)))
                .mainHolds(Optional.of(true))
                .branchFirm(Optional.of(true))
                .flameAllowed(Optional.of(true))
                .flexibleAllowed(Optional.of(true))
                .approved(Optional.of(true))
                .licensed(Optional.of(true))
                .build();
    }

    private static WaterLine hidden() {
        return seen().with()
                .material(Optional.of(HouseMaterial.GALVANISED))
                .outside(Optional.of(Length.ofMm(21.3)))
                .seen(Optional.of(false))
                .wallDepth(Optional.of(Length.ofMm(34)))
                .plate(Optional.of(Length.ofMm(2)))
                .gap(Optional.of(Length.ofMm(2)))
                .nippleSize(Optional.of("1/2"))
                .age(Optional.of(HouseAge.OLD))
                .build();
    }

    @Test
    void testWaterPointsChangedInOnePlaceStandAsTheyWereLookedThrough() {
        List<String> lines = new ArrayList<>();
        for (WaterLine base : List.of(seen(), hidden(), WaterLine.NEW)) {
            lines.addAll(Stands.apart(Variants.of(base, WORDS).stream()
                    .map(v -> Stands.changed(v, this::plan))
                    .toList()));
        }
        Stands.as(getClass(), "points.txt", lines);
    }

    @Test
    void testItIsOfItsKind() {
        Stands.kind(WaterPointKind.WATER, "water", false, 0);
    }
}
