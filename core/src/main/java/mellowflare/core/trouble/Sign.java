package mellowflare.core.trouble;

import java.util.Optional;
import mellowflare.core.reference.Source;

/**
 * Something a fitter can say of a leak.
 *
 * @param id published word
 * @param group the question that it answers
 * @param base how often it is seen although the cause does not bring it, 0 to 1; empty for an answer to a question that has one
 * @param says in words
 * @param look the question that asks for it; blank for an answer to a question that has one
 */
public record Sign(String id, SignGroup group, Optional<Double> base, String says, String look, Source source) {}
