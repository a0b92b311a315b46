package mellowflare.app.machine;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import mellowflare.book.BookTrouble;
import mellowflare.book.job.Papers;
import mellowflare.book.machine.DueCalendar;
import mellowflare.book.machine.KitCsv;
import mellowflare.book.machine.KitPdf;
import mellowflare.book.machine.TagsPdf;
import mellowflare.core.cutting.CutPlan;
import mellowflare.core.job.Evaluation;
import mellowflare.core.machine.DueLine;
import mellowflare.core.machine.Machine;
import mellowflare.core.machine.MachineLine;
import mellowflare.core.measure.UnitSystem;

/** The papers of a machine. */
final class MachinePaper {
    private MachinePaper() {}

    /** Makes a paper. */
    static byte[] bytes(Sheet sheet, Machine m, Map<String, CutPlan> cut, UnitSystem units, Instant stamp)
            throws BookTrouble {
        try {
            return switch (sheet) {
                case LINES -> KitPdf.bytes(m, cut, units);
                case PARTS -> KitCsv.parts(m).getBytes(StandardCharsets.UTF_8);
                case CALENDAR -> DueCalendar.text(DueLine.of(of(m)), stamp).getBytes(StandardCharsets.UTF_8);
                case TAGS -> TagsPdf.bytes(of(m), Papers::tag);
            };
        } catch (IOException e) {
            throw new BookTrouble(Say.it("machine-paper.not-made", "message", e.getMessage()), e);
        }
    }

    private static List<Evaluation> of(Machine m) {
        return m.lines().stream().map(MachineLine::of).toList();
    }

    /** Papers of a machine. */
    public enum Sheet {
        LINES(Say.it("machine-paper.sheet-lines"), "-lines.pdf"),
        PARTS(Say.it("machine-paper.sheet-parts"), "-parts.csv"),
        TAGS(Say.it("machine-paper.sheet-tags"), "-tags.pdf"),
        CALENDAR(Say.it("machine-paper.sheet-calendar"), "-due.ics");

        private final String word;
        private final String suffix;

        Sheet(String word, String suffix) {
            this.word = word;
            this.suffix = suffix;
        }

        public String word() {
            return word;
        }

        /** End of its file's name. */
        String suffix() {
            return suffix;
        }
    }
}
