/** Handing a job over and taking it over: how it stands, who holds it, what is attached. */
package mellowflare.app.handover;
