package mellowflare.core.connection;

/**
 * Names one end: family, size, gender.
 *
 * @param code the family
 * @param size size text of the trade: {@code 1/2} for pipe threads, {@code -8} for dash families
 * @param gender male or female
 */
public record EndId(EndCode code, String size, Gender gender) {

    public EndId mate() {
        return new EndId(code, size, gender.opposite());
    }

    /** As {@code JIC37 -8 male}. */
    public String text() {
        return code + " " + size + " " + gender.word();
    }
}
