package mellowflare.core.connection;

import mellowflare.core.measure.Length;
import mellowflare.core.reference.Source;

/**
 * The ring of an O-ring boss and the housing that takes it.
 *
 * @param designation ring by AS568, such as {@code -908}
 * @param inside inside diameter of the ring
 * @param section its cord diameter
 * @param housing diameter of the conical housing at the port's face
 * @param source with how sure these figures are
 */
public record BossRing(String designation, Length inside, Length section, Length housing, Source source) {}
