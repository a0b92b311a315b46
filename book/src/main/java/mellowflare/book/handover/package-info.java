/** What goes from hand to hand with a job: its attached files, and the page that says how it stands. */
package mellowflare.book.handover;
