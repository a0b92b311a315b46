package mellowflare.text;

import com.sun.source.tree.CompilationUnitTree;
import com.sun.source.util.JavacTask;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import javax.tools.JavaCompiler;
import javax.tools.StandardJavaFileManager;
import javax.tools.ToolProvider;

/** The program's own sources, parsed. */
final class Sources {
    static final List<String> MODULES = List.of("core", "devices", "book", "cli", "app");

    private Sources() {}

    /** The folder that holds all modules. */
    static Path root() {
        return Path.of("").toAbsolutePath().getParent();
    }

    /** Every file of the modules under {@code src/main} with that ending, in order. */
    static List<Path> files(String ending) {
        List<Path> files = new ArrayList<>();
        for (String module : MODULES) {
            try (Stream<Path> walk = Files.walk(root().resolve(module).resolve("src/main"))) {
                walk.filter(p -> p.toString().endsWith(ending)).sorted().forEach(files::add);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
        return files;
    }

    static List<CompilationUnitTree> parsed() {
        JavaCompiler compiler = ToolProvider.getSystemJavaCompiler();
        StandardJavaFileManager manager = compiler.getStandardFileManager(null, null, null);
        JavacTask task = (JavacTask) compiler.getTask(
                null,
                manager,
                d -> {},
                List.of("-proc:none"),
                null,
                manager.getJavaFileObjectsFromPaths(files(".java")));
        try {
            List<CompilationUnitTree> units = new ArrayList<>();
            task.parse().forEach(units::add);
            return units;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The package of a file below {@code mellowflare}, such as {@code app.gauge}. */
    static String home(Path file) {
        String path = file.getParent().toString().replace('\\', '/');
        int at = path.lastIndexOf("/mellowflare/");
        return at < 0 ? "" : path.substring(at + "/mellowflare/".length()).replace('/', '.');
    }
}
