package mellowflare.core.air.lists;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import mellowflare.core.Samples;
import mellowflare.core.air.demand.AirHouse;
import mellowflare.core.air.layout.WalkText;
import mellowflare.core.air.main.AirMain;
import mellowflare.core.air.main.Plant;
import mellowflare.core.air.stock.PipeSystems;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.job.Job;
import mellowflare.core.job.ShippedData;
import mellowflare.core.measure.AirReference;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.FileKind;
import mellowflare.core.reference.ForeignFile;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.run.stock.PipeSize;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class AirListsTest {
    private static final ReferenceData DATA = ShippedData.load();
    private static final PipeSystems PIPE = DATA.get(PipeSystems.KEY);

    private static AirLists.Taken read(AirList list, String... rows) throws ForeignFile {
        String text = String.join(",", list.kind().columns()) + "\n" + String.join("\n", rows) + "\n";
        return AirLists.read(list, FileKind.rows("mine.csv", text), PIPE);
    }

    @ParameterizedTest
    @EnumSource(AirList.class)
    void testWhatIsWrittenIsReadBackTheSame(AirList list) throws ForeignFile {
        AirLists house = AirLists.of(DATA);
        AirLists.Taken back = AirLists.read(list, FileKind.rows("house.csv", house.csv(list)), PIPE);
        assertThat(back.troubles()).isEmpty();
        switch (list) {
            case TOOLS -> assertThat(back.lists().tools()).isEqualTo(house.tools());
            case COMPRESSORS -> assertThat(back.lists().compressors()).isEqualTo(house.compressors());
            case PIPE -> assertThat(back.lists().sizes()).isEqualTo(house.sizes());
        }
        assertThat(back.lists().count()).isGreaterThan(7);
    }

    @Test
    void testAnOwnToolIsCountedByItsReferenceAndCanBeCalledOut() throws ForeignFile {
        AirLists own = read(AirList.TOOLS, "needle-gun,own needle gun,continuous,310,6.0,0.5,40,10,measured here,sure")
                .lists();
        ReferenceData data = own.over(DATA);
        var tool = data.get(AirHouse.KEY).tool("needle-gun").orElseThrow();
        assertThat(tool.flow().reference()).isEqualTo(AirReference.ISO8778);
        assertThat(data.get(AirHouse.KEY).tools())
                .hasSize(DATA.get(AirHouse.KEY).tools().size() + 1);
        assertThat(DATA.get(AirHouse.KEY).tool("needle-gun")).isEmpty();

        AirMain main = AirMain.NEW
                .withPlant(Plant.UNSAID.withCompressor(Optional.of("k-270")))
                .withSystem(Optional.of("copper"))
                .withSize(Optional.of("22"));
        int n = 0;
        for (String called : List.of("up 2 m", "ahead 4 m", "bench: drop 1.5 m with needle-gun hose 6 m")) {
            main = main.insert(
                    n++,
                    WalkText.read(called, UnitSystem.METRIC, Integer.toString(n))
                            .value()
                            .orElseThrow());
        }
        Job job = Job.open("x", "x", "", UnitSystem.METRIC);
        AirCase with = AirCase.of(main, Samples.setting(job.practice(), job.log(), data));
        AirCase without = AirCase.of(main, Samples.setting(job.practice(), job.log(), DATA));
        assertThat(with.together().tight()).contains("bench");
        assertThat(without.choices()).isEmpty();
    }

    @Test
    void testAnOwnRowReplacesTheHouseRowOfItsIdAndKeepsItsPlace() throws ForeignFile {
        ReferenceData data = read(AirList.COMPRESSORS, "k-50,our old 50 L,230,7,9,50,2.2,85,60,15,,type plate,sure")
                .lists()
                .over(DATA);
        var all = data.get(AirHouse.KEY).compressors();
        assertThat(all).hasSameSizeAs(DATA.get(AirHouse.KEY).compressors());
        assertThat(all.get(1).name()).isEqualTo("our old 50 L");
        assertThat(data.get(AirHouse.KEY).together(4))
                .isEqualTo(DATA.get(AirHouse.KEY).together(4));
    }

    @Test
    void testOwnSizesStandInOrderOfWhatTheyMeasureOutside() throws ForeignFile {
        PipeSystems pipe = read(
                        AirList.PIPE,
                        "copper,18,18,1,12,11,11,11,1.5,1500,9.1,1.1,2,0.7,11,0.7,own maker,sure",
                        "copper,22,22,1.5,15.4,13,13,13,1.5,1800,13,1.5,2.9,1,14.6,0.8,own maker,sure")
                .lists()
                .over(DATA)
                .get(PipeSystems.KEY);
        List<PipeSize> copper = pipe.sizes("copper");
        assertThat(copper).hasSize(PIPE.sizes("copper").size() + 1);
        assertThat(copper).isSortedAccordingTo((a, b) -> a.outside().compareTo(b.outside()));
        assertThat(pipe.size("copper", "22").orElseThrow().bore().mm()).isEqualTo(19);
        assertThat(pipe.above(pipe.size("copper", "15").orElseThrow())
                        .orElseThrow()
                        .size())
                .isEqualTo("18");
        assertThat(pipe.sizes("nylon")).isEqualTo(PIPE.sizes("nylon"));
    }

    /** No file makes PVC fit for air. */
    @Test
    void testSizesOfPipeThatMustNotCarryAirAreRefusedWithTheReason() throws ForeignFile {
        for (String refused : List.of("pvc", "cpvc", "abs", "unrated")) {
            AirLists.Taken taken =
                    read(AirList.PIPE, refused + ",25,25,2,20,15,15,15,3,1000,1,1,1,1,1,1,own maker,sure");
            assertThat(taken.lists().count()).isZero();
            assertThat(taken.troubles())
                    .singleElement()
                    .satisfies(t -> assertThat(t).contains("line 2", " for air: "));
        }
        assertThat(read(AirList.PIPE, "bamboo,25,25,2,20,15,15,15,3,1000,1,1,1,1,1,1,own maker,sure")
                        .troubles())
                .singleElement()
                .satisfies(t -> assertThat(t)
                        .contains("mine.csv, line 2, column system: “bamboo” is not a known pipe material"));
    }

    @Test
    void testEachBadRowIsNamedByLineAndTheRestCounts() throws ForeignFile {
        AirLists.Taken tools = read(
                AirList.TOOLS,
                "good,x,impulse,100,5,0.1,4,8,mine,sure",
                "Bad Id,x,impulse,100,5,0.1,4,8,mine,sure",
                "no-flow,x,impulse,0,5,0.1,4,8,mine,sure",
                "lazy,x,impulse,100,5,0,4,8,mine,sure",
                "odd,x,sometimes,100,5,0.1,4,8,mine,sure",
                "good,x,impulse,100,5,0.1,4,8,mine,sure",
                "nobody,x,impulse,100,5,0.1,4,8,,sure");
        assertThat(tools.lists().tools()).extracting(t -> t.id()).containsExactly("good");
        assertThat(tools.troubles()).hasSize(6);
        assertThat(tools.troubles().get(0)).contains("line 3", "Bad Id", "as it is called out");
        assertThat(tools.troubles().get(1)).contains("line 4", "above zero");
        assertThat(tools.troubles().get(2)).contains("line 5", "duty");
        assertThat(tools.troubles().get(3)).contains("line 6", "is not a known word");
        assertThat(tools.troubles().get(4)).contains("line 7", "appears twice");
        assertThat(tools.troubles().get(5)).contains("line 8", "source");

        assertThat(read(
                                AirList.COMPRESSORS,
                                "a,x,200,9,8,50,2,80,50,15,,mine,sure",
                                "b,x,200,8,9,50,0,80,50,15,,mine,sure",
                                "c,x,200,8,9,50,2,80,50,0,,mine,sure",
                                "d,x,200,8,9,50,2,-1,50,5,,mine,sure")
                        .troubles())
                .hasSize(4)
                .anyMatch(t -> t.contains("stops above the pressure at which it starts"));
        assertThat(read(
                                AirList.PIPE,
                                "copper,9,9,5,1,1,1,1,1,1000,1,1,1,1,1,1,mine,sure",
                                "copper,9,9,1,-1,1,1,1,1,1000,1,1,1,1,1,1,mine,sure",
                                "copper,9,9,1,1,1,1,1,1,0,1,1,1,1,1,1,mine,sure",
                                "copper,9,9,1,1,1,1,1,1,1000,-1,1,1,1,1,1,mine,sure",
                                "copper,a b,9,1,1,1,1,1,1,1000,1,1,1,1,1,1,mine,sure")
                        .troubles())
                .hasSize(5);
    }

    @Test
    void testWhichFileItIsFollowsFromItsColumns() throws ForeignFile {
        List<FileKind> kinds =
                Arrays.stream(AirList.values()).map(AirList::kind).toList();
        List<CsvTable.Row> rows = FileKind.rows(
                "x.csv", "remark," + AirLists.of(DATA).csv(AirList.PIPE).replace("\n", "\n,"));
        assertThat(FileKind.of("x.csv", rows.get(0), kinds)).isEqualTo(AirList.PIPE.kind());
        CsvTable.Row half =
                FileKind.rows("y.csv", "id,name,kind,duty\na,b,impulse,1\n").get(0);
        assertThatThrownBy(() -> FileKind.of("y.csv", half, kinds))
                .isInstanceOf(ForeignFile.class)
                .hasMessageContaining("For tools that use air it lacks: flow_l_min, need_bar");
        assertThatThrownBy(() -> FileKind.rows("z.csv", "id,name\n")).isInstanceOf(ForeignFile.class);
    }
}
