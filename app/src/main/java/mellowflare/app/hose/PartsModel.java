package mellowflare.app.hose;

import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.concurrent.Executor;
import java.util.concurrent.atomic.AtomicInteger;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import mellowflare.app.desk.Desk;
import mellowflare.app.line.ListsModel;
import mellowflare.book.job.Papers;
import mellowflare.book.tag.TagCode;
import mellowflare.book.tag.TagFacts;
import mellowflare.core.hose.FromShelf;
import mellowflare.core.hose.HoseLineKind;
import mellowflare.core.hose.HosePlan;
import mellowflare.core.job.Job;
import mellowflare.core.measure.LengthFormat;

/** Parts, shelf and papers of the line, without a window. */
public final class PartsModel {
    /** The shelf is not worth waiting longer for. */
    private static final Duration BUDGET = Duration.ofMinutes(1);

    private final Desk desk;
    private final Executor background;
    private final Executor foreground;
    private final ReadOnlyObjectWrapper<List<FromShelf.Build>> builds = new ReadOnlyObjectWrapper<>(List.of());
    private final ListsModel lists;
    private final ReadOnlyStringWrapper searching = new ReadOnlyStringWrapper("");
    private final AtomicInteger search = new AtomicInteger();

    /**
     * @param background where long work runs
     * @param foreground where its results are shown
     */
    public PartsModel(Desk desk, Executor background, Executor foreground) {
        this.desk = desk;
        this.lists = new ListsModel(desk);
        this.background = background;
        this.foreground = foreground;
    }

    public HosePlan plan() {
        return desk.current().plan(HoseLineKind.HOSE).orElseThrow();
    }

    /** What can be built now from the shelf, once it was looked for. */
    public ReadOnlyObjectProperty<List<FromShelf.Build>> buildsProperty() {
        return builds.getReadOnlyProperty();
    }

    /** Words while the shelf is looked through, and after; empty before. */
    public ReadOnlyStringProperty searchingProperty() {
        return searching.getReadOnlyProperty();
    }

    /** Looks through the shelf; a search that still runs is given up. */
    public void lookThroughShelf() {
        int mine = search.incrementAndGet();
        Job job = desk.job();
        var data = desk.data();
        searching.set(Say.it("parts-model.looking-through-shelf"));
        background.execute(() -> {
            long until = System.nanoTime() + BUDGET.toNanos();
            List<FromShelf.Build> found = new FromShelf(
                            job.line(HoseLineKind.HOSE),
                            job.setting(HoseLineKind.HOSE, data),
                            () -> search.get() != mine || System.nanoTime() > until)
                    .find();
            boolean late = System.nanoTime() > until;
            foreground.execute(() -> {
                if (search.get() == mine) {
                    builds.set(found);
                    searching.set(
                            late
                                    ? Say.it("parts-model.took-too-long")
                                    : found.isEmpty()
                                            ? Say.it("parts-model.nothing-found")
                                            : Say.it("parts-model.can-be-built"));
                }
            });
        });
    }

    /** Gives a running search up. */
    public void stop() {
        search.incrementAndGet();
        searching.set("");
    }

    /** Takes hose, ends and adapters of a build into the job. */
    public void take(FromShelf.Build build) {
        desk.change(
                Say.it("parts-model.parts-from-shelf"),
                "shelf",
                j -> j.change(
                        HoseLineKind.HOSE,
                        l -> l.withHose(build.line().hose())
                                .withEnd(
                                        mellowflare.core.connection.LineEnd.A,
                                        build.line().a())
                                .withEnd(
                                        mellowflare.core.connection.LineEnd.B,
                                        build.line().b())));
    }

    /** An amount of money as the catalogue has it. */
    public static String money(double amount) {
        return LengthFormat.decimal(amount, 2, 2);
    }

    /** The papers that go along. */
    public List<Papers.Offer> papers() {
        return Papers.offered(HoseLineKind.HOSE);
    }

    public void write(Papers.Offer paper) {
        desk.write(paper);
    }

    /** Catalogue and lists as files. */
    public ListsModel lists() {
        return lists;
    }

    /** Reads a tag from a picture and opens its job, or says what the tag says. */
    public void readTag(Path picture) {
        desk.keeper()
                .ask(
                        book -> {
                            TagFacts facts = TagCode.read(picture);
                            return new Read(facts, book.job(facts.id()).isPresent());
                        },
                        read -> {
                            if (read.known()) {
                                desk.open(read.facts().id());
                            }
                            desk.tell(Say.it(
                                    "parts-model.the-tag-says",
                                    "facts",
                                    read.facts().title(),
                                    "hose",
                                    read.facts().hose(),
                                    "endA",
                                    read.facts().endA(),
                                    "endB",
                                    read.facts().endB(),
                                    "known",
                                    read.known() ? "yes" : "no"));
                        },
                        desk::tell);
    }

    private record Read(TagFacts facts, boolean known) {}
}
