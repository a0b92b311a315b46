package mellowflare.core.hose;

/**
 * One row of the parts list.
 *
 * @param part part number
 * @param name what it is
 * @param amount how much, with its unit
 */
public record PartLine(String part, String name, String amount) {}
