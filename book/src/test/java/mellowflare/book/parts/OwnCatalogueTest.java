package mellowflare.book.parts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Files;
import java.nio.file.Path;
import mellowflare.book.BookTrouble;
import mellowflare.book.Jobs;
import mellowflare.core.air.demand.AirHouse;
import mellowflare.core.air.lists.AirList;
import mellowflare.core.parts.Catalogue;
import mellowflare.core.parts.PartFile;
import mellowflare.core.reference.ReferenceData;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class OwnCatalogueTest {
    @TempDir
    private Path folder;

    private OwnCatalogue own() {
        return new OwnCatalogue(folder, Jobs.DATA);
    }

    private Path file(String rows) throws Exception {
        return Files.writeString(folder.resolve("mine.csv"), String.join(",", PartFile.SEALS.columns()) + "\n" + rows);
    }

    @Test
    void testTakenRowsAreThereAfterTheNextStartAndBadOnesAreNamed() throws Exception {
        OwnCatalogue.Taken taken = own().take(file(
                "M-1,own ring,ring,ORB,-8,NBR,3,0.4,mine,typical\nM-2,x,ring,ORB,-8,NBR,?,0.4,mine,typical\n"));
        assertThat(taken.good()).isEqualTo(1);
        assertThat(taken.troubles())
                .singleElement()
                .satisfies(t -> assertThat(t).contains("line 3"));
        OwnCatalogue.Taken later = own().load();
        assertThat(later.good()).isEqualTo(1);
        assertThat(later.troubles()).isEmpty();
        assertThat(later.data().get(Catalogue.KEY).seals())
                .anyMatch(s -> s.part().equals("M-1"));
        assertThat(later.data().get(Catalogue.KEY).hose("KH2-08")).isPresent();
    }

    @Test
    void testSecondFileIsLaidOverTheFirst() throws Exception {
        own().take(file("M-1,own ring,ring,ORB,-8,NBR,3,0.4,mine,typical\n"));
        own().take(file(
                "M-1,own ring,ring,ORB,-8,NBR,7,0.4,mine,typical\nM-9,other,ring,ORB,-6,NBR,1,0.4,mine,typical\n"));
        assertThat(own().load().good()).isEqualTo(2);
        assertThat(own().load().data().get(Catalogue.KEY).seals())
                .anyMatch(s -> s.part().equals("M-1") && s.onShelf() == 7);
    }

    @Test
    void testForeignOrMissingFileChangesNothing() throws Exception {
        own().take(file("M-1,own ring,ring,ORB,-8,NBR,3,0.4,mine,typical\n"));
        Path foreign = Files.writeString(folder.resolve("foreign.csv"), "a,b\n1,2\n");
        assertThatThrownBy(() -> own().take(foreign))
                .isInstanceOf(BookTrouble.class)
                .hasMessageContaining("the columns of foreign.csv fit none");
        assertThatThrownBy(() -> own().take(folder.resolve("none.csv")))
                .isInstanceOf(BookTrouble.class)
                .hasMessageContaining("There is no file");
        Path picture =
                Files.write(folder.resolve("p.csv"), new byte[] {(byte) 0x89, 'P', 'N', 'G', (byte) 0xff, (byte) 0xfe});
        assertThatThrownBy(() -> own().take(picture)).isInstanceOf(BookTrouble.class);
        assertThat(own().load().good()).isEqualTo(1);
    }

    @Test
    void testDamagedOwnFileIsNamedAndTheHouseCatalogueStays() throws Exception {
        Files.createDirectories(folder.resolve("catalogue"));
        Files.writeString(folder.resolve("catalogue/hoses.csv"), "rubbish");
        OwnCatalogue.Taken taken = own().load();
        assertThat(taken.troubles())
                .singleElement()
                .satisfies(
                        t -> assertThat(t).contains("This is not a catalogue file: hoses.csv, line 1: has no rows."));
        assertThat(taken.data()).isSameAs(Jobs.DATA);
    }

    @Test
    void testEveryExportedFileIsTakenInAgain() throws Exception {
        for (Path file : OwnCatalogue.export(Jobs.DATA, folder.resolve("out"))) {
            OwnCatalogue.Taken taken = own().take(file);
            assertThat(taken.troubles()).as(file.toString()).isEmpty();
            assertThat(taken.good()).isPositive();
        }
        // Of corrugated tube for gas, and of where parts are bought, the house has no rows; a shop that brought some in
        // has
        // its file.
        assertThat(OwnCatalogue.export(Jobs.DATA, folder.resolve("again")))
                .hasSize(OwnCatalogue.kinds().size() - 2)
                .noneMatch(f -> f.endsWith("gastube.csv") || f.endsWith("suppliers.csv"));
        Path tubes = Files.writeString(
                folder.resolve("tube.csv"),
                "size,outside_mm,gas,flow_m3_h,drop_mbar,over_m,metre,fitting,hanger_mm,source,confidence\n"
                        + "25,34,propane,4,1,10,11,15,1800,made up,unconfirmed\n");
        ReferenceData more = own().take(tubes).data();
        assertThat(OwnCatalogue.export(more, folder.resolve("more"))).anyMatch(f -> f.endsWith("gastube.csv"));
    }

    @Test
    void testOwnToolsOfAirLieBesideOwnPartsAndBothComeBack() throws Exception {
        own().take(file("M-1,own ring,ring,ORB,-8,NBR,3,0.4,mine,typical\n"));
        Path tools = Files.writeString(
                folder.resolve("tools of ours.csv"),
                String.join(",", AirList.TOOLS.kind().columns())
                        + "\nneedle-gun,own needle gun,continuous,310,6,0.5,40,10,measured here,sure\nBad,x,impulse,1,1,1,1,1,mine,sure\n");
        OwnCatalogue.Taken taken = own().take(tools);
        assertThat(taken.good()).isEqualTo(1);
        assertThat(taken.troubles())
                .singleElement()
                .satisfies(t -> assertThat(t).contains("tools of ours.csv", "line 3"));
        OwnCatalogue.Taken later = own().load();
        assertThat(later.good()).isEqualTo(2);
        assertThat(later.data().get(AirHouse.KEY).tool("needle-gun")).isPresent();
        assertThat(later.data().get(Catalogue.KEY).seals())
                .anyMatch(s -> s.part().equals("M-1"));
        assertThat(OwnCatalogue.csv(AirList.TOOLS.kind(), later.data())).contains("own needle gun", "blow-gun");
        assertThat(folder.resolve("catalogue/airtools.csv")).exists();
    }
}
