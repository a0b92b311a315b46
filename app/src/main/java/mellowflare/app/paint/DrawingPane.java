package mellowflare.app.paint;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.geometry.Insets;
import javafx.scene.AccessibleRole;
import javafx.scene.Cursor;
import javafx.scene.canvas.Canvas;
import javafx.scene.layout.Region;
import mellowflare.core.advice.Subject;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.LabelRoom;
import mellowflare.core.geometry.Letters;
import mellowflare.core.geometry.Point;

/** Shows one drawing as large as it fits, redrawn whenever drawing, size or colours change. */
public final class DrawingPane extends Region {
    private final Canvas canvas = new Canvas();
    private final ObjectProperty<Drawing> drawing = new SimpleObjectProperty<>();
    private final ObjectProperty<Ink> ink = new SimpleObjectProperty<>(Ink.DAY);
    private final DoubleProperty textScale = new SimpleDoubleProperty(1);
    private final Insets margin;
    private final double textSize;
    private Optional<Double> exactScale = Optional.empty();
    private Consumer<Subject> pressed = s -> {};
    private boolean marginGrows;
    private CanvasPainter.View view;
    private Letters letters;
    private final PartFigures figures = new PartFigures(this);

    /**
     * @param margin kept free around the drawing for dimensions and texts (px)
     * @param textSize size of its texts (px)
     */
    public DrawingPane(Insets margin, double textSize) {
        this.margin = margin;
        this.textSize = textSize;
        getChildren().add(canvas);
        canvas.setMouseTransparent(true);
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        setMinSize(0, 0);
        drawing.addListener((o, was, now) -> draw());
        ink.addListener((o, was, now) -> draw());
        textScale.addListener((o, was, now) -> draw());
        setOnMouseClicked(e -> spotAt(e.getX(), e.getY()).ifPresent(pressed));
        setOnMouseMoved(e -> {
            setCursor(spotAt(e.getX(), e.getY()).isPresent() ? Cursor.HAND : Cursor.DEFAULT);
            figures.at(e.getX(), e.getY(), e.getScreenX(), e.getScreenY());
        });
        setOnMouseExited(e -> figures.hide());
    }

    public ObjectProperty<Drawing> drawingProperty() {
        return drawing;
    }

    public ObjectProperty<Ink> inkProperty() {
        return ink;
    }

    /** Factor on the size of its texts. */
    public DoubleProperty textScaleProperty() {
        return textScale;
    }

    /** Lets the margin above grow with the size of its texts, for dimensions that stand in it. */
    public void growMargin() {
        marginGrows = true;
        draw();
    }

    /** Shows every drawing with just this many dots a millimetre, whatever the room. */
    public void setExactScale(double dotsPerMm) {
        exactScale = Optional.of(dotsPerMm);
        draw();
    }

    /** What happens when a part of the line is pressed. */
    public void onPressed(Consumer<Subject> action) {
        pressed = action;
    }

    /** What is told of a part by its name, where the mouse is or Page Down and Page Up lead. */
    public void tells(Function<String, List<String>> told) {
        figures.tells(told);
    }

    /** How the drawing lies on the pane now; empty while it has no room. */
    Optional<CanvasPainter.View> view() {
        return Optional.ofNullable(view);
    }

    /** Its words that lie over other words or over lines now; empty while it has no room. */
    public Optional<LabelRoom.Crossed> crossed() {
        return view().map(v -> LabelRoom.crossed(v.drawing(), letters));
    }

    /** Draws anew, with a ring round a place. */
    void ring(Drawing.Box box) {
        draw();
        canvas.getGraphicsContext2D().setStroke(ink.get().working());
        canvas.getGraphicsContext2D().setLineWidth(2);
        double x = view.x(new Point(box.left(), 0));
        double y = view.y(new Point(0, box.top()));
        canvas.getGraphicsContext2D()
                .strokeRoundRect(x - 4, y - 4, box.width() * view.scale() + 8, box.height() * view.scale() + 8, 8, 8);
    }

    void withoutRing() {
        draw();
    }

    private Optional<Subject> spotAt(double x, double y) {
        if (view == null) {
            return Optional.empty();
        }
        Point p = view.back(x, y);
        return view.drawing().spots().stream()
                .filter(s -> s.box().holds(p))
                .map(Drawing.Spot::subject)
                .reduce((first, second) -> second);
    }

    @Override
    protected void layoutChildren() {
        if (canvas.getWidth() != getWidth() || canvas.getHeight() != getHeight()) {
            canvas.setWidth(getWidth());
            canvas.setHeight(getHeight());
            draw();
        }
    }

    private void draw() {
        var g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, canvas.getWidth(), canvas.getHeight());
        Drawing now = drawing.get();
        double top = margin.getTop() * (marginGrows ? textScale.get() : 1);
        double wide = canvas.getWidth() - margin.getLeft() - margin.getRight();
        double high = canvas.getHeight() - top - margin.getBottom();
        if (now == null || wide <= 0 || high <= 0) {
            view = null;
            return;
        }
        double scale = exactScale.orElse(
                Math.min(wide / now.box().width(), high / now.box().height()));
        double left = margin.getLeft() + (wide - now.box().width() * scale) / 2;
        double bottom = top + (high + now.box().height() * scale) / 2;
        double size = textSize * textScale.get();
        letters = new Letters(scale, size, CanvasPainter.DIMENSION_STEP);
        Drawing settled = LabelRoom.settled(now, letters);
        view = new CanvasPainter.View(settled, left, bottom, scale);
        new CanvasPainter(g, ink.get(), view, size).paint();
    }
}
