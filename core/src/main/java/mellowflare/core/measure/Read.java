package mellowflare.core.measure;

import java.util.Optional;
import java.util.function.Function;

/**
 * What came of reading a text: a value, or a refusal with a sentence for the person who typed it.
 *
 * @param <T> the kind of value
 */
public sealed interface Read<T> {

    /** The text was understood. */
    record Understood<T>(T understood) implements Read<T> {}

    /**
     * The text was refused.
     *
     * @param reason which of the known mistakes it was
     * @param sentence what to tell the person, a whole sentence
     */
    record Refused<T>(Refusal reason, String sentence) implements Read<T> {}

    static <T> Read<T> of(T value) {
        return new Understood<>(value);
    }

    static <T> Read<T> refuse(Refusal reason, String sentence) {
        return new Refused<>(reason, sentence);
    }

    /** The value, if there is one. */
    default Optional<T> value() {
        return this instanceof Understood<T> u ? Optional.of(u.understood()) : Optional.empty();
    }

    /** The sentence of the refusal, if it was refused. */
    default Optional<String> refusal() {
        return this instanceof Refused<T> r ? Optional.of(r.sentence()) : Optional.empty();
    }

    /** Applies a further reading to an understood value; a refusal passes through. */
    default <R> Read<R> then(Function<T, Read<R>> next) {
        if (this instanceof Understood<T> u) {
            return next.apply(u.understood());
        }
        Refused<T> r = (Refused<T>) this;
        return refuse(r.reason(), r.sentence());
    }
}
