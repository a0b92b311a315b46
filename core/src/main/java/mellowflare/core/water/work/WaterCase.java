package mellowflare.core.water.work;

import java.util.List;
import java.util.Optional;
import mellowflare.core.bag.Bag;
import mellowflare.core.bag.Packed;
import mellowflare.core.bag.Unseen;
import mellowflare.core.line.Setting;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.parts.Nipples;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.water.choose.Chooser;
import mellowflare.core.water.choose.NippleFit;
import mellowflare.core.water.choose.WaterSet;
import mellowflare.core.water.line.WaterLine;
import mellowflare.core.water.stock.EquipmentThread;
import mellowflare.core.water.stock.HousePipe;
import mellowflare.core.water.stock.JoinMethod;
import mellowflare.core.water.stock.WaterStock;

/**
 * A water point with everything looked up and worked out: what the rules look at.
 *
 * @param line as the job keeps it
 * @param equipment its thread
 * @param pipe the size of the house pipe; empty while it is not known, and where none is near what was measured
 * @param sets every set of parts, the best first
 * @param nipple through the wall; empty while its measures are not known
 * @param packed the bag; nothing in it where the pipe is seen
 * @param setting what else the job says
 */
public record WaterCase(
        WaterLine line,
        Optional<EquipmentThread> equipment,
        Optional<HousePipe> pipe,
        List<WaterSet> sets,
        Optional<NippleFit> nipple,
        Packed packed,
        Setting setting) {
    /** Between plate and valve, where nobody says otherwise. */
    public static final Length USUAL_GAP = Length.ofMm(3);

    private static final String USUAL_SIZE = "1/2";

    public WaterCase {
        sets = List.copyOf(sets);
    }

    /** Looks a water point up and works it out. */
    public static WaterCase of(WaterLine line, Setting setting) {
        WaterStock stock = setting.data().get(WaterStock.KEY);
        return new WaterCase(
                line,
                line.equipment().flatMap(stock::thread),
                line.material().flatMap(m -> line.outside().flatMap(o -> stock.pipe(m, o))),
                Chooser.sets(line, stock, setting.units()),
                nipple(line, stock, setting.data().get(Nipples.KEY)),
                Packed.of(unseen(line, stock), setting.bag()),
                setting);
    }

    /** What may be behind the wall; nothing where the pipe is seen, and while nobody says how old the house is. */
    static Unseen unseen(WaterLine line, WaterStock stock) {
        return line.hidden() && line.age().isPresent()
                ? new Unseen(stock.finds(line.age().get(), line.elsewhere()), stock.parts(), line.chance())
                : Unseen.NONE;
    }

    private static Optional<NippleFit> nipple(WaterLine line, WaterStock stock, Nipples nipples) {
        String size = line.nippleSize().orElse(USUAL_SIZE);
        if (line.wallDepth().isEmpty() || stock.makeUp(size).isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(NippleFit.of(
                stock.makeUp(size).get(),
                line.wallDepth().get(),
                line.plate().orElse(Length.ofMm(0)),
                line.gap().orElse(USUAL_GAP),
                nipples.lengths(size)));
    }

    /** The nipple that the set in hand wants through the wall; empty for one that wants none, and while its measures are not known. */
    public Optional<NippleFit> nippleWanted() {
        return nipple.filter(n -> line.hidden()
                && set().filter(s -> s.method().id() == JoinMethod.Id.THREAD).isPresent());
    }

    /** Its size. */
    public String nippleSize() {
        return line.nippleSize().orElse(USUAL_SIZE);
    }

    public UnitSystem units() {
        return setting.units();
    }

    public ReferenceData data() {
        return setting.data();
    }

    public WaterStock stock() {
        return data().get(WaterStock.KEY);
    }

    /** The set that was taken, if it still can be; otherwise the best that can. */
    public Optional<WaterSet> set() {
        return sets.stream()
                .filter(s -> s.possible() && line.taken().filter(s.id()::equals).isPresent())
                .findFirst()
                .or(() -> sets.stream().filter(WaterSet::possible).findFirst());
    }

    /** What nobody has seen of it. */
    public Unseen unseen() {
        return unseen(line, stock());
    }

    /** The bag; empty where nothing is hidden. */
    public Optional<Bag> bag() {
        return packed.bag();
    }
}
