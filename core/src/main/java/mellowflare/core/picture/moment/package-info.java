/** Small drawings that a step of an order of work shows: how a line is made safe, opened, cleaned, looked at and handed over. */
package mellowflare.core.picture.moment;
