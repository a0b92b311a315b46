package mellowflare.core.tube.end;

import java.util.Optional;
import mellowflare.core.fluid.FluidGroup;
import mellowflare.core.reference.Source;

/**
 * How well a kind of end or a material suits what runs in the line.
 *
 * @param what kind or material, by its published word
 * @param group what runs in it
 * @param fluid the one fluid of the group that it speaks of; empty for all of them
 * @param verdict how well
 * @param because why
 * @param source who says so
 */
public record Use(
        String what, FluidGroup group, Optional<String> fluid, Verdict verdict, String because, Source source) {}
