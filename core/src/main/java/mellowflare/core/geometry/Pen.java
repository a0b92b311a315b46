package mellowflare.core.geometry;

/** What a line means; the painter decides colour and width. */
public enum Pen {
    NONE,
    OUTLINE,
    THREAD,
    FINE,
    CENTRE_LINE,
    HIDDEN,
    MEASURED,
    SELECTED,
    WARN,
    STOP
}
