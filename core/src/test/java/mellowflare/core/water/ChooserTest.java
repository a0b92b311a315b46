package mellowflare.core.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Temperature;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.water.choose.Chooser;
import mellowflare.core.water.choose.NippleFit;
import mellowflare.core.water.choose.WaterSet;
import mellowflare.core.water.line.WaterLine;
import mellowflare.core.water.line.WaterLineBuilder;
import mellowflare.core.water.stock.HouseMaterial;
import mellowflare.core.water.stock.HousePipe;
import mellowflare.core.water.stock.JoinMethod;
import mellowflare.core.water.stock.LinkKind;
import mellowflare.core.water.stock.WaterStock;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Which sets of parts are kept out, to the last millimetre, degree and millibar, and how they are weighed. */
class ChooserTest {
    private static final WaterStock STOCK = WaterStock.load();
    private static final double BIT = 1e-6;

    private static WaterLine faucet(HouseMaterial material) {
        return WaterLine.NEW
                .with()
                .equipment(Optional.of("faucet"))
                .material(Optional.of(material))
                .outside(STOCK.pipes(material).stream().findFirst().map(HousePipe::outside))
                .build();
    }

    private static List<WaterSet> sets(WaterLine line) {
        return Chooser.sets(line, STOCK, UnitSystem.METRIC);
    }

    private static WaterSet like(WaterSet set, WaterLine line) {
        return sets(line).stream()
                .filter(s -> s.id().equals(set.id()))
                .findFirst()
                .orElseThrow();
    }

    private static WaterLine with(WaterLine line, UnaryOperator<WaterLineBuilder> change) {
        return change.apply(WaterLineBuilder.builder(line)).build();
    }

    /** How much more keeps a set out with that change than without. */
    private static int more(WaterSet set, WaterLine line, UnaryOperator<WaterLineBuilder> change) {
        return like(set, with(line, change)).blocked().size() - set.blocked().size();
    }

    @ParameterizedTest
    @EnumSource(value = HouseMaterial.class, mode = EnumSource.Mode.EXCLUDE, names = "OTHER")
    void testAMethodServesUpToItsLimitAndNoFurther(HouseMaterial material) {
        WaterLine line = faucet(material);
        List<WaterSet> sets = sets(line);
        assertThat(sets).isNotEmpty();
        for (WaterSet s : sets) {
            JoinMethod m = s.method();
            LinkKind l = s.link();
            double straight = m.straight().mm();
            assertEquals(0, more(s, line, b -> b.straight(Optional.of(Length.ofMm(straight)))), s.id());
            assertEquals(
                    straight > 0 ? 1 : 0,
                    more(s, line, b -> b.straight(Optional.of(Length.ofMm(Math.max(0, straight - BIT))))),
                    s.id());
            double warm = Math.min(m.warmest().celsius(), l.warmest().celsius());
            double warmer = Math.max(m.warmest().celsius(), l.warmest().celsius());
            assertEquals(0, more(s, line, b -> b.warmest(Optional.of(Temperature.ofCelsius(warm)))), s.id());
            assertEquals(
                    warm == warmer ? 2 : 1,
                    more(s, line, b -> b.warmest(Optional.of(Temperature.ofCelsius(warm + BIT)))),
                    s.id());
            assertEquals(2, more(s, line, b -> b.warmest(Optional.of(Temperature.ofCelsius(warmer + BIT)))), s.id());
            double weak = Math.min(m.most().bar(), l.most().bar());
            double strong = Math.max(m.most().bar(), l.most().bar());
            assertEquals(0, more(s, line, b -> b.pressure(Optional.of(GaugePressure.ofBar(weak)))), s.id());
            assertEquals(
                    weak == strong ? 2 : 1,
                    more(s, line, b -> b.pressure(Optional.of(GaugePressure.ofBar(weak + BIT)))),
                    s.id());
            assertEquals(2, more(s, line, b -> b.pressure(Optional.of(GaugePressure.ofBar(strong + BIT)))), s.id());
        }
    }

    @ParameterizedTest
    @EnumSource(value = HouseMaterial.class, mode = EnumSource.Mode.EXCLUDE, names = "OTHER")
    void testARigidLinkForgivesSoMuchAndABraidedConnectorBows(HouseMaterial material) {
        WaterLine line = faucet(material);
        Length longest =
                STOCK.connectors().stream().max(Comparator.naturalOrder()).orElseThrow();
        for (WaterSet s : sets(line)) {
            if (s.link().flexible()) {
                double far = longest.mm() / 1.06;
                WaterSet near = like(s, with(line, b -> b.distance(Optional.of(Length.ofMm(far - BIT)))));
                assertEquals(Optional.of(longest), near.connector());
                assertThat(near.blocked()).hasSameSizeAs(s.blocked());
                assertEquals(1, more(s, line, b -> b.distance(Optional.of(Length.ofMm(far + BIT)))), s.id());
                assertEquals(1, more(s, line, b -> b.flexibleAllowed(Optional.of(false))), s.id());
                assertEquals(0, more(s, line, b -> b.flexibleAllowed(Optional.of(true))), s.id());
                // Three to four to five: 300 along and 225 across are 375, which 397.5 bows over.
                WaterSet bowed = like(
                        s,
                        with(
                                line,
                                b -> b.distance(Optional.of(Length.ofMm(300))).offset(Optional.of(Length.ofMm(225)))));
                assertThat(bowed.connector().orElseThrow().mm())
                        .isEqualTo(STOCK.connectors().stream()
                                .mapToDouble(Length::mm)
                                .filter(c -> c >= 397.5)
                                .min()
                                .orElseThrow());
                assertThat(bowed.mostOffset().orElseThrow().mm())
                        .isEqualTo(Math.floor(Math.sqrt(
                                Math.pow(bowed.connector().orElseThrow().mm() / 1.06, 2) - 300 * 300)));
            } else {
                Length most = s.link().offset().orElseThrow();
                assertEquals(s.link().offset(), s.mostOffset());
                assertEquals(0, more(s, line, b -> b.offset(Optional.of(most))), s.id());
                assertEquals(1, more(s, line, b -> b.offset(Optional.of(Length.ofMm(most.mm() + BIT)))), s.id());
                WaterSet said = like(s, with(line, b -> b.offset(Optional.of(Length.ofMm(0)))));
                assertThat(said.bads()).hasSize(s.bads().size() - 1);
                assertEquals(Optional.empty(), s.connector());
            }
        }
    }

    @Test
    void testOnlyWhatWasAllowedIsOffered() {
        WaterLine line = faucet(HouseMaterial.COPPER);
        for (WaterSet s : sets(line)) {
            JoinMethod.Id id = s.method().id();
            assertEquals(0, more(s, line, b -> b.allowed(Set.of(id))));
            JoinMethod.Id other = sets(line).stream()
                    .map(x -> x.method().id())
                    .filter(i -> i != id)
                    .findFirst()
                    .orElseThrow();
            assertEquals(1, more(s, line, b -> b.allowed(Set.of(other))));
            assertEquals(s.method().flame() ? 1 : 0, more(s, line, b -> b.flameAllowed(Optional.of(false))));
            assertEquals(0, more(s, line, b -> b.flameAllowed(Optional.of(true))));
            assertEquals(1, more(s, line, b -> b.outside(Optional.of(Length.ofMm(200)))));
        }
    }

    /** The sum of its parts and its work, a bender where tube is bent, each tool once. */
    @Test
    void testASetCostsAndTakesWhatItsPartsDo() {
        for (HouseMaterial material : HouseMaterial.values()) {
            for (WaterSet s : sets(faucet(material))) {
                assertEquals(s.method().price() + s.link().price(), s.price(), 1e-12);
                assertEquals(s.method().minutes() + s.link().minutes(), s.minutes(), 1e-12);
                assertThat(s.tools()).containsAll(s.method().tools());
                assertEquals(
                        s.link().id() == LinkKind.Id.TUBE,
                        s.tools().size() > Set.copyOf(s.method().tools()).size(),
                        s.id());
            }
        }
    }

    /** What can be used comes first; then the cheaper by price, 0.8 a minute, 12 for each thing against and 4 off for each in favour. */
    @Test
    void testTheBestSetComesFirst() {
        WaterLine line = with(
                faucet(HouseMaterial.COPPER),
                b -> b.flameAllowed(Optional.of(false)).distance(Optional.of(Length.ofMm(320))));
        List<WaterSet> sets = sets(line);
        assertThat(sets)
                .isSortedAccordingTo(Comparator.<WaterSet, Boolean>comparing(
                                s -> !s.blocked().isEmpty())
                        .thenComparingDouble(s -> s.price()
                                + 0.8 * s.minutes()
                                + 12 * s.bads().size()
                                - 4 * s.goods().size()));
        assertThat(sets).anyMatch(s -> !s.possible());
        assertThat(sets.get(0).possible()).isTrue();
    }

    /** Two threads of 13, a wall of 30 and a plate of 2 leave 58; with a gap of 2 it is 60: 57 is short by one, 59 and 62 are as near as each other. */
    @Test
    void testTheNippleThatComesNearestToTheGapIsTaken() {
        List<Length> stocked = List.of(40d, 50d, 57d, 59d, 61.5, 70d, 90d).stream()
                .map(Length::ofMm)
                .toList();
        NippleFit fit = NippleFit.of(Length.ofMm(13), Length.ofMm(30), Length.ofMm(2), Length.ofMm(2), stocked);
        assertEquals(60, fit.exact().mm(), 1e-12);
        assertThat(fit.neighbours()).extracting(n -> n.length().mm()).containsSubsequence(59d, 61.5);
        assertThat(fit.neighbours()).anyMatch(n -> Math.abs(n.gap() + 1) < 1e-12);
        assertEquals(59, fit.stock().orElseThrow().length().mm());
        NippleFit flush = NippleFit.of(
                Length.ofMm(13), Length.ofMm(30), Length.ofMm(2), Length.ofMm(0), List.of(Length.ofMm(58)));
        assertEquals(0, flush.stock().orElseThrow().gap(), 1e-12);
        assertEquals(
                Optional.empty(),
                NippleFit.of(Length.ofMm(13), Length.ofMm(30), Length.ofMm(2), Length.ofMm(2), List.of(Length.ofMm(40)))
                        .stock());
    }
}
