package mellowflare.app;

import java.util.Optional;

/** Says in a sentence why no window can be opened on this machine. */
final class ToolkitTrouble {
    private ToolkitTrouble() {}

    /**
     * What the person at the machine can do about a toolkit that does not start.
     *
     * @param thrown what the toolkit threw when it was started
     * @return the sentence; nothing if the trouble is not the machine's but the program's own
     */
    static Optional<String> sentence(Throwable thrown) {
        for (Throwable t = thrown; t != null; t = t.getCause()) {
            if (t instanceof UnsatisfiedLinkError && t.getMessage() != null) {
                return Optional.of(Say.it("toolkit-trouble.no-library", "message", t.getMessage()));
            }
            if (t instanceof UnsupportedOperationException
                    && String.valueOf(t.getMessage()).contains("DISPLAY")) {
                return Optional.of(Say.it(
                        "toolkit-trouble.no-display",
                        "orDefault",
                        System.getenv().getOrDefault("DISPLAY", "")));
            }
        }
        return Optional.empty();
    }
}
