package mellowflare.core.tube.stock;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import mellowflare.core.Stands;
import mellowflare.core.job.ShippedData;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Temperature;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.reference.ReferenceData;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;

/** Every tube with what it is rated to, cool, warm, thinned and with other factors, how it is clamped, and what typed sizes find: as it was when it was last looked through. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class TubesStandTest {
    /** Loaded anew for each test: what loads it is looked at too. */
    private final ReferenceData data = ShippedData.load();

    private String rated(Tube t, Length wall, double factor, Optional<Temperature> at) {
        return TubePressure.of(t, wall, factor, at, data.get(TubeMaterials.KEY))
                .map(p -> Stands.figure(p.rated().bar())
                        + (p.criterion().isBlank() ? "" : p.shear().isPresent() ? " s" : " b"))
                .orElse("-");
    }

    @Test
    void testTubesStandAsTheyWereLookedThrough() {
        List<String> lines = new ArrayList<>();
        for (TubeSize s : data.get(TubeSizes.KEY).all()) {
            Tube t = s.tube();
            lines.add(s.id() + " " + Stands.figure(t.outside().mm()) + "x"
                    + Stands.figure(t.wall().mm()) + " rated "
                    + rated(t, t.wall(), 4, Optional.empty()) + " "
                    + rated(t, t.wall().times(0.8), 3, Optional.empty())
                    + " warm " + rated(t, t.wall(), 4, Optional.of(Temperature.ofCelsius(150))) + " hot "
                    + rated(t, t.wall(), 4, Optional.of(Temperature.ofCelsius(400))) + " flares "
                    + t.material().flares());
        }
        Benders benders = data.get(Benders.KEY);
        for (double d : new double[] {4.76, 6.35, 9.52, 12.7, 19.05, 25.4, 50}) {
            Length l = Length.ofMm(d);
            lines.add(d + " benders "
                    + benders.forTube(l).stream().map(Bender::id).collect(Collectors.joining(" ")) + " spacing "
                    + benders.spacing(l).map(x -> Stands.figure(x.mm())).orElse("-") + " clamps "
                    + benders.clamps(l, Length.ofMm(2300)).map(Object::toString).orElse("-"));
        }
        for (String typed : List.of("3/8", "10", "10 mm", "0.375", "1/4", "6x1", "ACR", "none such", "3/8 in", "9.5")) {
            lines.add("typed " + typed + ": "
                    + data.get(TubeSizes.KEY).answering(typed, UnitSystem.METRIC).stream()
                            .map(TubeSize::id)
                            .collect(Collectors.joining(" "))
                    + " meant "
                    + data.get(TubeSizes.KEY).meantBy(typed).stream()
                            .map(TubeSize::id)
                            .collect(Collectors.joining(" ")));
        }
        for (double d : new double[] {6.3, 9.5, 9.6, 12.0, 33}) {
            lines.add("outside " + d + ": "
                    + data.get(TubeSizes.KEY).ofOutside(Length.ofMm(d)).stream()
                            .map(TubeSize::id)
                            .collect(Collectors.joining(" ")));
        }
        Stands.as(getClass(), "tubes.txt", lines);
    }
}
