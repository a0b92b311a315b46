package mellowflare.core.upkeep;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.InService;
import mellowflare.core.job.Job;
import mellowflare.core.job.Kinds;
import mellowflare.core.job.ShippedData;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.reference.BrokenTable;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.OwnLists;
import mellowflare.core.reference.ReferenceData;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;

@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class UpkeepTest {
    private static final LocalDate DAY = LocalDate.of(2026, 3, 1);
    private final ReferenceData data = ShippedData.load();
    private final UpkeepRules rules = data.get(UpkeepRules.KEY);

    private List<Due> due(Upkeep u, Optional<LocalDate> made, String... words) {
        return Due.of(rules, Set.of(words), u, made);
    }

    private static Due one(List<Due> all, String rule) {
        return all.stream().filter(d -> d.rule().id().equals(rule)).findFirst().orElseThrow();
    }

    @Test
    void nothingIsDueOfALineThatIsNotMade() {
        assertThat(due(Upkeep.NONE, Optional.empty(), "hose", "fluid-oil", "moves-still"))
                .isEmpty();
    }

    @Test
    void aHoseIsLookedOverAYearAfterItWasMadeAndThenAYearAfterItWasDone() {
        List<Due> first = due(Upkeep.NONE, Optional.of(DAY), "hose", "fluid-oil", "moves-still");
        assertThat(one(first, "hose-look").on()).isEqualTo(DAY.plusDays(365));
        Upkeep done = Upkeep.NONE.with(new Upkeep.Done("hose-look", DAY.plusDays(300), "Tobbe", ""));
        assertThat(one(due(done, Optional.of(DAY), "hose", "fluid-oil", "moves-still"), "hose-look")
                        .on())
                .isEqualTo(DAY.plusDays(665));
    }

    @Test
    void aHoseThatMovesIsLookedAtTwiceAsOftenAndNotBoth() {
        List<Due> all = due(Upkeep.NONE, Optional.of(DAY), "hose", "fluid-oil", "moves-swings");
        assertThat(all).extracting(d -> d.rule().id()).containsExactly("hose-look-moving", "hose-age");
    }

    @Test
    void theAgeIsCountedFromThePrintedDateElseGuessed() {
        Upkeep printed = Upkeep.NONE.withPrinted(Optional.of(LocalDate.of(2020, 5, 1)));
        Due known = one(due(printed, Optional.of(DAY), "hose", "fluid-oil", "moves-still"), "hose-age");
        assertThat(known.on()).isEqualTo(LocalDate.of(2020, 5, 1).plusDays(2191));
        assertThat(known.guessed()).isFalse();
        assertThat(known.standing(DAY)).isEqualTo(Due.Standing.LATER);
        assertThat(known.standing(LocalDate.of(2026, 4, 10))).isEqualTo(Due.Standing.SOON);
        assertThat(known.standing(LocalDate.of(2026, 5, 2))).isEqualTo(Due.Standing.OVERDUE);
        Due guessed = one(due(Upkeep.NONE, Optional.of(DAY), "hose", "fluid-oil", "moves-still"), "hose-age");
        assertThat(guessed.guessed()).isTrue();
        assertThat(guessed.on()).isEqualTo(DAY.plusDays(2191));
    }

    @Test
    void whatIsDueOnceIsNotDueAgain() {
        Upkeep done = Upkeep.NONE.with(new Upkeep.Done("flange-bolts", DAY.plusDays(1), "Tobbe", "no weep"));
        assertThat(due(Upkeep.NONE, Optional.of(DAY), "pipe", "flanges"))
                .extracting(d -> d.rule().id())
                .contains("flange-bolts");
        assertThat(due(done, Optional.of(DAY), "pipe", "flanges"))
                .extracting(d -> d.rule().id())
                .doesNotContain("flange-bolts")
                .contains("pipe-look");
    }

    /** Each kind of line that stays in service has upkeep of its own. */
    @Test
    void everyKindOfLineHasItsRules() {
        for (var kind : Kinds.ALL) {
            String word = kind.id().word();
            boolean any = rules.all().stream().anyMatch(r -> r.when().stream().anyMatch(w -> w.contains(word)));
            assertThat(any).as(word).isEqualTo(!word.equals("broken"));
        }
        Job job = Job.open("x", "x", "", UnitSystem.METRIC).withUpkeep(Upkeep.NONE.withInService(Optional.of(DAY)));
        assertThat(InService.due(Evaluation.of(job, data)))
                .as("a hose of which nothing is said")
                .isEmpty();
    }

    @Test
    void aRuleThatNeverEndsOrAsksForAStrangeWordStopsTheStart() {
        String head = "id,when,every_days,from,once,title,says,source,confidence\n";
        for (String bad : List.of(
                "x,hose,0,service,no,T,S,me,typical",
                "x,hose,-7,service,no,T,S,me,typical",
                "x,hose,0.5,service,no,T,S,me,typical",
                "x,hose,99999999999,service,no,T,S,me,typical",
                "x,hoze,7,service,no,T,S,me,typical",
                "x,hose,7,someday,no,T,S,me,typical")) {
            CsvTable.Row row =
                    CsvTable.fromText("upkeep.csv", head + bad).rows().get(0);
            assertThatThrownBy(() -> UpkeepRules.rule(row, rules.words()))
                    .as(bad)
                    .isInstanceOf(BrokenTable.class)
                    .hasMessageContaining("upkeep.csv, line 2");
        }
    }

    @Test
    void theShopsOwnRulesLieOverTheHouses() {
        String own = "id,when,every_days,from,once,title,says,source,confidence\n"
                + "air-drain,air,1,service,no,Drain it every morning,Open the drain.,our shop,sure\n"
                + "rig,hose;fluid-oil,30,service,no,Look at the rig,Look.,our shop,sure\n"
                + "bad,hose,0,service,no,T,S,our shop,sure\n";
        OwnLists.Read<List<UpkeepRule>> read = OwnUpkeep.LISTS.read(
                OwnUpkeep.LISTS.files().get(0),
                CsvTable.fromText("upkeep.csv", own).rows(),
                data);
        assertThat(read.rows()).hasSize(2);
        assertThat(read.troubles()).singleElement().asString().contains("line 4");
        ReferenceData over = OwnUpkeep.LISTS.over(read.rows(), data);
        UpkeepRules now = over.get(UpkeepRules.KEY);
        assertThat(now.all()).hasSize(rules.all().size() + 1);
        assertThat(now.find("air-drain").orElseThrow().days()).isEqualTo(1);
        // Whatever is written can be read.
        String text = OwnUpkeep.LISTS.csv(OwnUpkeep.LISTS.files().get(0), now.all());
        assertThat(OwnUpkeep.LISTS
                        .read(
                                OwnUpkeep.LISTS.files().get(0),
                                CsvTable.fromText("u", text).rows(),
                                data)
                        .rows())
                .isEqualTo(now.all());
    }

    @Test
    void whatWasDoneHasANameAndStaysInOrder() {
        assertThatThrownBy(() -> new Upkeep.Done("hose-look", DAY, " ", ""))
                .isInstanceOf(IllegalArgumentException.class);
        Upkeep u = Upkeep.NONE
                .with(new Upkeep.Done("a", DAY.plusDays(2), "T", ""))
                .with(new Upkeep.Done("a", DAY, "T", ""));
        assertThat(u.done()).extracting(Upkeep.Done::on).containsExactly(DAY, DAY.plusDays(2));
        assertThat(u.last("a").orElseThrow().on()).isEqualTo(DAY.plusDays(2));
    }
}
