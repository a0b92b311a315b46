package mellowflare.core.tube.line;

import java.util.Optional;
import mellowflare.core.connection.End;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.line.Port;
import mellowflare.core.line.Setting;
import mellowflare.core.material.Metal;

/**
 * What a tube end goes on.
 *
 * @param which A or B
 * @param place what the port belongs to
 * @param port the port, once it is named
 * @param metal what it is made of
 */
public record TubePort(LineEnd which, String place, Optional<End> port, Optional<Metal> metal) {

    static TubePort of(LineEnd which, Setting setting) {
        Port on = setting.ports().of(which);
        return new TubePort(which, on.place(), setting.port(which), on.metal());
    }
}
