/** What a job says of the bag to pack, kept and put on paper. */
package mellowflare.book.bag;
