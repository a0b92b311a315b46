package mellowflare.core.advice;

/** The part of a line that a finding is about; views use it to lead there. */
public enum Subject {
    END("end"),
    END_A("end A"),
    END_B("end B"),
    JOINT_A("joint A"),
    JOINT_B("joint B"),
    HOSE_END_A("hose end A"),
    HOSE_END_B("hose end B"),
    HOSE("hose"),
    TUBE("tube"),
    SHAPE("shape"),
    BENDS("bends"),
    TUBE_END_A("tube end A"),
    TUBE_END_B("tube end B"),
    COMPRESSOR("compressor"),
    MAIN("main"),
    OUTLET("outlet"),
    WATER("water"),
    LENGTH("length"),
    ROUTE("route"),
    SERVICE("fluid and pressure"),
    SITE("on site"),
    SIZES("sizes"),
    ROOM("room"),
    LEAK_TEST("leak test"),
    LINE("line"),
    MAKE("make");

    private final String word;

    Subject(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
