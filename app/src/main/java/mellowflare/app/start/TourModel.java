package mellowflare.app.start;

import java.util.List;
import java.util.Locale;
import java.util.function.BiConsumer;
import java.util.stream.Stream;
import mellowflare.app.page.Place;

/** The way into the demo book: a few of its jobs, each opened where there is most to see. */
public final class TourModel implements Asks {
    private final List<Stop> stops = List.of(
            new Stop("demo-slew-hose", Place.MAKE, Say.it("tour.half-made"), Say.it("tour.half-made-about")),
            new Stop("demo-tractor", Place.LINE, Say.it("tour.stopped"), Say.it("tour.stopped-about")),
            new Stop("demo-tube-fuel", Place.LINE, Say.it("tour.tube"), Say.it("tour.tube-about")),
            new Stop("demo-pipe-run", Place.LINE, Say.it("tour.pipe"), Say.it("tour.pipe-about")),
            new Stop("demo-shed-air", Place.AIR, Say.it("tour.air"), Say.it("tour.air-about")),
            new Stop("demo-wash-valve", Place.PACK, Say.it("tour.bag"), Say.it("tour.bag-about")),
            new Stop("demo-slew-hose", Place.GAUGE, Say.it("tour.gauge"), Say.it("tour.gauge-about")),
            new Stop("demo-slew-hose", Place.BOOK, Say.it("tour.book"), Say.it("tour.book-about")));
    private final BiConsumer<String, Place> opens;

    /**
     * @param job id of its job
     * @param place where it opens
     */
    private record Stop(String job, Place place, String says, String about) {
        private Answer answer() {
            return new Answer(says, about);
        }

        private boolean knows(String word) {
            return Stream.of((says + " " + about).toLowerCase(Locale.ROOT).split("[^\\p{L}]+"))
                    .anyMatch(own -> own.startsWith(word));
        }
    }

    /**
     * @param opens opens a job by its id, at a place
     */
    public TourModel(BiConsumer<String, Place> opens) {
        this.opens = opens;
    }

    @Override
    public String asks() {
        return Say.it("tour.asks");
    }

    @Override
    public String prompt() {
        return Say.it("tour.prompt");
    }

    @Override
    public String how() {
        return Say.it("tour.how");
    }

    @Override
    public List<Answer> all() {
        return stops.stream().map(Stop::answer).toList();
    }

    @Override
    public List<Answer> matching(String typed) {
        return Words.best(typed, stops, Stop::knows).stream().map(Stop::answer).toList();
    }

    @Override
    public void choose(Answer answer, String typed) {
        stops.stream().filter(s -> s.answer().equals(answer)).findFirst().ifPresent(s -> opens.accept(s.job, s.place));
    }
}
