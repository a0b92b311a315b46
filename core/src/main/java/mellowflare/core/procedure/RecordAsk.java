package mellowflare.core.procedure;

import java.util.Optional;
import mellowflare.core.measure.Length;

/**
 * What a row of an order of work wants written down.
 *
 * @param label as shown
 * @param of name of the figure that it must meet
 * @param kind what that figure is
 * @param within how near a length must come; empty where the figure brings its own band
 */
public record RecordAsk(String label, String of, StepWords.Recorded kind, Optional<Length> within) {}
