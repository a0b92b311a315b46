package mellowflare.core.connection;

/** Which side of the thread an end is. */
public enum Gender {
    MALE,
    FEMALE;

    public Gender opposite() {
        return this == MALE ? FEMALE : MALE;
    }

    public String word() {
        return this == MALE ? "male" : "female";
    }
}
