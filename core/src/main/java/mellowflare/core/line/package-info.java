/** What a kind of line is: what a job keeps of one, what follows from it, its ports and its service. The kinds stand after it and none knows another. */
package mellowflare.core.line;
