/** Measurements; not run by the tests. {@code bench/run.sh} runs them all. */
package mellowflare.bench;
