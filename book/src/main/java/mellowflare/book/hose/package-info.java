/** Hose lines in the book: file, sheets, tag, demo. */
package mellowflare.book.hose;
