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
        GRIP("too little straight for the grip"),
        SHOE("too little straight for the shoe"),
        BENCH("a finished leg would dip into the bench"),
        ITSELF("a finished leg would swing into the tube"),
        TOO_FAR("more than the bender can bend");

        private final String words;

        What(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }
}
