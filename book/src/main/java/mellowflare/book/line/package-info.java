/** What the book does for a kind of line: its part of the job file, of the job sheet and of the tag, its papers and its demo jobs. */
package mellowflare.book.line;
