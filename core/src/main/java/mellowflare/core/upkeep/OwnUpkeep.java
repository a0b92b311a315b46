package mellowflare.core.upkeep;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.CsvText;
import mellowflare.core.reference.FileKind;
import mellowflare.core.reference.OwnLists;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.reference.RowByRow;

/** The shop's own rules of upkeep, over the house's by their names. */
public final class OwnUpkeep implements OwnLists<List<UpkeepRule>> {
    public static final OwnUpkeep LISTS = new OwnUpkeep();

    private static final FileKind KIND = new FileKind(
            "upkeep",
            Say.it("own-upkeep.rules"),
            List.of("id", "when", "every_days", "from", "once", "title", "says", "source", "confidence"),
            Set.of());

    private OwnUpkeep() {}

    @Override
    public List<FileKind> files() {
        return List.of(KIND);
    }

    @Override
    public List<UpkeepRule> none() {
        return List.of();
    }

    @Override
    public List<UpkeepRule> of(ReferenceData data) {
        return data.get(UpkeepRules.KEY).all();
    }

    @Override
    public Read<List<UpkeepRule>> read(FileKind file, List<CsvTable.Row> rows, ReferenceData data) {
        Set<String> words = data.get(UpkeepRules.KEY).words();
        RowByRow<UpkeepRule> read = RowByRow.read(rows, r -> UpkeepRules.rule(r, words), UpkeepRule::id);
        return new Read<>(read.values(), read.troubles());
    }

    @Override
    public List<UpkeepRule> plus(List<UpkeepRule> these, List<UpkeepRule> more) {
        return RowByRow.laid(these, more, UpkeepRule::id);
    }

    @Override
    public int count(List<UpkeepRule> rows) {
        return rows.size();
    }

    @Override
    public ReferenceData over(List<UpkeepRule> rows, ReferenceData data) {
        UpkeepRules house = data.get(UpkeepRules.KEY);
        return rows.isEmpty()
                ? data
                : data.with(UpkeepRules.KEY, house.with(RowByRow.laid(house.all(), rows, UpkeepRule::id)));
    }

    @Override
    public String csv(FileKind file, List<UpkeepRule> rows) {
        return CsvText.of(
                KIND.columns(),
                rows,
                r -> List.of(
                        r.id(),
                        r.when().stream()
                                .map(any -> any.stream().sorted().collect(Collectors.joining("|")))
                                .collect(Collectors.joining(";")),
                        Integer.toString(r.days()),
                        CsvText.word(r.from()),
                        r.once() ? "yes" : "no",
                        CsvText.shown(r.title()),
                        CsvText.shown(r.says()),
                        r.source().text(),
                        CsvText.confidence(r.source())));
    }
}
