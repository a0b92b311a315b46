package mellowflare.core.geometry;

/** Whether a straight line passes through a field. */
final class Clip {
    private Clip() {}

    /** The line from a to b is clipped to the field, side by side; one that only touches it does not pass through. */
    static boolean passes(
            double ax, double ay, double bx, double by, double left, double bottom, double right, double top) {
        if (ax <= left && bx <= left
                || ax >= right && bx >= right
                || ay <= bottom && by <= bottom
                || ay >= top && by >= top) {
            return false;
        }
        double dx = bx - ax;
        double dy = by - ay;
        double from = 0;
        double to = 1;
        if (dx != 0) {
            from = Math.max(from, Math.min((left - ax) / dx, (right - ax) / dx));
            to = Math.min(to, Math.max((left - ax) / dx, (right - ax) / dx));
        }
        if (dy != 0) {
            from = Math.max(from, Math.min((bottom - ay) / dy, (top - ay) / dy));
            to = Math.min(to, Math.max((bottom - ay) / dy, (top - ay) / dy));
        }
        return from < to || from == to && dx == 0 && dy == 0;
    }
}
