package mellowflare.core.geometry;

/**
 * A place with the direction of travel there.
 *
 * @param at the place (mm)
 * @param toward unit direction of travel
 */
public record Pose(Vector at, Vector toward) {
    public Pose {
        if (!at.isFinite() || !toward.isFinite()) {
            throw new IllegalArgumentException("A pose stands at a place: " + at + ", " + toward);
        }
        toward = toward.unit();
    }

    /** Further along by so much (mm). */
    public Pose ahead(double mm) {
        return new Pose(at.plus(toward.times(mm)), toward);
    }
}
