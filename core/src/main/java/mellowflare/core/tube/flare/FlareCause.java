package mellowflare.core.tube.flare;

import mellowflare.core.reference.Source;

/**
 * Something that makes a flare bad.
 *
 * @param id stable name
 * @param name as shown
 * @param prior how common it is at the bench, a share
 * @param look what to look at
 * @param redo what to do about it
 * @param source who says so
 */
public record FlareCause(String id, String name, double prior, String look, String redo, Source source) {}
