package mellowflare.core.broken.line;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import mellowflare.core.broken.stock.PipeSizes;
import mellowflare.core.broken.stock.StuckFluid;
import mellowflare.core.broken.stock.StuckMaterial;
import mellowflare.core.broken.stock.StuckState;
import mellowflare.core.broken.stock.ThreadState;
import mellowflare.core.line.Line;
import mellowflare.core.parts.Here;

/**
 * What a job keeps of a stuck or broken part.
 *
 * @param state how it stands
 * @param size pipe size of its thread, of {@link PipeSizes#ALL}
 * @param material what it is made of
 * @param fluid what runs in the line
 * @param set which set of extractors is at hand
 * @param isolated whether the line is shut off, let off and proved
 * @param branchFirm whether the branch behind it is held and stays still
 * @param filled whether something still stands in the pipe
 * @param near whether plastic, timber or anything that burns is near
 * @param room whether a long lever can be swung
 * @param power whether a heat gun can be run there
 * @param licensed whether a licensed person does the work, where the fluid asks for one
 * @param thread how the female thread is once the part is out
 * @param hour what an hour of work costs, in the house's money
 * @param here what is at hand
 */
@RecordBuilder
public record BrokenLine(
        Optional<StuckState> state,
        Optional<String> size,
        Optional<StuckMaterial.Id> material,
        Optional<StuckFluid.Id> fluid,
        Optional<String> set,
        Optional<Boolean> isolated,
        Optional<Boolean> branchFirm,
        Optional<Boolean> filled,
        Optional<Boolean> near,
        Optional<Boolean> room,
        Optional<Boolean> power,
        Optional<Boolean> licensed,
        Optional<ThreadState> thread,
        Optional<Double> hour,
        Here here)
        implements Line, BrokenLineBuilder.With {
    public static final BrokenLine NEW = new BrokenLine(
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Here.UNSAID);

    public BrokenLine {
        if (size.filter(s -> !PipeSizes.ALL.contains(s)).isPresent()) {
            throw new IllegalArgumentException(size.get() + " is no pipe size");
        }
        if (hour.filter(h -> !(h >= 0)).isPresent()) {
            throw new IllegalArgumentException("An hour costs nothing or more");
        }
    }
}
