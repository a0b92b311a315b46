package mellowflare.core.picture.moment;

import mellowflare.core.text.Texts;

/** What this package says; its texts stand in {@code texts.properties} beside it. */
final class Say {
    private static final Texts TEXTS = Texts.beside(Say.class);

    private Say() {}

    /** The text of an id, its named places filled. */
    static String it(String id, Object... places) {
        return TEXTS.say(id, places);
    }
}
