package mellowflare.core.hose.route;

import mellowflare.core.advice.Need;
import mellowflare.core.advice.Subject;

/** What the route of a hose is asked for. */
public final class RouteNeeds {
    public static final Need WITHIN_RADIUS =
            new Need("route", "Enter a route that the hose can bend to.", Subject.ROUTE, "way-forward");
    public static final Need IN_ONE_PLANE =
            new Need("route-plane", "Enter a route that bends in one plane only.", Subject.ROUTE, "way-forward");
    public static final Need EVERY_POSITION = new Need(
            "route-positions", "Enter every position that the far end moves to.", Subject.ROUTE, "way-forward");

    private RouteNeeds() {}
}
