package mellowflare.core.pipe.makeup;

import mellowflare.core.measure.Length;
import mellowflare.core.reference.Source;

/**
 * What is taken off a measure at one end of a pipe: from the point that was measured to, to the end of the pipe. Below zero where the pipe goes beyond that point, as into a port.
 *
 * @param length along the pipe
 * @param source who says so
 */
public record Off(Length length, Source source) {}
