/** What is wrong: signs narrow causes by Bayes' rule; each cause has its look, its redo and its verdict. */
package mellowflare.core.trouble;
