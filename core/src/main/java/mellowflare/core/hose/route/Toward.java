package mellowflare.core.hose.route;

import mellowflare.core.geometry.Vector;

/** The six directions in which ports are said to look, seen by whoever stands at port A. */
public enum Toward {
    FORWARD(Say.it("toward.forward"), new Vector(1, 0, 0)),
    BACK(Say.it("toward.back"), new Vector(-1, 0, 0)),
    LEFT(Say.it("toward.left"), new Vector(0, 1, 0)),
    RIGHT(Say.it("toward.right"), new Vector(0, -1, 0)),
    UP(Say.it("toward.up"), new Vector(0, 0, 1)),
    DOWN(Say.it("toward.down"), new Vector(0, 0, -1));

    private final String word;
    private final Vector direction;

    Toward(String word, Vector direction) {
        this.word = word;
        this.direction = direction;
    }

    public String word() {
        return word;
    }

    public Vector direction() {
        return direction;
    }

    /** The one that a direction comes nearest to. */
    public static Toward nearest(Vector v) {
        Toward best = FORWARD;
        for (Toward t : values()) {
            if (t.direction.dot(v) > best.direction.dot(v)) {
                best = t;
            }
        }
        return best;
    }
}
