package mellowflare.core.pipe.space;

import mellowflare.core.pipe.makeup.PartKey;

/**
 * A bushing or a plug, screwed into a mouth.
 *
 * @param fitting number of the fitting
 * @param mouth number of its mouth
 * @param name of the piece that was called out
 * @param part what it is
 */
public record Attached(int fitting, int mouth, String name, PartKey part) {}
