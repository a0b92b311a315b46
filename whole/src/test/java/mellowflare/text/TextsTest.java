package mellowflare.text;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import mellowflare.core.text.Message;
import org.junit.jupiter.api.Test;

/** Every text that stands in a message file is said somewhere, whole, with each of its places filled. */
class TextsTest {
    private static final Map<String, String> TEXTS = MessageFiles.all();
    private static final List<Calls> CALLS = Calls.all();

    /** A half: it begins with what ends another sentence, or breaks off. */
    private static final Pattern HALF = Pattern.compile("^[\\s,;:.)].*|.*[\\s,;(]$", Pattern.DOTALL);

    @Test
    void testEveryTextSaidStandsInTheFileBesideWithItsPlaces() {
        List<String> wrong = new ArrayList<>();
        for (Calls call : CALLS) {
            String text = TEXTS.get(call.id());
            if (text == null) {
                wrong.add(call.where() + " says " + call.id() + ", which stands in no file");
            } else if (!call.open() && !new TreeSet<>(Message.places(text)).equals(new TreeSet<>(call.places()))) {
                wrong.add(call.where() + " fills " + call.places() + " of " + call.id() + " = " + text);
            }
        }
        assertEquals(List.of(), wrong);
    }

    @Test
    void testEveryTextIsSaidSomewhere() {
        Set<String> said = CALLS.stream().map(Calls::id).collect(Collectors.toSet());
        assertEquals(
                List.of(),
                TEXTS.keySet().stream().filter(id -> !said.contains(id)).toList());
    }

    @Test
    void testNoTextIsHalfASentence() {
        assertEquals(
                List.of(),
                TEXTS.entrySet().stream()
                        .filter(e ->
                                HALF.matcher(e.getValue().replace("\n", "")).matches())
                        .map(Object::toString)
                        .toList());
    }

    @Test
    void testThereAreTexts() {
        assertTrue(TEXTS.size() > 1000);
    }
}
