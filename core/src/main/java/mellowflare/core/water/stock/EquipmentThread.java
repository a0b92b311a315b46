package mellowflare.core.water.stock;

import mellowflare.core.connection.Gender;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.Source;

/**
 * What equipment has for its water.
 *
 * @param id stable name
 * @param name where it is
 * @param thread as a fitter asks for it
 * @param gender of the thread on the equipment
 * @param seal what seals there
 * @param byHand whether it is tightened by hand and a little more only
 * @param plastic whether the thread is usually plastic
 * @param source which standard
 */
public record EquipmentThread(
        String id,
        String name,
        String thread,
        Gender gender,
        Seal seal,
        boolean byHand,
        boolean plastic,
        Source source) {

    /** What seals at equipment. */
    public enum Seal {
        CONE(
                Say.it("equipment-thread.cone"),
                Say.it("equipment-thread.cone-put"),
                Say.it("equipment-thread.cone-turns")),
        FLAT(
                Say.it("equipment-thread.flat"),
                Say.it("equipment-thread.flat-put"),
                Say.it("equipment-thread.flat-turns")),
        SLEEVE(
                Say.it("equipment-thread.sleeve"),
                Say.it("equipment-thread.sleeve-put"),
                Say.it("equipment-thread.sleeve-turns")),
        THREAD(
                Say.it("equipment-thread.thread"),
                Say.it("equipment-thread.thread-put"),
                Say.it("equipment-thread.thread-turns"));

        private final String word;
        private final String put;
        private final String turns;

        Seal(String word, String put, String turns) {
            this.word = word;
            this.put = put;
            this.turns = turns;
        }

        public String word() {
            return word;
        }

        /** What goes on it, or must not: a whole sentence. */
        public String put() {
            return put;
        }

        /** How tight: a whole sentence. */
        public String turns() {
            return turns;
        }
    }

    static EquipmentThread read(CsvTable.Row r) {
        return new EquipmentThread(
                r.need("id"),
                r.said("name"),
                r.need("thread"),
                r.word("gender", Gender.class),
                r.word("seal", Seal.class),
                r.yes("by_hand"),
                r.need("material").equals("PLASTIC"),
                r.source());
    }
}
