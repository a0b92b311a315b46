package mellowflare.core.tube;

import java.util.Optional;
import mellowflare.core.connection.End;
import mellowflare.core.connection.Which;
import mellowflare.core.material.Metal;

/**
 * What a tube end goes on.
 *
 * @param which A or B
 * @param place what the port belongs to
 * @param port the port, once it is named
 * @param metal what it is made of
 */
public record TubePort(Which which, String place, Optional<End> port, Optional<Metal> metal) {}
