/** What is cut from which pipe: marked lengths, nipples that serve, what is too short to make, where the far end comes to lie. */
package mellowflare.core.pipe.cut;
