package mellowflare.core.advice;

/** What came of a check. No warning must never mean that nobody looked. */
public enum State {
    PASS,
    FAIL,
    NOT_CHECKED
}
