/** The shape of a tube: measured one way or another, turned into straights, rotations and bends with their marks, and whether it can be bent, clears itself and fits. */
package mellowflare.core.tube.form;
