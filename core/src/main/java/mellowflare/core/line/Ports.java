package mellowflare.core.line;

import mellowflare.core.connection.LineEnd;

/**
 * The two ports that a line joins. They stay the same whatever the line is made of.
 *
 * @param a at the near end
 * @param b at the far end
 */
public record Ports(Port a, Port b) {
    public static final Ports UNKNOWN =
            new Ports(Port.unknown(Say.it("ports.end-a")), Port.unknown(Say.it("ports.end-b")));

    public Port of(LineEnd which) {
        return which == LineEnd.A ? a : b;
    }

    public Ports with(LineEnd which, Port port) {
        return which == LineEnd.A ? new Ports(port, b) : new Ports(a, port);
    }
}
