/** The demo book: Kittiwake Slip, a made-up boatyard. */
package mellowflare.book.demo;
