package mellowflare.core.connection;

import java.util.List;
import java.util.Optional;

/**
 * What all ends of one family and gender have in common.
 *
 * @param name the family's name in trade words
 * @param mate the family that it goes together with, where that is another than its own
 * @param also the family that it goes together with too, on a condition
 * @param swivel how often it sits in a loose nut, 0 to 1 (house figure)
 * @param wrenches what its hex is made for
 * @param metIn kinds of service it is met in
 * @param regions parts of the world it is met in
 * @param machines kinds of machine it is met on
 * @param aliases other names of the trade
 */
public record EndForm(
        String name,
        Optional<EndCode> mate,
        Optional<Also> also,
        double swivel,
        Wrenches wrenches,
        List<String> metIn,
        List<String> regions,
        List<String> machines,
        List<String> aliases) {
    /**
     * Another family that it seals on, if something is seen first.
     *
     * @param code the family; the same size of it, of the other gender
     * @param onlyIf what must be so, in words that follow "only where"
     */
    public record Also(EndCode code, String onlyIf) {}

    public EndForm {
        metIn = List.copyOf(metIn);
        regions = List.copyOf(regions);
        machines = List.copyOf(machines);
        aliases = List.copyOf(aliases);
        if (!(swivel >= 0 && swivel <= 1)) {
            throw new IllegalArgumentException("A share lies between 0 and 1, not " + swivel);
        }
    }
}
