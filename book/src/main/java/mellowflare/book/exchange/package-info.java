/** Jobs to and from files. */
package mellowflare.book.exchange;
