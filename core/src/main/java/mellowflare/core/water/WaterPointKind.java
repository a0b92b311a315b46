package mellowflare.core.water;

import java.util.Optional;
import mellowflare.core.line.Kind;
import mellowflare.core.line.KindId;
import mellowflare.core.line.Setting;
import mellowflare.core.procedure.Precedence;
import mellowflare.core.procedure.StepTable;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.water.line.WaterLine;
import mellowflare.core.water.order.WaterStepWriter;
import mellowflare.core.water.stock.WaterStock;
import mellowflare.core.water.work.WaterCase;

/** A household water point, from the house pipe to the equipment. */
public final class WaterPointKind implements Kind<WaterLine, WaterPlan> {
    public static final WaterPointKind WATER = new WaterPointKind();

    private static final KindId ID = new KindId("water");

    private WaterPointKind() {}

    @Override
    public KindId id() {
        return ID;
    }

    @Override
    public String word() {
        return Say.it("water-point-kind.water-point");
    }

    @Override
    public boolean joinsPorts() {
        return false;
    }

    @Override
    public WaterLine fresh() {
        return WaterLine.NEW;
    }

    @Override
    public Class<WaterLine> lineType() {
        return WaterLine.class;
    }

    @Override
    public Class<WaterPlan> planType() {
        return WaterPlan.class;
    }

    @Override
    public ReferenceData load(ReferenceData shared) {
        StepTable steps = StepTable.beside(WaterStepWriter.class, WaterStepWriter.WORDS);
        return shared.with(WaterStock.KEY, WaterStock.load())
                .with(WaterStepWriter.STEPS, steps)
                .with(WaterStepWriter.ORDER, Precedence.beside(WaterStepWriter.class, steps));
    }

    @Override
    public WaterPlan plan(WaterLine line, Setting setting, Optional<WaterPlan> before) {
        return before.filter(b -> b.c().line().equals(line) && b.c().setting().equals(setting))
                .orElseGet(() -> WaterPlan.of(WaterCase.of(line, setting)));
    }
}
