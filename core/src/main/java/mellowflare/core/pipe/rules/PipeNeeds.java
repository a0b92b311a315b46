package mellowflare.core.pipe.rules;

import java.util.ArrayList;
import java.util.List;
import mellowflare.core.advice.Need;
import mellowflare.core.advice.Subject;
import mellowflare.core.pipe.line.PipeCase;
import mellowflare.core.pipe.makeup.PartKey;
import mellowflare.core.pipe.offset.OffsetFigure;

/** What rigid pipe is asked for. */
final class PipeNeeds {
    static final Need SIZE = new Need("pipe-size", Say.it("pipe-needs.size"), Subject.PIPE);
    static final Need FITTINGS = new Need("pipe-fittings", Say.it("pipe-needs.fittings"), Subject.PIPE);
    static final Need GRADE = new Need("pipe-grade", Say.it("pipe-needs.grade"), Subject.PIPE);
    static final Need FACES = new Need("faces-top", Say.it("pipe-needs.faces"), Subject.FACES);
    static final Need RUN = new Need("run-line", Say.it("pipe-needs.run"), Subject.RUN);
    static final Need CHECK = new Need("run-check", Say.it("pipe-needs.check"), Subject.RUN);

    private PipeNeeds() {}

    /** A figure of an offset. */
    static Need figure(OffsetFigure f) {
        return new Need(
                "offset-" + f.symbol(),
                Say.it("pipe-needs.figure", "symbol", f.symbol(), "word", f.word()),
                Subject.OFFSET);
    }

    /** A second reading of a figure. */
    static Need second(OffsetFigure f) {
        return new Need("second-" + f.symbol(), Say.it("pipe-needs.second", "symbol", f.symbol()), Subject.OFFSET);
    }

    /** What a part takes, measured on the part. */
    static Need part(PartKey part) {
        return new Need(
                "part-" + part.name(), Say.it("pipe-needs.part", "part", part.name()), Subject.PIPE, "pipe-measured");
    }

    /** All that lacks before there are pieces to cut. */
    static Need[] pieces(PipeCase c) {
        List<Need> lacks = new ArrayList<>();
        if (c.system().isEmpty()) {
            lacks.add(FITTINGS);
        }
        if (c.line().size().isEmpty()) {
            lacks.add(SIZE);
        }
        if (c.isOffset()) {
            c.line().offset().asked().stream()
                    .filter(f -> c.line().offset().figure(f).isEmpty())
                    .map(PipeNeeds::figure)
                    .forEach(lacks::add);
        } else if (c.run().isEmpty()) {
            lacks.add(RUN);
        }
        if (lacks.isEmpty()) {
            lacks.add(GRADE);
        }
        return lacks.toArray(Need[]::new);
    }
}
