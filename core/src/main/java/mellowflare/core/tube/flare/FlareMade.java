package mellowflare.core.tube.flare;

import java.util.Set;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Length;

/**
 * The flare that a setting gives.
 *
 * @param diameter over the rim, mean
 * @param onCone length of tube that lies on the cone
 * @param lipWallLow least wall at the rim: the wall thins as the rim widens, its length kept
 * @param lipWallHigh most wall at the rim: it thins and shortens alike
 * @param rimStrain stretch round the rim at its widest place (natural logarithm)
 * @param strainLimit the stretch that this edge withstands
 * @param crackRisk chance of a split, 0 to 1, by the model
 * @param lopSided widest less narrowest width of the rim
 * @param rimStep height of a second rim or step; zero for one rim
 * @param angle half angle that it stands at
 * @param shortens by how much the tube is shorter than it was cut
 * @param faults what is wrong with it, in the order of a look
 */
public record FlareMade(
        Length diameter,
        Length onCone,
        Length lipWallLow,
        Length lipWallHigh,
        double rimStrain,
        double strainLimit,
        double crackRisk,
        Length lopSided,
        Length rimStep,
        Angle angle,
        Length shortens,
        Set<FlareFault> faults) {
    public FlareMade {
        faults = Set.copyOf(faults);
    }

    /** How much of the stretch that the edge withstands is used, as a share; above 1 it is overdrawn. */
    public double strainUsed() {
        return rimStrain / strainLimit;
    }

    /** Whether nothing is wrong with it. */
    public boolean good() {
        return faults.isEmpty();
    }
}
