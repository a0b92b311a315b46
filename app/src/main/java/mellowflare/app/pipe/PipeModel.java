package mellowflare.app.pipe;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyObjectProperty;
import mellowflare.app.desk.Desk;
import mellowflare.book.job.Papers;
import mellowflare.core.advice.Method;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.advice.Methods;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.job.Evaluation;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.parts.Tool;
import mellowflare.core.pipe.PipeLineKind;
import mellowflare.core.pipe.PipePlan;
import mellowflare.core.pipe.assemble.Assembly;
import mellowflare.core.pipe.assemble.AssemblyStep;
import mellowflare.core.pipe.draw.OffsetDrawing;
import mellowflare.core.pipe.draw.RunDrawing;
import mellowflare.core.pipe.line.PipeCase;
import mellowflare.core.pipe.line.PipeLine;
import mellowflare.core.pipe.line.PipeShape;
import mellowflare.core.pipe.makeup.TakeOffs;
import mellowflare.core.pipe.offset.OffsetFigure;
import mellowflare.core.pipe.order.PipeStepWriter;
import mellowflare.core.pipe.stock.FittingSize;
import mellowflare.core.pipe.stock.FittingSystem;
import mellowflare.core.pipe.stock.PipeGrade;
import mellowflare.core.pipe.stock.PipeStock;

/** A line of rigid pipe without a window: what it is built of, and what stands on its page. */
public final class PipeModel {
    private final Desk desk;
    private double turn = RunDrawing.FIRST_TURN;
    private double tilt = RunDrawing.FIRST_TILT;

    public PipeModel(Desk desk) {
        this.desk = desk;
    }

    Desk desk() {
        return desk;
    }

    public ReadOnlyObjectProperty<Evaluation> currentProperty() {
        return desk.currentProperty();
    }

    public boolean isPipe() {
        return desk.job().is(PipeLineKind.PIPE);
    }

    public PipePlan plan() {
        return desk.current().plan(PipeLineKind.PIPE).orElseThrow();
    }

    public PipeCase c() {
        return plan().c();
    }

    public PipeLine line() {
        return desk.job().line(PipeLineKind.PIPE);
    }

    public UnitSystem units() {
        return desk.units();
    }

    void change(String what, UnaryOperator<PipeLine> change) {
        desk.change(what, "pipe" + what, j -> j.change(PipeLineKind.PIPE, change));
    }

    // --- what it is built of ---

    private PipeStock stock() {
        return desk.data().get(PipeStock.KEY);
    }

    public void shape(PipeShape shape) {
        change(Say.it("pipe-model.shape"), l -> l.withShape(shape));
    }

    public List<FittingSystem> systems() {
        return stock().systems();
    }

    public Optional<FittingSystem> system() {
        return c().system();
    }

    /** Takes fittings, and the pipe that goes with them while none is chosen, or one of another thread is. */
    public void system(FittingSystem s) {
        change(Say.it("pipe-model.fittings"), l -> {
            PipeLine with = l.withSystem(Optional.of(s.id()));
            Optional<PipeGrade> now = l.grade().flatMap(stock()::grade);
            return now.filter(g -> g.thread() == s.thread() && s.goesWith().contains(g.walls()))
                            .isPresent()
                    ? with
                    : with.withGrade(grades(s).stream().findFirst().map(PipeGrade::id));
        });
    }

    private List<PipeGrade> grades(FittingSystem s) {
        return stock().grades().stream()
                .filter(g -> g.thread() == s.thread() && s.goesWith().contains(g.walls()))
                .sorted((a, b) -> Boolean.compare(b.metal() == s.metal(), a.metal() == s.metal()))
                .toList();
    }

    public List<PipeGrade> grades() {
        return stock().grades();
    }

    public void grade(PipeGrade g) {
        change(Say.it("pipe-model.pipe"), l -> l.withGrade(Optional.of(g.id())));
    }

    /** The sizes of the fittings; those of the first system while none is chosen. */
    public List<String> sizes() {
        return stock().fittings(system().orElseGet(() -> systems().get(0))).stream()
                .map(FittingSize::size)
                .toList();
    }

    public void size(Optional<String> size) {
        change(Say.it("pipe-model.size"), l -> l.withSize(size));
    }

    // --- methods ---

    public List<Method> methods(MethodTopic topic) {
        return desk.data().get(Methods.KEY).of(topic);
    }

    public Method method(MethodTopic topic) {
        return desk.data().get(Methods.KEY).chosen(topic, desk.job().practice());
    }

    public void method(Method m) {
        desk.change(m.topic().word(), "", j -> j.withPractice(j.practice().with(m.topic(), m.id())));
    }

    // --- tools and papers ---

    public List<Tool> tools() {
        return new PipeStepWriter(c()).tools();
    }

    public Optional<Boolean> has(Tool tool) {
        return line().here().has(tool);
    }

    public void press(Tool tool) {
        change(
                Say.it("pipe-model.tool", "tool", tool.name()),
                l -> l.withHere(l.here().pressed(tool)));
    }

    public List<Papers.Offer> papers() {
        return Papers.offered(PipeLineKind.PIPE);
    }

    public void write(Papers.Offer paper) {
        desk.write(paper);
    }

    /** The moves that take one part out later; empty where it cannot come out. */
    public Optional<List<AssemblyStep>> takeOut(String part) {
        return c().laid().flatMap(l -> c().run().flatMap(r -> Assembly.takeOut(r, l, new TakeOffs(c().parts()), part)));
    }

    // --- the picture ---

    /** Turns the picture of a run; it never tips over. */
    public void turn(double right, double down) {
        turn = (turn + right + 360) % 360;
        tilt = Math.max(0, Math.min(90, tilt + down));
    }

    /** An offset in its plane, one figure lit. */
    public Drawing offset(Optional<OffsetFigure> lit) {
        return OffsetDrawing.page(c(), plan().findings(), lit);
    }

    /** A run in space. */
    public Drawing run(PipeCase shown, Optional<String> chosen, RunDrawing.Layout layout) {
        return RunDrawing.page(shown, plan().findings(), turn, tilt, chosen, layout);
    }
}
