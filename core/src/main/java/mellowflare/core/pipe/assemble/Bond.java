package mellowflare.core.pipe.assemble;

import mellowflare.core.geometry.Vector;

/**
 * What holds two bodies together.
 *
 * @param a number of one body
 * @param b number of the other
 * @param kind how
 * @param at where (mm)
 * @param axis along which it is made up, of length one
 */
record Bond(int a, int b, Kind kind, Vector at, Vector axis) {
    enum Kind {
        /** One of the two turns about the axis. */
        THREAD,
        /** Neither turns; it is not opened again. */
        WELD,
        UNION,
        FLANGE,
        /** A flexible connector's far end. */
        FLEX
    }

    /** Whether it comes apart without anything being turned but its own nut or bolts. */
    boolean opens() {
        return kind == Kind.UNION || kind == Kind.FLANGE || kind == Kind.FLEX;
    }

    int other(int body) {
        return body == a ? b : a;
    }

    boolean holds(int body) {
        return a == body || b == body;
    }
}
