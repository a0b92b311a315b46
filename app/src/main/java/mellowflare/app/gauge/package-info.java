/** Gauge: what is this end? */
package mellowflare.app.gauge;
