package mellowflare.app.tube;

import mellowflare.app.desk.Desk;

/**
 * The models of a tube line's page.
 *
 * @param tube tube, ends, bender, picture
 * @param measure the way as it is typed
 * @param bench the flare bench
 * @param fit whether it drops in
 * @param here tools and room
 * @param papers what goes along
 */
public record TubeModels(
        TubeModel tube, MeasureModel measure, BenchModel bench, FitModel fit, TubeHereModel here, PapersModel papers) {

    /** The models for the job that is open on a desk; a tube line must be open. */
    public static TubeModels of(Desk desk) {
        return new TubeModels(
                new TubeModel(desk),
                new MeasureModel(desk),
                new BenchModel(desk),
                new FitModel(desk),
                new TubeHereModel(desk),
                new PapersModel(desk));
    }
}
