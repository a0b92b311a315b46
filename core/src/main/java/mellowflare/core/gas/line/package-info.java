/** What a job keeps of a gas line. */
package mellowflare.core.gas.line;
