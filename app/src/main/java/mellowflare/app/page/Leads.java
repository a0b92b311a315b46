package mellowflare.app.page;

import mellowflare.core.advice.Need;
import mellowflare.core.advice.Subject;

/** Leads to where a part of the line is worked on. */
public interface Leads {
    /** To the page and tab of a part. */
    void to(Subject part);

    /** To the field in which something is told. */
    void to(Need need);
}
