package mellowflare.core.run.walk;

/** What is called out on a walk. Each kind of line has pieces of its own. */
public interface Called {
    /** As it is called; also the name of the place where it ends. */
    String name();
}
