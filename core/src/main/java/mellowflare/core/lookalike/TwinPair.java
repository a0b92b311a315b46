package mellowflare.core.lookalike;

import mellowflare.core.connection.End;

/**
 * Two ends that can be taken for each other.
 *
 * @param one the first of them, by family
 * @param twin the other, with how they are alike
 */
public record TwinPair(End one, Twin twin) {}
