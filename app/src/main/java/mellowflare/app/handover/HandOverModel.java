package mellowflare.app.handover;

import java.nio.file.Path;
import java.time.Instant;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import mellowflare.app.desk.Desk;
import mellowflare.book.BookTrouble;
import mellowflare.book.exchange.TextFiles;
import mellowflare.book.handover.AttachedFiles;
import mellowflare.book.handover.HandOverPdf;
import mellowflare.core.job.Attachment;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.HandOver;
import mellowflare.core.job.Handed;
import mellowflare.core.job.Handing;

/** What the page of handing over does, without a window. */
public final class HandOverModel {
    private final Desk desk;
    private final AttachedFiles files;
    private final StringProperty to = new SimpleStringProperty("");
    private final StringProperty said = new SimpleStringProperty("");

    public HandOverModel(Desk desk) {
        this.desk = desk;
        this.files = new AttachedFiles(desk.keeper().book().folder());
    }

    public ReadOnlyObjectProperty<Evaluation> currentProperty() {
        return desk.currentProperty();
    }

    /** Everything that whoever takes the open job over has to know. */
    public HandOver page() {
        return HandOver.of(desk.current(), desk.clock().getZone());
    }

    private Handing handing() {
        return desk.job().handing();
    }

    /** Who holds the open job; empty while it was never handed to anybody. */
    public Optional<String> holder() {
        return handing().holder();
    }

    /** Who takes it over, as typed. */
    public StringProperty toProperty() {
        return to;
    }

    /** What is said with it, as typed. */
    public StringProperty saidProperty() {
        return said;
    }

    /** Hands the job over to whoever was typed. */
    public void hand() {
        String who = to.get().strip();
        String from = holder().orElse(desk.personProperty().get().strip());
        if (who.isEmpty()) {
            desk.tell(Say.it("hand-over-model.to-whom"));
            return;
        }
        if (holder().equals(Optional.of(who))) {
            desk.tell(Say.it("hand-over-model.holds-already", "who", who));
            return;
        }
        Handed handed =
                new Handed(from.equals(who) ? "" : from, who, desk.clock().instant(), said.get());
        desk.change(
                Say.it("hand-over-model.handed", "who", who),
                "",
                j -> j.withHanding(j.handing().with(handed)));
        desk.tell(Say.it(
                "hand-over-model.handed-to", "who", who, "open", page().open().size()));
        to.set("");
        said.set("");
    }

    /** Writes the page, pictures of what is attached on it, into the folder beside the book. */
    public void write() {
        Evaluation now = desk.current();
        ZonedDateTime at = ZonedDateTime.now(desk.clock());
        String job = now.job().id();
        desk.keeper()
                .ask(
                        book -> {
                            try {
                                return TextFiles.write(
                                        book.folder()
                                                .resolve("out")
                                                .resolve(
                                                        TextFiles.name(now.job().title()) + "-handed-over.pdf"),
                                        HandOverPdf.bytes(now, at, a -> files.path(job, a)));
                            } catch (java.io.IOException e) {
                                throw new BookTrouble(Say.it("hand-over-model.not-made", "message", e.getMessage()), e);
                            }
                        },
                        path -> desk.tell(Say.it("hand-over-model.written", "path", path)),
                        desk::tell);
    }

    // --- what is attached ---

    /**
     * A file of the job as the page shows it.
     *
     * @param where it lies; empty where it is gone
     */
    public record Shown(Attachment of, Optional<Path> where) {}

    /** The files of the open job. */
    public List<Shown> attached() {
        String job = desk.job().id();
        return handing().attached().stream()
                .map(a -> new Shown(a, files.path(job, a)))
                .toList();
    }

    /** Copies a file to the open job, off the interface thread. */
    public void attach(Path source) {
        String job = desk.job().id();
        String by = desk.personProperty().get();
        Instant at = desk.clock().instant();
        desk.keeper().ask(book -> files.keep(job, source, by, at), a -> attached(job, a), desk::tell);
    }

    private void attached(String job, Attachment a) {
        if (!job.equals(desk.job().id())) {
            desk.tell(Say.it("hand-over-model.another-job", "name", a.name()));
            return;
        }
        if (handing().attached().stream().anyMatch(x -> x.file().equals(a.file()))) {
            desk.tell(Say.it("hand-over-model.attached-already", "name", a.name()));
            return;
        }
        desk.change(
                Say.it("hand-over-model.attach", "name", a.name()),
                "",
                j -> j.withHanding(j.handing().with(a)));
    }

    /** Says what an attached file shows. */
    public void says(Attachment a, String words) {
        desk.change(
                Say.it("hand-over-model.says"),
                "attached" + a.file(),
                j -> j.withHanding(j.handing().change(a.file(), x -> x.saying(words))));
    }

    /** Takes a file from the job; it stays beside the book, and undo brings it back. */
    public void detach(Attachment a) {
        desk.change(
                Say.it("hand-over-model.detach", "name", a.name()),
                "",
                j -> j.withHanding(j.handing().without(a.file())));
    }

    /** Something to say in the band. */
    public void tell(String sentence) {
        desk.tell(sentence);
    }
}
