package mellowflare.cli.command;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import mellowflare.cli.input.Fields;
import mellowflare.cli.input.Refused;

/** What a command works out: one record in, one result out. */
public interface Computation {

    /** The result of one record; asks for every field it knows. */
    ObjectNode of(Fields record) throws Refused;

    /** Names of the columns when the output is CSV. */
    List<String> columns();

    /** The cells of one result, as many as there are columns. */
    List<String> cells(ObjectNode result);

    /** The result for reading by people, whole lines. */
    String text(ObjectNode result);
}
