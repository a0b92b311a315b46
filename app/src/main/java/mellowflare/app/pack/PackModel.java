package mellowflare.app.pack;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyObjectProperty;
import mellowflare.app.desk.Desk;
import mellowflare.app.entry.FieldState;
import mellowflare.app.entry.Numbers;
import mellowflare.book.job.Papers;
import mellowflare.core.advice.Figure;
import mellowflare.core.bag.BagAsk;
import mellowflare.core.bag.BagPart;
import mellowflare.core.bag.Find;
import mellowflare.core.bag.OwnFind;
import mellowflare.core.bag.OwnFindText;
import mellowflare.core.bag.Packed;
import mellowflare.core.job.Evaluation;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;

/** What Pack does, without a window: what may be found, what is known of it, and the bag that follows. */
public final class PackModel {
    private static final List<String> PAPERS = List.of("bag", "bag-list");

    private final Desk desk;
    private final FieldState<Double> chance = Numbers.field(Say.it("pack-model.the-chance"), 1, 100, "%");
    private final FieldState<OwnFind> find = new FieldState<>((t, u) -> OwnFindText.read(t), (f, u) -> "");
    private Evaluation of;
    private Packed packed;

    public PackModel(Desk desk) {
        this.desk = desk;
        chance.onChange(() -> change(
                Say.it("pack-model.chance"), a -> a.withChance(chance.value().map(v -> v / 100))));
        desk.currentProperty().addListener((o, was, now) -> show());
        show();
    }

    private void show() {
        Optional<Double> said = ask().chance().map(c -> c * 100);
        chance.show(said.map(Numbers::text).orElse(""), said, units());
    }

    public ReadOnlyObjectProperty<Evaluation> currentProperty() {
        return desk.currentProperty();
    }

    public UnitSystem units() {
        return desk.units();
    }

    public BagAsk ask() {
        return desk.job().bag();
    }

    /** The bag of the open job; worked out once for each state of it. */
    public Packed packed() {
        if (of != desk.current()) {
            of = desk.current();
            packed = of.packed();
        }
        return packed;
    }

    private void change(String what, UnaryOperator<BagAsk> change) {
        desk.change(what, "bag" + what, j -> j.withBag(change.apply(j.bag())));
    }

    // --- what may be found ---

    /** A find as it is typed: its name, how likely, and its parts. */
    public FieldState<OwnFind> find() {
        return find;
    }

    /** Takes the find that is typed; one of the same name is replaced. False while there is none. */
    public boolean take() {
        Optional<OwnFind> typed = find.value();
        typed.ifPresent(f -> {
            change(Say.it("pack-model.find"), a -> a.with(f));
            find.clear();
        });
        return typed.isPresent();
    }

    /** The find of the fitter's own behind a row; empty for those that follow from the line. */
    public Optional<OwnFind> own(Find row) {
        return ask().own().stream().filter(o -> Packed.id(o).equals(row.id())).findFirst();
    }

    public void remove(OwnFind own) {
        change(Say.it("pack-model.find"), a -> a.without(own.name()).sighted(Packed.id(own), Optional.empty()));
    }

    public Optional<BagAsk.Sight> sight(Find f) {
        return Optional.ofNullable(ask().sights().get(f.id()));
    }

    /** What was seen of a find; said a second time it is taken back. */
    public void sight(Find f, BagAsk.Sight sight) {
        change(
                Say.it("pack-model.sight"),
                a -> a.sighted(
                        f.id(),
                        Optional.of(sight)
                                .filter(s -> sight(f).filter(s::equals).isEmpty())));
    }

    // --- what is wanted ---

    public FieldState<Double> chance() {
        return chance;
    }

    /** The chance wanted while nobody says one, as it stands in the empty field. */
    public String usualChance() {
        return Numbers.text(desk.current().plan().unseen().usual() * 100);
    }

    public void by(BagAsk.By by) {
        change(Say.it("pack-model.by"), a -> a.withBy(by));
    }

    // --- words ---

    public String share(double share) {
        return new Figure.OfShare(share).text(units());
    }

    /** What a part costs, or a dash. */
    public static String price(BagPart p) {
        return p.price().map(x -> LengthFormat.decimal(x, 2, 2)).orElse("–");
    }

    public static String money(double amount) {
        return LengthFormat.decimal(amount, 0, 0);
    }

    // --- papers ---

    public List<Papers.Offer> papers() {
        return Papers.offered(desk.job().kind()).stream()
                .filter(p -> PAPERS.contains(p.id()))
                .toList();
    }

    public void write(Papers.Offer paper) {
        desk.write(paper);
    }
}
