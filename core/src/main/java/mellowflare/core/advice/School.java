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
public record School(SchoolTopic topic, String id, String name, String reason, boolean usual) {}
