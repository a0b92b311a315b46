/** The papers of a whole machine: lines, parts, cuts, tags. */
package mellowflare.book.machine;
