package mellowflare.core.advice;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

/**
 * The methods a job follows. What is not chosen follows the usual method.
 *
 * @param choices method ids by topic
 */
public record Practice(Map<MethodTopic, String> choices) {
    public static final Practice USUAL = new Practice(Map.of());

    public Practice {
        choices = Map.copyOf(choices);
    }

    public Optional<String> choice(MethodTopic topic) {
        return Optional.ofNullable(choices.get(topic));
    }

    public Practice with(MethodTopic topic, String method) {
        Map<MethodTopic, String> more = new EnumMap<>(MethodTopic.class);
        more.putAll(choices);
        more.put(topic, method);
        return new Practice(more);
    }
}
