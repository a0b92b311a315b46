package mellowflare.core.material;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Temperature;
import mellowflare.core.reference.BrokenTable;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.ReferenceKey;

/** What a soft-soldered socket of copper withstands, from {@code soldered.csv}: less the wider and the hotter it is. */
public final class SolderedJoints {
    public static final ReferenceKey<SolderedJoints> KEY = new ReferenceKey<>("soldered-joints", SolderedJoints.class);

    private record Entry(Length upTo, Temperature at, GaugePressure rated) {}

    private final List<Entry> rows;

    private SolderedJoints(List<Entry> rows) {
        this.rows = rows;
    }

    /**
     * @throws BrokenTable if the table is missing or not in form
     */
    public static SolderedJoints load() {
        return new SolderedJoints(CsvTable.beside(SolderedJoints.class, "soldered.csv")
                .map(
                        r -> new Entry(
                                r.length("od_up_to_mm"),
                                Temperature.ofCelsius(r.number("celsius")),
                                GaugePressure.ofBar(r.number("bar"))),
                        e -> e.upTo + " " + e.at));
    }

    /**
     * @param outside of the tube
     * @param at temperature of the joint
     * @return empty for wider tube and hotter joints than the table holds
     */
    public Optional<GaugePressure> rated(Length outside, Temperature at) {
        Optional<Length> band = rows.stream()
                .map(Entry::upTo)
                .filter(u -> u.compareTo(outside) >= 0)
                .min(Comparator.naturalOrder());
        List<Entry> of = rows.stream()
                .filter(e -> band.filter(e.upTo::equals).isPresent())
                .sorted(Comparator.comparing(Entry::at))
                .toList();
        for (int i = 0; i < of.size(); i++) {
            Entry e = of.get(i);
            if (at.compareTo(e.at) <= 0) {
                return Optional.of(i == 0 ? e.rated : between(of.get(i - 1), e, at));
            }
        }
        return Optional.empty();
    }

    /** On the straight line, down to the whole bar: a rating is never rounded up. */
    private static GaugePressure between(Entry low, Entry high, Temperature at) {
        double share = (at.celsius() - low.at.celsius()) / (high.at.celsius() - low.at.celsius());
        return GaugePressure.ofBar(Math.floor(low.rated.bar() + share * (high.rated.bar() - low.rated.bar())));
    }
}
