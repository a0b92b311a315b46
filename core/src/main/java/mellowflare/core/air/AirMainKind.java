package mellowflare.core.air;

import java.util.List;
import java.util.Optional;
import mellowflare.core.air.demand.AirHouse;
import mellowflare.core.air.lists.OwnAirLists;
import mellowflare.core.air.main.AirMain;
import mellowflare.core.air.order.AirStepWriter;
import mellowflare.core.air.stock.PipeSystems;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.line.Kind;
import mellowflare.core.line.KindId;
import mellowflare.core.line.Mending;
import mellowflare.core.line.Setting;
import mellowflare.core.procedure.Precedence;
import mellowflare.core.procedure.StepTable;
import mellowflare.core.reference.OwnLists;
import mellowflare.core.reference.ReferenceData;

/** A workshop main with its compressor, drops and outlets. */
public final class AirMainKind implements Kind<AirMain, AirPlan> {
    public static final AirMainKind AIR = new AirMainKind();

    private static final KindId ID = new KindId("air");

    private AirMainKind() {}

    @Override
    public KindId id() {
        return ID;
    }

    @Override
    public String word() {
        return Say.it("air-main-kind.air-main");
    }

    @Override
    public boolean joinsPorts() {
        return false;
    }

    @Override
    public AirMain fresh() {
        return AirMain.NEW;
    }

    @Override
    public Class<AirMain> lineType() {
        return AirMain.class;
    }

    @Override
    public Class<AirPlan> planType() {
        return AirPlan.class;
    }

    @Override
    public List<OwnLists<?>> ownLists() {
        return List.of(OwnAirLists.LISTS);
    }

    @Override
    public ReferenceData load(ReferenceData shared) {
        StepTable steps = StepTable.beside(AirStepWriter.class, AirStepWriter.WORDS);
        return shared.with(PipeSystems.KEY, PipeSystems.load())
                .with(AirHouse.KEY, AirHouse.load())
                .with(AirStepWriter.STEPS, steps)
                .with(AirStepWriter.ORDER, Precedence.beside(AirStepWriter.class, steps));
    }

    @Override
    public List<Mending<AirMain>> mendings(AirPlan plan) {
        return AirMendings.of(plan.c());
    }

    @Override
    public AirPlan plan(AirMain line, Setting setting, Optional<AirPlan> before) {
        return before.filter(b -> b.c().main().equals(line) && b.c().setting().equals(setting))
                .orElseGet(() -> AirPlan.of(AirCase.of(line, setting)));
    }
}
