/** The pieces of a gas line as a fitter calls them out, and where they lie. */
package mellowflare.core.gas.layout;
