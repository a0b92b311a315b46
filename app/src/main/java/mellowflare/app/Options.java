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
 * @param picture where a picture of the window goes once it has shown its third frame
 */
record Options(boolean demo, boolean fresh, Path book, Optional<Path> picture) {

    static Options of(List<String> args) {
        boolean demo = args.contains("demo");
        return new Options(
                demo,
                args.contains("--fresh"),
                path(args, "--book=").orElseGet(() -> demo ? BookPlace.demo() : BookPlace.own()),
                path(args, "--picture="));
    }

    private static Optional<Path> path(List<String> args, String option) {
        return args.stream()
                .filter(a -> a.startsWith(option) && a.length() > option.length())
                .map(a -> Path.of(a.substring(option.length())).toAbsolutePath())
                .findFirst();
    }
}
