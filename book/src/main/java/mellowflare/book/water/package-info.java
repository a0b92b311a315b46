/** Water points in the book: JSON, sheet, papers, demo jobs. */
package mellowflare.book.water;
