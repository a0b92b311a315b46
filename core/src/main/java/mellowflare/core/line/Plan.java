package mellowflare.core.line;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.bag.Unseen;
import mellowflare.core.fluid.Fluid;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.picture.moment.Moment;
import mellowflare.core.procedure.Step;
import mellowflare.core.table.FigureTable;
import mellowflare.core.testing.KeptTests;
import mellowflare.core.testing.TestJoint;

/** What follows from a line of one kind: pure, and the same each time for the same line, setting and tables. */
public interface Plan {
    /** Every rule's finding, worst first. */
    List<Finding> findings();

    /** The order of work; empty while too little is known of the line. */
    List<Step> steps();

    /** What is still to be said before there is an order of work: a whole sentence. */
    String stillNeeded();

    /** The measured length that the cut rests on, with who measured it; empty while there is none, and for a line that is cut into many pieces. */
    Optional<CalledFigure> measured();

    /** The cut of a line that is one piece; empty while it is not known, and for what is bought whole. */
    Optional<CutFigure> cutFigure();

    /** What its figures are called at the bench. */
    BenchWords benchWords();

    /** What runs in the line; empty while it is not said. */
    Optional<Fluid> fluid();

    /** The small strip of the line with its seals. */
    Drawing strip();

    /** A picture of a step: one drawn with this line's own figures, else what its row shows; empty where there is none. */
    default Optional<Drawing> picture(Step step) {
        return ownPicture(step).or(() -> Moment.picture(step.shows()));
    }

    /** A picture of a step that is drawn with this line's own figures; empty where there is none. */
    default Optional<Drawing> ownPicture(Step step) {
        return Optional.empty();
    }

    /** Its figures as tables, in the order in which they are asked for: parts, pieces, bends, pressures. */
    default List<FigureTable> tables() {
        return List.of();
    }

    /** One of its tables; empty while it has no rows. */
    default Optional<FigureTable> table(FigureTable.What what) {
        return tables().stream().filter(t -> t.what() == what).findFirst();
    }

    /** The figures of one part of the line by its name, as its tables give them, a text for each row; empty for a name that is in none. */
    default List<String> figuresOf(String part) {
        return tables().stream().flatMap(t -> t.about(part).stream()).toList();
    }

    /** What of the job nobody has seen before it is open. */
    default Unseen unseen() {
        return Unseen.NONE;
    }

    /** What it takes from the shelf or has bought, as far as it is settled. */
    default List<Take> takes() {
        return List.of();
    }

    /** What it has cut out of stock, by what it is cut from. */
    default List<Cuts> cuts() {
        return List.of();
    }

    /** Joints that are looked at when it is tested, in order along the line. */
    default List<TestJoint> testJoints() {
        return List.of();
    }

    /** Tests that the line keeps itself, with what it was worked out from. */
    default KeptTests keptTests() {
        return KeptTests.NONE;
    }

    /** Its network, where pressures can be read in it; empty for a line that is none, and while too little is known of it. */
    default Optional<Probing> probing() {
        return Optional.empty();
    }

    /** What a rule says of this line; empty while it has nothing to say. */
    default Optional<String> says(String rule, UnitSystem units) {
        return findings().stream()
                .filter(f -> f.rule().id().equals(rule))
                .findFirst()
                .map(f -> f.says(units));
    }

    /** Whether a finding forbids the line as it is planned. */
    default boolean stops() {
        return findings().stream().anyMatch(Finding::stops);
    }

    /** The worst that failed about each part of the line, for its drawings. */
    default Map<Subject, Severity> marks() {
        return Finding.marks(findings());
    }
}
