package mellowflare.app.paint;

import javafx.scene.paint.Color;

/** The colours of the drawings by day and by night; the same roles as in {@code mellow-flare.css}. */
public record Ink(
        Color paper,
        Color raised,
        Color ink,
        Color soft,
        Color hairline,
        Color seal,
        Color halo,
        Color working,
        Color measured,
        Color stop,
        Color warn,
        Color rubber) {
    public static final Ink DAY = new Ink(
            Color.web("#F5F0E6"),
            Color.web("#FCF9F2"),
            Color.web("#22282B"),
            Color.web("#5E676B"),
            Color.web("#CFC7B6"),
            Color.web("#D9640F"),
            Color.web("#F6A95C"),
            Color.web("#1F5E6B"),
            Color.web("#2B4C8C"),
            Color.web("#A3242B"),
            Color.web("#6B4AA0"),
            Color.web("#3A4043"));
    public static final Ink NIGHT = new Ink(
            Color.web("#1B1E20"),
            Color.web("#24282B"),
            Color.web("#ECE6DA"),
            Color.web("#A7AFB1"),
            Color.web("#3B4144"),
            Color.web("#FF9A3D"),
            Color.web("#B8621B"),
            Color.web("#6FB7C4"),
            Color.web("#8FB0F0"),
            Color.web("#F0767B"),
            Color.web("#B99AE8"),
            Color.web("#0E1011"));
}
