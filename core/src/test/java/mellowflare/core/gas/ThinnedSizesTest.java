package mellowflare.core.gas;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.gas.fuel.FuelGas;
import mellowflare.core.gas.fuel.GasTable;
import mellowflare.core.gas.fuel.HeatBasis;
import mellowflare.core.gas.net.CheapestSizes;
import mellowflare.core.gas.net.GasNet;
import mellowflare.core.gas.net.GasSolver;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Power;
import mellowflare.core.measure.Temperature;
import org.junit.jupiter.api.Test;

/** A row of pipes of which no choice beats another: each costs as much as it spares, 131 072 of them, more than are kept. */
class ThinnedSizesTest {
    private static final FuelGas PROPANE = GasTable.load().find("g31").orElseThrow();
    private static final double NARROW = 14;
    private static final double WIDE = 30;

    private final List<GasNet.Pipe> pipes = new ArrayList<>();
    private final Map<String, List<CheapestSizes.Choice>> choices = new LinkedHashMap<>();

    private GasNet row(int count, double least) {
        for (int i = 0; i < count; i++) {
            double mm = 300 * Math.sqrt(2 + i);
            GasNet.Pipe p = new GasNet.Pipe(
                    "p" + i,
                    i == 0 ? "source" : "n" + (i - 1),
                    "n" + i,
                    Length.ofMm(mm),
                    Length.ofMm(0),
                    Length.ofMm(NARROW),
                    Length.ofMm(0.046));
            pipes.add(p);
            choices.put(
                    p.name(),
                    List.of(
                            new CheapestSizes.Choice("narrow", p, 0),
                            new CheapestSizes.Choice(
                                    "wide", p.with(Length.ofMm(WIDE), Length.ofMm(0), Length.ofMm(0.046)), mm)));
        }
        String last = "n" + (count - 1);
        return new GasNet(
                PROPANE,
                "source",
                GaugePressure.ofMillibar(37),
                pipes,
                List.of(),
                List.of(new GasNet.Draw(
                        last,
                        last,
                        PROPANE.flow(Power.ofKilowatts(20), HeatBasis.GROSS),
                        Optional.of(GaugePressure.ofMillibar(least)))),
                Map.of(),
                Temperature.ofCelsius(15),
                AbsolutePressure.SEA_LEVEL);
    }

    private static double atEnd(GasNet net, List<GasNet.Pipe> pipes) {
        return GasSolver.solve(net.withPipes(pipes))
                .at("n" + (pipes.size() - 1))
                .orElseThrow()
                .millibar();
    }

    private List<GasNet.Pipe> all(int choice) {
        return choices.values().stream().map(c -> c.get(choice).pipe()).toList();
    }

    @Test
    void testATooLongFrontIsThinnedAndTheAnswerServesWithoutBeingProven() {
        GasNet any = row(17, 30);
        double narrow = atEnd(any, all(0));
        double wide = atEnd(any, all(1));
        double least = narrow + (wide - narrow) * 0.6;
        pipes.clear();
        choices.clear();
        GasNet net = row(17, least);
        CheapestSizes.Found found = CheapestSizes.of(net, choices).orElseThrow();
        assertFalse(found.proven());
        assertEquals(17, found.sizes().size());
        List<GasNet.Pipe> chosen =
                pipes.stream().map(p -> found.sizes().get(p.name()).pipe()).toList();
        assertThat(atEnd(net, chosen)).isGreaterThanOrEqualTo(least - 1e-6);
        assertEquals(
                found.price(),
                found.sizes().values().stream()
                        .mapToDouble(CheapestSizes.Choice::price)
                        .sum(),
                1e-9);
        // Six tenths of the drop must be spared, and each millimetre of wide pipe spares the same: the same share of
        // all the price, at the least.
        double total = pipes.stream().mapToDouble(p -> p.length().mm()).sum();
        assertThat(found.price()).isBetween(total * 0.598, total * 0.605);
        // With as many points as are kept, the answer is proven.
        pipes.clear();
        choices.clear();
        assertThat(CheapestSizes.of(row(10, least), choices).orElseThrow().proven())
                .isTrue();
    }

    /** The dearest end of a thinned front is kept: what serves only with every pipe wide is still found. */
    @Test
    void testWhatOnlyTheWidestServeIsFoundAmongTheThinned() {
        double wide = atEnd(row(17, 30), all(1));
        pipes.clear();
        choices.clear();
        GasNet net = row(17, wide - 1e-4);
        CheapestSizes.Found found = CheapestSizes.of(net, choices).orElseThrow();
        assertThat(found.sizes().values())
                .extracting(CheapestSizes.Choice::size)
                .containsOnly("wide");
        pipes.clear();
        choices.clear();
        assertThat(CheapestSizes.of(row(17, wide + 0.01), choices)).isEmpty();
    }

    /** And the cheapest end too: where the narrowest serve, nothing is paid. */
    @Test
    void testWhereTheNarrowestServeNothingIsPaid() {
        double narrow = atEnd(row(17, 30), all(0));
        pipes.clear();
        choices.clear();
        CheapestSizes.Found found =
                CheapestSizes.of(row(17, narrow - 1e-4), choices).orElseThrow();
        assertEquals(0, found.price());
    }
}
