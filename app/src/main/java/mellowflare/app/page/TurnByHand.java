package mellowflare.app.page;

import javafx.scene.layout.Region;

/** Dragging turns a picture, and so do the arrow keys while it has the focus. */
public final class TurnByHand {
    /** A press of an arrow key turns as a drag of this many dots. */
    private static final double KEY_TURN = 16;

    private TurnByHand() {}

    /** What a turn does. */
    @FunctionalInterface
    public interface Turn {
        /** Turned by so many degrees to the right and downward. */
        void by(double right, double down);
    }

    public static void on(Region picture, Turn turn) {
        double[] last = new double[2];
        picture.setFocusTraversable(true);
        picture.setOnMousePressed(e -> {
            picture.requestFocus();
            last[0] = e.getX();
            last[1] = e.getY();
        });
        picture.setOnMouseDragged(e -> {
            turn.by((e.getX() - last[0]) / 2, (e.getY() - last[1]) / 2);
            last[0] = e.getX();
            last[1] = e.getY();
        });
        picture.setOnKeyPressed(e -> {
            switch (e.getCode()) {
                case LEFT -> turn.by(-KEY_TURN / 2, 0);
                case RIGHT -> turn.by(KEY_TURN / 2, 0);
                case UP -> turn.by(0, -KEY_TURN / 2);
                case DOWN -> turn.by(0, KEY_TURN / 2);
                default -> {
                    return;
                }
            }
            e.consume();
        });
    }
}
