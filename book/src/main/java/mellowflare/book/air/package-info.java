/** Air mains in the book: file, sheet, cut list, network, drains, demo. */
package mellowflare.book.air;
