package mellowflare.app;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import mellowflare.book.store.BookPlace;

/**
 * How the window was asked to start.
 *
 * @param demo with the demo book
 * @param fresh the demo book made anew
 * @param book folder of the book
 */
record Options(boolean demo, boolean fresh, Path book) {

    static Options of(List<String> args) {
        boolean demo = args.contains("demo");
        Optional<Path> named = args.stream()
                .filter(a -> a.startsWith("--book="))
                .map(a -> Path.of(a.substring("--book=".length())))
                .findFirst();
        return new Options(
                demo, args.contains("--fresh"), named.orElseGet(() -> demo ? BookPlace.demo() : BookPlace.own()));
    }
}
