package mellowflare.core.pipe.assemble;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import mellowflare.core.geometry.Vector;
import org.junit.jupiter.api.Test;

class BallsTest {
    private final Random random = new Random(7);

    private Vector anywhere(double within) {
        return new Vector(random.nextDouble() * within, random.nextDouble() * within, random.nextDouble() * within);
    }

    private Capsule stretch(double within) {
        Vector from = anywhere(within);
        return new Capsule(from, from.plus(anywhere(400)), 5 + random.nextInt(30));
    }

    @Test
    void testNothingThatIsMetIsPassedOver() {
        List<Body> bodies = new ArrayList<>();
        bodies.add(new Body("", Body.Kind.GROUND, List.of(), Optional.empty(), -1));
        for (int i = 1; i < 120; i++) {
            List<Capsule> solid = i % 3 == 0 ? List.of(stretch(3000), stretch(3000)) : List.of(stretch(3000));
            bodies.add(new Body("b" + i, Body.Kind.FITTING, solid, Optional.empty(), i));
        }
        Balls balls = new Balls(bodies);
        BitSet all = new BitSet();
        all.set(0, bodies.size());
        int met = 0;
        int passed = 0;
        for (int round = 0; round < 60; round++) {
            Swing swing = new Swing(anywhere(3000), anywhere(1).unit());
            Swing.Swept swept = swing.sweep(stretch(3000));
            BitSet near = new BitSet();
            for (int k = balls.next(all, 0, swept); k >= 0; k = balls.next(all, k + 1, swept)) {
                near.set(k);
            }
            passed += bodies.size() - near.cardinality();
            for (int k = 0; k < bodies.size(); k++) {
                if (bodies.get(k).solid().stream().anyMatch(swept::meets)) {
                    met++;
                    assertThat(near.get(k)).as(bodies.get(k).name()).isTrue();
                }
            }
            assertThat(near.get(0)).isFalse();
        }
        assertThat(met).isGreaterThan(50);
        assertThat(passed).isGreaterThan(500);
    }
}
