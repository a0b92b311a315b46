package mellowflare.core.testing;

/**
 * A joint that is looked at under pressure.
 *
 * @param id stable name for what was seen there
 * @param what where it is, in words
 */
public record TestJoint(String id, String what) {}
