package mellowflare.app.language;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Cell;
import javafx.scene.control.Control;
import javafx.scene.control.Labeled;
import javafx.scene.control.ScrollBar;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextInputControl;
import javafx.scene.text.Text;

/** What a window shows, looked through for texts that no message file declares, and for texts that are cut or lie on each other. */
final class Shown {
    /** Signs and units that no language changes, and the keys of a keyboard. */
    private static final Pattern UNITS = Pattern.compile(
            "\\b(?:mm|bar|psi|min|kWh|mbar|hPa|inHg|dBA|gal|MPa|cSt|Alt|Ctrl|Control|Enter|PDF|CSV)\\b");

    /** What is typed in words that the program reads, with the signs of an example. */
    private static final Pattern TYPED = Pattern.compile("18, 1.5 mm, 10 over 14"
            + "|exhaust 380 -80 20 to 520 120 260"
            + "|up|down|left|right|ahead|back|drop|drain|hose|valve|tank|close|from|cap");

    private static final Pattern MOMENT = Pattern.compile("\\d{1,2} [A-Z][a-z]{2} \\d{4} \\d\\d:\\d\\d");

    private static final Pattern WORD = Pattern.compile("[A-Za-z]{3,}");

    /** Part numbers, designations and sizes: with a figure or in capitals. */
    private static final Pattern CODE = Pattern.compile("[A-Za-z]*[A-Z0-9.#/-]*\\d[\\w./x#-]*|\\b[A-Z][A-Z0-9-]+\\b");

    private final List<String> data;
    private final Map<String, String> undeclared = new LinkedHashMap<>();
    private final Map<String, String> cut = new LinkedHashMap<>();
    private final Map<String, String> overlapping = new LinkedHashMap<>();

    /** @param data what people typed, which stays in their own language */
    Shown(List<String> data) {
        this.data = data.stream()
                .filter(d -> d.length() > 1)
                .sorted((a, b) -> b.length() - a.length())
                .toList();
    }

    Map<String, String> undeclared() {
        return undeclared;
    }

    Map<String, String> cut() {
        return cut;
    }

    Map<String, String> overlapping() {
        return overlapping;
    }

    /** Looks through a window's nodes. */
    void look(String where, Node root) {
        List<Text> texts = new ArrayList<>();
        each(root, where, texts);
        for (int i = 0; i < texts.size(); i++) {
            for (int j = i + 1; j < texts.size(); j++) {
                together(where, texts.get(i), texts.get(j));
            }
        }
    }

    private void each(Node node, String where, List<Text> texts) {
        if (!node.isVisible() || node instanceof ScrollBar) {
            return;
        }
        said(where, node.getAccessibleText());
        if (node instanceof TextInputControl input) {
            said(where, input.getPromptText());
            return;
        }
        if (node instanceof Labeled labeled) {
            said(where, labeled.getText());
        }
        if (node instanceof Control control && control.getTooltip() != null) {
            said(where, control.getTooltip().getText());
        }
        if (node instanceof Cell) {
            // A cell ends its text where the cell ends; its words were looked at above.
            return;
        }
        if (node instanceof Text text && !text.getText().isBlank()) {
            texts.add(text);
            if (text.getText().endsWith("...") || text.getText().endsWith("\u2026")) {
                cut.putIfAbsent(text.getText(), where);
            }
        }
        if (node instanceof Parent parent) {
            parent.getChildrenUnmodifiable().forEach(c -> each(c, where, texts));
        }
    }

    private void together(String where, Text one, Text other) {
        Bounds a = seen(one);
        Bounds b = seen(other);
        double wide = Math.min(a.getMaxX(), b.getMaxX()) - Math.max(a.getMinX(), b.getMinX());
        double high = Math.min(a.getMaxY(), b.getMaxY()) - Math.max(a.getMinY(), b.getMinY());
        if (wide > 3 && high > 3) {
            overlapping.putIfAbsent(one.getText() + " // " + other.getText(), where);
        }
    }

    /** The part of a text that is not scrolled out of sight. */
    private static Bounds seen(Text text) {
        Bounds all = text.localToScene(text.getLayoutBounds());
        for (Parent p = text.getParent(); p != null; p = p.getParent()) {
            if (p instanceof ScrollPane) {
                Bounds view = p.localToScene(p.getLayoutBounds());
                if (!view.intersects(all)) {
                    return new javafx.geometry.BoundingBox(0, 0, 0, 0);
                }
                double top = Math.max(all.getMinY(), view.getMinY());
                all = new javafx.geometry.BoundingBox(
                        all.getMinX(), top, all.getWidth(), Math.min(all.getMaxY(), view.getMaxY()) - top);
            }
        }
        return all;
    }

    void said(String where, String text) {
        if (text == null
                || TYPED.matcher(text).matches()
                || MOMENT.matcher(text).matches()) {
            return;
        }
        String rest = outside(text);
        for (String d : data) {
            rest = rest.replace(d, " ");
        }
        rest = UNITS.matcher(CODE.matcher(rest).replaceAll(" ")).replaceAll(" ");
        Matcher word = WORD.matcher(rest);
        TreeSet<String> words = new TreeSet<>();
        while (word.find()) {
            words.add(word.group());
        }
        if (!words.isEmpty()) {
            undeclared.putIfAbsent(text, where);
        }
    }

    /** What stands outside every pair of brackets. */
    private static String outside(String text) {
        StringBuilder out = new StringBuilder();
        int depth = 0;
        for (char c : text.toCharArray()) {
            depth += c == '[' ? 1 : 0;
            if (depth == 0) {
                out.append(c);
            }
            depth = Math.max(0, depth - (c == ']' ? 1 : 0));
        }
        return out.toString();
    }
}
