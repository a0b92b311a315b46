package mellowflare.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.stage.Window;
import mellowflare.app.MellowFlare;

/** Starts a window and says how long it took from the start of the process to the third frame, and the memory it took. */
public final class FirstFrame {
    private static final int FRAMES = 3;
    private static final int SETTLE = 90;

    private FirstFrame() {}

    public static void main(String[] args) {
        boolean bare = args[0].equals("bare");
        Class<? extends Application> window = bare ? BareWindow.class : MellowFlare.class;
        if (!bare) {
            MellowFlare.begin(List.of(args).subList(1, args.length));
        }
        Thread watcher = new Thread(FirstFrame::watch, "watcher");
        watcher.setDaemon(true);
        watcher.start();
        Application.launch(window, Arrays.copyOfRange(args, 1, args.length));
    }

    private static void watch() {
        while (true) {
            try {
                Platform.runLater(FirstFrame::look);
                return;
            } catch (IllegalStateException notYet) {
                Thread.onSpinWait();
            }
        }
    }

    private static void look() {
        if (Window.getWindows().stream().noneMatch(Window::isShowing)) {
            Platform.runLater(FirstFrame::look);
            return;
        }
        new AnimationTimer() {
            private int frames;
            private long millis;

            @Override
            public void handle(long now) {
                frames++;
                if (frames == FRAMES) {
                    Instant start =
                            ProcessHandle.current().info().startInstant().orElseThrow();
                    millis = Duration.between(start, Instant.now()).toMillis();
                }
                if (frames == SETTLE) {
                    stop();
                    System.out.println(millis + " ms " + peakMegabytes() + " MB");
                    Platform.exit();
                }
            }
        }.start();
    }

    private static long peakMegabytes() {
        try {
            return Files.readAllLines(Path.of("/proc/self/status")).stream()
                    .filter(l -> l.startsWith("VmHWM"))
                    .mapToLong(l -> Long.parseLong(l.replaceAll("\\D", "")) / 1024)
                    .findFirst()
                    .orElse(-1);
        } catch (IOException e) {
            return -1;
        }
    }
}
