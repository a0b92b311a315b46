package mellowflare.bench;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.stage.Stage;
import mellowflare.app.desk.Desk;
import mellowflare.app.desk.Keeper;
import mellowflare.app.gauge.CaliperModel;
import mellowflare.app.look.Look;
import mellowflare.app.page.Place;
import mellowflare.app.shell.Shell;
import mellowflare.book.BookTrouble;
import mellowflare.book.demo.KittiwakeSlip;
import mellowflare.book.store.Book;
import mellowflare.core.air.AirMainKind;
import mellowflare.core.gas.GasLineKind;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.job.ShippedData;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.pipe.PipeLineKind;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.tube.TubeLineKind;
import mellowflare.core.tube.form.Measured;
import mellowflare.core.tube.line.TubeLine;
import mellowflare.core.tube.line.TubePick;

/**
 * Types into the real window on the demo job and measures the work of each key on the interface thread: from the change of the text until
 * everything is worked out and shown, and the styles and the layout of the frame that follows; not the wait for that frame to be due.
 * Limit: one frame of 16 ms.
 */
public final class KeyToFrame extends Application {
    private static final int WARM = 60;
    private static final int KEYS = 300;

    private final List<Double> millis = new ArrayList<>();
    private final List<Double> layouts = new ArrayList<>();
    private TextField field;
    private String[] texts;
    private Runnable prepare = () -> {};
    private Runnable edit;
    private int key;
    private double work;
    private long pulse;

    /** Starts it; a class that extends {@code Application} cannot be started from the class path. */
    public static final class Start {
        private Start() {}

        public static void main(String[] args) {
            launch(KeyToFrame.class, args);
        }
    }

    @Override
    public void start(Stage stage) throws Exception {
        String place = getParameters().getRaw().get(0);
        Path folder = Files.createTempDirectory("bench-book");
        ReferenceData data = ShippedData.load();
        Book book = Book.open(folder);
        Job job = place.equals("tube")
                ? longTube(book)
                : place.equals("air") || place.equals("air-edit")
                        ? largeShop(book)
                        : place.equals("pipe") || place.equals("pipe-edit")
                                ? longRun(book)
                                : place.equals("gas") ? street(book) : demo(book, data, place);
        Desk desk = new Desk(new Keeper(book, Platform::runLater), data, Evaluation.of(job, data), Clock.systemUTC());
        Look look = new Look();
        Shell shell = new Shell(desk, look, CaliperModel.none());
        Scene scene = new Scene(shell, 1280, 800);
        look.dress(scene);
        stage.setScene(scene);
        stage.show();
        boolean gauge = place.equals("gauge");
        shell.go(gauge ? Place.GAUGE : Place.LINE);
        boolean way = place.equals("way");
        if (way) {
            ((Button) scene.lookup("#leaf-WAY")).fire();
        }
        boolean tube = place.startsWith("tube");
        boolean air = place.startsWith("air");
        boolean pipe = place.equals("pipe") || place.equals("pipe-edit");
        boolean gas = place.equals("gas");
        if (pipe) {
            ((Button) scene.lookup("#leaf-PIPE-RUN")).fire();
        }
        field = (TextField) scene.lookup(
                pipe
                        ? "#run-line"
                        : place.equals("pipe-demo")
                                ? "#offset-W"
                                : air || gas
                                        ? "#walk-line"
                                        : gauge
                                                ? "#diameter"
                                                : way
                                                        ? "#way-forward"
                                                        : tube
                                                                ? place.equals("tube") ? "#cell-25-0" : "#cell-3-0"
                                                                : "#finished");
        texts = place.equals("pipe-demo")
                ? new String[] {"1290", "1291", "1310", "1400"}
                : air || pipe || gas
                        ? new String[] {"left 2.1 m", "left 2.2 m", "up 1.5 m", "ahead 900 mm"}
                        : gauge
                                ? new String[] {"17.5", "17.52", "17.6", "18.9"}
                                : way
                                        ? new String[] {"910", "911", "930", "880"}
                                        : tube
                                                ? place.equals("tube")
                                                        ? new String[] {"126", "127", "131", "120"}
                                                        : new String[] {"180", "181", "190", "172"}
                                                : new String[] {"1140", "1141", "1300", "980"};
        if (place.equals("air-edit")) {
            ListView<?> walk = (ListView<?>) scene.lookup("#walk-list");
            // Between two keys the piece that was taken is taken out again, and the next one is called out.
            prepare = () -> {
                if (desk.job().line(AirMainKind.AIR).pieces().size() > 200) {
                    desk.change("as before", "", j -> j.change(AirMainKind.AIR, m -> m.remove(81)));
                }
                walk.getSelectionModel().clearAndSelect(80);
                field.setText(texts[key % texts.length]);
            };
            edit = () -> field.fireEvent(
                    new KeyEvent(KeyEvent.KEY_PRESSED, "", "", KeyCode.ENTER, false, false, false, false));
        }
        if (place.equals("pipe-edit")) {
            ListView<?> run = (ListView<?>) scene.lookup("#run-list");
            prepare = () -> {
                if (desk.job().line(PipeLineKind.PIPE).run().pieces().size()
                        > LongRun.ask(200).pieces().size()) {
                    desk.change("as before", "", j -> j.change(PipeLineKind.PIPE, l -> LongRun.line(200)));
                }
                run.getSelectionModel().clearAndSelect(80);
                field.setText("on " + (300 + key % 7) + " mm");
            };
            edit = () -> field.fireEvent(
                    new KeyEvent(KeyEvent.KEY_PRESSED, "", "", KeyCode.ENTER, false, false, false, false));
        }
        scene.addPreLayoutPulseListener(() -> pulse = System.nanoTime());
        scene.addPostLayoutPulseListener(this::frame);
        prepare.run();
        later(this::type);
    }

    private static Job demo(Book book, ReferenceData data, String place) throws BookTrouble {
        KittiwakeSlip.fill(book, data, Instant.now());
        String id = place.equals("air-demo")
                ? "demo-shed-air"
                : place.equals("tube-demo")
                        ? "demo-tube-fuel"
                        : place.equals("pipe-demo")
                                ? "demo-pipe-wash"
                                : book.preference("open-job").orElseThrow();
        return book.job(id).orElseThrow();
    }

    /** The demo has no tube of fifty bends; this one goes into the book beside it. */
    private static Job longTube(Book book) throws BookTrouble {
        Job job = Job.open("bench", "50 bends", "", UnitSystem.METRIC)
                .withKind(TubeLineKind.TUBE)
                .with(
                        TubeLineKind.TUBE,
                        TubeLine.NEW
                                .withMeasured(new Measured.Points(LongTube.corners(50)))
                                .withTube(Optional.of(new TubePick.Listed("ACR-3/8")))
                                .withBender(Optional.of("hand-lever-3/8")));
        book.save(job, "not started", "bench", "", Instant.now());
        return job;
    }

    private static Job largeShop(Book book) throws BookTrouble {
        Job job = Job.open("bench", "200 pieces", "", UnitSystem.METRIC)
                .withKind(AirMainKind.AIR)
                .with(AirMainKind.AIR, LargeShop.main(200));
        book.save(job, "not started", "bench", "", Instant.now());
        return job;
    }

    /** Fifty appliances along one main. */
    private static Job street(Book book) throws BookTrouble {
        Job job = Job.open("bench", "50 appliances", "", UnitSystem.METRIC)
                .withKind(GasLineKind.GAS)
                .with(GasLineKind.GAS, Street.line(50));
        book.save(job, "not started", "bench", "", Instant.now());
        return job;
    }

    private static Job longRun(Book book) throws BookTrouble {
        Job job = Job.open("bench", "200 parts", "", UnitSystem.METRIC)
                .withKind(PipeLineKind.PIPE)
                .with(PipeLineKind.PIPE, LongRun.line(200));
        book.save(job, "not started", "bench", "", Instant.now());
        return job;
    }

    private static void later(Runnable action) {
        new Thread(() -> {
                    try {
                        Thread.sleep(45);
                    } catch (InterruptedException e) {
                        Thread.currentThread().interrupt();
                    }
                    Platform.runLater(action);
                })
                .start();
    }

    private void type() {
        long began = System.nanoTime();
        if (edit == null) {
            field.setText(texts[key % texts.length]);
        } else {
            edit.run();
        }
        work = (System.nanoTime() - began) / 1e6;
        Platform.requestNextPulse();
    }

    private void frame() {
        if (work == 0) {
            return;
        }
        double layout = (System.nanoTime() - pulse) / 1e6;
        key++;
        if (key > WARM) {
            millis.add(work + layout);
            layouts.add(layout);
        }
        work = 0;
        if (key < WARM + KEYS) {
            later(() -> {
                prepare.run();
                later(this::type);
            });
            return;
        }
        Collections.sort(millis);
        Collections.sort(layouts);
        System.out.printf(
                "median %.1f ms (styles and layout %.1f ms), 95 in 100 %.1f ms, worst %.1f ms of %d keys%n",
                millis.get(millis.size() / 2),
                layouts.get(layouts.size() / 2),
                millis.get(millis.size() * 95 / 100),
                millis.get(millis.size() - 1),
                millis.size());
        System.exit(0);
    }
}
