package mellowflare.core.tube.form;

import java.util.stream.Collectors;
import mellowflare.core.connection.LineEnd;

/** An order of bends in words. */
public final class Orders {
    private Orders() {}

    /** As {@code 1, 3, 2 with the B side held}; the side is said where it is not A. */
    public static String words(BendOrder order) {
        return order.turns().stream()
                .map(t -> t.grip() == LineEnd.B
                        ? Say.it("orders.b-side-held", "bend", t.bend() + 1)
                        : Integer.toString(t.bend() + 1))
                .collect(Collectors.joining(", "));
    }
}
