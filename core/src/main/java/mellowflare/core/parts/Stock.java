package mellowflare.core.parts;

import java.util.List;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.reference.RowByRow;
import mellowflare.core.shelf.Shelf;

/**
 * Parts of all kinds, as a catalogue holds them.
 *
 * @param hoses the hoses
 * @param ends the hose ends
 * @param adapters the adapters
 * @param ferrules what grips a hose
 * @param seals rings and washers
 * @param tools tools with their plan B
 */
public record Stock(
        List<HosePart> hoses,
        List<HoseEndPart> ends,
        List<AdapterPart> adapters,
        List<Ferrule> ferrules,
        List<SealPart> seals,
        List<Tool> tools) {
    public static final Stock NONE = new Stock(List.of(), List.of(), List.of(), List.of(), List.of(), List.of());

    public Stock {
        hoses = List.copyOf(hoses);
        ends = List.copyOf(ends);
        adapters = List.copyOf(adapters);
        ferrules = List.copyOf(ferrules);
        seals = List.copyOf(seals);
        tools = List.copyOf(tools);
    }

    static Stock ofHoses(List<HosePart> parts) {
        return new Stock(parts, List.of(), List.of(), List.of(), List.of(), List.of());
    }

    static Stock ofEnds(List<HoseEndPart> parts) {
        return new Stock(List.of(), parts, List.of(), List.of(), List.of(), List.of());
    }

    static Stock ofAdapters(List<AdapterPart> parts) {
        return new Stock(List.of(), List.of(), parts, List.of(), List.of(), List.of());
    }

    static Stock ofFerrules(List<Ferrule> parts) {
        return new Stock(List.of(), List.of(), List.of(), parts, List.of(), List.of());
    }

    static Stock ofSeals(List<SealPart> parts) {
        return new Stock(List.of(), List.of(), List.of(), List.of(), parts, List.of());
    }

    static Stock ofTools(List<Tool> parts) {
        return new Stock(List.of(), List.of(), List.of(), List.of(), List.of(), parts);
    }

    /** What the data hold. */
    public static Stock of(ReferenceData data) {
        Catalogue c = data.get(Catalogue.KEY);
        return new Stock(
                c.hoses(),
                c.hoseEnds(),
                data.get(AdapterTable.KEY).all(),
                c.ferrules(),
                c.seals(),
                data.get(ToolTable.KEY).all());
    }

    /** These parts and others; of two with one number the other counts. */
    public Stock plus(Stock more) {
        return new Stock(
                RowByRow.laid(hoses, more.hoses, HosePart::part),
                RowByRow.laid(ends, more.ends, HoseEndPart::part),
                RowByRow.laid(adapters, more.adapters, AdapterPart::part),
                RowByRow.laid(ferrules, more.ferrules, Ferrule::part),
                RowByRow.laid(seals, more.seals, SealPart::part),
                RowByRow.laid(tools, more.tools, Tool::id));
    }

    /** The data with these parts as their catalogue. */
    public ReferenceData in(ReferenceData data) {
        return data.with(Catalogue.KEY, Catalogue.of(hoses, ends, ferrules, seals))
                .with(AdapterTable.KEY, AdapterTable.of(adapters))
                .with(ToolTable.KEY, ToolTable.of(tools))
                .with(Shelf.KEY, data.get(Shelf.KEY).listing(Shelved.listed(this)));
    }

    public int count() {
        return hoses.size() + ends.size() + adapters.size() + ferrules.size() + seals.size() + tools.size();
    }
}
