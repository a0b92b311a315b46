package mellowflare.core.text;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Properties;

/** Reads a message file: {@code id = text}, in UTF-8. */
final class MessageFile {
    private MessageFile() {}

    static Optional<Map<String, String>> read(Class<?> beside, String name) {
        try (InputStream in = beside.getResourceAsStream(name)) {
            return in == null ? Optional.empty() : Optional.of(read(new InputStreamReader(in, StandardCharsets.UTF_8)));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Whether there is a file of translations of that name. */
    static boolean exists(String language) {
        return MessageFile.class.getResource(language + ".properties") != null;
    }

    private static Map<String, String> read(Reader in) throws IOException {
        Map<String, String> texts = new LinkedHashMap<>();
        Properties once = new Properties() {
            private static final long serialVersionUID = 1L;

            @Override
            public synchronized Object put(Object id, Object text) {
                if (texts.put((String) id, (String) text) != null) {
                    throw new IllegalArgumentException("The text " + id + " stands twice.");
                }
                return null;
            }
        };
        once.load(in);
        return Collections.unmodifiableMap(texts);
    }
}
