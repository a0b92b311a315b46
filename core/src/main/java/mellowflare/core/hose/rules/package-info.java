/** One rule a file: what it checks, what it says, what it rests on. {@code HoseRules} is the register. */
package mellowflare.core.hose.rules;
