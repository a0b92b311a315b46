package mellowflare.core.advice;

import mellowflare.core.reference.Source;

/**
 * What a rule says, stated once beside its code. Places in braces are filled with the finding's figures.
 *
 * @param id stable name, such as {@code line.weakest-part}
 * @param severity of a failure
 * @param fails the sentence when it fails: what is wrong
 * @param passes the sentence when it passes
 * @param because the figure it rests on
 * @param remedy what to do when it fails
 * @param source where the rule comes from
 */
public record RuleText(
        String id, Severity severity, String fails, String passes, String because, String remedy, Source source) {}
