package mellowflare.core.tube.form;

import mellowflare.core.measure.Length;

/**
 * What keeps a bend from being made.
 *
 * @param bend which, counted from 0 from end A
 * @param what kind
 * @param missing by how much, for what lacks length or height
 */
public record Obstacle(int bend, What what, Length missing) {
    /** Kinds of obstacle. */
    public enum What {
        GRIP(Say.it("obstacle.too-little-straight-for")),
        SHOE(Say.it("obstacle.too-little-straight-for-2")),
        BENCH(Say.it("obstacle.finished-leg-would-dip")),
        ITSELF(Say.it("obstacle.finished-leg-would-swing")),
        TOO_FAR(Say.it("obstacle.more-than-bender-can"));

        private final String words;

        What(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }
}
