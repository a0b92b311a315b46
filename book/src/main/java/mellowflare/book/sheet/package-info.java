/** The job sheet as PDF. */
package mellowflare.book.sheet;
