package mellowflare.core.parts;

import mellowflare.core.advice.Severity;
import mellowflare.core.reference.Source;

/**
 * A tool, and what changes without it.
 *
 * @param id stable name
 * @param name as shown
 * @param words the words by which a step's list of tools asks for it
 * @param usual whether it is at hand unless said otherwise
 * @param severity how bad it is to be without
 * @param instead plan B, a sentence
 * @param needs protection or temporary parts that plan B asks for; may be empty
 * @param source who says so
 */
public record Tool(
        String id,
        String name,
        String words,
        boolean usual,
        Severity severity,
        String instead,
        String needs,
        Source source) {

    /** Whether an entry of a step's list asks for it. */
    public boolean askedBy(String entry) {
        return entry.contains(words);
    }
}
