package mellowflare.book.exchange;

import java.util.List;
import java.util.Locale;
import mellowflare.core.geometry.Vector;

/** Text of a DXF file (release 12, millimetres) as it grows. */
public final class Dxf {
    private final StringBuilder out = new StringBuilder();

    /** With its layers, ready for entities. */
    public Dxf(List<String> layers) {
        pair(0, "SECTION").pair(2, "HEADER");
        pair(9, "$ACADVER").pair(1, "AC1009");
        pair(9, "$INSUNITS").pair(70, "4");
        pair(0, "ENDSEC");
        pair(0, "SECTION").pair(2, "TABLES");
        pair(0, "TABLE").pair(2, "LAYER").pair(70, Integer.toString(layers.size()));
        for (String layer : layers) {
            pair(0, "LAYER").pair(2, layer).pair(70, "0").pair(62, "7").pair(6, "CONTINUOUS");
        }
        pair(0, "ENDTAB").pair(0, "ENDSEC");
        pair(0, "SECTION").pair(2, "ENTITIES");
    }

    public void polyline(String layer, List<Vector> points) {
        pair(0, "POLYLINE").pair(8, layer).pair(66, "1").pair(70, "8").place(new Vector(0, 0, 0));
        for (Vector v : points) {
            pair(0, "VERTEX").pair(8, layer).pair(70, "32").place(v);
        }
        pair(0, "SEQEND").pair(8, layer);
    }

    public void line(String layer, Vector a, Vector b) {
        pair(0, "LINE").pair(8, layer).place(a);
        pair(11, number(b.x())).pair(21, number(b.y())).pair(31, number(b.z()));
    }

    /** A text; letters that old readers do not know are written as they know them. */
    public void text(String layer, Vector at, double high, String text) {
        pair(0, "TEXT").pair(8, layer).place(at);
        pair(40, Double.toString(high)).pair(1, text.replace("°", "%%d").replaceAll("[^\\x20-\\x7e]", "?"));
    }

    /** The whole file. */
    public String done() {
        pair(0, "ENDSEC").pair(0, "EOF");
        return out.toString();
    }

    private Dxf place(Vector v) {
        return pair(10, number(v.x())).pair(20, number(v.y())).pair(30, number(v.z()));
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.6f", value);
    }

    private Dxf pair(int code, String value) {
        out.append(String.format(Locale.ROOT, "%3d", code))
                .append('\n')
                .append(value)
                .append('\n');
        return this;
    }
}
