package mellowflare.core.pipe.makeup;

import java.util.Optional;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.Source;

/**
 * How far a pipe goes into its fitting, along the axis: by its thread once it is tight, or into a socket.
 *
 * @param length hand tight and wrench together
 * @param handTight by hand; empty where only the sum is known
 * @param wrench by wrench; empty where only the sum is known
 * @param useful length of useful thread on the pipe, or depth of the socket; empty where it is not listed
 * @param scatter one standard deviation of what joints come out at
 * @param source who says so
 */
public record ThreadMakeUp(
        Length length,
        Optional<Length> handTight,
        Optional<Length> wrench,
        Optional<Length> useful,
        Length scatter,
        Source source) {
    public ThreadMakeUp {
        if (length.mm() <= 0 || scatter.mm() < 0) {
            throw new IllegalArgumentException("A make-up is above zero, its scatter not below");
        }
    }
}
