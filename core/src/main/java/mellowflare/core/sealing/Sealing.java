package mellowflare.core.sealing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.core.advice.Method;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.advice.Methods;
import mellowflare.core.advice.Practice;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.Seat;
import mellowflare.core.fluid.Fluid;
import mellowflare.core.fluid.FluidGroup;
import mellowflare.core.material.Compatibility;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.Torque;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.reference.ReferenceKey;
import mellowflare.core.reference.Source;

/** The one place that says, for any joint, fluid and practice, how it is sealed. */
public final class Sealing {
    public static final ReferenceKey<Sealing> KEY = new ReferenceKey<>("sealing", Sealing.class);
    private static final String MAKE_UP = "{makeup}";

    private record JointRow(
            String code,
            Seat seat,
            String putOn,
            List<String> never,
            Optional<String> rubber,
            LubricantPlace lubricant,
            String tighten,
            String reuse,
            String inspect,
            Source source) {}

    private record FlatsRow(String code, String size, double flats, Source source) {}

    private record TurnsRow(EndCode code, Optional<String> size, double turns) {}

    private record TorqueRow(String code, String size, TorqueBand band) {}

    private final List<JointRow> joints;
    private final List<FlatsRow> flats;
    private final List<TorqueRow> torques;
    private final List<TurnsRow> turns;

    private Sealing(List<JointRow> joints, List<FlatsRow> flats, List<TorqueRow> torques, List<TurnsRow> turns) {
        this.joints = joints;
        this.flats = flats;
        this.torques = torques;
        this.turns = turns;
    }

    public static Sealing load() {
        List<JointRow> joints = CsvTable.beside(Sealing.class, "joints.csv")
                .map(
                        row -> new JointRow(
                                row.need("code"),
                                Seat.ofCode(row.need("seat"))
                                        .orElseThrow(() -> row.broken("seat", Say.it("sealing.no-such-seat"))),
                                row.saidIfAny("put_on"),
                                row.saidList("never"),
                                row.maybe("rubber"),
                                row.word("lubricant", LubricantPlace.class),
                                row.said("tighten"),
                                row.said("reuse"),
                                row.said("inspect"),
                                row.source()),
                        j -> j.code() + " " + j.seat());
        List<FlatsRow> flats = CsvTable.beside(Sealing.class, "flats.csv")
                .map(
                        row -> new FlatsRow(row.need("code"), row.need("size"), row.number("flats"), row.source()),
                        f -> f.code() + " " + f.size());
        List<TorqueRow> torques = CsvTable.beside(Sealing.class, "torques.csv")
                .map(
                        row -> new TorqueRow(
                                row.need("code"),
                                row.need("size"),
                                new TorqueBand(
                                        Torque.ofNewtonMetres(row.number("low_nm")),
                                        Torque.ofNewtonMetres(row.number("high_nm")),
                                        row.source())),
                        t -> t.code() + " " + t.size());
        List<TurnsRow> turns = CsvTable.beside(Sealing.class, "turns.csv")
                .map(
                        row -> new TurnsRow(row.word("code", EndCode.class), row.maybe("size"), row.number("turns")),
                        t -> t.code() + " " + t.size().orElse("all"));
        return new Sealing(joints, flats, torques, turns);
    }

    /**
     * @param end either side of the joint; the other side is its mate
     * @param seat how this joint seals, one of the end's seats
     * @param fluid what runs in it; empty falls back to the stricter advice
     * @param practice the shop's methods
     * @param data must hold methods, sealants, lubricants and compatibility
     * @return the advice; empty when the tables hold none for this seat
     */
    public Optional<SealAdvice> advise(
            End end, Seat seat, Optional<Fluid> fluid, Practice practice, ReferenceData data) {
        return advise(end, seat, fluid, Optional.empty(), practice, data);
    }

    /**
     * As above, where it is known what the threads are made of.
     *
     * @param material of the weaker thread
     */
    public Optional<SealAdvice> advise(
            End end,
            Seat seat,
            Optional<Fluid> fluid,
            Optional<MakeUp.Material> material,
            Practice practice,
            ReferenceData data) {
        return row(end, seat).map(j -> advice(j, end, fluid, material, practice, data));
    }

    /** The compound of rubber that comes with a joint; empty where there is none or where it is chosen for the fluid. */
    Optional<String> rubber(End end, Seat seat) {
        return row(end, seat).flatMap(JointRow::rubber);
    }

    private Optional<JointRow> row(End end, Seat seat) {
        return joints.stream()
                .filter(j -> j.code().equals(end.id().code().name()) && j.seat() == seat)
                .findFirst();
    }

    private SealAdvice advice(
            JointRow row,
            End end,
            Optional<Fluid> fluid,
            Optional<MakeUp.Material> material,
            Practice practice,
            ReferenceData data) {
        Methods methods = data.get(Methods.KEY);
        List<String> putOn = new ArrayList<>();
        List<String> never = new ArrayList<>(row.never());
        String reuse = row.reuse();
        if (row.putOn().equals("{sealant}")) {
            pipeThread(
                    putOn,
                    never,
                    methods.chosen(MethodTopic.PIPE_THREAD_SEAL, practice),
                    fluid,
                    material,
                    end,
                    data.get(Sealants.KEY));
        } else if (row.putOn().isEmpty()) {
            putOn.add(Say.it("sealing.nothing-on-thread"));
        } else {
            putOn.add(end.ring()
                    .map(r -> row.putOn().replace("{ring}", r.designation()))
                    .orElse(row.putOn().replace("{ring} ", "")));
        }
        if (row.seat() == Seat.PORT_ORING) {
            putOn.set(0, putOn.get(0) + ", " + ringMaterial(fluid, data));
            reuse = methods.chosen(MethodTopic.BOSS_RING, practice).name();
        }
        return new SealAdvice(
                row.seat().sealPlace(),
                putOn,
                never,
                data.get(Lubricants.KEY).of(row.lubricant(), fluid, practice).text(),
                tighten(row, end, material, data.get(MakeUp.KEY)),
                torqueOf(end),
                reuse,
                row.inspect(),
                flatsOf(end).isPresent() ? new Source(row.source().text(), Confidence.UNCONFIRMED) : row.source());
    }

    private static void pipeThread(
            List<String> putOn,
            List<String> never,
            Method method,
            Optional<Fluid> fluid,
            Optional<MakeUp.Material> material,
            End end,
            Sealants sealants) {
        FluidGroup group = fluid.map(Fluid::group).orElse(FluidGroup.OIL);
        boolean tapeAllowed = fluid.map(Fluid::tapeAllowed).orElse(false);
        Optional<Sealants.Sealant> tape =
                sealants.of(group, Sealants.Form.TAPE).filter(t -> tapeAllowed && !method.is("paste"));
        Optional<Sealants.Sealant> paste = sealants.of(group, Sealants.Form.PASTE);
        String where = Say.it("sealing.male-only-first-thread");
        if (tape.isPresent()) {
            int turns = tape.get().turns(end.thread().map(t -> t.major()).orElse(Length.ZERO));
            String coat = method.is("both") ? "yes" : "no";
            putOn.add(
                    Say.it("sealing.turns", "grade", tape.get().grade(), "turns", turns, "where", where, "coat", coat));
            never.addAll(tape.get().never());
        } else {
            putOn.add(Say.it(
                    "sealing.male-only-first-thread-2",
                    "paste",
                    paste.map(Sealants.Sealant::grade).orElse(Say.it("sealing.thread-sealant-paste-for"))));
            paste.ifPresent(p -> never.addAll(p.never()));
        }
        if (material.filter(MakeUp.Material.PLASTIC::equals).isPresent()) {
            never.add(Say.it("sealing.ordinary-thread-sealant-on"));
        }
        if (!tapeAllowed) {
            never.add(Say.it(
                    "sealing.tape-shreds-lodge-valves",
                    "fluid",
                    fluid.map(f -> f.name()).orElse("none")));
        }
    }

    private static String ringMaterial(Optional<Fluid> fluid, ReferenceData data) {
        return fluid.flatMap(f -> data.get(Compatibility.KEY).sealFor(f.id()))
                .orElse(Say.it("sealing.compound-for-fluid-ask"));
    }

    private String tighten(JointRow row, End end, Optional<MakeUp.Material> material, MakeUp makeUp) {
        if (row.tighten().equals(MAKE_UP)) {
            return makeUp.says(end, material);
        }
        String flatsText = flatsOf(end)
                .map(f -> Say.it("sealing.flats", "flats", LengthFormat.decimal(f.flats(), 2, 0)))
                .orElse(Say.it("sealing.maker-s-torque"));
        String how = row.tighten().replace("{flats}", flatsText).replace("{turns}", turnsOf(end));
        return end.leftHand() ? Say.it("sealing.thread-left-handed-so", "how", how) : how;
    }

    private Optional<TorqueBand> torqueOf(End end) {
        return torques.stream()
                .filter(t -> t.code().equals(end.id().code().name())
                        && t.size().equals(end.id().size()))
                .findFirst()
                .map(TorqueRow::band);
    }

    private String turnsOf(End end) {
        return turns.stream()
                .filter(t -> t.code() == end.id().code()
                        && t.size().map(end.id().size()::equals).orElse(true))
                .findFirst()
                .map(t -> Say.it("sealing.turns-past-finger-tight", "quarters", quarters(t.turns())))
                .orElse(Say.it("sealing.by-turns-its-maker"));
    }

    /** As a fitter says them: 1 1/4, 1 1/2. */
    private static String quarters(double turns) {
        int whole = (int) turns;
        String rest = List.of("", " 1/4", " 1/2", " 3/4").get((int) Math.round((turns - whole) * 4) % 4);
        return (whole + rest).strip();
    }

    private Optional<FlatsRow> flatsOf(End end) {
        return flats.stream()
                .filter(f -> f.code().equals(end.id().code().name())
                        && f.size().equals(end.id().size()))
                .findFirst();
    }
}
