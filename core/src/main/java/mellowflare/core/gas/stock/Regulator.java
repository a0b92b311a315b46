package mellowflare.core.gas.stock;

import mellowflare.core.gas.fuel.GasFamily;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Power;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.Source;

/**
 * A pressure regulator.
 *
 * @param id stable name
 * @param name as shown
 * @param family gas it is for
 * @param out pressure that it holds behind it while gas is drawn
 * @param lockUp pressure behind it when nothing is drawn
 * @param capacity what it passes with its least pressure before it
 * @param leastIn pressure that it needs before it
 * @param mostIn pressure before it that it is rated for
 * @param guard what keeps the pressure behind it from rising if it fails
 * @param price in the catalogue's money
 * @param source of its figures
 */
public record Regulator(
        String id,
        String name,
        GasFamily family,
        GaugePressure out,
        GaugePressure lockUp,
        Power capacity,
        GaugePressure leastIn,
        GaugePressure mostIn,
        Guard guard,
        double price,
        Source source) {
    public Regulator {
        if (out.bar() <= 0 || lockUp.compareTo(out) < 0 || mostIn.compareTo(leastIn) <= 0) {
            throw new IllegalArgumentException(
                    "A regulator holds a pressure above zero, locks up at it or above, and is rated for more than it needs");
        }
    }

    /** What keeps the pressure behind a regulator from rising if it fails. */
    public enum Guard {
        NONE(Say.it("regulator.none")),
        RELIEF(Say.it("regulator.relief")),
        SHUT_OFF(Say.it("regulator.shut-off")),
        TWO_STAGE(Say.it("regulator.two-stage"));

        private final String word;

        Guard(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    /** Whether it may be used for a gas; one for mixtures takes propane and butane alike. */
    public boolean takes(GasFamily gas) {
        return family == gas || gas.liquid() && family == GasFamily.MIXED || gas == GasFamily.MIXED && family.liquid();
    }

    static Regulator read(CsvTable.Row r) {
        return new Regulator(
                r.need("id"),
                r.said("name"),
                r.word("family", GasFamily.class),
                GaugePressure.ofMillibar(r.number("out_mbar")),
                GaugePressure.ofMillibar(r.number("lockup_mbar")),
                Power.ofKilowatts(r.number("capacity_kw")),
                GaugePressure.ofBar(r.number("least_in_bar")),
                GaugePressure.ofBar(r.number("most_in_bar")),
                r.word("guard", Guard.class),
                r.number("price"),
                r.source());
    }
}
