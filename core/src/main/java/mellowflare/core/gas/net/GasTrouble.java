package mellowflare.core.gas.net;

/**
 * What is wrong with a network of gas, at which piece.
 *
 * @param piece name of the pipe, place, regulator or appliance
 */
public record GasTrouble(Kind kind, String piece) {
    /** The kinds of trouble. */
    public enum Kind {
        NOT_REACHED(Say.it("gas-trouble.not-reached")),
        NO_LENGTH(Say.it("gas-trouble.no-length")),
        TWICE(Say.it("gas-trouble.twice")),
        TO_ITSELF(Say.it("gas-trouble.to-itself")),
        /** A pipe leads from one stage of pressure to another past the regulator. */
        PAST_REGULATOR(Say.it("gas-trouble.past-regulator")),
        STARVED(Say.it("gas-trouble.starved")),
        CHOKED(Say.it("gas-trouble.choked")),
        UNSETTLED(Say.it("gas-trouble.unsettled"));

        private final String says;

        Kind(String says) {
            this.says = says;
        }

        /** A whole sentence about the piece. */
        public String says() {
            return says;
        }
    }
}
