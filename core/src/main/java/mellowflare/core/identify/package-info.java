/**
 * From what a fitter observed to ranked ends: each clue has a likelihood under every end, the posterior follows by Bayes' rule,
 * and “nothing fits” is one of the answers.
 */
package mellowflare.core.identify;
