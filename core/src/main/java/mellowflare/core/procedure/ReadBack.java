package mellowflare.core.procedure;

import java.time.Instant;
import mellowflare.core.measure.Length;

/**
 * The cut figure was read aloud and agreed.
 *
 * @param figure the very figure that was read; a changed plan makes the reading void
 * @param by who heard it
 * @param at when
 */
public record ReadBack(Length figure, String by, Instant at) {}
