/** Lines of formed and flared tube: measured, bent, flared, judged and put in order of work. Sibling of the other kinds of line. */
package mellowflare.core.tube;
