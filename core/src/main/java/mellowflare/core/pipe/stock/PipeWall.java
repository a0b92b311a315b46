package mellowflare.core.pipe.stock;

import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.Source;

/**
 * Pipe of one grade and size.
 *
 * @param grade what it is
 * @param size name of the size, a label and no length
 * @param outside diameter
 * @param wall thickness
 * @param source of its figures
 */
public record PipeWall(PipeGrade grade, String size, Length outside, Length wall, Source source) {
    private static final double BAR_PER_MPA = 10;

    /** Depth of thread that is taken off the wall, as a share of the pitch (ASME B1.20.1: 0.8 p at most). */
    private static final double THREAD_DEPTH = 0.8;

    public Length bore() {
        return outside.minus(wall.times(2));
    }

    /** Mass of a metre of plain pipe (kg). */
    public double kilogramsPerMetre() {
        double od = outside.mm() / 100;
        double id = bore().mm() / 100;
        return Math.PI / 4 * (od * od - id * id) * 10 * grade.density();
    }

    /**
     * The pressure that the least wall is allowed: p = 2 S E t / (D - 0.8 t), with t the wall less mill tolerance and thread (ASME B31.3 304.1.2, Y 0.4). Not below zero.
     *
     * @param pitch of the thread; zero for a pipe that is not threaded
     */
    public GaugePressure allowed(Length pitch) {
        double t = wall.mm() * (1 - grade.tolerance()) - THREAD_DEPTH * pitch.mm();
        if (t <= 0) {
            return GaugePressure.ofBar(0);
        }
        double mpa = 2 * grade.stressMpa() * grade.joint() * t / (outside.mm() - 0.8 * t);
        return GaugePressure.ofBar(mpa * BAR_PER_MPA);
    }
}
