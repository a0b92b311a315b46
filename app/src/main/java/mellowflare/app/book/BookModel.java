package mellowflare.app.book;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import mellowflare.app.desk.Desk;
import mellowflare.app.desk.SaveState;
import mellowflare.book.job.JobFiles;
import mellowflare.book.job.Papers;
import mellowflare.book.store.Book;
import mellowflare.book.store.JobHead;
import mellowflare.core.advice.Method;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.advice.Methods;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.measure.UnitSystem;

/** What Book does, without a window: the list, the particulars of the open job, files in and out. */
public final class BookModel {
    private final Desk desk;
    private final StringProperty search = new SimpleStringProperty("");
    private final ReadOnlyObjectWrapper<List<JobHead>> jobs = new ReadOnlyObjectWrapper<>(List.of());

    public BookModel(Desk desk) {
        this.desk = desk;
        search.addListener((o, was, now) -> refresh());
        desk.savedProperty().addListener((o, was, now) -> {
            if (now.kind() == SaveState.Kind.SAVED) {
                refresh();
            }
        });
        refresh();
    }

    public void refresh() {
        String words = search.get();
        desk.jobs(words, list -> {
            if (search.get().equals(words)) {
                jobs.set(list);
            }
        });
    }

    public StringProperty searchProperty() {
        return search;
    }

    public ReadOnlyObjectProperty<List<JobHead>> jobsProperty() {
        return jobs.getReadOnlyProperty();
    }

    public ReadOnlyObjectProperty<Evaluation> currentProperty() {
        return desk.currentProperty();
    }

    public Job job() {
        return desk.job();
    }

    public void open(JobHead head) {
        desk.open(head.id());
    }

    /** The job that was asked for last and cannot be read. */
    public ReadOnlyObjectProperty<Optional<Book.SetAside>> asideProperty() {
        return desk.asideProperty();
    }

    public void openLastReadable(String id) {
        desk.openLastReadable(id);
    }

    public void writeAsItLies(String id) {
        desk.writeAsItLies(id);
    }

    public void openNew() {
        desk.openNew();
    }

    /** Puts the job away or takes it out again. */
    public void putAway(JobHead head) {
        desk.keeper()
                .ask(
                        book -> {
                            book.putAway(head.id(), !head.putAway());
                            return null;
                        },
                        done -> refresh(),
                        desk::tell);
    }

    public void title(String text) {
        desk.change(Say.it("book-model.title"), "title", j -> j.withTitle(text));
    }

    public void machine(String text) {
        desk.change(Say.it("book-model.machine"), "machine", j -> j.withMachine(text));
    }

    public void note(String text) {
        desk.change(Say.it("book-model.note"), "note", j -> j.withNote(text));
    }

    public void units(UnitSystem units) {
        desk.change(Say.it("book-model.units"), "", j -> j.withUnits(units));
    }

    public List<Method> methods(MethodTopic topic) {
        return desk.data().get(Methods.KEY).of(topic);
    }

    public Method chosen(MethodTopic topic) {
        return desk.data().get(Methods.KEY).chosen(topic, job().practice());
    }

    public void choose(Method method) {
        desk.change(
                Say.it("book-model.method", "topic", method.topic().word()),
                "",
                j -> j.withPractice(j.practice().with(method.topic(), method.id())));
    }

    /** The papers of the open job. */
    public List<Papers.Offer> papers() {
        return desk.papers();
    }

    /** Writes a paper beside the book and says where. */
    public void write(Papers.Offer paper) {
        desk.write(paper);
    }

    /** Says a sentence in the band. */
    public void tell(String sentence) {
        desk.tell(sentence);
    }

    /** Reads a job from a file; the open job stays as it is when the file is refused. */
    public void importFrom(Path file) {
        desk.keeper()
                .ask(
                        book -> JobFiles.read(file),
                        job -> desk.put(job, Say.it("book-model.import", "file", file.getFileName())),
                        desk::tell);
    }
}
