package mellowflare.book.job;

import java.util.List;
import mellowflare.book.air.AirInBook;
import mellowflare.book.broken.BrokenInBook;
import mellowflare.book.gas.GasInBook;
import mellowflare.book.hose.HoseInBook;
import mellowflare.book.line.KindInBook;
import mellowflare.book.line.Paper;
import mellowflare.book.line.SheetPart;
import mellowflare.book.pipe.PipeInBook;
import mellowflare.book.tag.TagFacts;
import mellowflare.book.tee.TeeInBook;
import mellowflare.book.tube.TubeInBook;
import mellowflare.book.water.WaterInBook;
import mellowflare.core.job.Evaluation;
import mellowflare.core.line.Kind;
import mellowflare.core.line.Line;
import mellowflare.core.line.Plan;

/** The kinds of line that the book can keep: one line each, in the order in which their demo jobs stand. */
public final class BookKinds {
    public static final List<KindInBook<?, ?>> ALL = List.of(
            new HoseInBook(),
            new TubeInBook(),
            new PipeInBook(),
            new GasInBook(),
            new WaterInBook(),
            new TeeInBook(),
            new BrokenInBook(),
            new AirInBook());

    private BookKinds() {}

    /** The papers of a kind beside those that every job has. */
    static <P extends Plan> List<Paper<P>> papers(Kind<?, P> kind) {
        return of(kind).papers();
    }

    /** What the sheet shows of the line of a job. */
    static SheetPart sheet(Evaluation result) {
        return sheet(result.job().kind(), result);
    }

    private static <P extends Plan> SheetPart sheet(Kind<?, P> kind, Evaluation result) {
        return of(kind).sheet(result, kind.planType().cast(result.plan()));
    }

    /** The key facts of a job as it stands, as its tag carries them. */
    public static TagFacts tag(Evaluation result) {
        return tag(result.job().kind(), result);
    }

    private static <P extends Plan> TagFacts tag(Kind<?, P> kind, Evaluation result) {
        return of(kind).tag(result, kind.planType().cast(result.plan()));
    }

    /** The lines of the tag that are the kind's own. */
    static List<String> tagLines(Evaluation result, TagFacts facts) {
        return tagLines(result.job().kind(), result, facts);
    }

    private static <P extends Plan> List<String> tagLines(Kind<?, P> kind, Evaluation result, TagFacts facts) {
        return of(kind).tagLines(result, kind.planType().cast(result.plan()), facts);
    }

    /** What the book does for a kind. */
    @SuppressWarnings("unchecked")
    public static <L extends Line, P extends Plan> KindInBook<L, P> of(Kind<L, P> kind) {
        return (KindInBook<L, P>) ALL.stream()
                .filter(k -> k.kind().equals(kind))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("The book knows no " + kind.word()));
    }
}
