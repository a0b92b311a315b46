/** Step, hold point, tool, figure to record; ticking steps off, and where it was left. */
package mellowflare.core.procedure;
