package mellowflare.core.advice;

/** How much a failed finding weighs. */
public enum Severity {
    /** Danger, or a line that cannot work. */
    STOP,
    /** Likely trouble; can be answered for. */
    WARN,
    /** Good to know. */
    NOTE
}
