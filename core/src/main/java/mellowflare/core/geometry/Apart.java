package mellowflare.core.geometry;

/** How far straight pieces lie from each other. */
public final class Apart {
    private static final double PARALLEL = 1e-12;

    private Apart() {}

    /** The least distance between two straight pieces (mm), each from its first to its second point. */
    public static double between(Vector a0, Vector a1, Vector b0, Vector b1) {
        Vector u = a1.minus(a0);
        Vector v = b1.minus(b0);
        Vector w = a0.minus(b0);
        double uu = u.dot(u);
        double uv = u.dot(v);
        double vv = v.dot(v);
        double uw = u.dot(w);
        double vw = v.dot(w);
        double det = uu * vv - uv * uv;
        double s = det > PARALLEL * uu * vv ? clamp((uv * vw - vv * uw) / det) : 0;
        double t = vv > 0 ? clamp((uv * s + vw) / vv) : 0;
        // With t held at an end the nearest place on the first piece moves.
        s = uu > 0 ? clamp((uv * t - uw) / uu) : 0;
        t = vv > 0 ? clamp((uv * s + vw) / vv) : 0;
        return w.plus(u.times(s)).minus(v.times(t)).length();
    }

    private static double clamp(double share) {
        return Math.max(0, Math.min(1, share));
    }
}
