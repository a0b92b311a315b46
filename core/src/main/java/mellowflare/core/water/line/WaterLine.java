package mellowflare.core.water.line;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import java.util.Set;
import mellowflare.core.line.Line;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Temperature;
import mellowflare.core.parts.Here;
import mellowflare.core.water.stock.HouseAge;
import mellowflare.core.water.stock.HouseMaterial;
import mellowflare.core.water.stock.JoinMethod;

/**
 * What a job keeps of a household water point.
 *
 * @param equipment id of the thread that the equipment has
 * @param plastic whether that thread is plastic; empty for as usual
 * @param material of the house pipe
 * @param outside diameter of the house pipe, as measured
 * @param seen whether the pipe can be seen; otherwise it is in the wall
 * @param straight sound, round, straight tube that stays after a cut
 * @param distance from the stop valve's outlet to the equipment
 * @param offset how far the two axes lie apart, height and sideways together
 * @param wallDepth from the face of the fitting in the wall to the finished wall
 * @param plate thickness of the cover plate
 * @param gap wanted between plate and valve
 * @param nippleSize taper thread of the fitting in the wall
 * @param pressure of the house water
 * @param warmest water at this point
 * @param mainHolds whether the main shut-off stops the water
 * @param branchFirm whether the branch in the wall stays still when it is held
 * @param flameAllowed whether a torch may burn there
 * @param flexibleAllowed whether code and flow allow a braided connector
 * @param approved whether all parts are approved for drinking water
 * @param licensed whether a person who may do the work is at hand
 * @param allowed ways of joining that may be used; none for all
 * @param taken id of the set that was chosen
 * @param age of the house
 * @param elsewhere pipe seen elsewhere in it
 * @param chance with which the bag is to finish the job, 0 to 1
 * @param here what is at hand
 */
@RecordBuilder
public record WaterLine(
        Optional<String> equipment,
        Optional<Boolean> plastic,
        Optional<HouseMaterial> material,
        Optional<Length> outside,
        Optional<Boolean> seen,
        Optional<Length> straight,
        Optional<Length> distance,
        Optional<Length> offset,
        Optional<Length> wallDepth,
        Optional<Length> plate,
        Optional<Length> gap,
        Optional<String> nippleSize,
        Optional<GaugePressure> pressure,
        Optional<Temperature> warmest,
        Optional<Boolean> mainHolds,
        Optional<Boolean> branchFirm,
        Optional<Boolean> flameAllowed,
        Optional<Boolean> flexibleAllowed,
        Optional<Boolean> approved,
        Optional<Boolean> licensed,
        Set<JoinMethod.Id> allowed,
        Optional<String> taken,
        Optional<HouseAge> age,
        Set<HouseMaterial> elsewhere,
        double chance,
        Here here)
        implements Line, WaterLineBuilder.With {
    public static final double USUAL_CHANCE = 0.9;

    public static final WaterLine NEW = new WaterLine(
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
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Set.of(),
            Optional.empty(),
            Optional.empty(),
            Set.of(),
            USUAL_CHANCE,
            Here.UNSAID);

    public WaterLine {
        allowed = Set.copyOf(allowed);
        elsewhere = Set.copyOf(elsewhere);
        if (!(chance > 0 && chance <= 1)) {
            throw new IllegalArgumentException("A chance lies above 0 and up to 1");
        }
        if (outside.filter(l -> l.mm() <= 0).isPresent()
                || distance.filter(l -> l.mm() <= 0).isPresent()) {
            throw new IllegalArgumentException("A diameter and a distance are above zero");
        }
    }

    /** Whether the pipe comes out of a finished wall. */
    public boolean hidden() {
        return seen.filter(s -> !s).isPresent();
    }
}
