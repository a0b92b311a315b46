/** How a tube ends: kinds of flare, ring and socket, what they go on and what they suit. */
package mellowflare.core.tube.end;
