/** The parts of the open job format that all kinds of line share: ports, service, log, measured figures. */
package mellowflare.book.json;
