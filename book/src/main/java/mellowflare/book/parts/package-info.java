/** The own catalogue of a book, kept as open CSV files beside it. */
package mellowflare.book.parts;
