/** Gas lines in the book: JSON, sheet, papers, demo jobs. */
package mellowflare.book.gas;
