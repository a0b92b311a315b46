package mellowflare.core.tube;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.Samples;
import mellowflare.core.Stands;
import mellowflare.core.Variants;
import mellowflare.core.advice.Practice;
import mellowflare.core.connection.EndCode;
import mellowflare.core.fluid.Fluid;
import mellowflare.core.fluid.FluidTable;
import mellowflare.core.fluid.Service;
import mellowflare.core.line.Plan;
import mellowflare.core.tube.line.TubeLine;
import org.junit.jupiter.api.Test;

/** The sound tube and the one of which nothing is said, changed in one place at a time, and in every service, in whole. A line that differs is a fault, or to be taken over ({@link Stands}). */
class TubeLinesStandTest {
    private static final Map<String, List<?>> WORDS =
            Map.of("bender", List.of("nobody's"), "id", List.of("copper-soft", "stainless"), "fluid", List.of());

    private static Plan plan(TubeLine line, Service service) {
        return TubePlan.of(TubeSamples.of(line, service, EndCode.JIC37, "-6", Practice.USUAL));
    }

    @Test
    void testTubesChangedInOnePlaceStandAsTheyWereLookedThrough() {
        List<String> lines = new ArrayList<>();
        List<List<String>> cases = new ArrayList<>();
        for (TubeLine base : List.of(TubeSamples.line(), TubeLine.NEW)) {
            lines.addAll(Stands.apart(Variants.of(base, WORDS).stream()
                    .map(v -> Stands.changed(v, l -> plan(l, TubeSamples.service())))
                    .toList()));
        }
        List<Variants.Variant<Service>> services = new ArrayList<>(Variants.of(TubeSamples.service(), WORDS));
        for (Fluid f : Samples.DATA.get(FluidTable.KEY).all()) {
            services.add(new Variants.Variant<>(f.id(), TubeSamples.service().withFluid(Optional.of(f.id()))));
        }
        services.forEach(v -> cases.add(Stands.changed(v, s -> plan(TubeSamples.line(), s))));
        Stands.as(
                getClass(),
                "mendings.txt",
                Stands.mendings(
                        TubeLineKind.TUBE,
                        TubePlan.of(TubeSamples.of(
                                TubeSamples.line(), TubeSamples.service(), EndCode.JIC37, "-6", Practice.USUAL))));
        lines.addAll(Stands.apart(cases));
        Stands.as(getClass(), "changed.txt", lines);
    }

    @Test
    void testItIsOfItsKind() {
        Stands.kind(TubeLineKind.TUBE, "tube", true, 1);
    }
}
