/** The order of work of hose lines, and the tools it asks for. */
package mellowflare.core.hose.order;
