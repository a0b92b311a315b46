/** Rigid pipe in the book: its JSON, its part of the sheet, its papers and its demo jobs. */
package mellowflare.book.pipe;
