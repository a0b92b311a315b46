package mellowflare.core.trouble;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Leaks from a bench of their own, looked at as the program asks: is the true cause found, is what it does not know said, are its chances right? */
class TroubleCalibrationTest {
    private static final int CASES = 2000;
    private static final int STRANGE = 1000;
    private static final int LOOKS = 18;
    private static final int TENTHS = 10;

    private final Diagnosing diagnosing = new Diagnosing(SimulatedLeaks.DATA.get(TroubleTable.KEY));

    /** Looks where the program says, until it asks no more. */
    private Diagnosis looked(SimulatedLeaks.Leak leak) {
        TroubleAsk ask = leak.ask();
        Diagnosis d = diagnosing.of(ask);
        for (int i = 0; i < LOOKS && d.nextLook().isPresent(); i++) {
            String sign = d.nextLook().get().sign().id();
            ask = ask.withLook(sign, Optional.of(leak.marks().contains(sign)));
            d = diagnosing.of(ask);
        }
        return d;
    }

    @Test
    void testTheTrueCauseComesFirstAndItsChanceIsRight() {
        SimulatedLeaks bench = new SimulatedLeaks(11);
        int first = 0;
        int three = 0;
        double[] said = new double[TENTHS];
        int[] right = new int[TENTHS];
        int[] count = new int[TENTHS];
        for (int i = 0; i < CASES; i++) {
            SimulatedLeaks.Leak leak = bench.known();
            Diagnosis d = looked(leak);
            for (int k = 0; k < 3; k++) {
                boolean is =
                        d.suspects().get(k).cause().id().equals(leak.cause().orElseThrow());
                first += is && k == 0 ? 1 : 0;
                three += is ? 1 : 0;
                double share = d.suspects().get(k).share();
                int tenth = Math.min(TENTHS - 1, (int) (share * TENTHS));
                said[tenth] += share;
                right[tenth] += is ? 1 : 0;
                count[tenth]++;
            }
        }
        double off = 0;
        int all = 0;
        for (int t = 0; t < TENTHS; t++) {
            if (count[t] > 0) {
                off += Math.abs(said[t] - right[t]);
                all += count[t];
            }
        }
        System.out.printf(
                "leaks: first %.3f, among three %.3f, off %.2f points%n",
                first / (double) CASES, three / (double) CASES, 100 * off / all);
        assertThat(first / (double) CASES).isGreaterThan(0.85);
        assertThat(three / (double) CASES).isGreaterThan(0.97);
        assertThat(100 * off / all).isLessThan(3);
    }

    @Test
    void testACauseThatIsInNoTableIsCalledUnknown() {
        SimulatedLeaks bench = new SimulatedLeaks(12);
        int unknown = 0;
        for (int i = 0; i < STRANGE; i++) {
            unknown += looked(bench.unknown()).named().isEmpty() ? 1 : 0;
        }
        System.out.printf("leaks of no table, no cause named: %.3f%n", unknown / (double) STRANGE);
        assertThat(unknown / (double) STRANGE).isGreaterThan(0.90);
    }
}
