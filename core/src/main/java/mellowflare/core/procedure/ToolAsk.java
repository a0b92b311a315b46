package mellowflare.core.procedure;

/**
 * A tool that a step asks for.
 *
 * @param words by which tools at hand are known, in whatever language the step is shown
 * @param shown as people read it; places in braces are figures
 */
public record ToolAsk(String words, String shown) {}
