package mellowflare.text;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Properties;

/** The message files beside the packages. */
final class MessageFiles {
    private MessageFiles() {}

    /** All texts in the order of their files, by home and id, such as {@code app.gauge/gauge-view.why}. */
    static Map<String, String> all() {
        Map<String, String> texts = new LinkedHashMap<>();
        for (Path file : Sources.files("texts.properties")) {
            Properties read = new Properties() {
                private static final long serialVersionUID = 1L;

                @Override
                public synchronized Object put(Object id, Object text) {
                    return texts.put(Sources.home(file) + "/" + id, (String) text);
                }
            };
            try (var in = Files.newBufferedReader(file)) {
                read.load(in);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
        return texts;
    }
}
