package mellowflare.core.lookalike;

import mellowflare.core.connection.End;

/**
 * Two ends that can be taken for each other.
 *
 * @param one the first of them, by family
 * @param lookAlike the other, with how they are alike
 */
public record LookAlikePair(End one, LookAlike lookAlike) {}
