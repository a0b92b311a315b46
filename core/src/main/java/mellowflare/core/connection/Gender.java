package mellowflare.core.connection;

import java.util.Locale;

/** Which side of the thread an end is. */
public enum Gender {
    MALE,
    FEMALE;

    public Gender opposite() {
        return this == MALE ? FEMALE : MALE;
    }

    /** Its name in files. */
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    public String word() {
        return this == MALE ? Say.it("gender.male") : Say.it("gender.female");
    }
}
