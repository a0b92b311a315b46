package mellowflare.text;

import com.sun.source.tree.CompilationUnitTree;
import com.sun.source.tree.ExpressionTree;
import com.sun.source.tree.LiteralTree;
import com.sun.source.tree.MethodInvocationTree;
import com.sun.source.util.TreeScanner;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** Each place in the sources where a text is said; an open one is filled elsewhere. */
record Calls(String id, Set<String> places, boolean open, String where) {

    static List<Calls> all() {
        List<Calls> calls = new ArrayList<>();
        for (CompilationUnitTree unit : Sources.parsed()) {
            Path file = Path.of(unit.getSourceFile().getName());
            new TreeScanner<Void, Void>() {
                @Override
                public Void visitMethodInvocation(MethodInvocationTree call, Void none) {
                    String method = call.getMethodSelect().toString();
                    if (method.equals("Say.it") || method.equals("Say.open")) {
                        calls.add(read(call, file));
                    }
                    return super.visitMethodInvocation(call, none);
                }
            }.scan(unit, null);
        }
        return calls;
    }

    private static Calls read(MethodInvocationTree call, Path file) {
        List<? extends ExpressionTree> given = call.getArguments();
        Set<String> places = new LinkedHashSet<>();
        for (int i = 1; i < given.size(); i += 2) {
            places.add(literal(given.get(i), file));
        }
        return new Calls(
                Sources.home(file) + "/" + literal(given.get(0), file),
                places,
                call.getMethodSelect().toString().equals("Say.open"),
                file.getFileName().toString());
    }

    private static String literal(ExpressionTree tree, Path file) {
        if (tree instanceof LiteralTree literal && literal.getValue() instanceof String text) {
            return text;
        }
        throw new AssertionError(file + " says a text whose id or place is not written out: " + tree);
    }
}
