package mellowflare.core.connection;

import java.util.Optional;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.Source;

/**
 * The ring that an end seals on, and the housing that takes it where it lies in a port's mouth.
 *
 * @param designation ring by AS568, such as {@code -908}; by its figures in millimetres where it has no such number
 * @param inside inside diameter of the ring
 * @param section its cord diameter
 * @param housing diameter of the conical housing at the port's face, where the table has it
 * @param source with how sure these figures are
 */
public record SealRing(String designation, Length inside, Length section, Optional<Length> housing, Source source) {}
