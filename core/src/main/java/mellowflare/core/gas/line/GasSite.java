package mellowflare.core.gas.line;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import mellowflare.core.gas.stock.GasSystem;
import mellowflare.core.measure.Area;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Temperature;

/**
 * What was asked about the place and the work.
 *
 * @param coldest air at the cylinders and pipes on the coldest day of use
 * @param altitude above the sea
 * @param joint how pipe is joined
 * @param sealant what goes on its threads
 * @param sleeping whether anyone sleeps in the room of an appliance
 * @param openings free area of the openings for air to the room of unvented appliances
 * @param gasDetector whether a gas detector is there
 * @param coDetector whether a carbon monoxide detector is there
 * @param proved whether every hole through a wall or panel was proved from both sides
 * @param guarded whether hose and pipe are guarded where they pass through
 * @param pullOut whether what a hose feeds can be pulled out without straining it: it has a stop
 * @param hot whether hose passes a hot place
 * @param buriedByCode whether joints in the ground or the wall were allowed by the code
 * @param licensed whether a person who may do gas work is at hand
 */
@RecordBuilder
public record GasSite(
        Temperature coldest,
        Length altitude,
        Optional<GasSystem.Joint> joint,
        Optional<Sealant> sealant,
        Optional<Boolean> sleeping,
        Optional<Area> openings,
        Optional<Boolean> gasDetector,
        Optional<Boolean> coDetector,
        Optional<Boolean> proved,
        Optional<Boolean> guarded,
        Optional<Boolean> pullOut,
        Optional<Boolean> hot,
        Optional<Boolean> buriedByCode,
        Optional<Boolean> licensed)
        implements GasSiteBuilder.With {
    /** Nobody fits gas higher than this. */
    public static final Length HIGHEST = Length.ofMm(5_000_000);

    public static final GasSite UNSAID = new GasSite(
            Temperature.ofCelsius(0),
            Length.ofMm(0),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty());

    public GasSite {
        if (altitude.mm() < 0 || altitude.compareTo(HIGHEST) > 0) {
            throw new IllegalArgumentException("The place lies 0 to 5000 m above the sea");
        }
        if (coldest.celsius() < -60 || coldest.celsius() > 60) {
            throw new IllegalArgumentException("The coldest day lies between -60 and 60 degrees Celsius");
        }
    }

    /** What goes on the threads of gas pipe. */
    public enum Sealant {
        GAS_PASTE(Say.it("gas-site.gas-paste")),
        GAS_TAPE(Say.it("gas-site.gas-tape")),
        /** The thin white tape for water. */
        WATER_TAPE(Say.it("gas-site.water-tape")),
        NONE(Say.it("gas-site.none"));

        private final String word;

        Sealant(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }
}
