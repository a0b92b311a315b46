/** The tag of a line with its key facts as a code that is read back from a picture. */
package mellowflare.book.tag;
