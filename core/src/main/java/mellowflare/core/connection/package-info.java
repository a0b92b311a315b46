/** An end form: thread, seat, sealing place, and what it mates with. */
package mellowflare.core.connection;
