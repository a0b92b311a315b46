package mellowflare.core.tube.end;

import mellowflare.core.fluid.FluidGroup;
import mellowflare.core.reference.Source;

/**
 * How well a kind of end or a material suits what runs in the line.
 *
 * @param what kind or material, by its published word
 * @param group what runs in it
 * @param verdict how well
 * @param because why
 * @param source who says so
 */
public record Use(String what, FluidGroup group, Verdict verdict, String because, Source source) {}
