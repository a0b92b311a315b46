package mellowflare.core.lookalike;

import mellowflare.core.connection.End;
import mellowflare.core.measure.Length;

/**
 * An end that another can be taken for.
 *
 * @param other the look-alike, same gender
 * @param kind how they are alike
 * @param crestGap distance between their bands over the crests; zero when the bands overlap
 */
public record LookAlike(End other, LookAlikeKind kind, Length crestGap) {}
