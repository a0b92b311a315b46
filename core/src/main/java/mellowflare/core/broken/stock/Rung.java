package mellowflare.core.broken.stock;

import java.util.List;
import java.util.Set;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.Source;

/**
 * A rung of the ladder, the gentlest first.
 *
 * @param states in which it can be tried
 * @param minutes that one try takes
 * @param chance that the part is out after it, 0 to 1
 * @param price of what it uses up, in the house's money
 */
public record Rung(
        Id id,
        String name,
        Set<StuckState> states,
        double minutes,
        double chance,
        double price,
        List<String> tools,
        Source source) {
    public Rung {
        states = Set.copyOf(states);
        tools = List.copyOf(tools);
    }

    /** The rungs in their order. */
    public enum Id {
        TIGHTEN,
        PENETRANT,
        HEAT,
        LEVER,
        EXTRACTOR,
        SAW,
        CUT_BACK
    }

    static Rung read(CsvTable.Row r) {
        double chance = r.number("chance");
        if (chance <= 0 || chance > 1) {
            throw r.broken("chance", Say.it("rung.no-chance"));
        }
        return new Rung(
                r.word("id", Id.class),
                r.said("name"),
                r.words("states", StuckState.class),
                r.number("minutes"),
                chance,
                r.number("price"),
                r.saidList("tools"),
                r.source());
    }
}
