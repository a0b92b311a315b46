/** The catalogue: hoses and hose ends. */
package mellowflare.core.parts;
