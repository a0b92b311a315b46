package mellowflare.core.job;

import mellowflare.core.advice.Schools;
import mellowflare.core.air.AirPlan;
import mellowflare.core.air.demand.AirHouse;
import mellowflare.core.air.stock.PipeSystems;
import mellowflare.core.connection.EndSearch;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.TradeWords;
import mellowflare.core.flow.WaterSpeeds;
import mellowflare.core.fluid.FluidTable;
import mellowflare.core.hose.CutRoom;
import mellowflare.core.hose.HosePlan;
import mellowflare.core.hose.Scatter;
import mellowflare.core.hose.Ways;
import mellowflare.core.lookalike.TwinTable;
import mellowflare.core.material.Compatibility;
import mellowflare.core.material.Metals;
import mellowflare.core.material.SolderedJoints;
import mellowflare.core.parts.AdapterTable;
import mellowflare.core.parts.Attachments;
import mellowflare.core.parts.Catalogue;
import mellowflare.core.parts.HoseKinds;
import mellowflare.core.parts.Nipples;
import mellowflare.core.parts.ToolTable;
import mellowflare.core.procedure.Precedence;
import mellowflare.core.procedure.StepTable;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.sealing.JointLimits;
import mellowflare.core.sealing.Lubricants;
import mellowflare.core.sealing.MakeUp;
import mellowflare.core.sealing.Sealants;
import mellowflare.core.sealing.Sealing;
import mellowflare.core.thread.PitchLeaves;
import mellowflare.core.thread.ThreadTable;
import mellowflare.core.tube.TubePlan;
import mellowflare.core.tube.end.EndKinds;
import mellowflare.core.tube.end.FlareBands;
import mellowflare.core.tube.flare.FlareCauses;
import mellowflare.core.tube.flare.FlareTools;
import mellowflare.core.tube.form.TubeScatter;
import mellowflare.core.tube.rules.Laws;
import mellowflare.core.tube.stock.Benders;
import mellowflare.core.tube.stock.TubeMaterials;
import mellowflare.core.tube.stock.TubeSizes;

/** Puts the shipped tables together into the one bundle that every computation takes. */
public final class ShippedData {
    /** Names this state of the tables; goes up with every change of a figure. */
    public static final String VERSION = "2026-11-j";

    private ShippedData() {}

    /**
     * Loads every table.
     *
     * @throws mellowflare.core.reference.BrokenTable if one cannot be used
     */
    public static ReferenceData load() {
        ThreadTable threads = ThreadTable.load();
        EndTable ends = EndTable.load(threads);
        TradeWords trades = TradeWords.load();
        TubeMaterials materials = TubeMaterials.load();
        FluidTable fluids = FluidTable.load();
        Schools methods = Schools.load();
        StepTable hoseSteps = StepTable.beside(HosePlan.class, HosePlan.STEP_WORDS);
        StepTable tubeSteps = StepTable.beside(TubePlan.class, TubePlan.STEP_WORDS);
        StepTable airSteps = StepTable.beside(AirPlan.class, AirPlan.STEP_WORDS);
        return ReferenceData.empty(VERSION)
                .with(ThreadTable.KEY, threads)
                .with(PitchLeaves.KEY, PitchLeaves.load())
                .with(EndTable.KEY, ends)
                .with(TradeWords.KEY, trades)
                .with(EndSearch.KEY, new EndSearch(ends, trades))
                .with(TwinTable.KEY, new TwinTable(ends))
                .with(Schools.KEY, methods)
                .with(FluidTable.KEY, fluids)
                .with(Compatibility.KEY, Compatibility.load())
                .with(Sealing.KEY, Sealing.load())
                .with(Sealants.KEY, Sealants.load())
                .with(Lubricants.KEY, Lubricants.load(fluids, methods))
                .with(MakeUp.KEY, MakeUp.load())
                .with(JointLimits.KEY, JointLimits.load())
                .with(Catalogue.KEY, Catalogue.load(ends))
                .with(WaterSpeeds.KEY, WaterSpeeds.load())
                .with(HoseKinds.KEY, HoseKinds.load())
                .with(Attachments.KEY, Attachments.load())
                .with(Metals.KEY, Metals.load())
                .with(SolderedJoints.KEY, SolderedJoints.load())
                .with(AdapterTable.KEY, AdapterTable.load(ends))
                .with(HosePlan.STEPS, hoseSteps)
                .with(HosePlan.ORDER, Precedence.beside(HosePlan.class, hoseSteps))
                .with(ToolTable.KEY, ToolTable.load())
                .with(Scatter.KEY, Scatter.load())
                .with(CutRoom.KEY, CutRoom.load())
                .with(Ways.KEY, Ways.load())
                .with(TubeMaterials.KEY, materials)
                .with(TubeSizes.KEY, TubeSizes.load(materials))
                .with(Benders.KEY, Benders.load())
                .with(EndKinds.KEY, EndKinds.load())
                .with(FlareBands.KEY, FlareBands.load())
                .with(FlareTools.KEY, FlareTools.load())
                .with(FlareCauses.KEY, FlareCauses.load())
                .with(TubeScatter.KEY, TubeScatter.load())
                .with(Laws.KEY, Laws.load())
                .with(TubePlan.STEPS, tubeSteps)
                .with(TubePlan.ORDER, Precedence.beside(TubePlan.class, tubeSteps))
                .with(PipeSystems.KEY, PipeSystems.load())
                .with(Nipples.KEY, Nipples.load())
                .with(AirHouse.KEY, AirHouse.load())
                .with(AirPlan.STEPS, airSteps)
                .with(AirPlan.ORDER, Precedence.beside(AirPlan.class, airSteps));
    }
}
