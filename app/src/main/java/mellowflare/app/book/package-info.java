/** Book: the jobs, their particulars, exchange. */
package mellowflare.app.book;
