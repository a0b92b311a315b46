/** Keeping and exchanging: the book of jobs on disk, open formats, sheets. */
package mellowflare.book;
