package mellowflare.core.pipe.assemble;

import mellowflare.core.measure.Length;

/**
 * A part that cannot turn.
 *
 * @param part which
 * @param by what it meets
 * @param swing how far it reaches from the axis it turns about
 */
public record Blocked(String part, String by, Length swing) {}
