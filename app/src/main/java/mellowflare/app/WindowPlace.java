package mellowflare.app;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.geometry.Point2D;
import javafx.geometry.Rectangle2D;

/**
 * Where the window stands and how large it is, always within a screen that is there.
 *
 * @param corner upper left; empty for the middle of the screen
 * @param width of its inside
 * @param height of its inside
 */
record WindowPlace(Optional<Point2D> corner, double width, double height) {
    private static final double WIDTH = 1280;
    private static final double HEIGHT = 800;
    private static final double LEAST = 400;
    /** What the frame of a window takes at the outside. */
    private static final double FRAME = 40;

    /** As it is kept. */
    String text() {
        Point2D c = corner.orElse(Point2D.ZERO);
        return String.format(Locale.ROOT, "%.0f %.0f %.0f %.0f", c.getX(), c.getY(), width, height);
    }

    /**
     * @param kept as it was kept last
     * @param screens what of each screen a window may cover, the main one first
     */
    static WindowPlace of(Optional<String> kept, List<Rectangle2D> screens) {
        Rectangle2D main = screens.isEmpty() ? new Rectangle2D(0, 0, WIDTH, HEIGHT + FRAME) : screens.get(0);
        Optional<WindowPlace> last = kept.flatMap(WindowPlace::read);
        Optional<Rectangle2D> screen = last.flatMap(w -> w.corner)
                .flatMap(c -> screens.stream()
                        .filter(s -> s.contains(c))
                        .max(Comparator.comparingDouble(s -> s.getWidth() * s.getHeight())));
        double width = within(
                last.map(WindowPlace::width).orElse(WIDTH), screen.orElse(main).getWidth());
        double height = within(
                last.map(WindowPlace::height).orElse(HEIGHT),
                screen.orElse(main).getHeight() - FRAME);
        return new WindowPlace(
                screen.flatMap(s -> last.flatMap(w -> w.corner).map(c -> inside(c, s, width, height))), width, height);
    }

    private static double within(double wanted, double most) {
        return Math.max(LEAST, Math.min(wanted, most));
    }

    private static Point2D inside(Point2D c, Rectangle2D s, double width, double height) {
        return new Point2D(
                Math.max(s.getMinX(), Math.min(c.getX(), s.getMaxX() - width)),
                Math.max(s.getMinY(), Math.min(c.getY(), s.getMaxY() - height - FRAME)));
    }

    private static Optional<WindowPlace> read(String text) {
        try {
            double[] n = Arrays.stream(text.strip().split("\\s+"))
                    .mapToDouble(Double::parseDouble)
                    .toArray();
            return n.length == 4
                            && Arrays.stream(n).allMatch(x -> Math.abs(x) < 100_000)
                            && n[2] >= LEAST
                            && n[3] >= LEAST
                    ? Optional.of(new WindowPlace(Optional.of(new Point2D(n[0], n[1])), n[2], n[3]))
                    : Optional.empty();
        } catch (NumberFormatException e) {
            return Optional.empty();
        }
    }
}
