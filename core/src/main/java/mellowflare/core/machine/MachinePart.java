package mellowflare.core.machine;

import java.util.List;
import java.util.Optional;
import mellowflare.core.line.Take;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.parts.Suppliers;

/**
 * A part that lines of a machine need, all together.
 *
 * @param take with the need of all lines
 * @param supplier where the shop buys it; empty while it has not said
 * @param lines marks of the lines that need it, in their order
 */
public record MachinePart(Take take, Optional<Suppliers.Supplier> supplier, List<String> lines) {
    public MachinePart {
        lines = List.copyOf(lines);
    }

    /** How much is wanted beyond the shelf; all of it where no shelf is kept. */
    public double lacks() {
        return take.lacks();
    }

    /** What the whole need costs; empty where no price is known. */
    public Optional<Double> cost() {
        return take.each().filter(e -> e > 0).map(e -> e * take.need());
    }

    String amount(double much) {
        return take.metres()
                ? Say.it("machine-part.metres", "much", LengthFormat.decimal(much, 2, 0))
                : LengthFormat.decimal(much, 0, 0);
    }
}
