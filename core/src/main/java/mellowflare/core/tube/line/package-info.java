/** A tube line as it is kept, and with everything looked up and its shape worked out. */
package mellowflare.core.tube.line;
