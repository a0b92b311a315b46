/** Tube lines in the book: file, sheets, template, tables, demo. */
package mellowflare.book.tube;
