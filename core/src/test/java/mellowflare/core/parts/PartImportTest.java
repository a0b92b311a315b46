package mellowflare.core.parts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import mellowflare.core.Samples;
import mellowflare.core.connection.EndTable;
import mellowflare.core.reference.ForeignFile;
import mellowflare.core.reference.ReferenceData;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class PartImportTest {
    private final EndTable ends = Samples.DATA.get(EndTable.KEY);
    private final Stock house = Stock.of(Samples.DATA);

    private PartImport read(String text) throws ForeignFile {
        return PartImport.read("mine.csv", text, ends);
    }

    @ParameterizedTest
    @EnumSource(PartFile.class)
    void testWhatIsWrittenIsReadBackTheSame(PartFile file) throws ForeignFile {
        PartImport back = read(PartExport.csv(file, house));
        assertThat(back.file()).isEqualTo(file);
        assertThat(back.troubles()).isEmpty();
        Stock again = Stock.NONE.plus(back.stock());
        switch (file) {
            case HOSES -> assertThat(again.hoses()).isEqualTo(house.hoses());
            case ENDS -> assertThat(again.ends()).isEqualTo(house.ends());
            case ADAPTERS -> assertThat(again.adapters()).isEqualTo(house.adapters());
            case COLLARS -> assertThat(again.ferrules()).isEqualTo(house.ferrules());
            case SEALS -> assertThat(again.seals()).isEqualTo(house.seals());
            case TOOLS -> assertThat(again.tools()).isEqualTo(house.tools());
        }
    }

    @Test
    void testEachBadRowIsNamedByLineAndColumnAndTheRestCounts() throws ForeignFile {
        String header = String.join(",", PartFile.SEALS.columns()) + "\n";
        PartImport read = read(header
                + "M-1,ring,ring,ORB,-8,NBR,3,0.4,mine,typical\n"
                + "M-2,ring,ring,NOSUCH,-8,NBR,3,0.4,mine,typical\n"
                + "M-3,ring,ring,ORB,-8,NBR,lots,0.4,mine,typical\n"
                + "M-1,ring,ring,ORB,-6,NBR,3,0.4,mine,typical\n"
                + "M-4,ring,ring,ORB,-8,NBR,-3,0.4,mine,typical\n"
                + ",ring,ring,ORB,-8,NBR,3,0.4,mine,typical\n");
        assertThat(read.good()).isEqualTo(1);
        assertThat(read.troubles())
                .hasSize(5)
                .anyMatch(t -> t.contains("line 3") && t.contains("code") && t.contains("NOSUCH"))
                .anyMatch(t -> t.contains("line 4") && t.contains("“lots” is not a number"))
                .anyMatch(t -> t.contains("line 5") && t.contains("appears twice"))
                .anyMatch(t -> t.contains("line 6") && t.contains("far out of range"))
                .anyMatch(t -> t.contains("line 7") && t.contains("is empty"));
    }

    @Test
    void testPartsThatCannotBeAreRefusedRowByRow() throws ForeignFile {
        String hoses = String.join(",", PartFile.HOSES.columns()) + "\n";
        PartImport h = read(hoses
                + "H1,x,two-wire,-8,12.7,10,200,,,,100,inside,-40,100,NBR,,W,,0,1,mine,typical\n"
                + "H2,x,two-wire,-8,12.7,22,200,,,,100,inside,100,-40,NBR,,W,,0,1,mine,typical\n"
                + "H3,x,two-wire,eight,12.7,22,200,,,,100,inside,-40,100,NBR,,W,,0,1,mine,typical\n"
                + "H4,x,brake,-2,3,10,100,,,,60,inside,-40,100,EPDM,,K,250; long,0,1,mine,typical\n");
        assertThat(h.good()).isZero();
        assertThat(h.troubles())
                .anyMatch(t -> t.contains("is not larger than the bore"))
                .anyMatch(t -> t.contains("is not above the lowest temperature"))
                .anyMatch(t -> t.contains("is not a dash size"))
                .anyMatch(t -> t.contains("“long” is not a number"));
        String endRows = String.join(",", PartFile.ENDS.columns()) + "\n";
        PartImport e = read(
                endRows
                        + "E1,x,crimped,W,-8,JIC37,-8,female,cone45,yes,0,30,,9,steel,300,7/8 in,30,,,,0,1,mine,typical\n"
                        + "E2,x,crimped,W,-8,JIC37,-9,female,cone37,yes,0,30,,9,steel,300,7/8 in,30,,,,0,1,mine,typical\n"
                        + "E3,x,crimped,W,-8,JIC37,-8,female,cone37,yes,90,30,,9,steel,300,7/8 in,30,,,,0,1,mine,typical\n"
                        + "E4,x,crimped,W,-8,JIC37,-8,female,cone37,yes,0,30,,9,steel,300,7/8 in,30,,,two-wire wide,0,1,mine,typical\n");
        assertThat(e.good()).isZero();
        assertThat(e.troubles())
                .anyMatch(t -> t.contains("has no"))
                .anyMatch(t -> t.contains("the tables have no JIC37 -9"))
                .anyMatch(t -> t.contains("an elbow needs"))
                .anyMatch(t -> t.contains("not a kind of hose with a diameter"));
    }

    @Test
    void testForeignFilesAreRefusedInASentence() {
        assertThatThrownBy(() -> read("name,phone\nTobbe,12\n"))
                .isInstanceOf(ForeignFile.class)
                .hasMessageContaining("fit none")
                .hasMessageContaining("it lacks: part");
        assertThatThrownBy(() -> read("")).isInstanceOf(ForeignFile.class).hasMessageContaining("has no rows");
        assertThatThrownBy(() -> read("\u0000\u0001\"")).isInstanceOf(ForeignFile.class);
    }

    @Test
    void testTenThousandRowsAreReadAndFound() throws ForeignFile {
        StringBuilder text = new StringBuilder(String.join(",", PartFile.HOSES.columns())).append('\n');
        for (int i = 0; i < 10_000; i++) {
            text.append("X")
                    .append(i)
                    .append(",hose,two-wire,-8,12.7,22.2,241,275,EN 853,,178,inside,-40,100,NBR,,W,,1,")
                    .append(i)
                    .append(",mine,typical\n");
        }
        PartImport read = read(text.toString());
        assertThat(read.good()).isEqualTo(10_000);
        ReferenceData data = house.plus(read.stock()).in(Samples.DATA);
        assertThat(data.get(Catalogue.KEY).hose("X9999").orElseThrow().price()).isEqualTo(9999);
        assertThat(data.get(Catalogue.KEY).hose("KH2-08")).isPresent();
    }

    @Test
    void testOwnPartReplacesTheHousePartOfItsNumber() throws ForeignFile {
        String mine =
                PartExport.csv(PartFile.SEALS, house).lines().limit(1).toList().get(0)
                        + "\nKS-O08N,own ring,ring,ORB,-8,NBR,99,0.1,mine,typical\n";
        Stock both = house.plus(read(mine).stock());
        assertThat(both.seals()).hasSameSizeAs(house.seals());
        assertThat(both.in(Samples.DATA).get(Catalogue.KEY).seals(mellowflare.core.connection.EndCode.ORB, "-8"))
                .extracting(SealPart::onShelf)
                .contains(99);
        assertThat(List.of(both.count())).containsExactly(house.count());
    }
}
