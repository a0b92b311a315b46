package mellowflare.core.pipe.line;

/** How a line of rigid pipe is told. */
public enum PipeShape {
    /** Two legs and a travel, from what was measured. */
    OFFSET,
    /** Called out piece by piece. */
    RUN
}
