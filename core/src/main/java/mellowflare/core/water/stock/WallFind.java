package mellowflare.core.water.stock;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import mellowflare.core.bag.Find;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.Source;

/**
 * What may be behind a wall.
 *
 * @param find its name and the kits that finish the job; its weight is that of a house of middle age
 * @param weights by the age of the house
 * @param material seen elsewhere, that makes it likelier
 * @param source who guesses so
 */
public record WallFind(Find find, Map<HouseAge, Double> weights, HouseMaterial material, Source source) {
    public WallFind {
        weights = Map.copyOf(weights);
    }

    static WallFind read(CsvTable.Row r) {
        Map<HouseAge, Double> weights = new EnumMap<>(HouseAge.class);
        weights.put(HouseAge.OLD, r.number("old"));
        weights.put(HouseAge.MIDDLE, r.number("middle"));
        weights.put(HouseAge.NEW, r.number("new"));
        List<Set<String>> kits = r.list("kits").stream()
                .map(k -> Set.copyOf(Arrays.asList(k.split("\\+"))))
                .toList();
        return new WallFind(
                new Find(r.need("id"), r.said("name"), r.number("middle"), r.number("miss"), kits),
                weights,
                r.word("seen", HouseMaterial.class),
                r.source());
    }
}
