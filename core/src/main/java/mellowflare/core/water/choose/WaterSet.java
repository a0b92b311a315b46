package mellowflare.core.water.choose;

import java.util.List;
import java.util.Optional;
import mellowflare.core.measure.Length;
import mellowflare.core.water.stock.JoinMethod;
import mellowflare.core.water.stock.LinkKind;

/**
 * A set of parts between the house pipe and the equipment.
 *
 * @param id method and link, such as {@code compression-flex}
 * @param method how the valve goes on the pipe
 * @param link what leads to the equipment
 * @param connector stocked length of a braided connector; empty for a rigid link, and where none is long enough
 * @param mostOffset greatest misalignment of the link; empty while the distance is not known
 * @param parts in order from the pipe, itself the first of them, to the equipment, the last
 * @param joints every seal in order from the pipe
 * @param tools names, each once
 * @param price in the catalogue's money
 * @param minutes of work
 * @param goods what speaks for it, whole sentences
 * @param bads what speaks against it, whole sentences
 * @param blocked why it cannot be used; empty where it can
 */
public record WaterSet(
        String id,
        JoinMethod method,
        LinkKind link,
        Optional<Length> connector,
        Optional<Length> mostOffset,
        List<String> parts,
        List<SetJoint> joints,
        List<String> tools,
        double price,
        double minutes,
        List<String> goods,
        List<String> bads,
        List<String> blocked) {
    public WaterSet {
        parts = List.copyOf(parts);
        joints = List.copyOf(joints);
        tools = List.copyOf(tools);
        goods = List.copyOf(goods);
        bads = List.copyOf(bads);
        blocked = List.copyOf(blocked);
        if (parts.size() < 2) {
            throw new IllegalArgumentException("A set leads from a pipe to the equipment");
        }
    }

    /**
     * One seal.
     *
     * @param at where
     * @param seal what seals
     * @param put what goes on it, or must not: a whole sentence
     * @param turns how tight: a whole sentence
     */
    public record SetJoint(String at, String seal, String put, String turns) {}

    /** What is bought for it: the pipe at its beginning and the equipment at its end are there already. */
    public List<String> bought() {
        return parts.subList(1, parts.size() - 1);
    }

    public boolean possible() {
        return blocked.isEmpty();
    }
}
