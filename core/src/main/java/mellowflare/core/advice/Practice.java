package mellowflare.core.advice;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

/**
 * The schools a job follows. What is not chosen follows the usual school.
 *
 * @param choices school ids by topic
 */
public record Practice(Map<SchoolTopic, String> choices) {
    public static final Practice USUAL = new Practice(Map.of());

    public Practice {
        choices = Map.copyOf(choices);
    }

    public Optional<String> choice(SchoolTopic topic) {
        return Optional.ofNullable(choices.get(topic));
    }

    public Practice with(SchoolTopic topic, String school) {
        Map<SchoolTopic, String> more = new EnumMap<>(SchoolTopic.class);
        more.putAll(choices);
        more.put(topic, school);
        return new Practice(more);
    }
}
