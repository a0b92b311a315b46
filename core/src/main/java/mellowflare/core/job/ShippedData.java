package mellowflare.core.job;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import mellowflare.core.advice.Methods;
import mellowflare.core.connection.EndSearch;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.TradeWords;
import mellowflare.core.flow.WaterSpeeds;
import mellowflare.core.fluid.FluidTable;
import mellowflare.core.fluid.Laws;
import mellowflare.core.line.Kind;
import mellowflare.core.lookalike.LookAlikes;
import mellowflare.core.material.Compatibility;
import mellowflare.core.material.Metals;
import mellowflare.core.material.SolderedJoints;
import mellowflare.core.parts.AdapterTable;
import mellowflare.core.parts.Attachments;
import mellowflare.core.parts.Catalogue;
import mellowflare.core.parts.HoseKinds;
import mellowflare.core.parts.Nipples;
import mellowflare.core.parts.Shelved;
import mellowflare.core.parts.Suppliers;
import mellowflare.core.parts.ToolTable;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.sealing.JointLimits;
import mellowflare.core.sealing.Lubricants;
import mellowflare.core.sealing.MakeUp;
import mellowflare.core.sealing.Sealants;
import mellowflare.core.sealing.Sealing;
import mellowflare.core.shelf.Shelf;
import mellowflare.core.testing.Duties;
import mellowflare.core.thread.PitchLeaves;
import mellowflare.core.thread.ThreadTable;
import mellowflare.core.trouble.TroubleTable;
import mellowflare.core.upkeep.UpkeepRules;

/** Puts the shipped tables together into the one bundle that every computation takes. */
public final class ShippedData {
    /** Names this state of the tables; goes up with every change of a figure. */
    public static final String VERSION = "2026-11-n";

    private static final Map<String, ReferenceData> KEPT = new ConcurrentHashMap<>();

    private ShippedData() {}

    /**
     * Every table, loaded by whoever asks first.
     *
     * @throws mellowflare.core.reference.BrokenTable if one cannot be used
     */
    public static ReferenceData get() {
        return KEPT.computeIfAbsent(VERSION, version -> load());
    }

    /**
     * Loads every table anew.
     *
     * @throws mellowflare.core.reference.BrokenTable if one cannot be used
     */
    public static ReferenceData load() {
        ThreadTable threads = ThreadTable.load();
        EndTable ends = EndTable.load(threads);
        TradeWords trades = TradeWords.load();
        FluidTable fluids = FluidTable.load();
        Methods methods = Methods.load();
        ReferenceData data = ReferenceData.empty(VERSION)
                .with(ThreadTable.KEY, threads)
                .with(PitchLeaves.KEY, PitchLeaves.load())
                .with(EndTable.KEY, ends)
                .with(TradeWords.KEY, trades)
                .with(EndSearch.KEY, new EndSearch(ends, trades))
                .with(LookAlikes.KEY, new LookAlikes(ends))
                .with(Methods.KEY, methods)
                .with(FluidTable.KEY, fluids)
                .with(Laws.KEY, Laws.load())
                .with(Compatibility.KEY, Compatibility.load())
                .with(Sealing.KEY, Sealing.load())
                .with(Sealants.KEY, Sealants.load())
                .with(Lubricants.KEY, Lubricants.load(fluids, methods))
                .with(MakeUp.KEY, MakeUp.load())
                .with(JointLimits.KEY, JointLimits.load())
                .with(Shelf.KEY, Shelf.AS_LISTED)
                .with(Suppliers.KEY, Suppliers.NONE)
                .with(Catalogue.KEY, Catalogue.load(ends))
                .with(WaterSpeeds.KEY, WaterSpeeds.load())
                .with(HoseKinds.KEY, HoseKinds.load())
                .with(TroubleTable.KEY, TroubleTable.load())
                .with(Duties.KEY, Duties.load())
                .with(UpkeepRules.KEY, UpkeepRules.load(InService.words()))
                .with(Attachments.KEY, Attachments.load())
                .with(Metals.KEY, Metals.load())
                .with(SolderedJoints.KEY, SolderedJoints.load())
                .with(AdapterTable.KEY, AdapterTable.load(ends))
                .with(Nipples.KEY, Nipples.load())
                .with(ToolTable.KEY, ToolTable.load());
        for (Kind<?, ?> kind : Kinds.ALL) {
            data = kind.load(data);
        }
        return Shelved.over(data, Shelf.AS_LISTED);
    }
}
