package mellowflare.core.trouble;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Severity;
import mellowflare.core.measure.UnitSystem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;

/** What Trouble says, against sums by hand and a second reckoning of what a look tells. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class TroubleByHandTest {
    private final TroubleTable table = TroubleTable.load();
    private final Diagnosing diagnosing = new Diagnosing(table);

    private static double share(Diagnosis d, String id) {
        return d.suspects().stream()
                .filter(s -> s.cause().id().equals(id))
                .findFirst()
                .orElseThrow()
                .share();
    }

    private List<String> says(TroubleAsk ask) {
        return diagnosing.of(ask).findings().stream()
                .map(f -> f.says(UnitSystem.METRIC))
                .toList();
    }

    /** Three findings of a chip beside the tables' fifty: (50 x 5 / 16 + 3) / 53 of what is known. */
    @Test
    void testWhatTheShopFoundIsAddedToTheTables() {
        ShopCauses shop = ShopCauses.of(List.of("valve-chip", "valve-chip", "valve-chip", "ring-dry"));
        Diagnosis d = diagnosing.of(TroubleAsk.of(What.VALVE), shop);
        assertThat(share(d, "valve-chip")).isCloseTo(0.9 * (50 * 5 / 16.0 + 3) / 53, within(1e-12));
        assertThat(share(d, "valve-washer")).isCloseTo(0.9 * 50 * 8 / 16.0 / 53, within(1e-12));
        assertThat(d.unknown()).isCloseTo(0.1, within(1e-12));
        assertThat(share(diagnosing.of(TroubleAsk.of(What.VALVE)), "valve-chip"))
                .isCloseTo(0.9 * 5 / 16, within(1e-12));
        Cause chip = d.suspects().stream()
                .map(Diagnosis.Suspect::cause)
                .filter(c -> c.id().equals("valve-chip"))
                .findFirst()
                .orElseThrow();
        assertThat(shop.times(chip)).isEqualTo(3);
        assertThat(ShopCauses.NONE.times(chip)).isZero();
    }

    /** How likely a cause shows a sign, as the tables say it. */
    private static double shows(Optional<Cause> cause, Sign s) {
        return cause.map(c -> c.likely().getOrDefault(s.id(), s.base().orElseThrow()))
                .orElse(Math.max(0.035, s.base().orElseThrow()));
    }

    private static double entropy(List<Double> shares) {
        double all = shares.stream().mapToDouble(x -> x).sum();
        return -shares.stream()
                .filter(x -> x > 0)
                .mapToDouble(x -> x / all * Math.log(x / all) / Math.log(2))
                .sum();
    }

    /** What a look tells is what it takes off the entropy on the mean; the one that tells most is asked, and the cause that it would make likeliest is named with it. */
    @Test
    void testTheNextLookTellsMostByASecondReckoning() {
        for (What what : What.values()) {
            Diagnosis d = diagnosing.of(TroubleAsk.of(what));
            List<Optional<Cause>> causes = new ArrayList<>();
            List<Double> shares = new ArrayList<>();
            d.suspects().forEach(s -> {
                causes.add(Optional.of(s.cause()));
                shares.add(s.share());
            });
            causes.add(Optional.empty());
            shares.add(d.unknown());
            double best = 0;
            Sign most = null;
            for (Sign s : table.of(SignGroup.SEEN)) {
                List<Double> yes = new ArrayList<>();
                List<Double> no = new ArrayList<>();
                for (int i = 0; i < causes.size(); i++) {
                    double p = shows(causes.get(i), s);
                    yes.add(shares.get(i) * p);
                    no.add(shares.get(i) * (1 - p));
                }
                double seen = yes.stream().mapToDouble(x -> x).sum();
                double bits = entropy(shares) - seen * entropy(yes) - (1 - seen) * entropy(no);
                boolean speaks =
                        d.suspects().stream().anyMatch(c -> c.cause().likely().containsKey(s.id()));
                if (speaks && bits > best) {
                    best = bits;
                    most = s;
                }
            }
            Diagnosis.NextLook next = d.nextLook().orElseThrow();
            assertThat(next.bits()).as(what.name()).isCloseTo(best, within(1e-9));
            assertThat(next.sign()).as(what.name()).isEqualTo(most);
            Sign asked = most;
            Cause named = d.suspects().stream()
                    .map(Diagnosis.Suspect::cause)
                    .filter(c -> c.likely().containsKey(asked.id()))
                    .max((a, b) -> Double.compare(
                            share(d, a.id()) * shows(Optional.of(a), asked),
                            share(d, b.id()) * shows(Optional.of(b), asked)))
                    .orElseThrow();
            assertThat(next.ifSeen()).as(what.name()).isEqualTo(named);
        }
    }

    @Test
    void testWhenEverythingIsKnownNoLookIsWorthIt() {
        TroubleAsk ask = TroubleAsk.of(What.VALVE);
        for (int i = 0; i < 60 && diagnosing.of(ask).nextLook().isPresent(); i++) {
            Diagnosis.NextLook next = diagnosing.of(ask).nextLook().get();
            assertThat(next.bits()).isGreaterThan(0.02);
            ask = ask.withLook(next.sign().id(), Optional.of(next.sign().id().equals("chip")));
        }
        assertThat(diagnosing.of(ask).nextLook()).isEmpty();
        assertThat(diagnosing.of(ask).named().orElseThrow().cause().id()).isEqualTo("valve-chip");
        assertThat(diagnosing.of(ask).named().orElseThrow().share()).isGreaterThan(0.9);
    }

    @Test
    void testWhatWasMeasuredIsKeptAndSaidNotToCount() {
        TroubleAsk ask = TroubleAsk.of(What.TUBE);
        TroubleAsk measured = ask.withMeasured(Set.of("rim 14.2 mm", "gap 1 mm"));
        assertThat(says(ask)).noneMatch(s -> s.contains("not weighed"));
        assertThat(says(measured)).contains("What was measured is not weighed here: gap 1 mm, rim 14.2 mm.");
        assertThat(diagnosing.of(measured).suspects())
                .isEqualTo(diagnosing.of(ask).suspects());
        assertThat(diagnosing.of(measured).findings().stream()
                        .filter(f -> f.severity() == Severity.NOTE)
                        .count())
                .isEqualTo(1);
    }

    @Test
    void testWhatIsSaidFollowsFromWhatLeaks() {
        List<Finding> water = diagnosing.of(TroubleAsk.of(What.WATER)).findings();
        assertThat(water).noneMatch(f -> f.says(UnitSystem.METRIC).contains("Never feel"));
        assertThat(diagnosing.of(TroubleAsk.of(What.PIPE)).findings())
                .anyMatch(f -> f.says(UnitSystem.METRIC).contains("Never feel"))
                .noneMatch(f -> f.says(UnitSystem.METRIC).contains("flare"));
    }

    @Test
    void testWhatWasSaidCanBeTakenBack() {
        TroubleAsk ask = TroubleAsk.of(What.HOSE);
        assertThat(ask.withLook("chip", Optional.of(true)).seen()).containsExactly("chip");
        assertThat(ask.withLook("chip", Optional.of(true))
                        .withLook("chip", Optional.of(false))
                        .not())
                .containsExactly("chip");
        assertThat(ask.withLook("chip", Optional.of(true)).withLook("chip", Optional.empty()))
                .isEqualTo(ask);
        assertThat(ask.withAnswer(SignGroup.WHEN, Optional.of("hot"))
                        .withAnswer(SignGroup.WHEN, Optional.of("cold"))
                        .answers())
                .containsEntry(SignGroup.WHEN, "cold")
                .hasSize(1);
        assertThat(ask.withAnswer(SignGroup.WHEN, Optional.of("hot")).withAnswer(SignGroup.WHEN, Optional.empty()))
                .isEqualTo(ask);
    }
}
