package mellowflare.core.hose.route;

import mellowflare.core.advice.Need;
import mellowflare.core.advice.Subject;

/** What the route of a hose is asked for. */
public final class RouteNeeds {
    public static final Need WITHIN_RADIUS =
            new Need("route", Say.it("route-needs.enter-route-that-hose"), Subject.ROUTE, "way-forward");
    public static final Need IN_ONE_PLANE =
            new Need("route-plane", Say.it("route-needs.enter-route-that-bends"), Subject.ROUTE, "way-forward");
    public static final Need EVERY_POSITION =
            new Need("route-positions", Say.it("route-needs.enter-every-position-that"), Subject.ROUTE, "way-forward");

    private RouteNeeds() {}
}
