/** The certificate of a line's tests. */
package mellowflare.book.testing;
