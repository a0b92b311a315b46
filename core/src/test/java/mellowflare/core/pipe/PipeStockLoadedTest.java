package mellowflare.core.pipe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mellowflare.core.Stands;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Temperature;
import mellowflare.core.pipe.join.JoinAnswers;
import mellowflare.core.pipe.join.Joiners;
import mellowflare.core.pipe.stock.FittingSize;
import mellowflare.core.pipe.stock.FittingSystem;
import mellowflare.core.pipe.stock.FlangeSize;
import mellowflare.core.pipe.stock.HouseSize;
import mellowflare.core.pipe.stock.PipeGrade;
import mellowflare.core.pipe.stock.PipeHouse;
import mellowflare.core.pipe.stock.PipeStock;
import mellowflare.core.pipe.stock.PipeWall;
import org.junit.jupiter.api.Test;

/** What the tables of rigid pipe hold when they are loaded anew, and what five answers choose. */
class PipeStockLoadedTest {
    private static String mm(Length l) {
        return Stands.figure(l.mm());
    }

    private static String mm(Optional<Length> l) {
        return l.map(PipeStockLoadedTest::mm).orElse("-");
    }

    @Test
    void testFittingsStandAsTheyAreLoaded() {
        PipeStock stock = PipeStock.load();
        List<String> lines = new ArrayList<>();
        for (FittingSystem s : stock.systems()) {
            lines.add(s.id() + ", " + s.joint() + ", " + s.thread() + ", " + s.metal() + ", rated by "
                    + s.rating().orElse("its pipe") + ", goes with " + s.goesWith());
            assertEquals(Optional.of(s), stock.system(s.id()));
            for (FittingSize f : stock.fittings(s)) {
                lines.add("  " + f.size() + ": " + mm(f.centre90()) + " " + mm(f.centre45()) + " " + mm(f.coupling())
                        + " " + mm(f.socket()) + " "
                        + f.more()
                                .map(m -> mm(m.street90()) + " " + mm(m.street45()) + " " + mm(m.cap()))
                                .orElse("-"));
                assertEquals(Optional.of(f), stock.fitting(s, f.size()));
            }
        }
        List<String> sizes = stock.fittings(stock.systems().get(0)).stream()
                .map(FittingSize::size)
                .toList();
        for (String size : sizes) {
            lines.add(size + ": union " + mm(stock.union(size).map(PipeStock.Given::length)) + ", flange "
                    + stock.flange(size)
                            .map((FlangeSize f) -> mm(f.outside()) + " " + f.bolts())
                            .orElse("-")
                    + ", reducers "
                    + sizes.stream()
                            .flatMap(small -> stock.reducer(size, small).stream())
                            .map(g -> mm(g.length()))
                            .collect(Collectors.joining(" ")));
        }
        for (int i = 0; i < sizes.size(); i++) {
            for (int k = 0; k < sizes.size(); k++) {
                assertEquals(i > k, stock.larger(sizes.get(i), sizes.get(k)));
            }
            assertFalse(stock.larger(sizes.get(i), "nobody's"));
            assertFalse(stock.larger("nobody's", sizes.get(i)));
        }
        Stands.as(getClass(), "fittings.txt", lines);
    }

    @Test
    void testPipesAndRatingsStandAsTheyAreLoaded() {
        PipeStock stock = PipeStock.load();
        List<String> lines = new ArrayList<>();
        for (PipeGrade g : stock.grades()) {
            lines.add(g.id() + ", " + g.metal() + ", " + g.thread() + ", up to "
                    + Stands.figure(g.upTo().celsius()));
            assertEquals(Optional.of(g), stock.grade(g.id()));
            for (PipeWall w : stock.walls(g)) {
                lines.add("  " + w.size() + ": " + mm(w.outside()) + " x " + mm(w.wall()) + ", plain "
                        + Stands.figure(w.allowed(Length.ZERO).bar()) + ", threaded "
                        + Stands.figure(w.allowed(Length.ofMm(2)).bar()));
                assertEquals(Optional.of(w), stock.wall(g, w.size()));
            }
            assertThat(stock.wall(g, "nobody's")).isEmpty();
        }
        for (String table : Stream.concat(
                        stock.systems().stream()
                                .flatMap(s -> s.rating().stream())
                                .distinct(),
                        Stream.of(PipeStock.FLANGE_150))
                .toList()) {
            lines.add(table + " "
                    + Stream.of(-20, 20, 38, 50, 65, 66, 100, 120, 150, 200, 260, 400)
                            .map(t -> stock.allowed(table, Temperature.ofCelsius(t))
                                    .map(a -> Stands.figure(a.pressure().bar()))
                                    .orElse("-"))
                            .collect(Collectors.joining(" ")));
        }
        assertThat(stock.allowed("nobody's", Temperature.ofCelsius(20))).isEmpty();
        Stands.as(getClass(), "pipes.txt", lines);
    }

    @Test
    void testTheHouseListStandsAsItIsLoaded() {
        List<String> lines = new ArrayList<>();
        PipeHouse house = PipeHouse.load();
        for (HouseSize h : house.all()) {
            lines.add(h.size() + ": "
                    + Arrays.stream(HouseSize.Item.values())
                            .map(i -> Stands.figure(h.price(i)))
                            .collect(Collectors.joining(" "))
                    + ", "
                    + Arrays.stream(HouseSize.Own.values())
                            .map(o -> mm(h.length(o)))
                            .collect(Collectors.joining(" "))
                    + ", "
                    + Arrays.stream(HouseSize.Work.values())
                            .map(w -> Stands.figure(h.minutes(w)))
                            .collect(Collectors.joining(" ")));
            assertEquals(Optional.of(h), house.of(h.size()));
        }
        assertTrue(house.of("nobody's").isEmpty());
        Stands.as(getClass(), "house.txt", lines);
    }

    private static <T> List<Optional<T>> said(T[] values) {
        List<Optional<T>> all = new ArrayList<>(List.of(Optional.empty()));
        Arrays.stream(values).map(Optional::of).forEach(all::add);
        return all;
    }

    /** Five answers, each given or not: the joiner that they choose. */
    @Test
    void testJoinersStandAsTheyAreLoaded() {
        Joiners joiners = Joiners.load();
        Boolean[] yesNo = {true, false};
        List<String> lines = new ArrayList<>();
        for (Optional<JoinAnswers.Opened> opened : said(JoinAnswers.Opened.values())) {
            for (Optional<Boolean> turns : said(yesNo)) {
                for (Optional<Boolean> weld : said(yesNo)) {
                    StringBuilder line = new StringBuilder();
                    for (Optional<Boolean> metal : said(yesNo)) {
                        for (Optional<JoinAnswers.Gap> gap : said(JoinAnswers.Gap.values())) {
                            JoinAnswers a = JoinAnswers.NONE
                                    .withOpened(opened)
                                    .withTurns(turns)
                                    .withWeld(weld)
                                    .withSameMetal(metal)
                                    .withGap(gap);
                            assertEquals(new JoinAnswers(opened, turns, weld, metal, gap), a);
                            line.append(' ')
                                    .append(joiners.choose(a)
                                            .map(Joiners.Joiner::id)
                                            .orElse("-"));
                        }
                    }
                    lines.add(opened + " " + turns + " " + weld + ":" + line);
                }
            }
        }
        Stands.as(getClass(), "joiners.txt", lines);
    }
}
