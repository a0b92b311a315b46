/** What is judged on a gas line: one small class for each subject. */
package mellowflare.core.gas.rules;
