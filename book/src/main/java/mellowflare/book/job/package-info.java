/** The job as a whole: its file, its sheet, its tag, and the kinds of line that can stand in it. */
package mellowflare.book.job;
