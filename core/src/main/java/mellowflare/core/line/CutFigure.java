package mellowflare.core.line;

import mellowflare.core.measure.Length;

/**
 * The one length that a line is cut at.
 *
 * @param exact as worked out
 * @param marked as it is marked with a tape in the job's units
 */
public record CutFigure(Length exact, Length marked) {}
