/** The hold test: what pressure and temperature say about a leak. */
package mellowflare.core.flow.hold;
