package mellowflare.core.picture.moment;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;
import mellowflare.core.picture.Scene;

/** What the row of an order of work may show under {@code shows}, with the few words under it. A row shows up to {@value #MOST} of them, from left to right in the order of doing. */
public enum Moment {
    ENGINE_COLD(() -> Say.it("moment.engine-cold"), ShuttingOff::engineCold),
    BATTERY_OFF(() -> Say.it("moment.battery-off"), ShuttingOff::batteryOff),
    LOAD_BLOCKED(() -> Say.it("moment.load-blocked"), ShuttingOff::loadBlocked),
    WHEEL_BLOCKED(() -> Say.it("moment.wheel-blocked"), ShuttingOff::wheelBlocked),
    SHUT(() -> Say.it("moment.shut"), ShuttingOff::shut),
    CYLINDER_SHUT(() -> Say.it("moment.cylinder-shut"), ShuttingOff::cylinderShut),
    LOCKED(() -> Say.it("moment.locked"), ShuttingOff::locked),
    LET_OFF(() -> Say.it("moment.let-off"), ShuttingOff::letOff),
    RUN_DRY(() -> Say.it("moment.run-dry"), ShuttingOff::runDry),
    BURNED_OFF(() -> Say.it("moment.burned-off"), ShuttingOff::burnedOff),
    RECOVERED(() -> Say.it("moment.recovered"), ShuttingOff::recovered),
    ZERO(() -> Say.it("moment.zero"), ShuttingOff::zero),
    NO_FLAME(() -> Say.it("moment.no-flame"), ShuttingOff::noFlame),
    TRAY(() -> Say.it("moment.tray"), Opening::tray),
    TWO_WRENCHES(() -> Say.it("moment.two-wrenches"), Opening::twoWrenches),
    PORT_CAPPED(() -> Say.it("moment.port-capped"), Opening::portCapped),
    LOOK_INTO(() -> Say.it("moment.look-into"), Opening::lookInto),
    CAP_TRIED(() -> Say.it("moment.cap-tried"), Opening::capTried),
    IN_ORDER(() -> Say.it("moment.in-order"), Opening::inOrder),
    SQUARE(() -> Say.it("moment.square"), Cleaning::square),
    HANDS_BREADTH(() -> Say.it("moment.hands-breadth"), Cleaning::handsBreadth),
    REAMED(() -> Say.it("moment.reamed"), Cleaning::reamed),
    BLOWN(() -> Say.it("moment.blown"), Cleaning::blown),
    SWAB(() -> Say.it("moment.swab"), Cleaning::swab),
    ENDS_CAPPED(() -> Say.it("moment.ends-capped"), Cleaning::endsCapped),
    TAPPED(() -> Say.it("moment.tapped"), Cleaning::tapped),
    NO_OIL(() -> Say.it("moment.no-oil"), Cleaning::noOil),
    INTO_CAN(() -> Say.it("moment.into-can"), Cleaning::intoCan),
    BY_FINGERS(() -> Say.it("moment.by-fingers"), Joining::byFingers),
    IN_LINE(() -> Say.it("moment.in-line"), Joining::inLine),
    NEVER_FORCED(() -> Say.it("moment.never-forced"), Joining::neverForced),
    LINE_ACROSS(() -> Say.it("moment.line-across"), Joining::lineAcross),
    MARK_HELD(() -> Say.it("moment.mark-held"), Joining::markHeld),
    MARK_MOVED(() -> Say.it("moment.mark-moved"), Joining::markMoved),
    STRAND_OUT(() -> Say.it("moment.strand-out"), Joining::strandOut),
    NO_TWIST(() -> Say.it("moment.no-twist"), Joining::noTwist),
    BEHIND_BARB(() -> Say.it("moment.behind-barb"), Joining::behindBarb),
    OILED_DIE(() -> Say.it("moment.oiled-die"), Joining::oiledDie),
    GAUGED(() -> Say.it("moment.gauged"), Joining::gauged),
    HOLES_LEVEL(() -> Say.it("moment.holes-level"), Joining::holesLevel),
    IN_QUARTERS(() -> Say.it("moment.in-quarters"), Joining::inQuarters),
    CLIPPED(() -> Say.it("moment.clipped"), Joining::clipped),
    SWING(() -> Say.it("moment.swing"), Joining::swing),
    WIPED(() -> Say.it("moment.wiped"), Looking::wiped),
    LIGHT(() -> Say.it("moment.light"), Looking::light),
    CARD(() -> Say.it("moment.card"), Looking::card),
    SOAP(() -> Say.it("moment.soap"), Looking::soap),
    MINUTE(() -> Say.it("moment.minute"), Looking::minute),
    TEN_MINUTES(() -> Say.it("moment.ten-minutes"), Looking::tenMinutes),
    HOUR(() -> Say.it("moment.hour"), Looking::hour),
    LISTEN(() -> Say.it("moment.listen"), Looking::listen),
    PEDAL(() -> Say.it("moment.pedal"), Looking::pedal),
    DETECTOR_LOW(() -> Say.it("moment.detector-low"), Burning::detectorLow),
    DETECTOR_HIGH(() -> Say.it("moment.detector-high"), Burning::detectorHigh),
    AIRED(() -> Say.it("moment.aired"), Burning::aired),
    NEAREST_FIRST(() -> Say.it("moment.nearest-first"), Burning::nearestFirst),
    FLAME_BLUE(() -> Say.it("moment.flame-blue"), Burning::flameBlue),
    FLAME_BAD(() -> Say.it("moment.flame-bad"), Burning::flameBad),
    SMOKE_IN(() -> Say.it("moment.smoke-in"), Burning::smokeIn),
    SMOKE_OUT(() -> Say.it("moment.smoke-out"), Burning::smokeOut),
    TAGGED(() -> Say.it("moment.tagged"), Handing::tagged),
    WRITTEN(() -> Say.it("moment.written"), Handing::written),
    LOCKS_OFF(() -> Say.it("moment.locks-off"), Handing::locksOff),
    SHOWN(() -> Say.it("moment.shown"), Handing::shown);

    /** So many stand beside each other. */
    public static final int MOST = 4;

    private static final double PITCH = 2 * Scene.HALF_WIDTH + 12;
    private static final double WORDS = -Scene.HALF_HEIGHT - 14;

    private final Supplier<String> words;
    private final Consumer<Scene> draws;

    Moment(Supplier<String> words, Consumer<Scene> draws) {
        this.words = words;
        this.draws = draws;
    }

    /** The moment of that word; empty for a word that is none. */
    public static Optional<Moment> of(String word) {
        return Arrays.stream(values()).filter(m -> m.word().equals(word)).findFirst();
    }

    /** Its word in the tables. */
    public String word() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** What stands under it. */
    public String words() {
        return words.get();
    }

    /** These moments beside each other; empty for none. */
    public static Optional<Drawing> picture(List<Moment> moments) {
        if (moments.isEmpty()) {
            return Optional.empty();
        }
        Drawing.Sheet sheet = new Drawing.Sheet();
        for (int i = 0; i < moments.size(); i++) {
            Moment m = moments.get(i);
            m.draws.accept(new Scene(sheet, i * PITCH, true));
            sheet.label(new Point(i * PITCH, WORDS), m.words(), "", Shape.Role.NAME, Shape.Anchor.MIDDLE);
        }
        // As wide as the most there may be, so that all are drawn in one size.
        double middle = (moments.size() - 1) * PITCH / 2;
        double half = MOST * PITCH / 2;
        return Optional.of(sheet.done(middle - half, WORDS - 10, middle + half, sheet.top() + 3));
    }
}
