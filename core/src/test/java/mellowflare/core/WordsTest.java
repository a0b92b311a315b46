package mellowflare.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.lang.reflect.Method;
import java.lang.reflect.Modifier;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Properties;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Each package says the texts that lie beside it, and each word of a list has words of its own. */
class WordsTest {
    static List<Class<?>> speakers() {
        return RecordSamples.classes().stream()
                .filter(c -> c.getSimpleName().equals("Say"))
                .toList();
    }

    static List<Method> words() {
        return RecordSamples.classes().stream()
                .filter(Class::isEnum)
                .flatMap(c -> Arrays.stream(c.getDeclaredMethods()))
                .filter(m -> m.getReturnType() == String.class
                        && m.getParameterCount() == 0
                        && !m.isSynthetic()
                        && !Modifier.isStatic(m.getModifiers())
                        && !m.getName().equals("toString"))
                .toList();
    }

    @ParameterizedTest
    @MethodSource("speakers")
    void testAPackageSaysTheTextsBesideIt(Class<?> say) throws ReflectiveOperationException, IOException {
        Properties texts = new Properties();
        try (Reader in = new InputStreamReader(say.getResourceAsStream("texts.properties"), StandardCharsets.UTF_8)) {
            texts.load(in);
        }
        String id = texts.stringPropertyNames().stream()
                .filter(t -> !texts.getProperty(t).matches("(?s).*[{}'].*"))
                .sorted()
                .findFirst()
                .orElse("");
        if (!id.isEmpty()) {
            Method it = say.getDeclaredMethod("it", String.class, Object[].class);
            it.setAccessible(true);
            assertThat(it.invoke(null, id, new Object[0])).isEqualTo(texts.getProperty(id));
        }
    }

    /** One may need no word, and the letters of a rolling offset are those that pipe fitters write, twice the same on two legs. */
    @ParameterizedTest
    @MethodSource("words")
    void testTheWordsOfAListTellItsMembersApart(Method word) {
        word.setAccessible(true);
        List<String> said = Stream.of(word.getDeclaringClass().getEnumConstants())
                .map(e -> said(word, e))
                .toList();
        assertThat(said.stream().filter(String::isBlank).count()).isLessThan(Math.min(2, said.size()));
        assertThat(said.stream().distinct().count() * 2).isGreaterThan(said.size());
    }

    private static String said(Method word, Object of) {
        try {
            return (String) word.invoke(of);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }
}
