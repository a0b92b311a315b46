package mellowflare.core.broken;

import java.util.List;
import java.util.Optional;
import mellowflare.core.broken.line.BrokenLine;
import mellowflare.core.broken.order.BrokenStepWriter;
import mellowflare.core.broken.stock.BrokenStock;
import mellowflare.core.broken.stock.OwnExtractors;
import mellowflare.core.broken.work.BrokenCase;
import mellowflare.core.line.Kind;
import mellowflare.core.line.KindId;
import mellowflare.core.line.Setting;
import mellowflare.core.procedure.Precedence;
import mellowflare.core.procedure.StepTable;
import mellowflare.core.reference.OwnLists;
import mellowflare.core.reference.ReferenceData;

/** A part that is stuck or broken off in a line. */
public final class BrokenPartKind implements Kind<BrokenLine, BrokenPlan> {
    public static final BrokenPartKind BROKEN = new BrokenPartKind();

    private static final KindId ID = new KindId("broken");

    private BrokenPartKind() {}

    @Override
    public KindId id() {
        return ID;
    }

    @Override
    public String word() {
        return Say.it("broken-part-kind.broken");
    }

    @Override
    public boolean joinsPorts() {
        return false;
    }

    @Override
    public BrokenLine fresh() {
        return BrokenLine.NEW;
    }

    @Override
    public Class<BrokenLine> lineType() {
        return BrokenLine.class;
    }

    @Override
    public Class<BrokenPlan> planType() {
        return BrokenPlan.class;
    }

    @Override
    public List<OwnLists<?>> ownLists() {
        return List.of(OwnExtractors.LISTS);
    }

    @Override
    public ReferenceData load(ReferenceData shared) {
        StepTable steps = StepTable.beside(BrokenStepWriter.class, BrokenStepWriter.WORDS);
        return shared.with(BrokenStock.KEY, BrokenStock.load())
                .with(BrokenStepWriter.STEPS, steps)
                .with(BrokenStepWriter.ORDER, Precedence.beside(BrokenStepWriter.class, steps));
    }

    @Override
    public BrokenPlan plan(BrokenLine line, Setting setting, Optional<BrokenPlan> before) {
        return before.filter(b -> b.c().line().equals(line) && b.c().setting().equals(setting))
                .orElseGet(() -> BrokenPlan.of(BrokenCase.of(line, setting)));
    }
}
