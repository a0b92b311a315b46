package mellowflare.core.identify;

/** Whether and where a ring was seen. A missing ring proves nothing, and is weighed so. */
public enum RingSeen {
    NONE("no ring"),
    THREAD_BASE("ring at the foot of the thread"),
    FACE("ring in the face");

    private final String word;

    RingSeen(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
