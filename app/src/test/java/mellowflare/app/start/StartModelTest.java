package mellowflare.app.start;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import mellowflare.app.OpenBook;
import mellowflare.app.line.Begin;
import mellowflare.app.page.Place;
import mellowflare.core.job.Kinds;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class StartModelTest {
    private static final Begin HOSE = new Begin("Replace a hose", "measure both ports", "burst leaking", j -> j);
    private static final Begin OTHER = new Begin(
            "Plan compressed air",
            "sizes and falls",
            "main shop compressor",
            j -> j.withKind(Kinds.ALL.get(Kinds.ALL.size() - 1)));

    @TempDir
    private Path folder;

    private int led;

    private StartModel model(OpenBook open) {
        return new StartModel(open.desk(), List.of(HOSE, OTHER), () -> led++);
    }

    private static List<String> says(List<Asks.Answer> answers) {
        return answers.stream().map(Asks.Answer::says).toList();
    }

    @Test
    void testWordsFindTheirAnswer() throws Exception {
        try (OpenBook open = OpenBook.empty(folder)) {
            StartModel m = model(open);
            assertThat(says(m.matching(""))).containsExactly("Replace a hose", "Plan compressed air");
            assertThat(says(m.matching("hose burst, boom"))).containsExactly("Replace a hose");
            assertThat(says(m.matching("AIR for the shed"))).containsExactly("Plan compressed air");
            assertThat(says(m.matching("hose for the compressor"))).hasSize(2);
            assertThat(m.matching("zzz")).isEmpty();
            assertThat(m.matching(" ,;! ")).hasSize(2);
            assertThat(says(m.matching("2"))).containsExactly("Plan compressed air");
            assertThat(m.matching("7")).isEmpty();
            assertThat(says(m.matching("1/2 air line in the shed"))).containsExactly("Plan compressed air");
        }
    }

    @Test
    void testAJobIsNamedAfterWhatWasTypedOrAfterItsKindAndItLeadsOn() throws Exception {
        try (OpenBook open = OpenBook.empty(folder)) {
            StartModel m = model(open);
            m.choose(m.all().get(1), "air for the boat shed ");
            assertThat(open.desk().job().title()).isEqualTo("Air for the boat shed");
            assertThat(open.desk().job().kind()).isEqualTo(Kinds.ALL.get(Kinds.ALL.size() - 1));
            m.choose(m.all().get(0), "");
            assertThat(open.desk().job().title()).isEqualTo("Replace a hose");
            m.choose(m.all().get(0), "hose");
            assertThat(open.desk().job().title()).isEqualTo("Replace a hose");
            assertThat(led).isEqualTo(3);
            open.desk().undo();
            open.settle();
            assertThat(open.desk().job().title()).isEqualTo("Air for the boat shed");
        }
    }

    @Test
    void testTheTourOpensJobsThatTheDemoHas() throws Exception {
        List<String> opened = new ArrayList<>();
        TourModel tour = new TourModel((job, place) -> opened.add(job + " " + place));
        tour.all().forEach(a -> tour.choose(a, ""));
        assertThat(opened).contains("demo-shed-air " + Place.AIR).doesNotHaveDuplicates();
        try (OpenBook open = OpenBook.demo(folder)) {
            for (String o : opened) {
                open.desk().open(o.split(" ")[0]);
                open.settle();
                assertThat(open.desk().job().id()).isEqualTo(o.split(" ")[0]);
            }
        }
        assertThat(says(tour.matching("pipe"))).contains("A run of rigid pipe");
    }

    /** What it promises is there: a hose half made, a hose that is stopped, something behind the wall. */
    @Test
    void testEachStopOfTheTourShowsWhatItPromises() throws Exception {
        List<String> opened = new ArrayList<>();
        TourModel tour = new TourModel((job, place) -> opened.add(job));
        tour.all().forEach(a -> tour.choose(a, ""));
        try (OpenBook open = OpenBook.demo(folder)) {
            open.desk().open(opened.get(0));
            open.settle();
            assertThat(open.desk().current().bench().doneCount()).isPositive();
            assertThat(open.desk().current().bench().next()).isPresent();
            open.desk().open(opened.get(1));
            open.settle();
            assertThat(open.desk().job().kind()).isEqualTo(Kinds.usual());
            assertThat(open.desk().current().stops()).isPositive();
            open.desk().open(opened.get(5));
            open.settle();
            assertThat(open.desk().current().plan().unseen().finds()).isNotEmpty();
        }
    }
}
