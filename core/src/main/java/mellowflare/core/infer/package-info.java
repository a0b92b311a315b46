/** Bayes' rule and expected information, for whoever ranks by evidence: ends, bad flares, leaks. */
package mellowflare.core.infer;
