/** Tees into standing lines, kept and on paper. */
package mellowflare.book.tee;
