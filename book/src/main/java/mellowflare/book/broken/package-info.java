/** Stuck and broken parts, kept and on paper. */
package mellowflare.book.broken;
