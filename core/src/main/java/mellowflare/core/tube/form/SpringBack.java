package mellowflare.core.tube.form;

import java.util.Optional;
import mellowflare.core.measure.Angle;

/**
 * How far the lever must go for a bend to stay: by one trial bend the ratio of measured to commanded, by two a straight line, by none the material's usual ratio.
 *
 * @param first a trial bend
 * @param second another, clearly larger or smaller
 */
public record SpringBack(Optional<Trial> first, Optional<Trial> second) {
    public static final SpringBack NONE = new SpringBack(Optional.empty(), Optional.empty());
    private static final double APART_DEG = 10;

    public SpringBack {
        if (second.isPresent() && first.isEmpty()) {
            throw new IllegalArgumentException("A second trial bend follows a first");
        }
        if (first.isPresent() && second.isPresent()) {
            double over =
                    second.get().commanded.degrees() - first.get().commanded.degrees();
            double rise = second.get().measured.degrees() - first.get().measured.degrees();
            if (Math.abs(over) < APART_DEG || !(rise / over > 0.5 && rise / over <= 1.2)) {
                throw new IllegalArgumentException(
                        "Two trial bends lie at least 10 degrees apart, and the larger stays larger by nearly as much");
            }
        }
    }

    /**
     * A trial bend.
     *
     * @param commanded how far the lever went, above 0 to 180 degrees
     * @param measured what stayed, above half of it, no more than it
     */
    public record Trial(Angle commanded, Angle measured) {
        public Trial {
            if (!(commanded.degrees() > 0 && commanded.degrees() <= 180)) {
                throw new IllegalArgumentException("The lever of a trial bend goes 0 to 180 degrees");
            }
            double ratio = measured.degrees() / commanded.degrees();
            if (!(ratio > 0.5 && ratio <= 1)) {
                throw new IllegalArgumentException("A trial bend of " + commanded.degrees()
                        + " degrees keeps more than half of it and no more than all, not " + measured.degrees());
            }
        }

        public double ratio() {
            return measured.degrees() / commanded.degrees();
        }
    }

    /** Whether it rests on trial bends. */
    public boolean tried() {
        return first.isPresent();
    }

    /**
     * How far the lever must go.
     *
     * @param wanted the bend that shall stay
     * @param usual the material's usual ratio of measured over commanded, used without a trial
     */
    public Angle commanded(Angle wanted, double usual) {
        if (first.isPresent() && second.isPresent()) {
            Trial a = first.get();
            Trial b = second.get();
            double slope =
                    (b.measured.degrees() - a.measured.degrees()) / (b.commanded.degrees() - a.commanded.degrees());
            return Angle.ofDegrees(a.commanded.degrees() + (wanted.degrees() - a.measured.degrees()) / slope);
        }
        return Angle.ofDegrees(wanted.degrees() / first.map(Trial::ratio).orElse(usual));
    }
}
