package mellowflare.cli.command;

import java.util.List;
import java.util.Optional;

/** What a kind of line adds to the command line. Each command is a picocli command with its name. */
public interface KindInCli {
    /** Commands beside {@code job} and {@code parts}. */
    List<Object> commands();

    /** How a network of such a line is read; empty for a line that is none. */
    default Optional<NetworkIn> network() {
        return Optional.empty();
    }

    /** Commands under {@code parts}, for what the shelf can do for such a line. */
    default List<Object> partsCommands() {
        return List.of();
    }
}
