package mellowflare.app.paint;

import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.layout.Pane;
import javafx.scene.shape.SVGPath;
import mellowflare.core.connection.Body;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.Seat;
import mellowflare.core.identify.RingSeen;
import mellowflare.core.identify.TaperSeen;

/** The small pictures on choices: ink for the part, the seal in the colour of seals. All drawn here, 32 by 20. */
public final class Pictures {
    private static final String PLUG = "M2 6 H21 M2 14 H21 M2 6 V14 M21 1.5 V18.5 M21 1.5 H30 M21 18.5 H30";

    private Pictures() {}

    public static Node gender(Gender gender) {
        return gender == Gender.MALE
                ? picture("M2 7 H15 V2.5 H30 M2 7 V13 H15 V17.5 H30", "")
                : picture("M30 2.5 H2 V6.5 H17 V13.5 H2 V17.5 H30", "");
    }

    public static Node body(Body body) {
        return switch (body) {
            case THREAD ->
                picture(
                        "M3 5 L6 7 L9 5 L12 7 L15 5 L18 7 L21 5 V15 M3 15 L6 13 L9 15 L12 13 L15 15 L18 13 L21 15 M21 2 V18 H30 M21 2 H30",
                        "");
            case FLANGE -> picture("M4 1.5 V18.5 H9 V14 H29 M4 1.5 H9 V6 H29", "M4.6 4 V7 M4.6 13 V16");
            case BARB ->
                picture(
                        "M2 6 L8 4 V6.4 L14 4 V6.4 L20 4 V6 H30 M2 14 L8 16 V13.6 L14 16 V13.6 L20 16 V14 H30 M2 6 V14",
                        "");
            case TUBE -> picture("M3 5.5 H30 M3 14.5 H30 M3 5.5 V14.5", "");
            case COUPLER -> picture("M2 7 H9 V4 H13 L15 7 H19 V3 H30 M2 13 H9 V16 H13 L15 13 H19 V17 H30 M2 7 V13", "");
        };
    }

    public static Node taper(TaperSeen taper) {
        return taper == TaperSeen.PARALLEL
                ? picture("M3 5 H29 M3 15 H29 M8 5 V15 M13 5 V15 M18 5 V15 M23 5 V15", "")
                : picture("M3 7.5 L29 3 M3 12.5 L29 17 M8 6.6 V13.4 M13 5.8 V14.2 M18 5 V15 M23 4 V16", "");
    }

    public static Node seat(Seat seat) {
        return switch (seat) {
            case CONE37 ->
                picture("M11 3.5 H30 M11 16.5 H30 M2 10 L11 3.5 M2 10 L11 16.5", "M3 9.3 L10 4.2 M3 10.7 L10 15.8");
            case CONE45 ->
                picture("M9 3 H30 M9 17 H30 M2 10 L9 3 M2 10 L9 17", "M2.8 9.2 L8.3 3.7 M2.8 10.8 L8.3 16.3");
            case CONE60 -> picture("M2 2.5 H30 M2 17.5 H30 M2 2.5 L14 10 L2 17.5", "M3 3.1 L13 9.4 M3 16.9 L13 10.6");
            case CONE30 ->
                picture("M12 4 H30 M12 16 H30 M2 10 L12 4 M2 10 L12 16", "M3.4 9.2 L11 4.6 M3.4 10.8 L11 15.4");
            case CONE24 -> picture("M2 3 H30 M2 17 H30 M2 3 L24 9 M2 17 L24 11", "M4 3.6 L22 8.5 M4 16.4 L22 11.5");
            case INVERTED42, INVERTED45 ->
                picture("M30 2.5 H4 V17.5 H30 M30 4 L20 10 L30 16", "M29 4.6 L21 9.4 M29 15.4 L21 10.6");
            case BUBBLE ->
                picture("M2 6.5 H18 M2 13.5 H18 M30 2.5 H26 M30 17.5 H26", "M18 6.5 Q26 2.5 26 10 Q26 17.5 18 13.5");
            case FACE_ORING ->
                picture("M4 2 V18 M4 2 H28 M4 18 H28", "M4 4.6 a1.6 1.6 0 1 0 0.1 0 Z M4 12.6 a1.6 1.6 0 1 0 0.1 0 Z");
            case PORT_ORING -> picture(PLUG, "M19.5 4.2 a1.6 1.6 0 1 0 0.1 0 Z M19.5 14.2 a1.6 1.6 0 1 0 0.1 0 Z");
            case WASHER -> picture(PLUG, "M20 2 V5.5 M20 14.5 V18");
            case TAPER_SEAT ->
                picture(
                        "M10 3.5 H30 M10 16.5 H30 M3 7 L10 3.5 M3 13 L10 16.5 M3 7 V13",
                        "M3.6 7 L9.4 4.1 M3.6 13 L9.4 15.9");
            case PILOT_ORING ->
                picture(
                        "M2 7 H12 V3 H30 M2 13 H12 V17 H30 M2 7 V13",
                        "M8 5.4 a1.5 1.5 0 1 0 0.1 0 Z M8 11.6 a1.5 1.5 0 1 0 0.1 0 Z");
            case FERRULE ->
                picture(
                        "M2 8 H30 M2 12 H30 M22 3 H30 M22 17 H30",
                        "M10 7.4 L17 4.5 L19 7.4 Z M10 12.6 L17 15.5 L19 12.6 Z");
            case TUBE_ORING ->
                picture(
                        "M2 2.5 H30 M2 17.5 H30 M2 6 H20 M2 14 H20",
                        "M10 4.6 a1.5 1.5 0 1 0 0.1 0 Z M10 12.4 a1.5 1.5 0 1 0 0.1 0 Z");
            case BARB ->
                picture(
                        "M2 6 L8 4 V6.4 L14 4 V6.4 L20 4 V6 H30 M2 14 L8 16 V13.6 L14 16 V13.6 L20 16 V14 H30 M2 6 V14",
                        "");
            case NONE -> picture("M3 6 H29 M3 14 H29 M3 6 V14", "");
        };
    }

    public static Node ring(RingSeen ring) {
        return switch (ring) {
            case NONE -> picture(PLUG, "");
            case THREAD_BASE -> seat(Seat.PORT_ORING);
            case FACE -> seat(Seat.FACE_ORING);
        };
    }

    private static Node picture(String part, String seal) {
        Pane box = new Pane();
        box.getStyleClass().add("picture");
        box.setMinSize(32, 20);
        box.setMaxSize(32, 20);
        box.getChildren().add(path(part, "picture-part"));
        Optional.of(seal)
                .filter(s -> !s.isEmpty())
                .ifPresent(s -> box.getChildren().add(path(s, "picture-seal")));
        box.setMouseTransparent(true);
        return box;
    }

    private static SVGPath path(String content, String style) {
        SVGPath p = new SVGPath();
        p.setContent(content);
        p.getStyleClass().add(style);
        return p;
    }
}
