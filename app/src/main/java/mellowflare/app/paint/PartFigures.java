package mellowflare.app.paint;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import javafx.geometry.Point2D;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Point;

/** The figures of a part of a drawing, shown beside it while the mouse is on it, or while Page Down and Page Up lead to it. */
final class PartFigures {
    private static final double BESIDE = 14;
    private static final double WIDE = 420;

    private final DrawingPane pane;
    private final Tooltip tip = new Tooltip();
    private Function<String, List<String>> told = part -> List.of();
    private final Map<String, String> kept = new HashMap<>();
    private String shown = "";
    private int at = -1;
    private String before = "";

    PartFigures(DrawingPane pane) {
        this.pane = pane;
        tip.getStyleClass().add("part-figures");
        tip.setWrapText(true);
        tip.setMaxWidth(WIDE);
        tip.setHideOnEscape(false);
        tip.setConsumeAutoHidingEvents(false);
    }

    void tells(Function<String, List<String>> words) {
        told = words;
        pane.setFocusTraversable(true);
        pane.getStyleClass().add("told-drawing");
        // The arrow keys turn some drawings.
        pane.addEventHandler(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.PAGE_DOWN || e.getCode() == KeyCode.PAGE_UP) {
                step(e.getCode() == KeyCode.PAGE_DOWN ? 1 : -1);
                e.consume();
            } else if (e.getCode() == KeyCode.ESCAPE && at >= 0) {
                leave();
                e.consume();
            }
        });
        // Else what scrolls the page takes the focus.
        pane.addEventHandler(MouseEvent.MOUSE_PRESSED, e -> {
            pane.requestFocus();
            e.consume();
        });
        pane.focusedProperty().addListener((o, was, now) -> {
            // A window that shows a pop-up may lose the focus to it; the drawing keeps it in its scene.
            boolean elsewhere = pane.getScene() == null || pane.getScene().getFocusOwner() != pane;
            if (!now && elsewhere && at >= 0) {
                leave();
            }
        });
        pane.drawingProperty().addListener((o, was, now) -> {
            kept.clear();
            if (at >= 0) {
                pane.setAccessibleText(before);
            }
            at = -1;
            hide();
        });
    }

    /** The mouse is here. */
    void at(double x, double y, double screenX, double screenY) {
        Optional<CanvasPainter.View> view = pane.view();
        if (view.isEmpty()) {
            return;
        }
        Optional<String> words = view.get().drawing().named(view.get().back(x, y)).stream()
                .map(s -> words(s.part()))
                .filter(w -> !w.isEmpty())
                .findFirst();
        if (words.isEmpty()) {
            hide();
        } else if (!tip.isShowing() || !words.get().equals(shown)) {
            show(words.get(), screenX + BESIDE, screenY + BESIDE);
        }
    }

    void hide() {
        shown = "";
        tip.hide();
    }

    /** Asked for once a drawing: a mouse that moves must not work out tables. */
    private String words(String part) {
        return kept.computeIfAbsent(part, p -> String.join("\n", told.apply(p)));
    }

    private void show(String words, double screenX, double screenY) {
        shown = words;
        tip.setText(words);
        if (pane.getScene() != null && pane.getScene().getWindow() != null) {
            tip.show(pane, screenX, screenY);
        }
    }

    /** To the next part that has figures. */
    private void step(int by) {
        Optional<CanvasPainter.View> view = pane.view();
        if (view.isEmpty()) {
            return;
        }
        List<Drawing.Spot> spots = new ArrayList<>();
        view.get().drawing().spots().stream()
                .filter(s -> !s.part().isBlank())
                .filter(s -> spots.stream().noneMatch(x -> x.part().equals(s.part())))
                .forEach(spots::add);
        int to = at < 0 && by < 0 ? 0 : at;
        int tried = 0;
        do {
            to = spots.isEmpty() ? 0 : Math.floorMod(to + by, spots.size());
            tried++;
        } while (tried <= spots.size() && words(spots.get(to).part()).isEmpty());
        if (tried > spots.size()) {
            return;
        }
        if (at < 0) {
            before = pane.getAccessibleText() == null ? "" : pane.getAccessibleText();
        }
        at = to;
        Drawing.Spot spot = spots.get(at);
        pane.ring(spot.box());
        Point2D beside = pane.localToScreen(
                view.get().x(new Point(spot.box().right(), 0)),
                view.get().y(new Point(0, spot.box().bottom())));
        String words = words(spot.part());
        pane.setAccessibleText(words);
        if (beside != null) {
            show(words, beside.getX() + BESIDE, beside.getY() + BESIDE);
        }
    }

    private void leave() {
        at = -1;
        pane.setAccessibleText(before);
        pane.withoutRing();
        hide();
    }
}
