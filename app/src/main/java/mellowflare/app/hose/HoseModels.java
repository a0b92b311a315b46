package mellowflare.app.hose;

/**
 * The models of Line's leaves.
 *
 * @param way the way
 * @param length how long
 * @param here whether it can be done here
 * @param parts parts, shelf and papers
 */
public record HoseModels(RouteModel way, LengthModel length, HereModel here, PartsModel parts) {}
