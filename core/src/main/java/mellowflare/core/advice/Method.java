package mellowflare.core.advice;

/**
 * One way of doing it, with its reason.
 *
 * @param topic what it is about
 * @param id stable name
 * @param name as shown
 * @param reason why its followers hold to it
 * @param usual whether it is the default of its topic
 */
public record Method(MethodTopic topic, String id, String name, String reason, boolean usual) {

    /**
     * Whether it is the one of that name.
     *
     * @throws IllegalArgumentException if its topic has none of that name, which is a slip in the code
     */
    public boolean is(String name) {
        if (!topic.ids().contains(name)) {
            throw new IllegalArgumentException("“" + name + "” is no method for " + topic.word());
        }
        return id.equals(name);
    }
}
