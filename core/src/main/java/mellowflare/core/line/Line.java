package mellowflare.core.line;

/** What a job keeps of one kind of line, beside its ports and what it must do. Immutable, and equal to another that says the same. */
public interface Line {}
