package mellowflare.core.trouble.look;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;
import mellowflare.core.picture.Scene;

/** What a look shows: on the left the part of which one says yes, on the right the one of which one says no. */
public enum LookPicture {
    CRACK(FlareLooks::crack),
    SCRATCH(FlareLooks::scratch),
    THIN_MARK(FlareLooks::thinMark),
    RING_MARK_INCOMPLETE(FlareLooks::markIncomplete),
    MARK_OFF_CENTRE(FlareLooks::markOffCentre),
    DOUBLE_RIM(FlareLooks::doubleRim),
    NARROW_RIM(FlareLooks::narrow),
    WIDE_RIM(FlareLooks::wide),
    NUT_WILL_NOT_PASS(FlareLooks::nutWillNotPass),
    RING_TORN(RingLooks::torn),
    RING_ROLLED(RingLooks::rolled),
    RING_FLAT(RingLooks::flat),
    RING_MISSING(RingLooks::missing),
    RING_SWOLLEN(RingLooks::swollen),
    WASHER_LOOSE(RingLooks::washerLoose),
    WASHER_OFF_STEP(RingLooks::washerOffStep),
    WASHER_MARKED(RingLooks::washerMarked),
    TURNS_IN_BY_HAND(ThreadLooks::turnsByHand),
    NUT_BINDS(ThreadLooks::nutBinds),
    CHAMFER_ONLY(RingLooks::chamferOnly),
    WITNESS_MOVED(HoseEndLooks::witnessMoved),
    SHAVED_RUBBER(HoseEndLooks::shavedRubber),
    STRAND(HoseEndLooks::strand),
    GAP_WIDE(HoseEndLooks::gapWide),
    GAP_CLOSED(HoseEndLooks::gapClosed),
    END_TURNS(HoseEndLooks::endTurns),
    CRIMP_OFF(HoseEndLooks::crimpOff),
    COVER_RUBBED(HoseLooks::coverRubbed),
    BLISTER(HoseLooks::blister),
    TWISTED(HoseLooks::twisted),
    KINKED(HoseLooks::kinked),
    PULLED_STRAIGHT(HoseLooks::pulledStraight),
    HARD_HOSE(HoseLooks::hard),
    SOFT_HOSE(HoseLooks::soft),
    SEALANT_ON_CONE(FlareLooks::sealantOnCone),
    FEW_THREADS_LEFT(ThreadLooks::fewThreads),
    SPLIT_FEMALE(ThreadLooks::splitFemale),
    PASTE_RUNNY(ThreadLooks::pasteRunny),
    LITTLE_SEALANT(ThreadLooks::littleSealant),
    BACKED_OFF(ThreadLooks::backedOff),
    PLASTIC_THREAD(ThreadLooks::plastic),
    CHIP(RingLooks::chip),
    SEAT_CUT(FlareLooks::seatCut),
    WASHER_WORN(RingLooks::washerWorn),
    WATER_AT_TOOL(AirLooks::waterAtTool),
    LEG_FULL(AirLooks::legFull),
    NO_LEG(AirLooks::noLeg),
    HOSE_SAGS(HoseLooks::sags),
    DROP_FROM_BELOW(AirLooks::dropFromBelow),
    DRAIN_LEVEL(AirLooks::drainLevel),
    LOW_AT_TOOL(AirLooks::lowAtTool),
    LOW_EVERYWHERE(AirLooks::lowEverywhere),
    STARTS_OFTEN(AirLooks::startsOften),
    HISS(AirLooks::hiss),
    SCREEN_DIRTY(AirLooks::screenDirty),
    NO_LEAK_FOUND(AirLooks::noLeakFound);

    private static final double MIDDLE = Scene.HALF_WIDTH + 12;
    private static final double WORD = -Scene.HALF_HEIGHT - 15;

    private final Consumer<Scene> draws;

    LookPicture(Consumer<Scene> draws) {
        this.draws = draws;
    }

    /** The picture of the sign with that word; empty where no such sign is looked for. */
    public static Optional<LookPicture> of(String sign) {
        return Arrays.stream(values()).filter(p -> p.sign().equals(sign)).findFirst();
    }

    /** The published word of its sign. */
    public String sign() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** What says yes beside what says no, with the words under them. */
    public Drawing drawing() {
        Drawing.Sheet sheet = new Drawing.Sheet();
        draws.accept(new Scene(sheet, -MIDDLE, true));
        draws.accept(new Scene(sheet, MIDDLE, false));
        word(sheet, -MIDDLE, Say.it("look.yes"));
        word(sheet, MIDDLE, Say.it("look.no"));
        return sheet.done(
                -MIDDLE - Scene.HALF_WIDTH - 2, WORD - 6, MIDDLE + Scene.HALF_WIDTH + 2, Scene.HALF_HEIGHT + 2);
    }

    private static void word(Drawing.Sheet sheet, double x, String word) {
        sheet.label(new Point(x, WORD), word, "", Shape.Role.NAME, Shape.Anchor.MIDDLE);
    }
}
